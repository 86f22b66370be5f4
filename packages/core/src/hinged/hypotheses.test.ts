import { believe } from '../inference/believe';
import { expectAt, suppositionChances } from '../inference/expectation';
import { filterFigures, magnitudesOf, stateUnder } from '../inference/filterFigures';
import { expectBeforehand, faultSpace, suppositionKey, type Hypothesis } from '../inference/hypotheses';
import { linearReadings } from '../inference/linearReadings';
import { addSpread, copyGaussian, project, takeReading, widened, type Gaussian } from '../numbers/gaussian';
import { EXAMPLE_DOOR, readingsOf, SAGGING_READINGS } from './exampleDoor';
import { STATION_IDS, type StationId } from './geometry/stations';
import { hingedModel } from './hingedDoors';

const door = EXAMPLE_DOOR;
const model = hingedModel(door);
const space = faultSpace(model);
const { size: STATE_SIZE } = model.layout;

function suppose(...ids: string[]): Hypothesis {
  const found = space.hypotheses.find((hypothesis) => suppositionKey(hypothesis) === ids.join());
  if (found === undefined) throw new Error(`no ${ids.join()}`);
  return found;
}

const meanAt = (hypothesis: Hypothesis, id: StationId) => {
  const row = model.row(id);
  return expectBeforehand(space, hypothesis, row, project(model.sound, row)).mean;
};

/** The prior of a hypothesis written out in full, the long way round. */
function fullPrior({ directions, spread }: Hypothesis): Gaussian {
  const size = STATE_SIZE + directions.length;
  const prior = { mean: new Float64Array(size), cov: new Float64Array(size * size) };
  prior.mean.set(model.sound.mean);
  for (let i = 0; i < STATE_SIZE; i += 1) prior.cov.set(model.sound.cov.subarray(i * STATE_SIZE, (i + 1) * STATE_SIZE), i * size);
  directions.forEach((place, a) => {
    const direction = space.directions[place];
    if (direction === undefined) return;
    const along = new Float64Array(size);
    along.set(direction.along);
    along[STATE_SIZE + a] = 1;
    along.forEach((share, i) => {
      prior.mean[i] = (prior.mean[i] ?? 0) + share * direction.mean;
    });
    addSpread(prior.cov, along, (direction.sd * spread) ** 2);
  });
  return prior;
}

describe('suppositions', () => {
  it('chances beforehand sum to one, and no two causes of one part are supposed together, but for screws and knuckles of a hinge', () => {
    expect(space.hypotheses.reduce((sum, { logPrior }) => sum + Math.exp(logPrior), 0)).toBeCloseTo(1, 9);
    for (const { causes } of space.hypotheses) {
      expect(new Set(causes.map(({ part, piece = '' }) => `${part} ${piece}`)).size).toBe(causes.length);
      const alike = causes.filter(({ part }) => part === causes[0]?.part);
      if (alike.length > 1) expect(alike.map(({ piece }) => piece)).toEqual(['screws', 'knuckles']);
    }
    expect(space.hypotheses.length).toBeGreaterThan(300);
  });

  it('a door on screwed hinges is never supposed to have its adjusters out', () => {
    expect(space.hypotheses.some((h) => suppositionKey(h).includes('adjusters'))).toBe(false);
    const adjustable = faultSpace(hingedModel({ ...door, hingeKind: 'adjustable', slabKind: 'composite', profile: 'compositeMultipoint' }));
    expect(adjustable.hypotheses.some((h) => suppositionKey(h) === 'adjustersHeight')).toBe(true);
    expect(adjustable.hypotheses.some((h) => suppositionKey(h).includes('swollenSlab'))).toBe(false);
  });

  it('a loose top hinge opens the gap there and closes the latch gap at the top', () => {
    const [sound, loose] = [suppose('nothingWrong'), suppose('looseTopScrews')];
    expect(meanAt(loose, 'hinge.top') - meanAt(sound, 'hinge.top')).toBeCloseTo(2.8, 0);
    expect(Math.abs(meanAt(loose, 'hinge.bottom') - meanAt(sound, 'hinge.bottom'))).toBeLessThan(0.4);
    expect(meanAt(loose, 'latch.top')).toBeLessThan(meanAt(sound, 'latch.top') - 2);
  });

  it('two causes at once add up', () => {
    expect(meanAt(suppose('looseTopScrews', 'swollenSlab'), 'latch.mid')).toBeCloseTo(
      meanAt(suppose('looseTopScrews'), 'latch.mid') - 3,
      9,
    );
  });

  it('one filter for all gives what each hypothesis’ own gives: belief and chance of the figures', () => {
    const figures = [...SAGGING_READINGS, ...readingsOf({ 'plumb.hinge': 2, 'bolt.low': 3, 'foot.swing': 4 })].filter((r) => 'mm' in r);
    const readings = linearReadings(model, figures);
    const filtered = filterFigures(model.sound, space, readings);
    for (const hypothesis of [
      suppose('nothingWrong'),
      suppose('wornPins'),
      suppose('frameRacked'),
      suppose('looseTopScrews', 'slabOversize'),
    ]) {
      const own = copyGaussian(fullPrior(hypothesis));
      const logEvidence = readings.reduce((sum, { row, mm = 0, variance }) => {
        const longer = { coefficients: widened(row.coefficients, own.mean.length), offset: row.offset };
        return sum + takeReading(own, longer, mm, variance);
      }, 0);
      const magnitudes = magnitudesOf(space, filtered, hypothesis);
      expect(magnitudes.logEvidence).toBeCloseTo(logEvidence, 6);
      const state = stateUnder(filtered, hypothesis, magnitudes);
      state.mean.forEach((mean, i) => expect(mean).toBeCloseTo(own.mean[i] ?? NaN, 6));
      state.cov.forEach((cov, i) => expect(cov).toBeCloseTo(own.cov[i] ?? NaN, 6));
    }
  });

  it('within a supposition, a figure never makes any other figure less sure', () => {
    // Figures only: a rub is a cut-off, and how much it tells depends on where the figures put it.
    const figures = [...SAGGING_READINGS, ...readingsOf({ 'plumb.hinge': 2, 'bolt.low': 3 })].filter((r) => 'mm' in r);
    const under = (n: number, hypothesis: Hypothesis) => {
      const filtered = filterFigures(model.sound, space, linearReadings(model, figures.slice(0, n)));
      return stateUnder(filtered, hypothesis, magnitudesOf(space, filtered, hypothesis));
    };
    for (const hypothesis of [suppose('looseTopScrews'), suppose('latchLegOut'), suppose('nothingWrong')]) {
      for (let n = 1; n <= figures.length; n += 1) {
        const [before, after] = [under(n - 1, hypothesis), under(n, hypothesis)];
        for (const id of STATION_IDS) {
          const row = model.row(id, after.mean.length);
          expect(project(after, row).variance).toBeLessThanOrEqual(project(before, row).variance + 1e-9);
        }
      }
    }
  });

  it('a measured gap is believed to about the gauge’s own error', () => {
    const belief = believe(model, { readings: readingsOf({ 'hinge.top': 4.8 }), findings: [] });
    const { mean, variance } = expectAt(belief, 'hinge.top');
    expect(Math.abs(mean - 4.8)).toBeLessThan(0.2);
    expect(Math.sqrt(variance)).toBeLessThan(0.2);
  });

  it('chances afterwards sum to one, by hypothesis and by supposition', () => {
    const belief = believe(model, { readings: SAGGING_READINGS, findings: [{ finding: 'liftPlay', answer: 'some' }] });
    expect(belief.chances.reduce((sum, chance) => sum + chance, 0)).toBeCloseTo(1, 9);
    expect(suppositionChances(belief).reduce((sum, { probability }) => sum + probability, 0)).toBeCloseTo(1, 9);
    expect(belief.held.reduce((sum, { probability }) => sum + probability, 0)).toBeCloseTo(1, 9);
  });
});
