import { EXAMPLE_DOOR as door, readingsOf } from './exampleDoor';
import { believe, planFor } from './hingedAnswers';
import type { AnsweredFinding, Round } from './observed';

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

  it('is looked at before its leaf is let in deeper: screws that hold and a gap that hardly moved may be the knuckles', () => {
    expect(planAfter([TIGHTENED, HELD])).toMatchObject({ outcome: 'look again', lookAgain: ['topLeaves'] });
  });

  it('has its knuckles bent when they are found spread, though its screws were stripped too', () => {
    const spread = planAfter([TIGHTENED, HELD], found('topLeaves', 'spread'));
    expect([spread.outcome, spread.cause.id, worksOf(spread)]).toEqual(['cures', 'spreadKnuckles', ['bendKnuckles top']]);
    // What the screws were driven for is no rival any more.
    expect(spread.advice.join()).not.toMatch(/could as well be/i);
  });
});
