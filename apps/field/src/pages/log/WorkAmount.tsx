import { unitMeasure } from '@proper-swing/core';
import { action, type ActionId } from '@proper-swing/core/doors';
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

/** A step more or less, in whole steps from nought: what was written in the other unit falls on the nearest. */
const stepped = (from: number, way: 1 | -1, { by, least }: { by: number; least: number }) =>
  Math.min(MOST, Math.max(least, Math.round(from / by + way) * by));

/** How much: by steps of the work's own unit; for planing how much at either end. */
export function WorkAmount({ work, change, words, error }: WorkAmountProps) {
  const { unit } = action(work.action);
  if (isPlaning(work.action)) {
    const [first, other] = ENDS[work.action] ?? ['At the top', 'At the foot'];
    const ends = [
      { says: first, mm: work.fromMm, set: (fromMm: number) => change({ fromMm }), testID: 'work-from' },
      { says: other, mm: work.toMm, set: (toMm: number) => change({ toMm }), testID: 'work-to' },
    ];
    return (
      <View>
        {ends.map(({ says, mm, set, testID }) => (
          <Stepper
            key={testID}
            label={says}
            value={words.withUnit(mm)}
            onStep={(way) => set(stepped(mm, way, { by: lengthStep(words.unit), least: 0 }))}
            testID={testID}
          >
            <Words>{says}</Words>
          </Stepper>
        ))}
        <FormFault says={error} />
      </View>
    );
  }
  const least = goesBothWays(work.action) ? -MOST : unitMeasure(unit).is === 'length' ? 0 : 1;
  return (
    <View>
      <Stepper
        label="How much"
        onStep={(way) => change({ amount: stepped(work.amount, way, { by: stepOf(unit, words.unit), least }) })}
        testID="work-amount"
      >
        <Words testID="work-amount-value">{work.amount === 0 ? 'nothing' : wayWords(work.action, work.amount, unit, words)}</Words>
      </Stepper>
      <FormFault says={error} />
    </View>
  );
}
