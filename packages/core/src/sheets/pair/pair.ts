import { STOP_BOTTOM, STOP_TOP } from '../../swing/hingeThrow';

/** A step between the faces of a pair at the meeting stiles, + when the leaf to be moved stands toward the room, mm. */
export interface PairPlane {
  slabHeightMm: number;
  hingeHeightsMm: readonly number[];
  topMm: number;
  middleMm: number;
  bottomMm: number;
}

export interface PairThrow {
  /** How far each end hinge of the leaf is thrown, + toward the room, mm. */
  topHingeMm: number;
  bottomHingeMm: number;
  /** What stays at top, middle and foot, mm: the bow of a stile. */
  left: { topMm: number; middleMm: number; bottomMm: number };
  /** The same shared between both leaves: half each, opposite ways. */
  sharedMm: { topHingeMm: number; bottomHingeMm: number };
}

/** Brings the faces of a pair into one plane: the line through the three steps by least squares is what the hinges take out. */
export function planePair({ slabHeightMm, hingeHeightsMm, topMm, middleMm, bottomMm }: PairPlane): PairThrow {
  const mean = (topMm + middleMm + bottomMm) / 3;
  const slope = (bottomMm - topMm) / (STOP_BOTTOM - STOP_TOP);
  const step = (share: number) => mean + slope * (share - 0.5);
  const at = (heightMm: number) => -step(heightMm / slabHeightMm);
  const topHingeMm = at(hingeHeightsMm[0] ?? 0);
  const bottomHingeMm = at(hingeHeightsMm.at(-1) ?? 0);
  return {
    topHingeMm,
    bottomHingeMm,
    left: { topMm: topMm - step(STOP_TOP), middleMm: middleMm - step(0.5), bottomMm: bottomMm - step(STOP_BOTTOM) },
    sharedMm: { topHingeMm: topHingeMm / 2, bottomHingeMm: bottomHingeMm / 2 },
  };
}
