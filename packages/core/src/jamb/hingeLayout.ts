import { DomainError } from '../errors';
import { markHinges, type HingeMarks, type HingesToMark } from '../fitting/marks';
import { sum, type Sum } from '../fitting/sums';
import { chooseFixing, type Fixing } from './fixing';

export const SCREW_PATTERNS = ['zigzag', 'line'] as const;
export type ScrewPattern = (typeof SCREW_PATTERNS)[number];

/** Hinges let into slab and frame, and what is carried over from the old slab; lengths in mm. */
export interface HingesToLay extends HingesToMark {
  slabThicknessMm: number;
  /** How far the recess stays back from the far face of the slab. */
  backsetMm: number;
  /** From the middle of the pin to the edge of one leaf. */
  leafWideMm: number;
  pattern: ScrewPattern;
  screws: number;
  /** Where the framing begins and ends across the jamb, from the edge the knuckles stand at. */
  framingFromMm?: number;
  framingToMm?: number;
  jambMm: number;
  packMm: number;
  /** Guide bush and cutter of a router, for a jig. */
  bushMm?: number;
  cutterMm?: number;
  /** The lock of the old slab: middle of the bolt below its top; and of the strike below the head. */
  oldBoltMm?: number;
  strikeMm?: number;
}

export interface LaidHole {
  downMm: number;
  fromEdgeMm: number;
  /** It lies over the framing: the long screw goes here. */
  reaches: boolean;
}

export interface HingeLayout {
  marks: HingeMarks;
  recess: { longMm: number; wideMm: number; deepMm: number };
  /** How far the pin stands off the face of the slab. */
  knuckleOutMm: number;
  holes: LaidHole[];
  longScrew: Fixing;
  /** Opening of a jig for the recess. */
  jig?: { longMm: number; wideMm: number };
  /** By how much the strike is lower than the bolt carried over will be; + lower. */
  boltOffMm?: number;
  sums: Sum[];
}

/** Holes in a zigzag lie at these shares of the leaf on the wood, in a line at the middle (common practice, no source: measure the hinge in hand). */
const ZIGZAG = [0.3, 0.7] as const;
const FRAMING_BITE_MM = 25;

/**
 * Recess, screw holes and jig of hinges on top of their marks, and how far the frame is off what the old slab hands over.
 *
 * @throws DomainError `layout.backset` where the leaf does not lie on the edge, and as marks do
 */
export function layHinges(hinges: HingesToLay): HingeLayout {
  const { slabThicknessMm, backsetMm, leafWideMm, hingeMm, leafMm, pattern, screws, framingFromMm, framingToMm, jambMm, packMm } = hinges;
  const wideMm = slabThicknessMm - backsetMm;
  if (wideMm <= 0 || wideMm > leafWideMm)
    throw new DomainError(
      'layout.backset',
      'backsetMm',
      'The leaf is narrower than what it is to lie on: set it back more, or take a wider hinge.',
    );
  const marks = markHinges(hinges);
  const knuckleOutMm = leafWideMm - wideMm;
  const holes = Array.from({ length: screws }, (_, i): LaidHole => {
    const share = pattern === 'line' ? 0.5 : (ZIGZAG[i % 2] ?? 0.5);
    const fromEdgeMm = wideMm * share;
    const over = framingFromMm !== undefined && fromEdgeMm >= framingFromMm && fromEdgeMm <= (framingToMm ?? Infinity);
    return { downMm: (hingeMm * (i + 0.5)) / screws, fromEdgeMm, reaches: over };
  });
  const { bushMm, cutterMm, oldBoltMm, strikeMm, headGapMm } = hinges;
  const over = bushMm !== undefined && cutterMm !== undefined ? bushMm - cutterMm : undefined;
  const bolt = oldBoltMm === undefined ? undefined : sum('boltMark', oldBoltMm).plus(headGapMm);
  const jigLong = over === undefined ? undefined : sum('jig', hingeMm).plus(over);
  return {
    marks,
    recess: { longMm: hingeMm, wideMm, deepMm: leafMm },
    knuckleOutMm,
    holes,
    longScrew: chooseFixing({ throughMm: leafMm + jambMm + packMm, biteMm: FRAMING_BITE_MM }),
    ...(over !== undefined && { jig: { longMm: hingeMm + over, wideMm: wideMm + over } }),
    ...(bolt && strikeMm !== undefined && { boltOffMm: strikeMm - bolt.gives }),
    sums: [...marks.sums, ...(bolt ? [bolt.done] : []), ...(jigLong ? [jigLong.done] : [])],
  };
}
