import type { CallRecord } from '@proper-swing/contract';
import { station, type StationId } from '@proper-swing/core/doors';
import { router } from 'expo-router';
import { useMemo } from 'react';
import { Press } from '../../design/Press';
import { useDiagnosis } from '../../engine/useEngine';
import { CallFrame } from '../../call/CallFrame';
import { observedAt } from '../../record/observed';
import { FindPanel } from '../../call/FindPanel';
import { LikelyLine } from '../../call/LikelyLine';
import { openStation } from '../../call/NextBestCard';
import { useNextNow } from '../../call/useNextNow';

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
  const next = useNextNow(record);
  const reading = next?.enough === false ? next.choices[0] : undefined;
  return (
    <>
      <LikelyLine estimate={useDiagnosis(observed)} />
      {reading?.kind === 'station' && (
        <Press kind="primary" onPress={() => openStation(record, reading.id as StationId)} testID="find-next">
          {`Read next: ${station(reading.id as StationId).title.toLowerCase()}`}
        </Press>
      )}
      <Press
        kind={next?.enough === false ? 'plain' : 'primary'}
        onPress={() => router.replace(`/call/${record.call.id}/fix`)}
        testID="to-fix"
      >
        {next?.enough === false ? 'Plan with what is known' : 'Plan the correction'}
      </Press>
    </>
  );
}
