import { action, unitMeasure, type ActionId } from '@proper-swing/core';
import { View } from 'react-native';
import { FormFault } from '../../design/Form';
import { Stepper } from '../../design/Stepper';
import { Words } from '../../design/Words';
import type { LengthWords } from '../../design/lengthWords';
import { goesBothWays, wayWords } from '../../record/planWords';
import { isPlaning, lengthStep, stepOf, type WorkDraft } from './workDraft';

export interface WorkAmountProps {
  work: WorkDraft;
  change: (next: Partial<WorkDraft>) => void;
  words: LengthWords;
  error: string | undefined;
}

const ENDS: Readonly<Partial<Record<ActionId, readonly [string, string]>>> = {
  planeHead: ['At the hinge end', 'At the latch end'],
  planeFoot: ['At the hinge end', 'At the latch end'],
};

/** No figure of work is larger. */
const MOST = 500;

/** How much: by steps of the work's own unit; for planing how much at either end. */
export function WorkAmount({ work, change, words, error }: WorkAmountProps) {
  const { unit } = action(work.action);
  const by = stepOf(unit, words.unit);
  const offBy = lengthStep(words.unit);
  const step = (from: number, size: number, least: number) => (way: 1 | -1) => {
    // Whole steps from nought: a figure typed in the other unit falls on the nearest.
    const next = Math.round(from / size + way) * size;
    return Math.min(MOST, Math.max(least, next));
  };
  if (isPlaning(work.action)) {
    const [first, other] = ENDS[work.action] ?? ['At the top', 'At the foot'];
    return (
      <View>
        <Stepper
          label={first}
          value={words.withUnit(work.fromMm)}
          onStep={(way) => change({ fromMm: step(work.fromMm, offBy, 0)(way) })}
          testID="work-from"
        >
          <Words>{first}</Words>
        </Stepper>
        <Stepper
          label={other}
          value={words.withUnit(work.toMm)}
          onStep={(way) => change({ toMm: step(work.toMm, offBy, 0)(way) })}
          testID="work-to"
        >
          <Words>{other}</Words>
        </Stepper>
        <FormFault says={error} />
      </View>
    );
  }
  const least = goesBothWays(work.action) ? -MOST : unitMeasure(unit).is === 'length' ? 0 : 1;
  return (
    <View>
      <Stepper label="How much" onStep={(way) => change({ amount: step(work.amount, by, least)(way) })} testID="work-amount">
        <Words testID="work-amount-value">{work.amount === 0 ? 'nothing' : wayWords(work.action, work.amount, unit, words)}</Words>
      </Stepper>
      <FormFault says={error} />
    </View>
  );
}
