import { hatch, woodCheck } from '../hatch.fixture';
import { believe } from '../inference/believe';
import type { Observations } from '../inference/observed';
import { modelOf } from '../model/doorModel';
import { untreated, candidate } from './candidate';
import { toEnd } from '../stepwise';
import { factsOf } from './facts';
import { meetingAsIs } from './board';
import { board, gaps, KIND, plan, trial } from './planning.fixture';
import { curesWhatIsInOrder, foundInOrder, triesDue } from './sidesTold';

/** A try that tells of the skew and of the bolt, and one that only says they are out. */
const tryIt = { ...woodCheck, id: 'try', stage: 'test' as const, chances: { otherwise: [20, 80], sunk: [60, 40] } };
const told = [{ finding: 'try', answers: ['crushed'] }];
const cleared = [{ finding: 'try', answers: ['sound'] }];
const TRIED = {
  ...KIND,
  findings: [tryIt, { ...woodCheck, id: 'says', stage: 'listen' as const }],
  sides: KIND.sides.map((each) => ({ ...each, toldBy: [...told, { finding: 'says', answers: ['crushed'] }], clearedBy: cleared })),
  meeting: { ...KIND.meeting, toldBy: told, clearedBy: cleared },
};
const model = modelOf(TRIED, hatch);
const observed = (answers: Record<string, string>, rounds: Observations['rounds'] = []): Observations => ({
  readings: [],
  findings: Object.entries(answers).map(([finding, answer]) => ({ finding, answer })),
  rounds,
});
const inOrder = (seen: Observations) => [...foundInOrder(believe(model, seen), seen)];
const packed = { done: [{ action: 'packPeg', place: 'rightPeg', amount: 1 }], readings: [] };

describe('what a try has found in order', () => {
  it('is in order, unless another answer says that it is out', () => {
    expect(inOrder(observed({ try: 'sound' }))).toEqual(['skew', 'bolt']);
    expect(inOrder(observed({ try: 'sound', says: 'crushed' }))).toEqual(['bolt']);
    expect([inOrder(observed({ try: 'crushed' })), inOrder(observed({}))]).toEqual([[], []]);
  });

  it('is in order whatever the customer told, found so twice', () => {
    const twice = (answer: string, heard = 'crushed') => {
      const { findings } = observed({ says: heard });
      return inOrder({ readings: [], findings: [...findings, { finding: 'try', answer, again: true }] });
    };
    expect([twice('sound'), twice('crushed')]).toEqual([['skew', 'bolt'], []]);
  });

  it('is so no more once the slab has been moved, until it is tried again', () => {
    const again = (answer: string) => ({ ...packed, findings: [{ finding: 'try', answer }] });
    expect(inOrder(observed({ try: 'sound' }, [packed]))).toEqual([]);
    expect(inOrder(observed({ try: 'crushed' }, [again('sound')]))).toEqual(['skew', 'bolt']);
    expect(inOrder(observed({ try: 'sound' }, [again('sound'), packed]))).toEqual([]);
    // Work that leaves the slab where it hangs leaves this too.
    expect(inOrder(observed({ try: 'sound' }, [{ done: [{ action: 'hold', amount: 1 }], readings: [] }]))).toEqual(['skew', 'bolt']);
  });

  it('is not believed where the figures make the answer less likely than one in ten', () => {
    const shows = (share: number) => ({
      ...TRIED,
      name: `follows ${share}`,
      findings: [
        {
          ...tryIt,
          chances: { otherwise: [100, 0] },
          follows: { share, otherwise: 'crushed', shows: [{ answer: 'sound', at: { left: 1 }, border: { above: -99 }, softMm: 1 }] },
        },
      ],
      sides: KIND.sides.map((each) => ({ ...each, clearedBy: cleared })),
    });
    const found = (share: number) => {
      const seen = observed({ try: 'sound' });
      return [...foundInOrder(believe(modelOf(shows(share), hatch), seen), seen)];
    };
    expect([found(0.11), found(0.09)]).toEqual([['skew', 'bolt'], []]);
  });

  it('is tried again after the slab has been moved', () => {
    expect([triesDue(model, observed({ try: 'sound' })), triesDue(model, observed({}, [packed]))]).toEqual([[], ['try']]);
    expect(triesDue(model, observed({}, [{ ...packed, findings: [{ finding: 'try', answer: 'sound' }] }]))).toEqual([]);
  });

  it('needs no cure: a cause that only work on it cures is none', () => {
    const curedBy = (...cures: string[]) => ({ ...model.cause('sunk'), cures });
    const is = (cures: string[], ...names: string[]) => curesWhatIsInOrder(model, curedBy(...cures), new Set(names));
    expect([is(['set', 'hold'], 'skew'), is(['set', 'glue'], 'skew'), is(['set'], 'bolt'), is([], 'skew')]).toEqual([
      true,
      false,
      false,
      false,
    ]);
    expect([is(['strike'], 'bolt'), is(['strike'], 'skew')]).toEqual([true, false]);
  });

  it('is judged no further: the bolt where it is, the sides as they are, but for what moves them further out', () => {
    const off = trial.drawn.map((door) => ({ ...door, gaps: gaps(2, 2, 5, 3) }));
    expect(meetingAsIs(board, off).limits[board.bolt]).toMatchObject({ min: -4, max: 6 });
    const beside = { sides: model.tables.sides, judged: new Set(['skew']), inOrder: new Set(['skew']), work: {} };
    const skewed = { ...trial, board: meetingAsIs(board, off), drawn: off, beside };
    const after = (skew: number) =>
      candidate(skewed, { ...untreated(skewed), after: off.map(() => gaps(2, 2, 5, skew)) }, plan()).isTrue[0];
    expect([after(3), after(3.5), after(3.6), after(0.5)]).toEqual([true, true, false, true]);
    const judged = { ...skewed, beside: { ...beside, inOrder: new Set<string>() } };
    expect(candidate(judged, untreated(judged), plan()).isTrue[0]).toBe(false);
  });
});

it('no gap is set for what stands beside it, unless a cause is cured that way', () => {
  const skewed = {
    ...trial,
    drawn: trial.drawn.map((door) => ({ ...door, gaps: gaps(2, 2, 0, 1.5) })),
    beside: { sides: model.tables.sides, judged: new Set(['skew']), work: {} },
  };
  const setting = { action: model.action('packPeg'), where: 2, amount: 1, shiftMm: -1, changes: gaps(0, 0, 0, -1), price: 5 };
  const found = plan({ settings: [setting] });
  const chance = (mustUse: readonly { action: string }[]) => candidate(skewed, { ...untreated(skewed), mustUse }, found).isTrue[0];
  expect([chance([]), chance([{ action: 'packPeg' }])]).toEqual([false, true]);
});

it('a doubtful reading is told where a plan goes by it, and not where a try has found all in order', () => {
  const rim: Observations = {
    readings: [
      { station: 'gap.left', mm: 2 },
      { station: 'gap.right', mm: 2 },
      { station: 'bolt', mm: 6 },
    ],
    findings: [],
  };
  const { said, doubted } = toEnd(factsOf(rim, believe(model, rim), {}));
  expect([doubted, said.doubtful.map(({ station }) => station)]).toEqual([1, ['bolt']]);
});
