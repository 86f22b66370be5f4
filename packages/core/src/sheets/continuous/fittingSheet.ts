import { DomainError } from '../../errors';

/** A worn door to be hung on a full-height hinge; lengths in mm. */
export interface ContinuousHinge {
  /** Opening width at top, middle and foot. */
  openingWidthsMm: readonly number[];
  /** Opening height at the hinge and at the latch side, head to finished floor or threshold. */
  openingHeightsMm: readonly number[];
  slabWidthMm: number;
  slabHeightMm: number;
  hingeLengthMm: number;
  /** Room the closed hinge takes between slab and leg, from its own sheet. */
  hingeTakesMm: number;
  /** Width of the leaf that lies on the frame, and of the frame it has to lie on. */
  frameLeafMm: number;
  frameFaceMm: number;
  footWantedMm: number;
}

export interface FittingSheet {
  /** Latch gap as hung at top, middle and foot, mm. */
  latchGapsMm: number[];
  /** Off the latch edge at top, middle and foot, mm; noughts when the slab is narrow enough. */
  trimMm: number[];
  /** Head gap to hang it with, at its tighter end, and what it becomes once settled, mm. */
  headHungMm: number;
  headSettledMm: number;
  /** Height of the packers the slab stands on while it is hung, at the tighter end, mm. */
  packersMm: number;
  /** Foot gap once settled, at its tighter end, mm; off the foot to keep what is wanted, mm. */
  footSettledMm: number;
  footTrimMm: number;
  /** How much of the frame leaf lies on the frame, and whether that is enough, mm. */
  bearingMm: number;
  bearsEnough: boolean;
  /** To cut off the hinge, mm. */
  cutHingeMm: number;
  /** Out of square: widest less narrowest, mm; the hinge hangs plumb all the same. */
  taperMm: number;
  /** Places of the first four screws below the top of the hinge, mm. */
  firstScrewsMm: number[];
  steps: string[];
}

/** 1/8 in at the latch side and the head (common practice, no source). */
export const CONTINUOUS_GAP_MM = 3.2;
/** A door settles about 1/16 in on a new full-height hinge (common practice, no source). */
export const SETTLING_MM = 1.6;
/** At least 7/8 in of the frame leaf must lie on the frame (common practice, no source). */
export const LEAST_BEARING_MM = 22.2;
/** Through-fixings need a 3/8 in hole (common practice, no source). */
export const THROUGH_HOLE_MM = 9.5;
const FIRST_SCREW_IN = 50;

/**
 * What to cut, pack and set for a full-height hinge on a worn door. The frame need not be square: the slab is packed up plumb
 * from the foot and the gaps follow from the opening.
 *
 * @throws DomainError `continuous.widths`, `continuous.heights` when the opening was not read at its places
 */
export function fitContinuous(door: ContinuousHinge): FittingSheet {
  const { openingWidthsMm: widths, openingHeightsMm: heights, slabWidthMm, slabHeightMm } = door;
  if (widths.length !== 3) throw new DomainError('continuous.widths', 'openingWidthsMm', 'Read the width at top, middle and foot.');
  if (heights.length !== 2)
    throw new DomainError('continuous.heights', 'openingHeightsMm', 'Read the height at the hinge and at the latch side.');
  const raw = widths.map((width) => width - door.hingeTakesMm - slabWidthMm);
  const trimMm = raw.map((gap) => Math.max(0, CONTINUOUS_GAP_MM - gap));
  const latchGapsMm = raw.map((gap, i) => gap + (trimMm[i] ?? 0));
  const [hingeSide = 0, latchSide = 0] = heights;
  const headHungMm = CONTINUOUS_GAP_MM - SETTLING_MM;
  const tight = Math.min(hingeSide, latchSide);
  const foot = tight - slabHeightMm - headHungMm;
  const footTrimMm = Math.max(0, door.footWantedMm + SETTLING_MM - foot);
  const footSettledMm = foot + footTrimMm - SETTLING_MM;
  const bearingMm = Math.min(door.frameLeafMm, door.frameFaceMm);
  const length = Math.min(door.hingeLengthMm, slabHeightMm - footTrimMm);
  return {
    latchGapsMm,
    trimMm,
    headHungMm,
    headSettledMm: CONTINUOUS_GAP_MM,
    packersMm: tight - (slabHeightMm - footTrimMm) - headHungMm,
    footSettledMm,
    footTrimMm,
    bearingMm,
    bearsEnough: bearingMm >= LEAST_BEARING_MM,
    cutHingeMm: Math.max(0, door.hingeLengthMm - length),
    taperMm: Math.max(...widths) - Math.min(...widths),
    firstScrewsMm: [0, 1 / 3, 2 / 3, 1].map((share) => FIRST_SCREW_IN + share * (length - 2 * FIRST_SCREW_IN)),
    steps: FITTING_STEPS,
  };
}

/** In the order they are done (common practice, no source). */
const FITTING_STEPS = [
  'Closer off first. Support the door and take it off with its old butts. Two people from about 25 kg.',
  'Get the old screws out: a corroded one is gripped with pliers or drilled off; plug its hole.',
  'Lay the slab on the box of the hinge. Trim latch edge and foot where the sheet says; cut the hinge from its lower end.',
  'Stand the slab back in the opening on packers from the foot: latch gap and head gap as the sheet says.',
  'Covers off: loosen their set screws, do not take them out. Hinge to the top of the door, sideways to suit the wall, at least 7/8 in (22 mm) on the frame.',
  'Top frame screw first (alone: start it before lifting), then the other frame screws; then four door screws for now, where the sheet says.',
  'Packers out; swing it. Wrong: door screws out, pack again, new holes.',
  'Right: packers back. Through bolts in 3/8 in (9.5 mm) holes, level, round heads to the side to be secure; then the rest of the screws.',
  'The fixed cover on, then the removable one. Closer back, and set anew.',
  'Come back to the head gap after a few days: it settles by about 1/16 in (1.6 mm).',
];
