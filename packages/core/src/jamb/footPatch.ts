import { DomainError } from '../errors';
import { MM_PER_UNIT } from '../length/length';
import { sum, type Sum } from '../fitting/sums';
import { judgeFixing, type FixingInHand } from './fixing';

const IN = MM_PER_UNIT.in;

/** A foot to be patched; lengths in mm, heights above the threshold. */
export interface FootToPatch {
  /** Top of the softest wood that a probe finds. */
  softTopMm: number;
  jambThicknessMm: number;
  stockThicknessMm: number;
  /** Across the wall: width of the outer part that comes out. */
  partWidthMm: number;
  /** Fall of the threshold to the outside, degrees. */
  pitchDegrees: number;
  /** Where the height of the cut is measured up from the threshold. */
  measuredAt: 'inner' | 'outer';
  /** Room for silicone under the patch. */
  footGapMm: number;
  /** The tongue that is wanted beside the weatherstrip’s slot, the slot, and how deep the rebate goes in. */
  tongueMm: number;
  slotMm: number;
  rebateMm: number;
  bradMm: number;
  /** The height advised is rounded up to this; 5 mm unless said. */
  roundToMm?: number;
  /** Where it is cut, if otherwise than advised. */
  cutHeightMm?: number;
  /** From the face of the jamb to what lies behind and must not be hit. */
  behindMm?: number;
}

export interface FootPatch {
  cutHeightMm: number;
  /** Whether the cut is above the softest wood and some sound wood beyond. */
  isAboveSoft: boolean;
  /** Above the usual foot: see a whole leg. */
  isTall: boolean;
  longPointMm: number;
  shortPointMm: number;
  longPointAt: 'inner' | 'outer';
  packMm: number;
  /** Stock thicker than the jamb is planed by this. */
  planeMm: number;
  /** Middles of the windows, from the foot up. */
  windowsMm: number[];
  bradsMm: number[];
  brad: FixingInHand;
  /** Two passes: fence to the far side of the blade lying flat, to its near side standing on edge; and how far the blade stands up. */
  rebate: { tongueCutMm: number; flat: { fenceMm: number; bladeMm: number }; onEdge: { fenceMm: number; bladeMm: number } };
  stockLengthMm: number;
  undercutMm: number;
  easeMm: number;
  sums: Sum[];
}

/** Cut 16 in up as a rule, 2 in above the softest wood at least; beyond 30 in it is no foot (common practice, no source). */
const USUAL_CUT_MM = 16 * IN;
const SOUND_ABOVE_MM = 2 * IN;
const TALL_FROM_MM = 30 * IN;
const ROUNDED_TO_MM = 5;
/** The sound leg beside it is undercut by this, edges are eased by this (common practice, no source). */
export const UNDERCUT_MM = IN / 8;
/** Windows so far from the ends and so far apart at most; brads go so deep into the framing at least (common practice, no source). */
const WINDOW_FROM_END_MM = 60;
const WINDOWS_APART_MM = 200;
const BRAD_BITE_MM = IN / 2;
const BRADS = 4;
const STOCK_BEYOND_MM = 50;

/**
 * A patch for a rotten foot: cut square above, at the threshold’s pitch below, so that its lower edges differ by width × tan pitch.
 *
 * @throws DomainError `foot.short` where the cut leaves no patch
 */
export function patchFoot(foot: FootToPatch): FootPatch {
  const { softTopMm, jambThicknessMm, stockThicknessMm, partWidthMm, pitchDegrees, measuredAt, footGapMm, bradMm, behindMm } = foot;
  const { roundToMm = ROUNDED_TO_MM } = foot;
  const advised = Math.ceil(Math.max(USUAL_CUT_MM, softTopMm + SOUND_ABOVE_MM) / roundToMm - 1e-9) * roundToMm;
  const cutHeightMm = foot.cutHeightMm ?? advised;
  const pitch = (pitchDegrees * Math.PI) / 180;
  const fallMm = partWidthMm * Math.tan(pitch);
  // The outer edge of the threshold is lower than the inner by its fall.
  const outer = measuredAt === 'outer' ? cutHeightMm : cutHeightMm + fallMm;
  const bed = footGapMm / Math.cos(pitch);
  const long = sum('longPoint', outer).less(bed);
  const short = sum('shortPoint', long.gives).less(fallMm);
  if (short.gives < 2 * WINDOW_FROM_END_MM)
    throw new DomainError('foot.short', 'cutHeightMm', 'The patch is too short to be held: cut higher up.');
  const pack = sum('pack', jambThicknessMm).less(stockThicknessMm);
  const packMm = Math.max(0, pack.gives);
  const windows = Math.max(2, Math.ceil((short.gives - 2 * WINDOW_FROM_END_MM) / WINDOWS_APART_MM) + 1);
  const along = (n: number, fromEnd: number) => Array.from({ length: n }, (_, i) => fromEnd + ((short.gives - 2 * fromEnd) * i) / (n - 1));
  const tongue = sum('tongue', foot.tongueMm).plus(foot.slotMm);
  return {
    cutHeightMm,
    isAboveSoft: cutHeightMm >= softTopMm + SOUND_ABOVE_MM - 1e-9,
    isTall: cutHeightMm > TALL_FROM_MM,
    longPointMm: long.gives,
    shortPointMm: short.gives,
    longPointAt: 'outer',
    packMm,
    planeMm: Math.max(0, -pack.gives),
    windowsMm: along(windows, WINDOW_FROM_END_MM),
    bradsMm: along(BRADS, WINDOW_FROM_END_MM / 2),
    brad: judgeFixing({ throughMm: stockThicknessMm + packMm, biteMm: BRAD_BITE_MM, behindMm }, bradMm),
    rebate: {
      tongueCutMm: tongue.gives,
      flat: { fenceMm: foot.rebateMm, bladeMm: Math.max(0, stockThicknessMm - tongue.gives) },
      onEdge: { fenceMm: tongue.gives, bladeMm: foot.rebateMm },
    },
    stockLengthMm: long.gives + STOCK_BEYOND_MM,
    undercutMm: UNDERCUT_MM,
    easeMm: UNDERCUT_MM,
    sums: [long.done, short.done, pack.done, tongue.done],
  };
}
