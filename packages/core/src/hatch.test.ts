import { HATCH, hatch } from './hatch.fixture';
import { believe } from './inference/believe';
import { diagnose, estimate } from './inference/diagnose';
import { causeChances } from './inference/expectation';
import { whatNext } from './inference/nextBest';
import type { Observations } from './inference/observed';
import { readingVariance } from './inference/linearReadings';
import { modelOf } from './model/doorModel';
import { planFor } from './planning/planCorrections';

const sunk: Observations = {
  readings: [
    { station: 'gap.left', mm: 2 },
    { station: 'gap.right', mm: 5.1 },
  ],
  findings: [],
};
const plan = (observed: Observations, card = hatch) => planFor(observed, believe(modelOf(HATCH, card), observed));
const sunkChance = (observed: Observations) =>
  causeChances(believe(modelOf(HATCH, hatch), observed)).find(({ id }) => id === 'sunk')?.probability ?? NaN;

describe('a kind of door that is tables alone', () => {
  it('is diagnosed: a wide gap at the right peg is a sunk peg, with the evidence in the words of its own signs', () => {
    const { causes, expected } = diagnose(modelOf(HATCH, hatch), sunk);
    expect(causes[0]?.id).toBe('sunk');
    expect(causes[0]?.probability).toBeGreaterThan(0.9);
    expect(causes[0]?.for.map(({ says }) => says)).toContain('rim wider at the right peg');
    expect(expected.find(({ station }) => station === 'gap.right')?.meanMm).toBeCloseTo(5.1, 1);
  });

  // Bayes' rule worked by hand: a prior of one to one, and 90 against 5 in a hundred answers "crushed".
  it('weighs an answer by Bayes’ rule', () => {
    expect(sunkChance({ readings: [], findings: [{ finding: 'wood', answer: 'crushed' }] })).toBeCloseTo(90 / 95, 9);
    expect(sunkChance({ readings: [], findings: [{ finding: 'wood', answer: 'sound' }] })).toBeCloseTo(10 / 105, 9);
  });

  it('asks for what tells most, and stops when it is settled and all is gauged', () => {
    const first = whatNext(modelOf(HATCH, hatch), { readings: [], findings: [] });
    expect(first.enough).toBe(false);
    expect(['gap.right', 'wood']).toContain(first.choices[0]?.id);
    expect(first.choices[0]?.why).toMatch(/^tells a (sunk peg from a sound hatch|sound hatch from a sunk peg)$/);
    expect(whatNext(modelOf(HATCH, hatch), { ...sunk, findings: [{ finding: 'wood', answer: 'crushed' }] }).enough).toBe(true);
  });

  it('is planned: three cards under the right peg, and the reading that its tables ask for afterwards', () => {
    const { outcome, plans } = plan(sunk);
    expect(outcome).toBe('cures');
    expect(plans[0]?.steps).toMatchObject([
      { action: 'packPeg', place: 'rightPeg', amount: 3, recheck: ['gap.right'], lookAgain: ['wood'], cautions: ['Mind your head.'] },
    ]);
    expect(plans[0]?.minutes).toBe(4 + 2);
  });

  it('learns what a card does there', () => {
    const halfAsMuch: Observations = {
      ...sunk,
      rounds: [{ done: [{ action: 'packPeg', place: 'rightPeg', amount: 3 }], readings: [{ station: 'gap.right', mm: 3.6 }] }],
    };
    const { learned } = believe(modelOf(HATCH, hatch), halfAsMuch);
    expect(learned.get('packPeg')).toBeLessThan(0.97);
    expect(learned.get('packPeg')).toBeGreaterThanOrEqual(0.5);
  });

  it('rules out what is not for this card, and says so in the words of its tables', () => {
    const { outcome, ruledOut, advice } = plan(sunk, { ...hatch, pegged: false });
    expect(outcome).toBe('falls short');
    expect(ruledOut).toEqual([{ action: 'packPeg', title: 'Pack the peg', why: 'This hatch has no pegs.' }]);
    expect(advice).toContain('Pegs cannot make this hatch lie flush.');
  });

  it('measures first where nothing is known, and names what a table lacks', () => {
    const wide = { ...HATCH, name: 'rough hatch', spread: [{ why: 'rough', sd: 3, moves: { left: 1, right: 1 } }] };
    const model = modelOf(wide, hatch);
    const nothing: Observations = { readings: [], findings: [] };
    expect(planFor(nothing, believe(model, nothing)).outcome).toBe('measure first');
    expect(() => estimate(model, { readings: [{ station: 'gap.top', mm: 1 }], findings: [] })).toThrow('There is no station "gap.top".');
    expect(() => modelOf({ ...HATCH, sound: { left: 'roof' } }, hatch)).toThrow('no figure "roof"');
    expect(() => modelOf({ ...HATCH, sound: { middle: 1 } }, hatch)).toThrow('no parameter "middle"');
  });

  it('a figure read to a coarse step is known less well, by a twelfth of the step’s square', () => {
    const model = modelOf(HATCH, hatch);
    const fine = readingVariance(model, { station: 'gap.left' });
    expect(readingVariance(model, { station: 'gap.left', stepMm: 1.5 }) - fine).toBeCloseTo(1.5 ** 2 / 12, 12);
    // Sixteenths of an inch, rounded to the nearest, err by that on the whole (counted).
    const step = 25.4 / 16;
    let squares = 0;
    for (let n = 0; n < 4000; n += 1) squares += (Math.round((n * 0.0173) / step) * step - n * 0.0173) ** 2 / 4000;
    expect(squares).toBeCloseTo(step ** 2 / 12, 2);
  });
});
