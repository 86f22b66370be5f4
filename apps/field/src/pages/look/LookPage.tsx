import type { CallRecord } from '@proper-swing/contract';
import { router } from 'expo-router';
import { useMemo } from 'react';
import { useEstimate } from '../../engine/useEngine';
import { Press } from '../../design/Press';
import { CallFrame } from '../../call/CallFrame';
import { observedAt } from '../../record/observed';
import { LikelyLine } from '../../call/LikelyLine';
import { Look } from './Look';

export function LookPage() {
  return (
    <CallFrame stage="look" isFixed footer={(record) => <LookFooter record={record} />}>
      {(record) => <Look record={record} />}
    </CallFrame>
  );
}

function LookFooter({ record }: { record: CallRecord }) {
  const observed = useMemo(() => observedAt(record, 'found'), [record]);
  return (
    <>
      <LikelyLine estimate={useEstimate(observed)} />
      <Press kind="primary" onPress={() => router.replace(`/call/${record.call.id}/measure`)} testID="to-measure">
        Measure the gaps
      </Press>
    </>
  );
}
