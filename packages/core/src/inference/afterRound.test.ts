import { HATCH, hatch, hatchWork, packPeg, soundHatch, sunkPeg, type Hatch } from '../hatch.fixture';
import { modelOf } from '../model/doorModel';
import type { DoorKind } from '../model/tables';
import { believe } from './believe';
import type { Belief, HeldHypothesis } from './belief';
import { causeChances, expectAt } from './expectation';
import { learnedFrom } from './learnedFrom';
import type { DoneStep, Observations, Round } from './observed';
import { stillAtWork } from './treated';

const KIND: DoorKind<Hatch> = {
  ...HATCH,
  causes: [soundHatch, { ...sunkPeg, cures: ['packPeg', 'cure', 'hope'] }],
  actions: [
    packPeg,
    hatchWork('cure', { effect: { kind: 'cure', cures: ['sunk'], share: 1, shareSd: 0, leftSdMm: 0 } }),
    hatchWork('hope', { effect: { kind: 'cure', cures: ['sunk'], share: 0.1, shareSd: 0, leftSdMm: 0 } }),
    hatchWork('wait', { effect: { kind: 'wait', cures: [] } }),
  ],
};
const model = modelOf(KIND, hatch);
const asFound: Observations = { readings: [{ station: 'gap.right', mm: 2.9 }], findings: [] };
const believed = (...rounds: Round[]) => believe(model, { ...asFound, rounds });
const chanceOf = (belief: Belief, id = 'sunk') => causeChances(belief).find((each) => each.id === id)?.probability ?? NaN;
const step = (action: string, more: Partial<DoneStep> = {}): DoneStep => ({ action, amount: 1, ...more });
const crushed = [{ finding: 'wood', answer: 'crushed' }];

describe('readings after work', () => {
  it('without work between are as if read as found: figures and rubs, chances and what is expected', () => {
    for (const again of [
      { station: 'gap.left', mm: 2.6 },
      { station: 'gap.left', rubs: true as const },
    ]) {
      const [later, before] = [
        believed({ done: [], readings: [again] }),
        believe(model, { readings: [...asFound.readings, again], findings: [] }),
      ];
      for (const id of ['sound', 'sunk']) expect(chanceOf(later, id)).toBeCloseTo(chanceOf(before, id), 9);
      for (const station of ['gap.left', 'gap.right', 'bolt']) {
        const [after, wanted] = [expectAt(later, station), expectAt(before, station)];
        expect(after.mean).toBeCloseTo(wanted.mean, 6);
        expect(after.variance).toBeCloseTo(wanted.variance, 6);
      }
    }
  });

  it('turn the order of what is held when they turn the chances, which stay with their hypothesis', () => {
    const first = believe(model, { readings: [{ station: 'gap.right', mm: 2.9 }], findings: [] });
    const turned = believe(model, {
      readings: [{ station: 'gap.right', mm: 2.9 }],
      findings: [],
      rounds: [{ done: [], readings: [], findings: crushed }],
    });
    const lead = ({ held }: Belief) => held[0]?.hypothesis.causes[0]?.id;
    expect([lead(first), lead(turned)]).toEqual(['sound', 'sunk']);
    expect(turned.held.reduce((sum, { probability }) => sum + probability, 0)).toBeCloseTo(1, 12);
    for (const { hypothesis, probability } of turned.held) {
      expect(turned.chances[turned.space.hypotheses.indexOf(hypothesis)]).toBeCloseTo(probability, 12);
    }
  });
});

describe('a check made again', () => {
  // Bayes' rule: 9 in 10 of sunk pegs crush the wood, 1 in 20 of others.
  const odds = (belief: Belief) => chanceOf(belief) / chanceOf(belief, 'sound');

  it('speaks for a cause that no work has dealt with', () => {
    expect(odds(believed({ done: [], readings: [], findings: crushed })) / odds(believed())).toBeCloseTo(0.9 / 0.05, 9);
    const [idle, elsewhere] = [step('wait'), step('packPeg', { place: 'leftPeg' })];
    for (const done of [idle, elsewhere]) {
      expect(odds(believed({ done: [done], readings: [], findings: crushed })) / odds(believed())).toBeCloseTo(0.9 / 0.05, 9);
    }
  });

  it('says the same of a cause that has been dealt with as of none', () => {
    for (const done of [step('cure', { place: 'rightPeg' }), step('packPeg', { place: 'rightPeg' })]) {
      expect(odds(believed({ done: [done], readings: [], findings: crushed })) / odds(believed())).toBeCloseTo(1, 9);
    }
  });

  it('minds the work of earlier rounds too', () => {
    const packed: Round = { done: [step('packPeg', { place: 'rightPeg' })], readings: [] };
    const once = believed(packed);
    const again = believed(packed, { done: [step('wait')], readings: [], findings: crushed });
    expect(odds(again) / odds(once)).toBeCloseTo(1, 9);
    expect(again.done.map(({ action }) => action)).toEqual(['packPeg', 'wait']);
  });
});

describe('what is still at work', () => {
  it('is every cause of a supposition that its own work has not dealt with', () => {
    const belief = believed();
    const sunk = belief.held.find(({ hypothesis }) => hypothesis.causes.some(({ id }) => id === 'sunk'));
    if (sunk === undefined) throw new Error('sunk is held');
    const left = (...done: DoneStep[]) => stillAtWork(belief, sunk, done);
    expect([left(), left(step('wait')), left(step('packPeg', { place: 'rightPeg' }))]).toEqual([['sunk'], ['sunk'], []]);
    // One piece of work that sets is enough, though another cured nothing.
    expect(left(step('hope', { place: 'rightPeg' }), step('packPeg', { place: 'rightPeg' }))).toEqual([]);
  });
});

describe('what a unit does here', () => {
  const learned = (errors: number[][], done: DoneStep[], before: [string, number][] = []) => {
    const held = errors.map((own, h): HeldHypothesis => ({
      hypothesis: { causes: [], supposition: 0, forms: [], directions: [], spread: 1, logPrior: 0 },
      posterior: { mean: Float64Array.from([9, 9, ...own]), cov: new Float64Array(0) },
      probability: h === 0 ? 0.75 : 0.25,
    }));
    return [...learnedFrom({ ...believed(), learned: new Map(before) }, held, done)];
  };
  const pack = step('packPeg', { place: 'rightPeg' });

  it('is what was expected of it and its error, weighed over what is held and averaged over the times it was done', () => {
    expect(learned([[0.2]], [pack])).toEqual([['packPeg', expect.closeTo(1 + 0.75 * 0.2, 12)]]);
    expect(learned([[0.2], [-0.4]], [pack])).toEqual([['packPeg', expect.closeTo(1 + 0.75 * 0.2 - 0.25 * 0.4, 12)]]);
    expect(learned([[0.3, 0, 0.1]], [pack, step('wait'), pack])).toEqual([['packPeg', expect.closeTo(1 + 0.75 * 0.2, 12)]]);
  });

  it('multiplies what was learned before, and keeps what was learned of other work', () => {
    expect(
      learned(
        [[0.2]],
        [pack],
        [
          ['packPeg', 2],
          ['lower', 0.7],
        ],
      ),
    ).toEqual([
      ['packPeg', expect.closeTo(2 * 1.15, 12)],
      ['lower', 0.7],
    ]);
    expect(learned([[0.2]], [step('cure')], [['lower', 0.7]])).toEqual([['lower', 0.7]]);
  });

  it('changes by no more than half or six tenths a round', () => {
    expect(learned([[-2]], [pack])).toEqual([['packPeg', 0.5]]);
    expect(learned([[2]], [pack])).toEqual([['packPeg', 1.6]]);
  });
});
