import { seededRandom } from '../../numbers/seededRandom';
import { axisTilt, riseAt, toRadians } from '../../swing/axisTilt';
import { clearFloor, type FloorArc } from './floorArc';
import { axisOf, onClosedDoor, turned } from '../../swing/turnedPoint.fixture';

const random = seededRandom(12);
const between = (from: number, to: number) => from + (to - from) * random.uniform();

const LEVEL: FloorArc = {
  slabWidthMm: 800,
  closedGapMm: 6,
  alongMm: 0,
  acrossMm: 0,
  leanOverMm: 2000,
  opensToDeg: 90,
  readings: [],
  wantedMm: 3,
};

describe('the latch corner over the floor', () => {
  it('rises on a leaning axis as the point turned by Rodrigues’ formula does, for 500 random doors, within 0.01 mm', () => {
    let worst = 0;
    for (let i = 0; i < 500; i += 1) {
      const lean = { alongMm: between(-15, 15), acrossMm: between(-15, 15), overMm: between(1900, 2400) };
      const [x, z, angle] = [between(400, 1200), between(-60, 0), toRadians(between(0, 180))];
      const axis = axisOf(lean.alongMm, lean.acrossMm, lean.overMm);
      const point = onClosedDoor(x, z, axis);
      const rise = turned(point, axis, angle)[1] - point[1];
      worst = Math.max(worst, Math.abs(riseAt(axisTilt(lean), x, z, angle) - rise));
    }
    expect(worst).toBeLessThan(0.01);
  });

  it('on a plumb axis the gap is the closed gap less the rise of the floor', () => {
    const { leastGapMm, leastAtDeg, shortMm, dragsFromDeg } = clearFloor({
      ...LEVEL,
      readings: [
        { atDeg: 45, floorMm: 5 },
        { atDeg: 90, floorMm: 2 },
      ],
    });
    expect(leastGapMm).toBeCloseTo(1, 9);
    expect(leastAtDeg).toBe(45);
    expect(shortMm).toBeCloseTo(2, 9);
    expect(dragsFromDeg).toBe(30);
  });

  it('a gap read at an angle stands for the floor there, whatever the lean', () => {
    const { arc } = clearFloor({ ...LEVEL, acrossMm: 8, alongMm: -4, readings: [{ atDeg: 60, gapMm: 1.2 }] });
    expect(arc.find(({ atDeg }) => atDeg === 60)?.gapMm).toBeCloseTo(1.2, 9);
  });

  it('raises within the head gap and cuts only the rest', () => {
    const short = { ...LEVEL, readings: [{ atDeg: 50, floorMm: 9 }], headGapMm: 5, leastHeadGapMm: 2 };
    expect(clearFloor(short)).toMatchObject({ shortMm: 6, raiseMm: 3, cutMm: 3 });
    expect(clearFloor({ ...short, headGapMm: 12 })).toMatchObject({ raiseMm: 6, cutMm: 0 });
  });

  it('a rug counts only where it lies', () => {
    const rug = clearFloor({ ...LEVEL, cover: { thicknessMm: 8, fromDeg: 40, toDeg: 90 } });
    expect(rug.dragsFromDeg).toBe(40);
    expect(rug.leastGapMm).toBeCloseTo(-2, 9);
  });

  it('says how much of it the lean makes', () => {
    const leaning = clearFloor({ ...LEVEL, acrossMm: 10, wantedMm: 5 });
    // 800 mm at 10 mm in 2000: at 90° the corner has come down by 4 mm.
    expect(leaning.byLeanMm).toBeCloseTo(4, 2);
    expect(leaning.leastAtDeg).toBe(90);
  });

  it('a higher floor, a thicker rug or a lower door never gives more room; raise and cut make up what is short', () => {
    for (let i = 0; i < 200; i += 1) {
      const door: FloorArc = {
        ...LEVEL,
        alongMm: between(-6, 6),
        acrossMm: between(-8, 8),
        readings: [20, 45, 70].map((atDeg) => ({ atDeg, floorMm: between(-2, 8) })),
        headGapMm: between(1, 6),
        leastHeadGapMm: 2,
      };
      const { leastGapMm, shortMm, raiseMm, cutMm } = clearFloor(door);
      expect(raiseMm + cutMm).toBeCloseTo(shortMm, 9);
      const higher = door.readings.map((reading) => ('floorMm' in reading ? { ...reading, floorMm: reading.floorMm + 1 } : reading));
      expect(clearFloor({ ...door, readings: higher }).leastGapMm).toBeLessThanOrEqual(leastGapMm + 1e-9);
      expect(clearFloor({ ...door, cover: { thicknessMm: 5, fromDeg: 0, toDeg: 90 } }).leastGapMm).toBeCloseTo(leastGapMm - 5, 9);
      // Won as it says, it clears by just what was wanted.
      expect(clearFloor({ ...door, closedGapMm: door.closedGapMm + shortMm }).leastGapMm).toBeGreaterThanOrEqual(
        Math.min(3, leastGapMm + shortMm) - 1e-9,
      );
    }
  });

  it('refuses a reading outside the swing at its field', () => {
    expect(() => clearFloor({ ...LEVEL, readings: [{ atDeg: 120, gapMm: 4 }] })).toThrow('between 0° and 90°');
  });
});
