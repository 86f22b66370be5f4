import { project, type Gaussian } from '../algebra/gaussian';
import { believe, expectAt } from './belief';
import { EXAMPLE_DOOR, readingsOf, SAGGING_READINGS } from './exampleDoor';
import { suppose } from './hypotheses';
import { stationRow, STATION_IDS } from './stations';

const door = EXAMPLE_DOOR;
const meanAt = (g: Gaussian, id: (typeof STATION_IDS)[number]) => project(g, stationRow(id, door, g.mean.length)).mean;

describe('suppositions', () => {
  it('a loose top hinge opens the gap there and leaves the bottom hinge where it was', () => {
    const sound = suppose(door, ['nothingWrong'], 0).prior;
    const loose = suppose(door, ['looseTopScrews'], 0).prior;
    const shift = (f: number) => {
      const r = stationRow('hinge.mid', door, loose.mean.length);
      const turned = (loose.mean[2] ?? 0) * (door.slabHeightMm / door.slabWidthMm) * (0.5 - f);
      return project(loose, r).mean - project(sound, stationRow('hinge.mid', door, sound.mean.length)).mean + turned;
    };
    const [top = 0, , bottom = 0] = door.hingeHeightsMm;
    expect(shift(bottom / door.slabHeightMm)).toBeCloseTo(0, 9);
    expect(shift(top / door.slabHeightMm)).toBeCloseTo(3.2, 9);
    expect(meanAt(loose, 'latch.top')).toBeLessThan(meanAt(sound, 'latch.top') - 2);
  });

  it('two causes at once add up', () => {
    const both = suppose(door, ['looseTopScrews', 'swollenSlab'], 0);
    expect(both.size).toBe(18);
    const loose = suppose(door, ['looseTopScrews'], 0).prior;
    expect(meanAt(both.prior, 'latch.mid')).toBeCloseTo(meanAt(loose, 'latch.mid') - 3, 9);
  });

  it('within a supposition, a figure never makes any other figure less sure', () => {
    // Figures only: a rub is a cut-off, and how much it tells depends on where the figures put it.
    const readings = [...SAGGING_READINGS, ...readingsOf({ 'plumb.hinge': 2, 'bolt.low': 3 })].filter((r) => 'mm' in r);
    for (let n = 1; n <= readings.length; n += 1) {
      const before = believe({ door, readings: readings.slice(0, n - 1), findings: [] });
      const after = believe({ door, readings: readings.slice(0, n), findings: [] });
      for (const held of after.held) {
        const was = before.held.find((h) => h.hypothesis.causes[0]?.id === held.hypothesis.causes[0]?.id);
        if (was === undefined) throw new Error('a supposition went missing');
        for (const id of STATION_IDS) {
          const row = stationRow(id, door, held.hypothesis.size);
          expect(project(held.posterior, row).variance).toBeLessThanOrEqual(project(was.posterior, row).variance + 1e-9);
        }
      }
    }
  });

  it('a measured gap is believed to about the gauge’s own error', () => {
    const belief = believe({ door, readings: readingsOf({ 'hinge.top': 4.8 }), findings: [] });
    const { mean, variance } = expectAt(belief, 'hinge.top');
    expect(Math.abs(mean - 4.8)).toBeLessThan(0.2);
    expect(Math.sqrt(variance)).toBeLessThan(0.36);
  });
});
