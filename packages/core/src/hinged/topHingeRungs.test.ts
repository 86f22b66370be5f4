import { EXAMPLE_DOOR as door, readingsOf } from './exampleDoor';
import { believe, planFor } from './hingedAnswers';
import type { AnsweredFinding, Observed, Round } from './observed';

const found = (finding: AnsweredFinding['finding'], answer: string): AnsweredFinding => ({ finding, answer });

// The rungs of a top hinge, least work first: snug, hold, bend (common practice, no source).
const TIGHTENED: Round = {
  done: [{ action: 'tighten', hinge: 'top', amount: 1 }],
  readings: readingsOf({ 'hinge.top': 4.6, 'latch.top': 'rubs', 'head.latch': 5, 'bolt.low': 0 }),
  findings: [found('topScrews', 'spinning')],
};
const HELD: Round = {
  done: [{ action: 'longScrew', hinge: 'top', amount: 1 }],
  readings: readingsOf({ 'hinge.top': 4, 'latch.top': 1, 'head.latch': 4.5, 'bolt.low': 0 }),
  findings: [found('topScrews', 'tight')],
};
const planAfter = (rounds: Round[], ...looked: AnsweredFinding[]) => {
  const observed = {
    door: { ...door, slabWidthMm: 838 },
    readings: [],
    findings: [found('complaint', 'rubsLatchTop'), found('topScrews', 'loose'), ...looked],
    rounds,
  };
  return planFor(observed, believe(observed));
};
const worksOf = ({ plans }: ReturnType<typeof planAfter>) => plans[0]?.steps.map(({ action, hinge }) => `${action} ${hinge ?? ''}`);

describe('a top hinge whose screws are loose, then spin, and whose knuckles are spread as well', () => {
  it('is tightened with no gap read, then held', () => {
    const first = planAfter([]);
    expect([first.outcome, worksOf(first)]).toEqual(['at once', ['tighten top']]);
    expect(worksOf(planAfter([TIGHTENED]))?.[0]).toMatch(/^(longScrew|fillHoles) top$/);
  });

  it('screws that spin are made to hold with no gap read, by what this door allows, and once', () => {
    const spun = (answer: string, change: object = {}) => {
      const observed: Observed = { door: { ...door, ...change }, readings: [], findings: [found('topScrews', answer)] };
      return planFor(observed, believe(observed));
    };
    for (const answer of ['spinning', 'someSpin']) {
      expect([spun(answer).outcome, worksOf(spun(answer))]).toEqual(['at once', ['longScrew top']]);
    }
    expect(worksOf(spun('inSlab'))).toEqual(['fillSlabHoles top']);
    expect(spun('tight').outcome).toBe('measure first');
    // Fixings of a fire door are as its certificate says.
    expect(spun('spinning', { fireRated: true }).outcome).toBe('measure first');
    const heldUnlooked = planFor(
      ...((observed: Observed) => [observed, believe(observed)] as const)({
        door,
        readings: [],
        findings: [found('topScrews', 'spinning')],
        rounds: [{ done: [{ action: 'longScrew', hinge: 'top', amount: 1 }], readings: [] }],
      }),
    );
    expect(heldUnlooked.outcome).not.toBe('at once');
    const tightenedFirst = planAfter([{ ...TIGHTENED, readings: [] }]);
    expect([tightenedFirst.outcome, worksOf(tightenedFirst)]).toEqual(['at once', ['longScrew top']]);
    const held = planAfter([
      { ...TIGHTENED, readings: [] },
      { done: [{ action: 'longScrew', hinge: 'top', amount: 1 }], readings: [] },
    ]);
    expect([held.outcome, worksOf(held)]).toEqual(['check all round', []]);
  });

  it('is looked at before its leaf is let in deeper: screws that hold and a gap that hardly moved may be the knuckles', () => {
    expect(planAfter([TIGHTENED, HELD])).toMatchObject({ outcome: 'look again', lookAgain: ['topLeaves'] });
  });

  it('is looked at too where no gap was read before the screws were seen to, however little speaks for the knuckles', () => {
    const unread = { ...TIGHTENED, readings: [] };
    expect(planAfter([unread, HELD])).toMatchObject({ outcome: 'look again', lookAgain: ['topLeaves'] });
    expect(planAfter([unread, HELD], found('topLeaves', 'parallel')).outcome).not.toBe('look again');
  });

  it('has its knuckles bent when they are found spread, though its screws were stripped too', () => {
    const spread = planAfter([TIGHTENED, HELD], found('topLeaves', 'spread'));
    expect([spread.outcome, spread.cause.id, worksOf(spread)]).toEqual(['cures', 'spreadKnuckles', ['bendKnuckles top']]);
    // What the screws were driven for is no rival any more.
    expect(spread.advice.join()).not.toMatch(/could as well be/i);
  });
});
