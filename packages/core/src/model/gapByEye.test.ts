import { seededRandom } from '../numbers/seededRandom';
import { readingVariance } from '../inference/linearReadings';
import { profileOf } from '../hinged/card/door';
import { EXAMPLE_DOOR as door } from '../hinged/exampleDoor';
import { hingedModel } from '../hinged/hingedDoors';
import { GAPS_BY_EYE, gapByEye, type GapByEye } from './gapByEye';

describe('a gap by eye', () => {
  it('is a figure inside what the word means', () => {
    const { min, max } = profileOf(door).edges.latch;
    expect(gapByEye(hingedModel(door), 'latch.mid', 'tight').mm).toBeLessThan(min);
    expect(gapByEye(hingedModel(door), 'latch.mid', 'ok')).toEqual({ mm: (min + max) / 2, stepMm: max - min });
    expect(gapByEye(hingedModel(door), 'latch.mid', 'wide').mm).toBeGreaterThan(max);
    expect(() => gapByEye(hingedModel(door), 'plumb.hinge', 'ok')).toThrow('no gap');
  });

  // Independent computation: people who call 100,000 gaps tight, ok or wide by soft limits of 0.7 mm.
  it.each(GAPS_BY_EYE)('%s is told with no less doubt than those who say it have', (seen: GapByEye) => {
    const { min, max } = profileOf(door).edges.latch;
    const { uniform, normal } = seededRandom(7);
    const gapsCalled = Array.from({ length: 100_000 }, () => 6 * uniform())
      .map((mm) => ({ mm, looks: mm + 0.7 * normal() }))
      .filter(({ looks }) => (looks < min ? 'tight' : looks > max ? 'wide' : 'ok') === seen)
      .map(({ mm }) => mm);
    const mean = gapsCalled.reduce((sum, mm) => sum + mm, 0) / gapsCalled.length;
    const sd = Math.sqrt(gapsCalled.reduce((sum, mm) => sum + (mm - mean) ** 2, 0) / gapsCalled.length);
    const { mm, stepMm } = gapByEye(hingedModel(door), 'latch.mid', seen);
    const told = Math.sqrt(readingVariance(hingedModel(door), { station: 'latch.mid', instrument: 'eye', stepMm }));
    expect(Math.abs(mm - mean)).toBeLessThan(told);
    expect(told).toBeGreaterThan(sd);
    expect(told).toBeLessThan(2.5 * sd);
  });
});
