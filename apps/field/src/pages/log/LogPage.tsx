import type { CallRecord } from '@proper-swing/contract';
import { router } from 'expo-router';
import { Press } from '../../design/Press';
import { CallFrame } from '../../call/CallFrame';
import { LogWork } from './LogWork';

export function LogPage() {
  return <CallFrame footer={(record) => <LogFooter record={record} />}>{(record) => <LogWork record={record} />}</CallFrame>;
}

function LogFooter({ record }: { record: CallRecord }) {
  return (
    <Press onPress={() => router.replace(`/call/${record.call.id}/fix`)} testID="to-plan">
      What next?
    </Press>
  );
}
