import { believe } from '../inference/believe';
import { doubtfulReadings } from '../inference/doubtful';
import { oddOnEdge } from '../inference/oddOnEdge';
import { EXAMPLE_DOOR, readingsOf } from './exampleDoor';
import { hingedModel } from './hingedDoors';

const model = hingedModel(EXAMPLE_DOOR);
const GAPS = {
  ...{ 'hinge.top': 4.8, 'hinge.mid': 3, 'hinge.bottom': 1.8, 'head.hinge': 3, 'head.mid': 4, 'head.latch': 5 },
  ...{ 'latch.top': 'rubs' as const, 'latch.mid': 2.6, 'latch.bottom': 4.6 },
};
const seen = (more: Partial<typeof GAPS>) => ({ readings: readingsOf({ ...GAPS, ...more }), findings: [] });
const odd = (observed: ReturnType<typeof seen>, fromSd = 2) =>
  oddOnEdge(observed, believe(model, observed), fromSd).map(({ station }) => station);

describe('a gap off the line of its edge', () => {
  it('is held against a belief that never saw it: a bowed leg that it alone speaks for does not speak for it', () => {
    const slip = seen({ 'hinge.mid': 7.4 });
    expect(odd(slip)).toEqual(['hinge.mid']);
    // Held against the belief that it has made, it fits.
    expect(doubtfulReadings(slip, believe(model, slip)).map(({ station }) => station)).not.toContain('hinge.mid');
    const [named] = oddOnEdge(slip, believe(model, slip), 2);
    expect(named?.expectedMm).toBeGreaterThan(2.5);
    expect(named?.expectedMm).toBeLessThan(4.5);
  });

  it('is not named where it lies on the line, where other figures foretell it, or where it was read again', () => {
    expect(odd(seen({}))).toEqual([]);
    expect(odd(seen({ 'hinge.mid': 7.4 }), 99)).toEqual([]);
    const bowed = seen({ 'hinge.mid': 6.5 });
    expect(odd({ ...bowed, readings: [...bowed.readings, ...readingsOf({ 'straight.hinge': -4 })] })).toEqual([]);
    const sure = seen({ 'hinge.mid': 7.4 });
    expect(odd({ ...sure, readings: sure.readings.map((each) => ({ ...each, again: true as const })) })).toEqual([]);
  });
});
