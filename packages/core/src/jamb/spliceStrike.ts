import { DomainError } from '../errors';
import { MM_PER_UNIT } from '../length/length';
import { inOrder, outlineAt, type Outline, type OutlinePoint } from '../fitting/outline';
import { sum, type Sum } from '../fitting/sums';
import { screwHold } from '../load/screwHold';
import type { WoodId } from '../load/wood';
import { judgeFixing, type FixingInHand } from './fixing';
import { SOUND_BEYOND_MM } from './remedies';

/** The broken length of a strike leg; lengths in mm, heights above the floor. */
export interface StrikeToSplice {
  breakFromMm: number;
  breakToMm: number;
  legMm: number;
  jambThicknessMm: number;
  /** Width of the leg, weatherstrip off, at heights above and below the break; what is read within it does not count. */
  widths: Outline;
  /** Between the back of the jamb and the framing. */
  gapBehindMm: number;
  oldShimsMm: readonly number[];
  boltsMm: readonly number[];
  screwMm: number;
  /** Number of the screws, 9 unless said, and timber of jamb and framing, spruce, pine or fir unless said. */
  screwNumber?: number;
  wood?: WoodId;
  /** Face of the jamb to what must not be hit. */
  behindMm?: number;
}

export interface ScribedWidth extends OutlinePoint {
  /** Read in sound wood, and not bridged over the break. */
  isRead: boolean;
}

export interface SpliceFixing {
  atMm: number;
  isOldShim: boolean;
}

export interface StrikeSplice {
  cutFromMm: number;
  cutToMm: number;
  lengthMm: number;
  /** It goes up into the head or down to the floor: no joint at that end. */
  reachesHead: boolean;
  reachesFloor: boolean;
  sawDepthMm: number;
  /** Width of the new piece at its ends and at every place between. */
  widths: ScribedWidth[];
  /** By how much the sound edge is off a straight line: more than a millimetre is scribed and not drawn with a rule. */
  crookedMm: number;
  /** Where packers and screws go, and whether an old shim was there. */
  fixings: SpliceFixing[];
  screw: FixingInHand;
  /** What one screw holds in the framing against being drawn out, N, and all of them. */
  eachHoldsN: number;
  allHoldN: number;
  stockLengthMm: number;
  sums: Sum[];
}

/** Fixings nearer than this are one, and none are farther apart than this; so far from the ends (common practice, no source), mm. */
const ONE_WITHIN_MM = 60;
const APART_MM = 400;
const FROM_END_MM = 60;
/** Above and below a bolt, clear of its bore and of the plate’s own screws (common practice, no source), mm. */
const BESIDE_BOLT_MM = 60;
const CLEAR_OF_BOLT_MM = 40;
/** A screw holds the strike by an inch of framing (common practice, no source). */
const BITE_MM = MM_PER_UNIT.in;
const STOCK_BEYOND_MM = 50;
const USUAL_SCREW = 9;

/**
 * A new length for a strike leg that was kicked in: from sound wood to sound wood, as wide as the leg is, the edge carried straight across the
 * break from what was read on either side of it.
 *
 * @throws DomainError `splice.widths` without a width read in sound wood
 */
export function spliceStrike(leg: StrikeToSplice): StrikeSplice {
  const { breakFromMm, breakToMm, legMm, jambThicknessMm, widths, gapBehindMm, oldShimsMm, boltsMm, screwMm, behindMm } = leg;
  const from = breakFromMm - SOUND_BEYOND_MM;
  const to = breakToMm + SOUND_BEYOND_MM;
  const reachesFloor = from < SOUND_BEYOND_MM;
  const reachesHead = to > legMm - SOUND_BEYOND_MM;
  const cutFromMm = reachesFloor ? 0 : from;
  const cutToMm = reachesHead ? legMm : to;
  const sound = inOrder(widths.filter(({ at }) => at < breakFromMm || at > breakToMm));
  if (sound.length === 0) throw new DomainError('splice.widths', 'widths', 'Read the width in sound wood, above and below the break.');
  const places = [cutFromMm, ...widths.map(({ at }) => at), cutToMm].filter((at) => at >= cutFromMm && at <= cutToMm);
  const scribed = [...new Set(places)]
    .sort((a, b) => a - b)
    .map((at): ScribedWidth => ({ at, mm: widthAt(sound, at), isRead: sound.some((each) => each.at === at) }));
  const length = sum('piece', cutToMm).less(cutFromMm);
  const fixings = fixingsBetween(cutFromMm, cutToMm, oldShimsMm, boltsMm);
  const { screwNumber = USUAL_SCREW, wood = 'sprucePineFir' } = leg;
  const { framingN } = screwHold(
    { number: screwNumber, lengthMm: screwMm, leafMm: 0 },
    { jambMm: jambThicknessMm, jambWood: wood, spaceMm: gapBehindMm, framingWood: wood },
  );
  return {
    ...{ cutFromMm, cutToMm, reachesHead, reachesFloor, lengthMm: length.gives, sawDepthMm: jambThicknessMm, widths: scribed },
    crookedMm: crookedBy(sound),
    fixings,
    eachHoldsN: framingN,
    allHoldN: framingN * fixings.length,
    screw: judgeFixing({ throughMm: jambThicknessMm + gapBehindMm, biteMm: BITE_MM, behindMm }, screwMm),
    stockLengthMm: length.gives + STOCK_BEYOND_MM,
    sums: [length.done],
  };
}

/** Between two readings on the way from one to the other, beyond them as at the last. */
const widthAt = (sound: Outline, at: number): number =>
  outlineAt(sound, Math.min(sound.at(-1)?.at ?? at, Math.max(sound[0]?.at ?? at, at)));

function crookedBy(sound: Outline): number {
  const ends = [...sound.slice(0, 1), ...sound.slice(-1)];
  return Math.max(0, ...sound.map(({ at, mm }) => Math.abs(mm - widthAt(ends, at))));
}

/** At old shims, near both ends and on either side of every bolt, clear of its bore, and nowhere farther apart than a screw holds. */
function fixingsBetween(fromMm: number, toMm: number, oldShims: readonly number[], bolts: readonly number[]): SpliceFixing[] {
  const found: SpliceFixing[] = [];
  const add = (atMm: number, isOldShim: boolean) => {
    const isClear = bolts.every((bolt) => Math.abs(bolt - atMm) >= CLEAR_OF_BOLT_MM);
    const isAlone = found.every((each) => Math.abs(each.atMm - atMm) >= ONE_WITHIN_MM);
    if (atMm > fromMm && atMm < toMm && isClear && isAlone) found.push({ atMm, isOldShim });
  };
  for (const at of oldShims) add(at, true);
  for (const at of [fromMm + FROM_END_MM, toMm - FROM_END_MM]) add(at, false);
  for (const bolt of bolts) for (const at of [bolt - BESIDE_BOLT_MM, bolt + BESIDE_BOLT_MM]) add(at, false);
  const inOrderUp = found.sort((a, b) => a.atMm - b.atMm);
  return inOrderUp.flatMap((fixing, i) => {
    const below = inOrderUp[i - 1]?.atMm ?? fixing.atMm;
    const more = Math.max(0, Math.ceil((fixing.atMm - below) / APART_MM) - 1);
    const between = Array.from({ length: more }, (_, k) => ({
      atMm: below + ((fixing.atMm - below) * (k + 1)) / (more + 1),
      isOldShim: false,
    }));
    return [...between, fixing];
  });
}
