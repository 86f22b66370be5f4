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
