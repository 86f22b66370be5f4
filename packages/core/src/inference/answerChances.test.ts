import { HATCH, hatch, soundHatch, sunkPeg, woodCheck } from '../hatch.fixture';
import { modelOf } from '../model/doorModel';
import type { Finding } from '../model/finding';
import type { DoorKind } from '../model/tables';
import { answerChancesUnder } from './answerChances';
import { believe } from './believe';
import { causeChances } from './expectation';
import { takenAnswers } from './takenAnswers';

/** A check of whether the hatch rattles: it does where its right gap is wide, whatever has made it so. */
const rattle: Finding = {
  ...woodCheck,
  id: 'rattle',
  answers: [
    { id: 'yes', label: 'Rattles', says: 'it rattles' },
    { id: 'no', label: 'Quiet', says: 'it is quiet' },
  ],
  chances: { otherwise: [20, 80], sunk: [60, 40] },
  follows: { share: 0.75, otherwise: 'no', shows: [{ answer: 'yes', at: 'gap.right', border: { above: 4 }, softMm: 0.5 }] },
};
const KIND: DoorKind<{ widthMm: number; pegged: boolean }> = { ...HATCH, findings: [woodCheck, rattle] };
const model = modelOf(KIND, hatch);

/** Chance that a normal is above a border, by Simpson's rule over its density. */
function chanceAbove(border: number, mean: number, sd: number): number {
  const density = (x: number) => Math.exp(-0.5 * ((x - mean) / sd) ** 2) / (sd * Math.sqrt(2 * Math.PI));
  const [from, steps] = [Math.max(border, mean - 9 * sd), 2000];
  const step = (mean + 9 * sd - from) / steps;
  let sum = 0;
  for (let i = 0; i <= steps; i += 1) sum += (i === 0 || i === steps ? 1 : i % 2 === 1 ? 4 : 2) * density(from + i * step);
  return (sum * step) / 3;
}

describe('answers that follow from the figures', () => {
  it('come as often as the figure is beyond its border, and the others as the table says', () => {
    const chances = answerChancesUnder(model, rattle, ['sunk'], () => ({ mean: 4.3, variance: 0.4 }));
    const shows = chanceAbove(4, 4.3, Math.sqrt(0.4 + 0.25));
    expect(chances[0]).toBeCloseTo(0.25 * 0.6 + 0.75 * shows, 6);
    expect((chances[0] ?? 0) + (chances[1] ?? 0)).toBeCloseTo(1, 12);
  });

  it('below a border likewise, and of two things that show each as likely as it shows', () => {
    const both: Finding = {
      ...rattle,
      id: 'both',
      answers: ['left', 'right', 'none'].map((id) => ({ id, label: id, says: id })),
      chances: { otherwise: [0, 0, 100] },
      follows: {
        share: 1,
        otherwise: 'none',
        shows: [
          { answer: 'left', at: 'gap.left', border: { below: 1 }, softMm: 0 },
          { answer: 'right', at: { right: 1 }, border: { above: 3 }, softMm: 0 },
        ],
      },
    };
    const own = modelOf({ ...KIND, findings: [both] }, hatch);
    const [left = 0, right = 0, none = 0] = answerChancesUnder(own, both, [], (_, i) => ({ mean: i === 0 ? 1.2 : 3.4, variance: 0.25 }));
    const [l, r] = [1 - chanceAbove(1, 1.2, 0.5), chanceAbove(3, 3.4, 0.5)];
    expect(none).toBeCloseTo((1 - l) * (1 - r), 6);
    expect(left / right).toBeCloseTo(l / r, 5);
    expect(left + right + none).toBeCloseTo(1, 12);
  });

  it('follow nothing under a cause that shows in no figure', () => {
    const own = { ...rattle, follows: { ...rattle.follows, share: 0.75, otherwise: 'no', shows: [], notUnder: ['sunk'] } };
    expect(answerChancesUnder(model, own, ['sunk'], () => ({ mean: 9, variance: 1 }))[0]).toBeCloseTo(0.6, 12);
  });

  it('tell little of the cause once the figure is known, and more before', () => {
    const sunk = (readings: { station: string; mm: number }[], findings: { finding: string; answer: string }[]) =>
      causeChances(believe(model, { readings, findings })).find(({ id }) => id === 'sunk')?.probability ?? NaN;
    const odds = (p: number) => Math.log(p / (1 - p));
    const heard = [{ finding: 'rattle', answer: 'yes' }];
    const read = [{ station: 'gap.right', mm: 3.1 }];
    const gainRead = odds(sunk(read, heard)) - odds(sunk(read, []));
    const gainUnread = odds(sunk([], heard)) - odds(sunk([], []));
    expect(gainUnread).toBeGreaterThan(1);
    expect(gainRead).toBeLessThan(0.4 * gainUnread);
  });

  it('a table that names an answer the check has not cannot be used', () => {
    const wrong: Finding = {
      ...rattle,
      follows: { share: 1, otherwise: 'no', shows: [{ answer: 'maybe', at: 'bolt', border: { above: 1 }, softMm: 1 }] },
    };
    expect(() => modelOf({ ...KIND, findings: [wrong] }, hatch)).toThrow('no answer "maybe"');
  });
});

describe('answers may be mistaken', () => {
  it('by the share of the kind, at random, whatever the cause: no answer is ever proof', () => {
    const doubted = modelOf({ ...KIND, trust: { ...HATCH.trust, mistaken: 0.1 } }, hatch);
    const never: Finding = { ...woodCheck, chances: { otherwise: [0, 100] } };
    expect(answerChancesUnder(doubted, never, [], () => ({ mean: 0, variance: 1 }))).toEqual([0.05, expect.closeTo(0.95, 12)]);
  });
});

describe('one fact told twice', () => {
  const asked: Finding = { ...woodCheck, id: 'asked', saysNoMore: [{ answer: 'crushed', as: 'wood', answers: ['crushed'] }] };
  const kind = { ...HATCH, findings: [woodCheck, asked] };
  const own = modelOf(kind, hatch);
  const told = (...findings: [string, string][]) => ({
    readings: [],
    findings: findings.map(([finding, answer]) => ({ finding, answer })),
  });

  it('is heard from the better witness, and from the other by half', () => {
    const weights = (...given: [string, string][]) => takenAnswers(own, told(...given).findings).map(({ weight }) => weight);
    expect(weights(['asked', 'crushed'], ['wood', 'crushed'])).toEqual([0.5, 1]);
    expect([weights(['asked', 'crushed'], ['wood', 'sound']), weights(['asked', 'crushed'])]).toEqual([[1, 1], [1]]);
    const odds = (...given: [string, string][]) => {
      const sunk = causeChances(believe(own, told(...given))).find(({ id }) => id === 'sunk')?.probability ?? NaN;
      return Math.log(sunk / (1 - sunk));
    };
    // Crushed under a sunk peg in 90 of 100, under a sound one in 5; both causes are as likely beforehand.
    expect(odds(['wood', 'crushed'])).toBeCloseTo(Math.log(90 / 5), 9);
    expect(odds(['wood', 'crushed'], ['asked', 'crushed'])).toBeCloseTo(1.5 * Math.log(90 / 5), 9);
  });
});

describe('sizes of faults', () => {
  it('have heavier tails than a normal: a mixture of one mean, in the shares of the kind', () => {
    const tails = [
      { share: 0.7, spread: 1 },
      { share: 0.3, spread: 3 },
    ];
    const heavy = modelOf({ ...HATCH, causes: [soundHatch, sunkPeg], trust: { mistaken: 0, tails, pairedSpread: 1 } }, hatch);
    const belief = believe(heavy, { readings: [], findings: [] });
    const singles = belief.space.hypotheses.filter(({ causes }) => causes[0]?.id === 'sunk');
    expect(singles.map(({ spread, logPrior }) => [spread, Math.exp(logPrior)])).toEqual([
      [1, expect.closeTo(0.35, 9)],
      [3, expect.closeTo(0.15, 9)],
    ]);
    // A fault of 15 mm is beyond a normal of 4 ± 1.5, and not beyond the mixture.
    const chance = (kind: typeof heavy) =>
      causeChances(believe(kind, { readings: [{ station: 'gap.right', mm: 17 }], findings: [] })).find(({ id }) => id === 'sunk')
        ?.probability;
    expect(chance(heavy)).toBeGreaterThan(0.99);
    const held = believe(heavy, { readings: [{ station: 'gap.right', mm: 17 }], findings: [] }).held[0];
    expect(held?.hypothesis.spread).toBe(3);
  });
});
