import { model, plan, setting } from './planning.fixture';
import { stepsOf } from './steps';
import type { Plan } from './plan';
import { withReasons } from './sameAgain';

const packed = { action: 'packPeg', place: 'rightPeg', amount: 1 };
const again = {
  steps: stepsOf(model, { found: plan({ settings: [setting(2)] }) }),
  gaps: [{ station: 'gap.right', beforeMm: 2.5, afterMm: 1.9 }],
};
const reasons = (done: (typeof packed)[], readings: { station: string; mm: number }[]) =>
  withReasons(again as unknown as Plan, { done }, { rounds: [{ done, readings }] }).steps.map((step) => step.again);

describe('a step that comes again', () => {
  it('says how far it got, by the last reading after it, and how far it is to go', () => {
    const twice = [
      { station: 'gap.right', mm: 3 },
      { station: 'gap.right', mm: 2.4 },
    ];
    expect(reasons([packed], twice)).toEqual([{ station: 'gap.right', readMm: 2.4, wantedMm: 1.9 }]);
  });

  it('says nothing at another place, by other work, or where nothing was read', () => {
    const read = [{ station: 'gap.right', mm: 2.4 }];
    expect(reasons([], read)).toEqual([undefined]);
    expect(reasons([{ ...packed, place: 'leftPeg' }], read)).toEqual([undefined]);
    expect(reasons([{ ...packed, action: 'glue' }], read)).toEqual([undefined]);
    expect(reasons([packed], [{ station: 'gap.left', mm: 2.4 }])).toEqual([undefined]);
  });
});
