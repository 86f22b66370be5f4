import { HATCH, hatch, pegForm, soundHatch, sunkPeg } from '../hatch.fixture';
import { modelOf } from '../model/doorModel';
import { believe } from './believe';
import { doubtOver, lookoutOf } from './doubt';
import { doubtfulReadings } from './doubtful';
import { weighEvidence } from './evidence';
import { expectUnder } from './expectation';
import { whatNext } from './nextBest';
import type { Observations } from './observed';
import { weighFinding, weighStation } from './worthOfLooking';

const model = modelOf(HATCH, hatch);
const nothing: Observations = { readings: [], findings: [] };
const causes = (...ids: string[]) => ids.map((id) => ({ ...model.cause('sunk'), id }));

describe('doubt about the causes', () => {
  it('is the entropy of each being at work or not: ln 2 for a toss of a coin, nought when all is sure', () => {
    const doubt = doubtOver([
      { causes: causes('a'), weight: 0.5 },
      { causes: causes('b'), weight: 0.5 },
    ]);
    expect(doubt([0.5, 0.5])).toBeCloseTo(2 * Math.LN2, 12);
    expect([doubt([1, 0]), doubt([0, 1])]).toEqual([0, 0]);
  });

  it('counts little what parts two suppositions that share a cause', () => {
    const doubt = doubtOver([
      { causes: causes('a'), weight: 0.5 },
      { causes: causes('a', 'b'), weight: 0.5 },
    ]);
    expect(doubt([0.5, 0.5])).toBeCloseTo(Math.LN2, 12);
  });

  it('looks at the hypotheses by their weight, forms of the same causes together', () => {
    const { weights, groups, now } = lookoutOf(believe(model, nothing));
    expect(weights.reduce((sum, each) => sum + each, 0)).toBeCloseTo(1, 12);
    expect(groups.map(({ causes: own }) => own.map(({ id }) => id).join())).toEqual(expect.arrayContaining(['sound', 'sunk']));
    expect(now).toBeCloseTo(2 * Math.LN2, 9);
  });
});

describe('what a look would tell', () => {
  const belief = believe(model, nothing);
  const lookout = lookoutOf(belief);
  const wood = model.finding('wood');

  // Mutual information of the answer and the cause, by its definition; both causes are each other's contrary here.
  it('of a check is the drop of doubt over its answers', () => {
    const entropy = (p: number) => -p * Math.log(p) - (1 - p) * Math.log(1 - p);
    const crushed = (0.9 + 0.05) / 2;
    const after = crushed * entropy(0.9 / 0.95) + (1 - crushed) * entropy(0.1 / 1.05);
    expect(weighFinding(belief, lookout, wood).gain).toBeCloseTo(2 * (Math.LN2 - after), 9);
  });

  it('of a station is more where the causes differ, and nought where they do not', () => {
    const [right, left] = [weighStation(belief, lookout, 'gap.right'), weighStation(belief, lookout, 'gap.left')];
    expect(right.gain).toBeGreaterThan(0.8);
    expect(left.gain).toBeCloseTo(0, 6);
    expect([right.differ(0, 1) > 1, left.differ(0, 1)]).toEqual([true, expect.closeTo(0, 9)]);
    expect(right.sdMm).toBeGreaterThan(left.sdMm);
  });

  // The definition, by the trapezoid rule over the figure: doubt now, less doubt after each figure by the chance of that figure.
  it('of a station is the drop of doubt over the figures it may show, for several causes and their forms', () => {
    const lifted = { ...sunkPeg, id: 'lifted', prior: 0.3, forms: [pegForm('much', 0.4, -3, 0.6), pegForm('little', 0.6, -1, 0.6)] };
    const kind = { ...HATCH, causes: [{ ...soundHatch, prior: 0.4 }, { ...sunkPeg, prior: 0.3 }, lifted] };
    const many = believe(modelOf(kind, hatch), nothing);
    const ahead = lookoutOf(many);
    const noise = 0.15 ** 2;
    const foretold = many.held.map((held) => expectUnder(many, held, 'gap.right'));
    const normal = (y: number, mean: number, v: number) => Math.exp(-((y - mean) ** 2) / (2 * v)) / Math.sqrt(2 * Math.PI * v);
    const step = 0.01;
    let after = 0;
    for (let y = -8; y < 14; y += step) {
      const joint = foretold.map(({ mean, variance }, h) => (ahead.weights[h] ?? 0) * normal(y, mean, variance + noise));
      const chance = joint.reduce((sum, each) => sum + each, 0);
      const groups = ahead.groups.map((_, g) => joint.reduce((sum, each, h) => sum + (ahead.groupOf[h] === g ? each : 0), 0));
      if (chance > 0) after += step * chance * ahead.doubt(groups.map((each) => each / chance));
    }
    const right = weighStation(many, ahead, 'gap.right');
    expect(right.gain).toBeGreaterThan(0.6);
    expect(Math.abs(right.gain - (ahead.now - after))).toBeLessThan(0.04);
    // By the law of total variance over what is held.
    const mean = foretold.reduce((sum, each, h) => sum + (ahead.weights[h] ?? 0) * each.mean, 0);
    const spread = foretold.reduce((sum, each, h) => sum + (ahead.weights[h] ?? 0) * (each.variance + noise + (each.mean - mean) ** 2), 0);
    expect(right.sdMm).toBeCloseTo(Math.sqrt(spread), 9);
    expect(right).toMatchObject({ kind: 'station', id: 'gap.right', title: 'Gap at the right peg', minutes: 0.2 });
    // Two causes are as far apart as their means, in the spread of both.
    const of = (id: string) => ahead.groups.findIndex(({ causes: own }) => own[0]?.id === id);
    const [sound, sunk] = ['sound', 'sunk'].map((id) => foretold[many.held.findIndex(({ hypothesis }) => hypothesis.causes[0]?.id === id)]);
    if (sound === undefined || sunk === undefined) throw new Error('both are held');
    const apart = (sunk.mean - sound.mean) ** 2 / (sunk.variance + sound.variance + 2 * noise);
    expect(right.differ(of('sound'), of('sunk'))).toBeCloseTo(apart, 6);
  });

  it('of a check sets two causes apart by how their answers differ', () => {
    const weighed = weighFinding(belief, lookout, wood);
    const places = ['sound', 'sunk'].map((id) => lookout.groups.findIndex(({ causes: own }) => own[0]?.id === id));
    const [a = NaN, b = NaN] = places;
    expect(weighed.differ(a, b)).toBeCloseTo(2 * (0.9 - 0.05), 9);
    expect([weighed.differ(a, a), weighed.kind, weighed.sdMm, weighed.title]).toEqual([0, 'finding', 0, wood.question]);
  });

  it('asks for no reading or check that has been taken', () => {
    const taken: Observations = { readings: [{ station: 'gap.right', mm: 3.4 }], findings: [{ finding: 'wood', answer: 'sound' }] };
    const ids = whatNext(model, taken).choices.map(({ id }) => id);
    expect(ids).not.toContain('gap.right');
    expect(ids).not.toContain('wood');
  });

  it('tells bits for minutes: the quicker of two equal looks first', () => {
    const slow = { ...wood, id: 'slow', minutes: 9 };
    const kind = {
      ...HATCH,
      findings: [slow, wood],
      stations: HATCH.stations.filter(({ id }) => id !== 'gap.right'),
      walk: ['gap.left'],
      signs: [],
    };
    const [first, ...rest] = whatNext(modelOf(kind, hatch), nothing).choices;
    expect(first?.id).toBe('wood');
    expect(rest.find(({ id }) => id === 'slow')?.bits).toBeCloseTo(first?.bits ?? NaN, 12);
  });

  it('once the cause is settled asks for the gap that is least known, and says how little', () => {
    const rough = { ...HATCH, spread: [{ why: 'rough', sd: 2, moves: { left: 1 } }, ...HATCH.spread.slice(1)] };
    const settled: Observations = { readings: [{ station: 'gap.right', mm: 7 }], findings: [{ finding: 'wood', answer: 'crushed' }] };
    const { enough, choices } = whatNext(modelOf(rough, hatch), settled);
    expect([enough, choices[0]?.id, choices[0]?.why]).toEqual([false, 'gap.left', 'known only to ±2.0 mm']);
    const left = { ...settled, readings: [...settled.readings, { station: 'gap.left', mm: 2 }] };
    expect(whatNext(modelOf(rough, hatch), left).enough).toBe(true);
  });
});

describe('a reading that does not fit', () => {
  const tied = modelOf(
    { ...HATCH, name: 'tied', spread: [{ why: 'one board', sd: 2, moves: { left: 1, right: 1 } }], causes: HATCH.causes.slice(0, 1) },
    hatch,
  );
  const observed = (right: number): Observations => ({
    readings: [
      { station: 'gap.left', mm: 3 },
      { station: 'gap.right', mm: right },
      { station: 'bolt', mm: 1 },
    ],
    findings: [],
  });

  it('is doubted from three standard deviations on, with what the rest say', () => {
    const fits = observed(3.2);
    expect(doubtfulReadings(fits, believe(tied, fits))).toEqual([]);
    const slip = observed(30);
    const [worst] = doubtfulReadings(slip, believe(tied, slip));
    expect(worst?.station).toBe('gap.right');
    expect(worst?.readMm).toBe(30);
    expect(worst?.expectedMm).toBeCloseTo(3, 0);
  });
});

describe('evidence', () => {
  it('is the log of how much likelier a thing is under a cause than under the others, weightiest first', () => {
    const observed: Observations = { readings: [{ station: 'gap.right', mm: 2 }], findings: [{ finding: 'wood', answer: 'crushed' }] };
    const { for: speaks = [], against = [] } = weighEvidence(believe(model, observed)).get('sunk') ?? {};
    const wood = [...speaks, ...against].find(({ kind }) => kind === 'finding');
    expect(wood?.weight).toBeCloseTo(Math.log(0.9 / 0.05), 9);
    expect([wood?.strength, wood?.says]).toEqual(['strong', 'the wood is crushed']);
    expect(speaks.every(({ weight }) => weight > 0)).toBe(true);
    expect(against.every(({ weight }) => weight < 0)).toBe(true);
  });

  it('of a rub is told as a rub, and of nothing is none', () => {
    const rub: Observations = { readings: [{ station: 'gap.right', rubs: true }], findings: [] };
    const { for: speaks = [], against = [] } = weighEvidence(believe(model, rub)).get('sunk') ?? {};
    expect([...speaks, ...against].map(({ kind, says }) => [kind, says])).toEqual([['rub', 'gap at the right peg: rubs']]);
    expect(weighEvidence(believe(model, nothing)).get('sunk')).toEqual({ for: [], against: [] });
  });
});
