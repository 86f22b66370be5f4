import { EXAMPLE_DOOR as door, readingsOf } from './exampleDoor';
import { believe, planFor } from './hingedAnswers';

/** A door whose hinges bind, the bottom one most. */
const bound = (bottom: number | 'rubs', latchBottom: number) => {
  const observed = {
    door: { ...door, slabWidthMm: 838 },
    readings: readingsOf({
      ...{ 'latch.bottom': latchBottom, 'latch.mid': 4.5, 'latch.top': 4.5, 'head.latch': 3, 'head.mid': 3, 'head.hinge': 3 },
      ...{ 'hinge.top': 1, 'hinge.mid': 1, 'hinge.bottom': bottom },
    }),
    findings: [
      { finding: 'complaint' as const, answer: 'springsBack' },
      { finding: 'springBack' as const, answer: 'yes' },
    ],
  };
  return planFor(observed, believe(observed));
};
const ALIKE = ['top', 'bottom', 'middle'].map((hinge) => ['shimStrip', hinge, 2]);
const workOf = ({ steps }: ReturnType<typeof bound>['plans'][number]) => steps.map(({ action, hinge, amount }) => [action, hinge, amount]);

it('hinges that bind are packed alike: no patchwork of strips and cards for a tenth more', () => {
  const { outcome, cause, plans } = bound(0.4, 4.8);
  expect([outcome, cause.id, plans[0] && workOf(plans[0])]).toEqual(['cures', 'hingeBound', ALIKE]);
});

it('the same strip at all hinges is always tried, even where a dozen patchworks come nearer', () => {
  expect(bound('rubs', 4.5).plans.map(workOf)).toContainEqual(ALIKE);
});
