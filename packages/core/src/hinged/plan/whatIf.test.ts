import fc from 'fast-check';
import { EXAMPLE_DOOR } from '../exampleDoor';
import { WALKING_ORDER, type StationId } from '../geometry/stations';
import { tryOut, type Setting } from './whatIf';

const door = EXAMPLE_DOOR;
const EVEN = new Map<StationId, number>(WALKING_ORDER.map((id) => [id, id.startsWith('hinge') ? 2 : id.startsWith('foot') ? 8 : 3]));
const nothing: Setting = { hinges: [], lowerMm: 0, planed: [] };
const mm = (id: StationId, setting: Setting) => tryOut(door, EVEN, setting).gaps.find((gap) => gap.station === id)?.afterMm ?? NaN;

describe('trying a setting', () => {
  it('changes nothing when nothing is set', () => {
    const { gaps, uneven, misfit } = tryOut(door, EVEN, nothing);
    for (const { beforeMm, afterMm, verdict } of gaps) {
      expect(afterMm).toBe(beforeMm);
      expect(verdict).toBe('right');
    }
    expect([uneven, misfit]).toEqual([[], []]);
  });

  it('all hinges alike move the slab across; letting down moves it down', () => {
    const all = { ...nothing, hinges: (['top', 'middle', 'bottom'] as const).map((hinge) => ({ hinge, mm: 1 })) };
    expect(mm('hinge.mid', all)).toBeCloseTo(3, 9);
    expect(mm('latch.top', all)).toBeCloseTo(2, 9);
    expect(mm('head.latch', all)).toBeCloseTo(3, 9);
    expect(mm('head.latch', { ...nothing, lowerMm: 1 })).toBeCloseTo(4, 9);
    expect(mm('foot.mid', { ...nothing, lowerMm: 1 })).toBeCloseTo(7, 9);
  });

  it('marks what breaks its limits, what is uneven and what binds', () => {
    const { gaps, uneven, misfit } = tryOut(door, EVEN, { ...nothing, hinges: [{ hinge: 'middle', mm: 3 }] });
    expect(gaps.find(({ station }) => station === 'latch.mid')?.verdict).not.toBe('rub');
    expect(misfit.map(({ hinge }) => hinge)).toContain('middle');
    expect(tryOut(door, EVEN, { ...nothing, hinges: [{ hinge: 'bottom', mm: 2 }] }).uneven.map(({ edge }) => edge)).toContain('latch');
    expect(uneven.every(({ mm: by }) => by > 0)).toBe(true);
  });

  it('a setting and its opposite leave every gap where it was', () => {
    fc.assert(
      fc.property(fc.double({ min: -4, max: 4, noNaN: true }), fc.double({ min: -4, max: 4, noNaN: true }), (top, bottom) => {
        const there = tryOut(door, EVEN, {
          ...nothing,
          hinges: [
            { hinge: 'top', mm: top },
            { hinge: 'bottom', mm: bottom },
          ],
        });
        const back = tryOut(door, new Map(there.gaps.map((gap) => [gap.station, gap.afterMm])), {
          ...nothing,
          hinges: [
            { hinge: 'top', mm: -top },
            { hinge: 'bottom', mm: -bottom },
          ],
        });
        for (const { station, afterMm } of back.gaps) expect(afterMm).toBeCloseTo(EVEN.get(station) ?? NaN, 9);
      }),
    );
  });
});
