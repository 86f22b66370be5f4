import { HATCH, hatch, pegForm, soundHatch, sunkPeg, woodCheck, type Hatch } from '../hatch.fixture';
import type { Cause } from '../model/cause';
import { modelOf } from '../model/doorModel';
import type { DoorKind } from '../model/tables';
import { logNormalBelow } from '../numbers/normal';
import { believe } from './believe';
import { diagnose, estimate } from './diagnose';
import { weighEvidence, type Evidence } from './evidence';
import { whatNext } from './nextBest';
import type { Observations } from './observed';

const evidenceOf = (observed: Observations, id: string, kind: DoorKind<Hatch> = HATCH): Evidence[] => {
  const { for: speaks = [], against = [] } = weighEvidence(believe(modelOf(kind, hatch), observed)).get(id) ?? {};
  return [...speaks, ...against];
};
const gapsRead = (left: number, right: number): Observations => ({
  readings: [
    { station: 'gap.left', mm: left },
    { station: 'gap.right', mm: right },
  ],
  findings: [],
});
const logNormal = (x: number, mean: number, variance: number) => -0.5 * Math.log(2 * Math.PI * variance) - (x - mean) ** 2 / (2 * variance);

/** Each peg is set by eye to ± 0.4 mm, a rim is uneven by ± 0.1, a gauge reads to ± 0.15. */
const TAPER_VARIANCE = 2 * (0.4 ** 2 + 0.1 ** 2 + 0.15 ** 2);

describe('the weight of a reading', () => {
  // The Gaussian density, worked by hand from the tables of the hatch: a peg sinks 4 ± 1.5 mm.
  it('is the log of its density under the cause against that under the others', () => {
    const read = 5.1 - 2;
    const weight = logNormal(read, 4, TAPER_VARIANCE + 1.5 ** 2) - logNormal(read, 0, TAPER_VARIANCE);
    const [taper, ...rest] = evidenceOf(gapsRead(2, 5.1), 'sunk');
    expect(rest).toEqual([]);
    expect(taper).toMatchObject({ kind: 'reading', says: 'rim wider at the right peg', strength: 'strong' });
    expect(taper?.weight).toBeCloseTo(weight, 9);
    expect([taper?.readMm, taper?.expectedMm, taper?.othersMm]).toEqual([
      expect.closeTo(read, 9),
      expect.closeTo(4, 9),
      expect.closeTo(0, 9),
    ]);
    const [against] = evidenceOf(gapsRead(2, 5.1), 'sound');
    expect(against?.weight).toBeCloseTo(-weight, 9);
    expect([against?.expectedMm, against?.othersMm]).toEqual([expect.closeTo(0, 9), expect.closeTo(4, 9)]);
  });

  it('against several others is against their mixture by prior chance', () => {
    const lifted: Cause = {
      ...sunkPeg,
      id: 'lifted',
      prior: 0.2,
      part: 'trimmer',
      forms: [{ id: 'usual', share: 1, axes: [{ measure: 'peg up', mean: -2, sd: 0.5, moves: { right: 1 } }] }],
    };
    const kind = { ...HATCH, causes: [{ ...soundHatch, prior: 0.5 }, { ...sunkPeg, prior: 0.3 }, lifted] };
    const [taper] = evidenceOf(gapsRead(2, 3), 'sunk', kind);
    const under = [logNormal(1, 0, TAPER_VARIANCE), logNormal(1, 4, TAPER_VARIANCE + 2.25), logNormal(1, -2, TAPER_VARIANCE + 0.25)];
    const others = (0.5 * Math.exp(under[0] ?? 0) + 0.2 * Math.exp(under[2] ?? 0)) / 0.7;
    expect(taper?.weight).toBeCloseTo((under[1] ?? 0) - Math.log(others), 9);
    expect(taper?.othersMm).toBeCloseTo((0.5 * 0 + 0.2 * -2) / 0.7, 9);
  });

  it('is told as wider, as narrower, or as even where a gauge can hardly tell', () => {
    // Clear of even from 0.75 mm on, or from one and a half times what two readings err by, which is less here.
    expect(evidenceOf(gapsRead(2, 2.74), 'sunk')[0]?.says).toBe('rim even');
    expect(evidenceOf(gapsRead(2, 2.76), 'sunk')[0]?.says).toBe('rim wider at the right peg');
    expect(evidenceOf(gapsRead(2.76, 2), 'sunk')[0]?.says).toBe('rim wider at the left peg');
    expect(evidenceOf(gapsRead(2.74, 2), 'sunk')[0]?.says).toBe('rim even');
  });

  it('of a gap is told against what the profile aims at', () => {
    const signs = [
      {
        id: 'wide',
        part: 'rim',
        combination: { 'gap.right': 1 },
        above: 'wide',
        below: 'tight',
        even: 'as it should be',
        compare: 'gap' as const,
      },
    ];
    const said = (mm: number) =>
      evidenceOf({ readings: [{ station: 'gap.right', mm }], findings: [] }, 'sunk', { ...HATCH, signs })[0]?.says;
    expect([said(2.7), said(2.8), said(1.2), said(1.3)]).toEqual(['as it should be', 'wide', 'tight', 'as it should be']);
  });

  it('is none of a sign of which something is unread', () => {
    expect(evidenceOf({ readings: [{ station: 'gap.right', mm: 6 }], findings: [] }, 'sunk')).toEqual([]);
  });
});

describe('the weight of figures put together', () => {
  const sign = (combination: Record<string, number>) => ({
    id: 'sum',
    part: 'rim',
    combination,
    above: 'above',
    below: 'below',
    even: 'even',
    compare: 'taper' as const,
  });
  const of = (combination: Record<string, number>, observed: Observations, id = 'sunk') =>
    evidenceOf(observed, id, { ...HATCH, signs: [sign(combination)] })[0];

  // A rule reads the bolt to ± 0.4 mm, 2 mm above what its peg stands at; a peg is set by eye to ± 0.4.
  it('counts each figure by its weight, its offset and its spread', () => {
    const twice = of({ bolt: 2 }, { readings: [{ station: 'bolt', mm: 1 }], findings: [] });
    const variance = 4 * (0.4 ** 2 + 0.4 ** 2);
    expect(twice?.readMm).toBeCloseTo(2, 9);
    expect([twice?.expectedMm, twice?.othersMm]).toEqual([expect.closeTo(8, 9), expect.closeTo(0, 9)]);
    expect(twice?.weight).toBeCloseTo(logNormal(2, 8, variance + 4 * 1.5 ** 2) - logNormal(2, 0, variance), 9);
    const both = of({ 'gap.left': -1, 'gap.right': 2 }, gapsRead(2, 3));
    const spread = 5 * (0.4 ** 2 + 0.1 ** 2 + 0.15 ** 2);
    expect(both?.readMm).toBeCloseTo(4, 9);
    expect(both?.weight).toBeCloseTo(logNormal(4, 10, spread + 4 * 1.5 ** 2) - logNormal(4, 2, spread), 9);
  });

  it('is clear of even by one and a half times what coarse readings err by', () => {
    const said = (mm: number) => of({ bolt: 2 }, { readings: [{ station: 'bolt', mm }], findings: [] })?.says;
    // Twice a rule's 0.4 mm, by one and a half: 1.2.
    expect([said(0.59), said(0.61), said(-0.61)]).toEqual(['even', 'above', 'below']);
  });

  it('of a cause with several forms goes by the one that the readings favour', () => {
    const kind = { ...HATCH, causes: [soundHatch, { ...sunkPeg, forms: [pegForm('little', 0.5, 2, 0.5), pegForm('much', 0.5, 8, 0.5)] }] };
    const expected = (right: number) => evidenceOf(gapsRead(2, right), 'sunk', kind)[0]?.expectedMm;
    expect([expected(4.2), expected(9.5)]).toEqual([expect.closeTo(2, 9), expect.closeTo(8, 9)]);
    const turned = { ...kind, causes: [soundHatch, { ...sunkPeg, forms: [pegForm('much', 0.5, 8, 0.5), pegForm('little', 0.5, 2, 0.5)] }] };
    expect(evidenceOf(gapsRead(2, 4.2), 'sunk', turned)[0]?.expectedMm).toBeCloseTo(2, 9);
  });

  it('of a cause is of that cause by itself, whatever it may meet', () => {
    const bolt = { ...sunkPeg, id: 'bolt', part: 'bolt', prior: 0.5 };
    const [taper] = evidenceOf(gapsRead(2, 10), 'sunk', { ...HATCH, causes: [soundHatch, sunkPeg, bolt] });
    expect(taper?.expectedMm).toBeCloseTo(4, 9);
    expect(taper?.othersMm).toBeCloseTo((0.5 * 0 + 0.5 * 4) / 1, 9);
  });
});

describe('the weight of a rub', () => {
  // A gap of nought or less, by the normal distribution under each cause: a peg at 2 or 6 mm, its rim uneven, the gauge's own error.
  it('is the log of the chance of no gap under the cause against that under the others', () => {
    const noise = 0.4 ** 2 + 0.1 ** 2 + 0.15 ** 2;
    const [rub] = evidenceOf({ readings: [{ station: 'gap.right', rubs: true }], findings: [] }, 'sunk');
    const weight = logNormalBelow(-6 / Math.sqrt(noise + 1.5 ** 2)) - logNormalBelow(-2 / Math.sqrt(noise));
    expect(rub?.weight).toBeCloseTo(weight, 9);
    expect(rub).not.toHaveProperty('readMm');
    // A rub is no figure that a sign could be made of.
    expect(
      evidenceOf(
        {
          readings: [
            { station: 'gap.left', mm: 2 },
            { station: 'gap.right', rubs: true },
          ],
          findings: [],
        },
        'sunk',
      ),
    ).toHaveLength(1);
  });
});

describe('evidence from answers', () => {
  it('is strong from ten to one on, fair from e to one', () => {
    const strength = (under: number) => {
      const checks = [{ ...woodCheck, chances: { otherwise: [5, 95], sunk: [under, 100 - under] } }] as unknown as typeof HATCH.findings;
      const crushed: Observations = { readings: [], findings: [{ finding: 'wood', answer: 'crushed' }] };
      return evidenceOf(crushed, 'sunk', { ...HATCH, findings: checks })[0]?.strength;
    };
    expect([13, 14, 49, 51].map(strength)).toEqual(['slight', 'fair', 'fair', 'strong']);
  });

  const checks = [
    { ...woodCheck, id: 'plain', chances: { otherwise: [10, 90], sunk: [95, 5] } },
    { ...woodCheck, id: 'fair', chances: { otherwise: [20, 80], sunk: [60, 40] } },
    { ...woodCheck, id: 'slight', chances: { otherwise: [20, 80], sunk: [30, 70] } },
    { ...woodCheck, id: 'none', chances: { otherwise: [20, 80], sunk: [24, 76] } },
  ] as unknown as typeof HATCH.findings;
  const kind = { ...HATCH, findings: checks };
  const answered: Observations = {
    readings: [],
    findings: ['slight', 'none', 'plain', 'fair'].map((finding) => ({ finding, answer: 'crushed' })),
  };

  // ln 9.5 is below ln 10, which is where "strong" begins; ln 3 is above 1; ln 1.5 = 0.41 is worth saying and ln 1.2 = 0.18 is not.
  it('stands weightiest first, by its strength, without what is not worth saying', () => {
    expect(evidenceOf(answered, 'sunk', kind).map(({ weight, strength }) => [weight, strength])).toEqual([
      [expect.closeTo(Math.log(9.5), 9), 'fair'],
      [expect.closeTo(Math.log(3), 9), 'fair'],
      [expect.closeTo(Math.log(1.5), 9), 'slight'],
    ]);
    const against = weighEvidence(believe(modelOf(kind, hatch), answered)).get('sound');
    expect(against?.for).toEqual([]);
    expect(against?.against.map(({ weight }) => weight)).toEqual(
      [-9.5, -3, -1.5].map((times) => expect.closeTo(-Math.log(-times), 9) as number),
    );
  });

  it('is told in full for what is likely, the weightiest three for what is not', () => {
    const many = {
      ...HATCH,
      findings: ['a', 'b', 'c', 'd'].map((id) => ({
        ...woodCheck,
        id,
        chances: { otherwise: [5, 95], sunk: [90, 10] },
      })) as unknown as typeof HATCH.findings,
    };
    const all: Observations = { readings: [], findings: ['a', 'b', 'c', 'd'].map((finding) => ({ finding, answer: 'crushed' })) };
    const { causes, suppositions } = diagnose(modelOf(many, hatch), all);
    expect(causes.map(({ id, for: speaks, against }) => [id, speaks.length, against.length])).toEqual([
      ['sunk', 4, 0],
      ['sound', 0, 3],
    ]);
    expect(suppositions.map((each) => each.causes)).toEqual([['sunk']]);
    expect(causes[0]).toMatchObject({ title: 'Right peg sunk', says: 'The right peg has sunk into the trimmer.' });
    expect(causes[0]).not.toHaveProperty('advice');
    const advised = { ...many, causes: [soundHatch, { ...sunkPeg, advice: 'Look at the trimmer.' }] };
    expect(diagnose(modelOf(advised, hatch), all).causes[0]?.advice).toBe('Look at the trimmer.');
  });
});

describe('what is expected of each gap', () => {
  // One reading of a Gaussian: the prior 2 ± √(0.4² + 0.1²), the gauge ± 0.15.
  it('is what a reading leaves of what was known before', () => {
    const prior = 0.4 ** 2 + 0.1 ** 2;
    const noise = 0.15 ** 2;
    const observed: Observations = { readings: [{ station: 'gap.left', mm: 2.4 }], findings: [] };
    const left = estimate(modelOf(HATCH, hatch), observed).expected.find(({ station }) => station === 'gap.left');
    expect(left?.meanMm).toBeCloseTo(2 + (prior / (prior + noise)) * 0.4, 9);
    expect(left?.sdMm).toBeCloseTo(Math.sqrt(1 / (1 / prior + 1 / noise)), 9);
    expect(diagnose(modelOf(HATCH, hatch), observed).expected).toEqual(estimate(modelOf(HATCH, hatch), observed).expected);
    const causes = [...estimate(modelOf(HATCH, hatch), observed).causes].sort((a, b) => a.id.localeCompare(b.id));
    expect(causes).toEqual([
      { id: 'sound', title: 'Nothing wrong', probability: expect.closeTo(0.5, 9) as number },
      { id: 'sunk', title: 'Right peg sunk', probability: expect.closeTo(0.5, 9) as number },
    ]);
  });
});

describe('what to look at next', () => {
  it('is what drops most doubt for its minutes and the turning to it, three at most, told with how it is done', () => {
    const { enough, choices } = whatNext(modelOf(HATCH, hatch), { readings: [], findings: [] });
    expect(enough).toBe(false);
    expect(choices.map(({ kind, id, minutes }) => [kind, id, minutes])).toEqual([
      ['station', 'gap.right', 0.2],
      ['finding', 'wood', 0.3],
      ['station', 'bolt', 1],
    ]);
    const perMinute = choices.map(({ bits, minutes }) => bits / (minutes + 0.8));
    expect(perMinute).toEqual([...perMinute].sort((a, b) => b - a));
    expect(choices[1]).toMatchObject({ title: 'Is the wood crushed under the right peg?', howTo: 'Look under it.' });
    const entropy = (p: number) => -p * Math.log2(p) - (1 - p) * Math.log2(1 - p);
    const crushed = (0.9 + 0.05) / 2;
    expect(choices[1]?.bits).toBeCloseTo(2 * (1 - crushed * entropy(0.9 / 0.95) - (1 - crushed) * entropy(0.1 / 1.05)), 9);
  });

  it('is nothing that has been read or answered', () => {
    const some: Observations = { readings: [{ station: 'gap.right', mm: 3.5 }], findings: [{ finding: 'wood', answer: 'sound' }] };
    expect(
      whatNext(modelOf(HATCH, hatch), some)
        .choices.map(({ id }) => id)
        .sort(),
    ).toEqual(['bolt']);
  });

  it('is no gap that is judged only when it is read', () => {
    const rough = { ...HATCH, spread: [{ why: 'rough', sd: 2, moves: { left: 1 } }, ...HATCH.spread.slice(1)] };
    const settled: Observations = { readings: [{ station: 'gap.right', mm: 7 }], findings: [{ finding: 'wood', answer: 'crushed' }] };
    expect(whatNext(modelOf(rough, hatch), settled).enough).toBe(false);
    const floor = { ...rough, edges: [{ id: 'rim', isEven: false, onlyWhenRead: { maxMm: 50 } }] };
    expect(whatNext(modelOf(floor, hatch), settled).enough).toBe(true);
    expect(whatNext(modelOf({ ...rough, walk: ['gap.right'] }, hatch), settled).enough).toBe(true);
  });
});
