import { seededRandom } from '@proper-swing/core';
import { makeSoundSliding, SLIDING_OWN, type SlidingTraits } from './makeSliding';
import { OWN_GAP_MM } from './poseOfLeaves';
import { errorsOf, rmsOf, type DescribedDoor } from './rows.fixture';
import { studySliding } from './studySliding';
import { copySliding, type TrueSliding } from './trueSliding';

const BIFOLDS: SlidingTraits = { ...SLIDING_OWN, kinds: [0, 0, 0, 0, 1] };

/** Leaves of a bifold with pivots moved at random, and the same as the engine's state. */
function drawnLeaves(n: number): DescribedDoor {
  const random = seededRandom(n);
  const made = makeSoundSliding(random, BIFOLDS);
  const off = (sd: number) => sd * random.normal();
  const { w, h } = made.panel;
  const openingW = w + OWN_GAP_MM + 10;
  const pivots = { ...made.pivots, rise: 10 + off(3), top: off(3), foot: off(3), leafSag: Math.abs(off(1)) };
  const door: TrueSliding = {
    ...copySliding(made),
    ...{ inset: 0.07 * w, openingW, wavy: {}, pivots },
    track: { tilt: off(4), belly: 0 },
    other: { tilt: off(4), belly: 0 },
    jamb: { lean: off(4), bow: off(1) },
    panel: { w, h, shear: 0 },
  };
  const { track, other, clearH, jamb } = door;
  const lean = (pivots.top - pivots.foot) * (w / h);
  // The panel ends a little short of its opening, about whose middle track and floor turn.
  const atOwnJamb = (tilt: number) => (tilt / openingW) * (openingW / 2 - OWN_GAP_MM);
  return {
    door,
    state: {
      ...{ leadRise: pivots.rise - 0.93 * lean, trailRise: pivots.rise - 0.07 * lean, droop: pivots.leafSag },
      ...{ trackTilt: track.tilt, otherTilt: other.tilt, headRoom: clearH - h + atOwnJamb(track.tilt) - atOwnJamb(other.tilt) },
      ...{ jambGap: 10 - (pivots.top + pivots.foot) / 2, jambLean: jamb.lean, jambBow: jamb.bow },
    },
  };
}

describe('the world of bifolds', () => {
  it('the engine’s rows agree with exact geometry to within a millimetre, a quarter in the mean', () => {
    const errors = Array.from({ length: 200 }, (_, n) => errorsOf(drawnLeaves(n))).flat();
    expect(Math.max(...errors.map(Math.abs))).toBeLessThan(1);
    expect(rmsOf(errors)).toBeLessThan(0.25);
  });

  it('bifolds are mended at their pivots: what stands loose is seen to and the leaves are set', () => {
    const { ours, ladder } = studySliding(5, 16, BIFOLDS);
    expect(ours.doors).toBeGreaterThan(6);
    expect(ours.never).toBeLessThanOrEqual(1);
    expect(ours.cycles).toBeLessThan(ladder.cycles);
  });
});
