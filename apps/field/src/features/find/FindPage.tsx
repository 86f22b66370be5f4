import type { CallRecord } from '@proper-swing/contract';
import { router } from 'expo-router';
import { useMemo } from 'react';
import { Press } from '../../design/Press';
import { useDiagnosis } from '../../workers/useEngine';
import { CallFrame } from '../call/CallFrame';
import { observedAt } from '../call/observed';
import { FindPanel } from './FindPanel';
import { LikelyLine } from './LikelyLine';

export function FindPage() {
  return (
    <CallFrame stage="find" isFixed footer={(record) => <FindFooter record={record} />}>
      {(record) => <Find record={record} />}
    </CallFrame>
  );
}

function Find({ record }: { record: CallRecord }) {
  return <FindPanel record={record} diagnosis={useFoundDiagnosis(record)} spreads />;
}

function FindFooter({ record }: { record: CallRecord }) {
  return (
    <>
      <LikelyLine diagnosis={useFoundDiagnosis(record)} />
      <Press kind="primary" onPress={() => router.replace(`/call/${record.call.id}/fix`)} testID="to-fix">
        Plan the correction
      </Press>
    </>
  );
}

function useFoundDiagnosis(record: CallRecord) {
  const observed = useMemo(() => observedAt(record, 'found'), [record]);
  return useDiagnosis(observed);
}
