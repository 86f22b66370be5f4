import { instrumentSd, type InstrumentId } from '../length/instruments';
import { addOutlines, inOrder, outlineAt, type Outline, type OutlinePoint } from './outline';

/** An opening as it was measured; lengths in mm, signs as at the stations of a door. */
export interface MeasuredOpening {
  /** Leg to leg, at heights above the floor. */
  widths: readonly OutlinePoint[];
  /** Floor to head, at distances from the hinge leg. */
  heights: readonly OutlinePoint[];
  /** Lean of a leg over its whole height, + when its top stands further toward the latch. */
  plumb?: { hingeMm?: number; latchMm?: number };
  /** How far a leg is off a straight line at its middle, + toward the latch. */
  straight?: { hingeMm?: number; latchMm?: number };
  /** Fall over the whole width, + when the latch end is lower. */
  level?: { headMm?: number; floorMm?: number };
  /** What is still to come on the floor, or lies on it and stays: covering, threshold strip. */
  floorComesMm?: number;
  /** Weather strip on the latch leg and under the head, as thick as it is with the door shut. */
  stripMm?: number;
  /** How deep the slab lies in its rebate: from the face of the leg to the stop. */
  stopMm?: number;
  /** What lengths and leans were read with; a tape and a spirit level unless said. */
  lengthsBy?: InstrumentId;
  leansBy?: InstrumentId;
}

/** The opening as a drawing of it: legs by height above the floor at the hinge leg, head and floor by distance from its foot. */
export interface Opening {
  hingeLeg: Outline;
  latchLeg: Outline;
  head: Outline;
  /** The floor as it will be. */
  floor: Outline;
  missing: MissingId[];
  contradictions: Contradiction[];
}

export interface Contradiction {
  of: 'lean' | 'bow' | 'level';
  /** By how much the readings differ, and how much they may, mm. */
  differMm: number;
  mayMm: number;
}

type Readings = MeasuredOpening;

/** What is wanted before anything is cut, and when it is missing. */
export const MISSING = {
  widths: { says: 'Widths at top, middle and foot: one width is never enough.', is: ({ widths }: Readings) => widths.length < 3 },
  heights: { says: 'Heights at the hinge side, the middle and the latch side.', is: ({ heights }: Readings) => heights.length < 3 },
  plumb: {
    says: 'A level on one leg: until then the hinge leg is taken as plumb.',
    is: ({ plumb }: Readings) => plumb?.hingeMm === undefined && plumb?.latchMm === undefined,
  },
  straight: {
    says: 'A straightedge down one leg: until then the hinge leg is taken as straight.',
    is: ({ straight }: Readings) => straight?.hingeMm === undefined && straight?.latchMm === undefined,
  },
  level: {
    says: 'A level under the head or on the floor: until then the floor is taken as level.',
    is: ({ level }: Readings) => level?.headMm === undefined && level?.floorMm === undefined,
  },
} as const;

export type MissingId = keyof typeof MISSING;
export const MISSING_IDS = Object.keys(MISSING) as MissingId[];

/** Readings that differ by more standard deviations than this contradict each other. */
const CONTRADICTS_FROM = 2.5;

/** Two figures of one thing, each with its variance: their mean by weight, and what they contradict. */
function reconciled(
  own: number | undefined,
  ownVariance: number,
  other: number | undefined,
  otherVariance: number,
  of: Contradiction['of'],
): { mm: number; contradictions: Contradiction[] } {
  if (own === undefined || other === undefined) return { mm: own ?? other ?? 0, contradictions: [] };
  const variance = ownVariance + otherVariance;
  const mayMm = CONTRADICTS_FROM * Math.sqrt(variance);
  const differMm = Math.abs(own - other);
  return {
    mm: own + (other - own) * (ownVariance / variance),
    contradictions: differMm > mayMm ? [{ of, differMm, mayMm }] : [],
  };
}

/**
 * Draws an opening from its readings. Widths give one leg from the other and heights the head from the floor; where more was read than is
 * needed the readings are weighed by their instruments, and what cannot all be true is told.
 */
export function drawOpening(measured: MeasuredOpening): Opening {
  const { plumb = {}, straight = {}, level = {}, floorComesMm = 0, lengthsBy = 'tape', leansBy = 'spiritLevel' } = measured;
  const widths = inOrder(measured.widths);
  const heights = inOrder(measured.heights);
  const tallMm = Math.max(0, ...heights.map(({ mm }) => mm));
  const wideMm = Math.max(0, ...widths.map(({ mm }) => mm));
  const lengthVariance = instrumentSd(lengthsBy, 0) ** 2;
  const leanVariance = (spanMm: number) => instrumentSd(leansBy, spanMm) ** 2;

  const widens = outlineAt(widths, tallMm) - outlineAt(widths, 0);
  const lean = reconciled(
    plumb.hingeMm,
    leanVariance(tallMm),
    less(plumb.latchMm, widens),
    leanVariance(tallMm) + slopeVariance(widths, tallMm, lengthVariance),
    'lean',
  );
  const bulges = bulgeOf(widths, tallMm);
  const bow = reconciled(straight.hingeMm, lengthVariance, less(straight.latchMm, bulges), lengthVariance * 2.5, 'bow');
  const hingeLeg: Outline = [
    { at: 0, mm: 0 },
    { at: tallMm / 2, mm: lean.mm / 2 + bow.mm },
    { at: tallMm, mm: lean.mm },
  ];
  // With a width at the top and the foot only, a straightedge tells the middle.
  const { latchMm } = straight;
  const middle = { at: tallMm / 2, mm: outlineAt(widths, tallMm / 2) + (latchMm ?? 0) - bow.mm };
  const bowed = latchMm !== undefined && widths.length === 2 ? [...widths, middle] : widths;

  const narrows = outlineAt(heights, wideMm) - outlineAt(heights, 0);
  const fall = reconciled(
    level.floorMm,
    leanVariance(wideMm),
    level.headMm === undefined ? undefined : level.headMm + narrows,
    leanVariance(wideMm) + slopeVariance(heights, wideMm, lengthVariance),
    'level',
  );
  const asItIs: Outline = [
    { at: 0, mm: 0 },
    { at: wideMm, mm: -fall.mm },
  ];
  return {
    hingeLeg,
    latchLeg: addOutlines(hingeLeg, inOrder(bowed)),
    head: addOutlines(asItIs, heights),
    floor: asItIs.map(({ at, mm }) => ({ at, mm: mm + floorComesMm })),
    missing: MISSING_IDS.filter((id) => MISSING[id].is(measured)),
    contradictions: [...lean.contradictions, ...bow.contradictions, ...fall.contradictions],
  };
}

const less = (mm: number | undefined, by: number) => (mm === undefined ? undefined : mm - by);

/** How far the middle stands off the line between top and foot. */
const bulgeOf = (outline: Outline, tallMm: number) =>
  outline.length < 3 ? 0 : outlineAt(outline, tallMm / 2) - (outlineAt(outline, 0) + outlineAt(outline, tallMm)) / 2;

/** Variance of the difference between the ends of a span, told by the first and the last of some readings. */
function slopeVariance(outline: Outline, spanMm: number, variance: number): number {
  const apart = (outline.at(-1)?.at ?? 0) - (outline[0]?.at ?? 0);
  return apart <= 0 ? Infinity : 2 * variance * (spanMm / apart) ** 2;
}
