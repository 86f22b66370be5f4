import type { CallRecord } from '@proper-swing/contract';
import { router } from 'expo-router';
import { useMemo } from 'react';
import { Press } from '../../design/Press';
import { useDiagnosis } from '../../engine/useEngine';
import { CallFrame } from '../../call/CallFrame';
import { observedAt } from '../../record/observed';
import { FindPanel } from '../../call/FindPanel';
import { LikelyLine } from '../../call/LikelyLine';

export function FindPage() {
  return (
    <CallFrame stage="find" isFixed footer={(record) => <FindFooter record={record} />}>
      {(record) => <Find record={record} />}
    </CallFrame>
  );
}

function Find({ record }: { record: CallRecord }) {
  const observed = useMemo(() => observedAt(record, 'found'), [record]);
  return <FindPanel record={record} observed={observed} spreads />;
}

function FindFooter({ record }: { record: CallRecord }) {
  const observed = useMemo(() => observedAt(record, 'found'), [record]);
  return (
    <>
      <LikelyLine estimate={useDiagnosis(observed)} />
      <Press kind="primary" onPress={() => router.replace(`/call/${record.call.id}/fix`)} testID="to-fix">
        Plan the correction
      </Press>
    </>
  );
}
