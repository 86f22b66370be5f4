import { useLocalSearchParams } from 'expo-router';
import { STAGES, type Stage } from '@proper-swing/contract';
import { CallFrame } from '../call/CallFrame';
import { Measure } from './Measure';

/** As found, unless the address asks for another stage; as left belongs to Prove on the strip. */
export function MeasurePage() {
  const { stage: asked } = useLocalSearchParams<{ stage?: string }>();
  const stage: Stage = STAGES.find((each) => each === asked) ?? 'found';
  return (
    <CallFrame stage={stage === 'found' ? 'measure' : 'prove'} isFixed>
      {(record) => <Measure key={stage} record={record} stage={stage} />}
    </CallFrame>
  );
}
