import { useLocalSearchParams } from 'expo-router';
import { STAGES, type Stage } from '@proper-swing/contract';
import { STATION_IDS, type StationId } from '@proper-swing/core/doors';
import { useMemo } from 'react';
import { CallFrame } from '../../call/CallFrame';
import type { CallStage } from '../../call/stages';
import { Measure } from './Measure';

const STRIP_STAGE: Readonly<Record<Stage, CallStage>> = { found: 'measure', check: 'fix', left: 'prove' };

/** As found, unless the address asks for another stage; a check belongs to Fix on the strip, as left to Prove. `at` names the stations to begin with. */
export function MeasurePage() {
  const { stage: asked, at = '' } = useLocalSearchParams<{ stage?: string; at?: string }>();
  const stage: Stage = STAGES.find((each) => each === asked) ?? 'found';
  const stations = useMemo(() => at.split(',').filter((id): id is StationId => (STATION_IDS as string[]).includes(id)), [at]);
  return (
    <CallFrame stage={STRIP_STAGE[stage]} isFixed>
      {(record) => <Measure key={`${stage}.${at}`} record={record} stage={stage} stations={stations} />}
    </CallFrame>
  );
}
