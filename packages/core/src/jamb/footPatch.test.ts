import Flatten from '@flatten-js/core';
import { seededRandom } from '../numbers/seededRandom';
import { patchFoot, UNDERCUT_MM, type FootToPatch } from './footPatch';

const IN = 25.4;
const foot: FootToPatch = {
  ...{ softTopMm: 9 * IN, jambThicknessMm: 1.25 * IN, stockThicknessMm: IN, partWidthMm: 70, pitchDegrees: 5, measuredAt: 'inner' },
  ...{ footGapMm: 0, tongueMm: IN / 4, slotMm: IN / 8, rebateMm: IN / 2, bradMm: 2 * IN },
};

describe('a patch for a rotten foot', () => {
  it('common practice, no source: cut 16 in up, packers 1-1/4 − 1 = 1/4 in, tongue 3/8 cut for 1/4 wanted, undercut 1/8', () => {
    const patch = patchFoot(foot);
    expect(patch.cutHeightMm).toBeCloseTo(16 * IN, -1);
    expect(patch.cutHeightMm).toBeGreaterThanOrEqual(16 * IN);
    expect(patch.packMm).toBeCloseTo(IN / 4, 9);
    expect(patch.rebate.tongueCutMm).toBeCloseTo((3 / 8) * IN, 9);
    expect(UNDERCUT_MM).toBeCloseTo(IN / 8, 9);
    expect(patch.bradsMm).toHaveLength(4);
    // Two inches go through an inch and a quarter and three quarters into the framing.
    expect(patch.brad.isLongEnough).toBe(true);
  });

  it('in inches it is cut at half an inch: 16 in and no more', () => {
    expect(patchFoot({ ...foot, roundToMm: IN / 2 }).cutHeightMm).toBeCloseTo(16 * IN, 9);
    expect(patchFoot({ ...foot, roundToMm: IN / 2, softTopMm: 14.2 * IN }).cutHeightMm).toBeCloseTo(16.5 * IN, 9);
  });

  it('is cut above all soft wood with sound wood beyond, and says when that is no foot any more', () => {
    expect(patchFoot({ ...foot, softTopMm: 20 * IN }).cutHeightMm).toBeGreaterThanOrEqual(22 * IN);
    expect(patchFoot({ ...foot, softTopMm: 20 * IN, cutHeightMm: 16 * IN }).isAboveSoft).toBe(false);
    expect(patchFoot({ ...foot, softTopMm: 29 * IN }).isTall).toBe(true);
    expect(patchFoot(foot)).toMatchObject({ isAboveSoft: true, isTall: false });
  });

  it('stands with its foot along the threshold and its room under it, wherever the height is measured (flatten-js)', () => {
    const random = seededRandom(7);
    for (let round = 0; round < 300; round += 1) {
      const given: FootToPatch = {
        ...foot,
        ...{ partWidthMm: 20 + 160 * random.uniform(), pitchDegrees: 15 * random.uniform(), footGapMm: 6 * random.uniform() },
        ...{ measuredAt: random.uniform() < 0.5 ? 'inner' : 'outer', cutHeightMm: 300 + 300 * random.uniform() },
      };
      const patch = patchFoot(given);
      // The sill falls from the inner edge outward; the old cut is level.
      const fall = (given.pitchDegrees * Math.PI) / 180;
      const sill = new Flatten.Line(new Flatten.Point(0, 0), new Flatten.Point(Math.cos(fall), -Math.sin(fall)));
      const drop = (x: number) => -x * Math.tan(fall);
      const level = (given.cutHeightMm ?? 0) + (given.measuredAt === 'outer' ? drop(given.partWidthMm) : 0);
      const feet = [
        [0, patch.shortPointMm],
        [given.partWidthMm, patch.longPointMm],
      ] as const;
      for (const [x, long] of feet) {
        const [distance] = new Flatten.Point(x, level - long).distanceTo(sill);
        expect(distance).toBeCloseTo(given.footGapMm, 6);
      }
    }
  });

  it('windows are no farther apart than 200 mm, packers none where stock is as thick, thicker stock is planed', () => {
    const { windowsMm } = patchFoot(foot);
    for (const [i, at] of windowsMm.slice(1).entries()) expect(at - (windowsMm[i] ?? 0)).toBeLessThanOrEqual(200);
    expect(patchFoot({ ...foot, stockThicknessMm: foot.jambThicknessMm })).toMatchObject({ packMm: 0, planeMm: 0 });
    expect(patchFoot({ ...foot, stockThicknessMm: foot.jambThicknessMm + 2 })).toMatchObject({ packMm: 0, planeMm: 2 });
  });

  it('a brad that does not reach the framing, or reaches what lies behind, is refused', () => {
    expect(patchFoot({ ...foot, bradMm: 1.5 * IN }).brad.isLongEnough).toBe(false);
    expect(patchFoot({ ...foot, behindMm: 45 }).brad.isLongEnough).toBe(false);
  });

  it('no patch is left of a cut that is too low', () => {
    expect(() => patchFoot({ ...foot, cutHeightMm: 100, partWidthMm: 200, pitchDegrees: 30, measuredAt: 'outer' })).toThrow('too short');
  });
});
