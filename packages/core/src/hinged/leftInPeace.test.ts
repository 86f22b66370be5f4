import type { HingedDoor } from './card/door';
import { EVEN_GAPS, EXAMPLE_DOOR, readingsOf } from './exampleDoor';
import type { StationId } from './geometry/stations';
import { believe, planFor } from './hingedAnswers';
import type { AnsweredFinding, Round } from './observed';

const found = (finding: AnsweredFinding['finding'], answer: string, again = false): AnsweredFinding => ({
  finding,
  answer,
  ...(again && { again }),
});
const planAt = (door: HingedDoor, gaps: Partial<Record<StationId, number>>, findings: AnsweredFinding[]) => {
  const observed = { door, readings: readingsOf(gaps), findings };
  return planFor(observed, believe(observed));
};
const planAfter = (rounds: Round[]) => {
  const observed = { door: EXAMPLE_DOOR, readings: readingsOf({ ...EVEN_GAPS, 'bolt.low': 0 }), findings: [], rounds };
  return planFor(observed, believe(observed));
};
const worksOf = ({ plans }: ReturnType<typeof planAt>) => plans[0]?.steps.map(({ action }) => action);

describe('a door with a multipoint lock', () => {
  const door: HingedDoor = { ...EXAMPLE_DOOR, hingeKind: 'adjustable', slabKind: 'composite', profile: 'compositeMultipoint' };
  const fives = Object.fromEntries(Object.keys(EVEN_GAPS).map((id) => [id, 5]));
  const told = [found('complaint', 'other'), found('latch', 'alone'), found('handle', 'easy')];

  it('has no screw turned for less than a half turn beyond the book, unless a listing asks for it', () => {
    const wide = { ...fives, 'latch.mid': 6.4, 'bolt.low': 0 };
    expect(planAt(door, wide, told)).toMatchObject({ outcome: 'true', binds: 'book' });
    expect(worksOf(planAt(door, { ...fives, 'latch.top': 8, 'latch.mid': 8, 'latch.bottom': 8, 'bolt.low': 0 }, told))).toContain(
      'turnSideways',
    );
    expect(planAt({ ...door, fireRated: true }, { ...wide, 'latch.top': 6.4 }, told).outcome).not.toBe('true');
  });

  it('has its keeps turned only where the handle is stiff shut and not open', () => {
    const stiff = (answer: string, again = false) => planAt(door, { ...fives, 'bolt.low': 0 }, [found('handle', answer, again)]);
    const hard = [found('complaint', 'hardToLock')];
    const keeps = (findings: AnsweredFinding[]) => worksOf(planAt(door, { ...fives, 'bolt.low': 0 }, [...hard, ...findings]));
    expect(keeps([found('latch', 'alone'), found('handle', 'stiffShut', true)])).toContain('turnKeeps');
    for (const answer of ['easy', 'stiffOpen']) {
      expect(keeps([found('latch', 'alone'), found('handle', answer, true)])).not.toContain('turnKeeps');
      expect(worksOf(stiff(answer))).not.toContain('turnKeeps');
    }
    // Nobody has lifted the handle yet.
    expect(planAt(door, { ...fives, 'bolt.low': 0 }, hard)).toMatchObject({ outcome: 'look again', lookAgain: ['handle'] });
  });
});

it('an even door is not left alone against the customer’s word untried', () => {
  const even = (findings: AnsweredFinding[]) => planAt(EXAMPLE_DOOR, { ...EVEN_GAPS, 'bolt.low': 0 }, findings);
  const said = found('complaint', 'springsBack');
  expect(even([said])).toMatchObject({ outcome: 'look again', lookAgain: ['springBack'] });
  expect(even([said, found('springBack', 'no')]).outcome).toBe('true');
  expect(even([found('complaint', 'other')]).outcome).toBe('true');
  // Tried and found so it is tried again; found so twice it is not called free, whatever its gaps say.
  expect(even([said, found('springBack', 'yes')])).toMatchObject({ outcome: 'look again', lookAgain: ['springBack'] });
  const springs = even([said, found('springBack', 'yes', true)]);
  expect(springs.outcome).not.toBe('true');
  expect([springs.outcome, worksOf(springs)]).toEqual(['find out first', []]);
});

it('is not done when it springs after the work, though it is gauged even', () => {
  const tried = (answer: string): Round[] => [
    {
      done: [{ action: 'seatScrews', amount: 1 }],
      readings: readingsOf({ ...EVEN_GAPS, 'bolt.low': 0 }),
      findings: [found('springBack', answer), found('latch', 'alone')],
    },
  ];
  expect(planAfter(tried('no')).outcome).toBe('done');
  expect(['done', 'check all round', 'true']).not.toContain(planAfter(tried('yes')).outcome);
});

describe('a door that one thing alone says swings by itself', () => {
  const leans = (acrossMm: number, findings: AnsweredFinding[]) =>
    planAt(EXAMPLE_DOOR, { ...EVEN_GAPS, 'plumb.across': acrossMm, 'plumb.hinge': 0, 'bolt.low': 0 }, findings);

  it('is let go once more before a pin is taken out for it', () => {
    expect(leans(-4.5, [found('halfOpen', 'closes')])).toMatchObject({ outcome: 'look again', lookAgain: ['halfOpen'] });
    expect(worksOf(leans(-4, [found('halfOpen', 'closes', true)]))).toEqual(['bendPin']);
  });

  it('has its pin bent at once where levels or the customer say the same', () => {
    expect(worksOf(leans(-7, [found('halfOpen', 'closes')]))).toEqual(['bendPin']);
    expect(worksOf(leans(-4, [found('complaint', 'swingsItself'), found('halfOpen', 'closes')]))).toEqual(['bendPin']);
  });

  it('is let go once more where the customer says it swings and it stays; staying twice, it is left', () => {
    const said = [found('complaint', 'swingsItself')];
    expect(leans(-6, [...said, found('halfOpen', 'stays')])).toMatchObject({ outcome: 'look again', lookAgain: ['halfOpen'] });
    expect(worksOf(leans(-4, [...said, found('halfOpen', 'stays', true)]))).toEqual([]);
  });
});

describe('a door that is good as it hangs and has a screw found loose', () => {
  const loose = (again: boolean) => planAt(EXAMPLE_DOOR, { ...EVEN_GAPS, 'bolt.low': 0 }, [found('bottomScrews', 'loose', again)]);

  it('has it tried once more, then tightened', () => {
    expect(loose(false)).toMatchObject({ outcome: 'look again', lookAgain: ['bottomScrews'] });
    expect([loose(true).outcome, worksOf(loose(true))]).toEqual(['at once', ['tightenBottom']]);
  });

  it('has it tightened at once where the gaps lean that way too, and no long screw driven instead', () => {
    const leaning = {
      ...EVEN_GAPS,
      'hinge.bottom': 2.7,
      'head.mid': 2.7,
      'head.latch': 2.2,
      'latch.top': 3.4,
      'latch.bottom': 2.5,
      'bolt.low': -1,
    };
    const plan = planAt(EXAMPLE_DOOR, leaning, [found('event', 'blow'), found('bottomScrews', 'loose'), found('latch', 'alone')]);
    expect([plan.outcome, plan.cause.id, worksOf(plan)]).toEqual(['at once', 'looseBottomScrews', ['tightenBottom']]);
  });
});
