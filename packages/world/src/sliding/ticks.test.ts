import { seededRandom } from '@proper-swing/core';
import { findTicks } from '@proper-swing/core/sheets';
import { byNaiveRule, byPeriodogram, periodogram } from './tickRules';
import { drawTicks } from './tickPasses';

const drawn = (isHard: boolean, count: number) => Array.from({ length: count }, (_, n) => drawTicks(seededRandom(900 + n), isHard));

describe('the tick finder on made-up panels', () => {
  it('is right of the plain ones whenever it tells, and seldom cannot', () => {
    const found = drawn(false, 40).map(({ truth, heard }) => ({ truth, verdict: findTicks(heard).verdict }));
    const told = found.filter(({ verdict }) => verdict !== 'cannotTell' && verdict !== 'nothing');
    expect(told.filter(({ truth, verdict }) => truth !== verdict)).toEqual([]);
    expect(told.length).toBeGreaterThan(34);
  });

  it('finds the spacing that a general library’s periodogram finds', () => {
    const wheels = drawn(false, 60).filter(({ truth }) => truth === 'wheel');
    const near = wheels.filter(({ heard, turnsMm: [turn = 0] }) => {
      const [ours] = findTicks(heard).wheels;
      const peak = periodogram(heard).reduce((most, each) => (each.power > most.power ? each : most));
      const isPeakRight = Math.abs(peak.turnMm / turn - 1) < 0.08;
      return !isPeakRight || (ours !== undefined && Math.abs(ours.turnMm / peak.turnMm - 1) < 0.1);
    });
    expect(near).toHaveLength(wheels.length);
  });

  it('is right more often than periodogram or rule of thumb where it is hard', () => {
    const hard = drawn(true, 60).filter(({ truth }) => truth === 'track' || truth === 'wheel');
    const right = (rule: (heard: (typeof hard)[number]['heard']) => string) =>
      hard.filter(({ truth, heard }) => rule(heard) === truth).length;
    const ours = right((heard) => {
      const { chances } = findTicks(heard);
      return chances.track > chances.wheel + chances.twoWheels ? 'track' : 'wheel';
    });
    expect(ours).toBeGreaterThanOrEqual(right(byPeriodogram));
    expect(ours).toBeGreaterThan(right(byNaiveRule));
  });
});
