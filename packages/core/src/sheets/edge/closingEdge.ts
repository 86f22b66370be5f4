import { DomainError } from '../../errors';
import { toDegrees } from '../../swing/axisTilt';

/** A closing edge in plan; lengths in mm. */
export interface ClosingEdge {
  slabWidthMm: number;
  thicknessMm: number;
  /** Gap between slab and latch leg on the face where the barrels show, door closed. */
  latchGapMm: number;
  /** How far the pin lies behind the slab's hinge edge, toward the leg; − when it lies within the slab. */
  pinBehindMm: number;
  /** How far the pin stands in front of the face where the barrels show. */
  pinProudMm: number;
  /** How far the latch leg stands proud of that face; − when it is set back. */
  legProudMm?: number;
  /** How much narrower the slab is on its far face: the bevel as planed. */
  bevelMm?: number;
  /** What should be left between slab and leg at the tightest. */
  wantedMm?: number;
  /** Stop beside the hinges: gap to the slab's far face, how far it comes over the opening, and the hinge gap. */
  stop?: { gapMm: number; widthMm: number; hingeGapMm: number };
  /** Trim beside the hinges that the open door may meet. */
  trim?: { proudMm: number; setBackMm: number; hingeGapMm: number };
}

export interface EdgeClearance {
  /** Left at the tightest, mm; below nought it binds by so much. */
  clearanceMm: number;
  passes: boolean;
  /** Opening angle at which it is tightest, degrees. */
  tightestAtDeg: number;
  /** Least latch gap at which a square edge keeps what is wanted, mm. */
  leastGapSquareMm: number;
  /** Least latch gap with the bevel as it is, mm. */
  leastGapMm: number;
  /** Whether a bevel can give what is wanted: not where the near arris itself is too close to the leg. */
  bevelHelps: boolean;
  /** Least bevel for the gap as it is, mm over the thickness; 0 when a square edge passes. */
  leastBevelMm: number;
  /** That bevel as an angle, degrees. */
  leastBevelDeg: number;
  /** Bevel of the usual 1/8 in in 2 in over this thickness, mm. */
  usualBevelMm: number;
  /** Left at its tightest between the slab and the stop beside the hinges, mm; absent without a stop. */
  stopClearanceMm?: number;
  /** How far it opens before its face meets the trim, degrees; 180 when it clears. */
  opensToDeg: number;
  /** How far the pin must stand proud for the door to open right round past the trim, mm. */
  pinProudForTrimMm: number;
}

/** 1/8 in in 2 in: the usual bevel of a closing edge (common practice; the figure of door handbooks, from memory). */
export const USUAL_BEVEL = 1 / 16;

interface Corner {
  /** From the axis, toward the latch and toward the room, mm. */
  x: number;
  z: number;
}

/**
 * Passing of a closing edge by its leg: the arris that stands farthest from the pin against the corner of the leg.
 *
 * With r = w + a, the far arris is at √((r − v)² + (t + b)²) from the pin, the leg's corner at √((r + g)² + (b − q)²); they
 * are nearest when in line with the pin, so what is left is the difference. A leg that reaches past the pin's depth is passed
 * on its face. Source: plane geometry, docs/decisions/0010.
 *
 * @throws DomainError `swing.edge` when the far arris would reach past the pin
 */
export function passClosingEdge(edge: ClosingEdge): EdgeClearance {
  const { slabWidthMm, thicknessMm, latchGapMm, pinBehindMm, pinProudMm, bevelMm = 0, wantedMm = 0 } = edge;
  if (bevelMm >= thicknessMm * 2 || bevelMm >= slabWidthMm / 4)
    throw new DomainError('swing.edge', 'bevelMm', 'The bevel is larger than a closing edge can take.');
  const r = slabWidthMm + pinBehindMm;
  if (r <= 0) throw new DomainError('swing.edge', 'pinBehindMm', 'The pin lies beyond the closing edge.');
  const depth = thicknessMm + pinProudMm;
  const legZ = Math.min(0, (edge.legProudMm ?? 0) - pinProudMm);
  const far: Corner = { x: r - bevelMm, z: -depth };
  const near: Corner = { x: r, z: -pinProudMm };
  const toLeg = Math.hypot(r + latchGapMm, legZ);
  const farLeaves = toLeg - Math.hypot(far.x, far.z);
  const { leaves: nearLeaves, needs: nearNeeds } = nearArris(edge, legZ, r);
  const clearanceMm = Math.min(farLeaves, nearLeaves);
  const tightest = farLeaves <= nearLeaves ? far : near;
  const gapWithBevel = (bevel: number) => Math.max(nearNeeds, gapFor(Math.hypot(r - bevel, depth) + wantedMm, legZ, r));
  const leastBevelMm = Math.max(0, r - Math.sqrt(Math.max(0, (toLeg - wantedMm) ** 2 - depth ** 2)));
  const legAngle = Math.atan2(legZ, r + latchGapMm);
  return {
    clearanceMm,
    passes: clearanceMm >= wantedMm,
    tightestAtDeg: Math.max(0, toDegrees(legAngle - Math.atan2(tightest.z, tightest.x))),
    leastGapSquareMm: gapWithBevel(0),
    leastGapMm: gapWithBevel(bevelMm),
    bevelHelps: nearArris({ ...edge, bevelMm: leastBevelMm }, legZ, r).leaves >= wantedMm,
    leastBevelMm,
    leastBevelDeg: toDegrees(Math.atan2(leastBevelMm, thicknessMm)),
    usualBevelMm: thicknessMm * USUAL_BEVEL,
    ...(edge.stop && { stopClearanceMm: pastStop(edge, edge.stop) }),
    ...pastTrim(edge),
  };
}

/**
 * What the near arris leaves, and the gap it needs. A leg that is set back from the face has its corner beside the closing edge
 * from the start: what counts is its distance from the edge of the closed door.
 */
function nearArris(edge: ClosingEdge, legZ: number, r: number): { leaves: number; needs: number } {
  const { latchGapMm, pinProudMm, thicknessMm, bevelMm = 0, wantedMm = 0 } = edge;
  const backMm = -pinProudMm - legZ;
  if (backMm <= 0) {
    const reach = Math.hypot(r, pinProudMm);
    return { leaves: Math.hypot(r + latchGapMm, legZ) - reach, needs: gapFor(reach + wantedMm, legZ, r) };
  }
  const slope = bevelMm / thicknessMm;
  const cosine = 1 / Math.hypot(1, slope);
  // Square to the bevel if that meets the edge, else to its arris.
  const isBeside = (gap: number) => backMm >= (gap + slope * backMm) * slope * cosine ** 2;
  const leaves = isBeside(latchGapMm) ? (latchGapMm + slope * backMm) * cosine : Math.hypot(latchGapMm, backMm);
  const beside = wantedMm / cosine - slope * backMm;
  return { leaves, needs: Math.max(0, isBeside(beside) ? beside : Math.sqrt(Math.max(0, wantedMm ** 2 - backMm ** 2))) };
}

/** The gap that puts the leg's corner so far from the pin. */
function gapFor(reach: number, legZ: number, r: number): number {
  return Math.sqrt(Math.max(0, reach ** 2 - legZ ** 2)) - r;
}

/**
 * A pin within the slab swings the hinge edge's far arris toward the stop: it is deepest straight behind the pin, or where the stop
 * ends if that comes first. A pin behind the edge never brings it nearer than closed.
 */
function pastStop(
  { thicknessMm, pinBehindMm, pinProudMm }: ClosingEdge,
  { gapMm, widthMm, hingeGapMm }: NonNullable<ClosingEdge['stop']>,
): number {
  if (pinBehindMm >= 0) return gapMm;
  const depth = thicknessMm + pinProudMm;
  const endsAt = pinBehindMm - hingeGapMm + widthMm;
  if (endsAt <= pinBehindMm) return gapMm;
  const deepest = Math.sqrt(pinBehindMm ** 2 + depth ** 2 - Math.min(0, endsAt) ** 2);
  return gapMm + depth - deepest;
}

/** The open slab's face turns until the trim's corner lies on it: in the slab's frame that corner stands at the face's depth. */
function pastTrim({ pinBehindMm, pinProudMm, trim }: ClosingEdge): Pick<EdgeClearance, 'opensToDeg' | 'pinProudForTrimMm'> {
  if (trim === undefined) return { opensToDeg: 180, pinProudForTrimMm: 0 };
  const corner: Corner = { x: pinBehindMm - trim.hingeGapMm - trim.setBackMm, z: trim.proudMm - pinProudMm };
  const reach = Math.hypot(corner.x, corner.z);
  const along = Math.sqrt(Math.max(0, reach ** 2 - pinProudMm ** 2));
  const meets = reach > Math.abs(pinProudMm) && along >= pinBehindMm;
  const angle = Math.atan2(corner.z, corner.x) + Math.asin(Math.min(1, pinProudMm / Math.max(reach, 1e-9)));
  return {
    opensToDeg: meets ? Math.min(180, toDegrees(angle < 0 ? angle + 2 * Math.PI : angle)) : 180,
    pinProudForTrimMm: trim.proudMm / 2,
  };
}
