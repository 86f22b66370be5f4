import { HATCH, hatch, pegForm, soundHatch, sunkPeg, type Hatch } from '../hatch.fixture';
import { modelOf } from '../model/doorModel';
import type { DoorKind } from '../model/tables';
import { believe } from './believe';
import { causeChances, expectAt, suppositionChances } from './expectation';
import { expectBeforehand, faultSpace, suppositionKey } from './hypotheses';
import { linearReadings, readingVariance } from './linearReadings';
import type { Observations } from './observed';
import { takenAnswers } from './takenAnswers';

const model = modelOf(HATCH, hatch);
const nothing: Observations = { readings: [], findings: [] };

/** The hatch with its two causes weighed otherwise. */
const weighed = (soundPrior: number, sunkPrior: number): DoorKind<Hatch> => ({
  ...HATCH,
  causes: [
    { ...soundHatch, prior: soundPrior },
    { ...sunkPeg, prior: sunkPrior },
  ],
});
const chanceOf = (kind: DoorKind<Hatch>, observed: Observations) =>
  causeChances(believe(modelOf(kind, hatch), observed)).find(({ id }) => id === 'sunk')?.probability ?? NaN;

describe('readings made ready', () => {
  it('stand in one order whatever order they were taken in, rubs behind figures', () => {
    const taken = [
      { station: 'gap.left', rubs: true as const },
      { station: 'bolt', mm: 1 },
      { station: 'gap.right', mm: 3 },
    ];
    const order = (readings: typeof taken) => linearReadings(model, readings).map(({ station }) => station);
    expect(order(taken)).toEqual(['gap.right', 'bolt', 'gap.left']);
    expect(order([...taken].reverse())).toEqual(order(taken));
    expect(linearReadings(model, taken).map(({ mm }) => mm)).toEqual([3, 1, undefined]);
  });

  it('name what cannot rub and what is no number', () => {
    expect(() => linearReadings(model, [{ station: 'bolt', rubs: true }])).toThrow('Only a gap can rub.');
    expect(() => linearReadings(model, [{ station: 'gap.left', mm: NaN }])).toThrow('finite');
  });

  it('have the variance of their instrument: a gauge 0.15 mm, a rule 0.4, by eye 1 (common practice, no source)', () => {
    expect(readingVariance(model, { station: 'gap.left' })).toBeCloseTo(0.15 ** 2, 12);
    expect(readingVariance(model, { station: 'gap.left', instrument: 'eye' })).toBeCloseTo(1, 12);
    expect(readingVariance(model, { station: 'bolt' })).toBeCloseTo(0.4 ** 2, 12);
  });

  it.each(['opening', 'lean', 'bow'] as const)('of %s meet the unevenness that the state does not hold', (kind) => {
    const stations = HATCH.stations.map((each) => (each.id === 'bolt' ? { ...each, kind } : each));
    const rough = modelOf({ ...HATCH, stations }, hatch);
    expect(readingVariance(rough, { station: 'bolt' })).toBeCloseTo(0.4 ** 2 + HATCH.unevennessMm ** 2, 12);
  });

  it('of a level go by the length it spans: 0.5 mm a metre', () => {
    expect(readingVariance(model, { station: 'bolt', instrument: 'spiritLevel' })).toBeCloseTo((0.5 * 0.7) ** 2, 12);
  });
});

describe('answers made ready', () => {
  it('know which of the check’s answers was given, and name one that is none', () => {
    expect(takenAnswers(model, [{ finding: 'wood', answer: 'sound' }])[0]).toMatchObject({ finding: 'wood', place: 1 });
    expect(() => takenAnswers(model, [{ finding: 'wood', answer: 'green' }])).toThrow('"green" is not an answer to wood.');
  });
});

describe('hypotheses', () => {
  it('give single causes all the chance where no two can meet', () => {
    const { hypotheses } = faultSpace(model);
    expect(hypotheses.map(suppositionKey)).toEqual(['sound', 'sunk']);
    expect(hypotheses.map(({ logPrior }) => Math.exp(logPrior))).toEqual([0.5, 0.5]);
  });

  it('pair causes of different parts, one pair in five calls, and never two of one part', () => {
    const bolt = { ...sunkPeg, id: 'bolt', part: 'bolt', prior: 0.25 };
    const twin = { ...sunkPeg, id: 'twin', prior: 0.25 };
    const { hypotheses } = faultSpace(modelOf({ ...HATCH, causes: [...HATCH.causes, bolt, twin] }, hatch));
    const keys = hypotheses.map(suppositionKey);
    expect(keys).toEqual(expect.arrayContaining(['sunk,bolt', 'bolt,twin']));
    expect(keys).not.toContain('sunk,twin');
    expect(keys.some((key) => key.includes('sound,'))).toBe(false);
    const pairs = hypotheses.filter(({ causes }) => causes.length === 2).reduce((sum, { logPrior }) => sum + Math.exp(logPrior), 0);
    expect(pairs).toBeCloseTo(0.2, 12);
  });
});

describe('chances and faults supposed beforehand', () => {
  const bolt = {
    ...sunkPeg,
    id: 'bolt',
    part: 'bolt',
    prior: 0.25,
    forms: [pegForm('bent', 0.75, 2, 0.4, 0.5), pegForm('short', 0.25, -3, 0.4, 0.5)],
  };
  const kind = { ...HATCH, causes: [{ ...soundHatch, prior: 1 }, { ...sunkPeg, prior: 0.75 }, bolt] };

  it('are a cause’s share of all by its form’s share, four in five of them single; pairs by both', () => {
    const { hypotheses, directions } = faultSpace(modelOf(kind, hatch));
    const told = hypotheses.map(({ causes, forms, directions: own, logPrior }) => [
      causes.map(({ id }) => id).join('+'),
      forms.map(({ id }) => id).join('+'),
      own.map((place) => [directions[place]?.cause.id, directions[place]?.mean].join()).join('+'),
      Math.exp(logPrior),
    ]);
    expect(told).toEqual([
      ['sound', 'usual', '', expect.closeTo(0.8 * 0.5, 12)],
      ['sunk', 'usual', 'sunk,4', expect.closeTo(0.8 * 0.375, 12)],
      ['bolt', 'bent', 'bolt,2', expect.closeTo(0.8 * 0.125 * 0.75, 12)],
      ['bolt', 'short', 'bolt,-3', expect.closeTo(0.8 * 0.125 * 0.25, 12)],
      ['sunk+bolt', 'usual+bent', 'sunk,4+bolt,2', expect.closeTo(0.2 * 0.75, 12)],
      ['sunk+bolt', 'usual+short', 'sunk,4+bolt,-3', expect.closeTo(0.2 * 0.25, 12)],
    ]);
  });

  it('no part has more than one cause, and what is sound goes with none, wherever it stands in the table', () => {
    const keys = (causes: (typeof kind)['causes']) => faultSpace(modelOf({ ...kind, causes }, hatch)).hypotheses.map(suppositionKey);
    expect(keys([bolt, { ...sunkPeg, part: 'bolt' }, soundHatch]).filter((key) => key.includes(','))).toEqual([]);
    expect(keys([bolt, soundHatch, sunkPeg]).filter((key) => key.includes(','))).toEqual(['bolt,sunk', 'bolt,sunk']);
  });

  it('expect of a figure what a sound door shows and what each fault adds', () => {
    const made = modelOf(kind, hatch);
    const space = faultSpace(made);
    const both = space.hypotheses.find(({ causes, forms }) => causes.length === 2 && forms[1]?.id === 'bent');
    if (both === undefined) throw new Error('both are supposed');
    const spread = expectBeforehand(space, both, made.row('gap.right'), { mean: 2, variance: 0.5 });
    expect(spread.mean).toBeCloseTo(2 + 4 + 0.5 * 2, 12);
    expect(spread.variance).toBeCloseTo(0.5 + 1.5 ** 2 + (0.5 * 0.4) ** 2, 12);
    expect(expectBeforehand(space, both, made.row('gap.left'), { mean: 2, variance: 0.5 })).toEqual({ mean: 2, variance: 0.5 });
  });
});

describe('what is held in full', () => {
  /** A hatch whose peg may have sunk for any of so many reasons, the first of them likeliest. */
  const reasons = (priors: readonly number[]) =>
    believe(
      modelOf(
        {
          ...HATCH,
          causes: [
            { ...soundHatch, prior: priors[0] ?? 0 },
            ...priors.slice(1).map((prior, i) => ({ ...sunkPeg, id: `reason ${i}`, prior })),
          ],
        },
        hatch,
      ),
      nothing,
    ).held.map(({ hypothesis, probability }) => [hypothesis.causes[0]?.id, probability] as const);

  it('is as much as covers 99 in 100, likeliest first, with the chances of just these', () => {
    const held = reasons([0.2, 0.1, 0.5, 0.004, 0.19, 0.006]);
    expect(held.map(([id]) => id)).toEqual(['reason 1', 'sound', 'reason 3', 'reason 0']);
    expect(held.map(([, chance]) => chance)).toEqual([0.5, 0.2, 0.19, 0.1].map((chance) => expect.closeTo(chance / 0.99, 9) as number));
  });

  it('is fourteen at most', () => {
    expect(reasons(Array<number>(20).fill(1))).toHaveLength(14);
  });
});

describe('what is believed', () => {
  it('before anything is read is what the tables say beforehand', () => {
    const belief = believe(model, nothing);
    for (const { probability } of causeChances(belief)) expect(probability).toBeCloseTo(0.5, 12);
    // Half sound at 2 mm, half sunk at 6: the law of total variance.
    const { mean, variance } = expectAt(belief, 'gap.right');
    expect(mean).toBeCloseTo(4, 9);
    expect(variance).toBeCloseTo(0.4 ** 2 + 0.1 ** 2 + 1.5 ** 2 / 2 + 4, 9);
  });

  // Conjugate normal update, worked by hand.
  it('of a figure follows the closed form: density of the reading under each cause', () => {
    const read = { readings: [{ station: 'gap.right', mm: 3.5 }], findings: [] };
    const density = (mean: number, v: number) => Math.exp(-((3.5 - mean) ** 2) / (2 * v)) / Math.sqrt(2 * Math.PI * v);
    const noise = 0.4 ** 2 + 0.1 ** 2 + 0.15 ** 2;
    const [a, b] = [density(2, noise), density(6, noise + 1.5 ** 2)];
    expect(chanceOf(HATCH, read)).toBeCloseTo(b / (a + b), 9);
  });

  it('a rub is a gap of nought or less: the chance of that under each cause', () => {
    const wide = { ...HATCH, spread: [{ why: 'rough', sd: 2, moves: { left: 1, right: 1 } }] };
    const rub: Observations = { readings: [{ station: 'gap.right', rubs: true }], findings: [] };
    // Abramowitz and Stegun 26.2.17, good to 7.5e-8 (from memory).
    const below = (x: number): number => {
      if (x > 0) return 1 - below(-x);
      const t = 1 / (1 - 0.2316419 * x);
      const terms = [0.31938153, -0.356563782, 1.781477937, -1.821255978, 1.330274429];
      return (Math.exp(-x * x * 0.5) / Math.sqrt(2 * Math.PI)) * terms.reduce((sum, c, i) => sum + c * t ** (i + 1), 0);
    };
    const noise = 4 + 0.1 ** 2 + 0.15 ** 2;
    const [a, b] = [below(-2 / Math.sqrt(noise)), below(-6 / Math.sqrt(noise + 1.5 ** 2))];
    expect(chanceOf(wide, rub)).toBeCloseTo(b / (a + b), 5);
  });

  it('what is far behind is not worked out further; a rub gives it more rope, since rubs can bring it forward', () => {
    // 11 nats behind: more than the 9 that are negligible, less than 9 and the 5 that a rub may tell.
    const unlikely = weighed(1, Math.exp(-11));
    const rub: Observations = { readings: [{ station: 'gap.left', rubs: true }], findings: [] };
    expect(chanceOf(unlikely, nothing)).toBe(0);
    expect(chanceOf(unlikely, rub)).toBeGreaterThan(0);
    expect(chanceOf(weighed(1, Math.exp(-14.5)), rub)).toBe(0);
    expect(chanceOf(weighed(1, Math.exp(-8)), nothing)).toBeGreaterThan(0);
  });

  it('by supposition and by cause is the same where causes come singly', () => {
    const belief = believe(model, { readings: [{ station: 'gap.right', mm: 5 }], findings: [] });
    expect(suppositionChances(belief).map(({ causes }) => causes)).toEqual([['sunk'], ['sound']]);
    expect(suppositionChances(belief)[0]?.probability).toBeCloseTo(causeChances(belief)[0]?.probability ?? NaN, 12);
  });
});
