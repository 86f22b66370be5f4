import { EVEN_GAPS, EXAMPLE_DOOR as door, readingsOf } from './exampleDoor';
import { believe, planFor } from './hingedAnswers';
import type { AnsweredFinding } from './observed';
import type { StationId } from './geometry/stations';

const planAt = (findings: readonly AnsweredFinding[], gaps: Partial<Record<StationId, number>> = {}) => {
  const observed = { door, readings: readingsOf({ ...EVEN_GAPS, 'bolt.low': 0, ...gaps }), findings };
  return planFor(observed, believe(observed));
};
const works = ({ plans }: ReturnType<typeof planAt>) => plans[0]?.steps.map(({ action }) => action);
const soft: AnsweredFinding = { finding: 'legSound', answer: 'soft' };

describe('heavy work for one look', () => {
  it('is not begun: a foot found soft on a door in order is prodded again', () => {
    const once = planAt([soft]);
    expect([once.outcome, once.lookAgain, works(once)]).toEqual(['look again', ['legSound'], []]);
    const loose = planAt([soft, { finding: 'bottomScrews', answer: 'spinning' }]);
    expect([loose.outcome, loose.lookAgain]).toEqual(['look again', ['legSound']]);
  });

  it('is done when the second look finds the same, and nothing is when it does not', () => {
    const twice = planAt([{ ...soft, again: true }]);
    expect([twice.outcome, works(twice)]).toEqual(['cures', ['repairFoot']]);
    expect(twice.lookAgain).toEqual([]);
    expect(planAt([{ finding: 'legSound', answer: 'sound' }])).toMatchObject({ outcome: 'true', lookAgain: [] });
  });

  it('is not begun where nobody has looked: a latch gap wide at its middle splices no leg by itself', () => {
    const wide = { 'latch.top': 5, 'latch.mid': 7.5, 'latch.bottom': 5 };
    expect(planAt([], wide)).toMatchObject({ outcome: 'look again', lookAgain: ['legSound'] });
    expect(works(planAt([{ finding: 'legSound', answer: 'sound' }], wide))).not.toContain('repairLeg');
    expect(works(planAt([{ finding: 'legSound', answer: 'split', again: true }], wide))).toContain('repairLeg');
  });

  it('that the gaps bear out by themselves is done at once', () => {
    const leans = { 'latch.top': 0.6, 'latch.mid': 3, 'latch.bottom': 5.4, 'plumb.latch': -4.8, 'plumb.hinge': 0 };
    const leg = planAt([], leans);
    expect(works(leg)?.length).toBeGreaterThan(0);
    expect(leg.lookAgain).toEqual([]);
  });
});

it('an answer found twice counts for more than one found once', () => {
  const chance = (again: boolean) => {
    const found: AnsweredFinding = { finding: 'topLeaves', answer: 'spread', ...(again && { again }) };
    const { held } = believe({ door, readings: readingsOf(EVEN_GAPS), findings: [found] });
    return held.reduce(
      (sum, { hypothesis, probability }) => sum + (hypothesis.causes.some(({ id }) => id === 'spreadKnuckles') ? probability : 0),
      0,
    );
  };
  expect(chance(true)).toBeGreaterThan(chance(false));
});

it('an opening wider than slab and limits is no fault: it is told in a line and left where it is even', () => {
  for (const [latch, hinge] of [
    [5, 4],
    [4.5, 4],
    [4, 3.5],
  ] as const) {
    const gaps = Object.fromEntries(
      (['top', 'mid', 'bottom'] as const).flatMap((at) => [
        [`latch.${at}`, latch],
        [`hinge.${at}`, hinge],
      ]),
    );
    const told = planAt([], gaps);
    expect([told.outcome, told.cause.id, works(told)]).toEqual(['true', 'nothingWrong', []]);
    expect(told.advice.join()).toContain(`${latch + hinge - 7} mm more than slab and limits together: it is shared out as it hangs.`);
  }
});

it('an opening wide at the latch alone is shared out by the hinges, all alike', () => {
  const shared = planAt([], { 'latch.top': 6, 'latch.mid': 6, 'latch.bottom': 6 });
  expect(shared.plans[0]?.steps.map(({ action, amount }) => `${action} ${amount}`)).toEqual(Array(3).fill('shimStrip 2'));
});
