import { MM_PER_UNIT } from '../../length/length';

const MM_PER_INCH = MM_PER_UNIT.in;

/** A door that needs hinges; lengths in mm, mass in kg. */
export interface DoorToHang {
  slabWidthMm: number;
  slabHeightMm: number;
  thicknessMm: number;
  massKg: number;
  /** How far the leaf stays back from the slab's far face. */
  backsetMm: number;
  /** How far the open door must stand off the wall face of the frame: the trim's projection. */
  clearanceMm: number;
}

export interface HingesToBuy {
  count: number;
  /** Height and open width of the hinge to buy, inches, and the same in mm. */
  heightIn: number;
  widthIn: number;
  heightMm: number;
  widthMm: number;
  /** Width the rule asks for before it is rounded up to one that is sold, mm. */
  leastWidthMm: number;
  /** Clearance the width bought gives, mm. */
  givesClearanceMm: number;
  /** Reasons, in words. */
  why: string[];
}

/** Hinges up to 60 in of height: two; one more for every 30 in or part of it (door hardware handbooks, from memory). */
const FIRST_TWO_MM = 60 * MM_PER_INCH;
const ONE_MORE_MM = 30 * MM_PER_INCH;
/** From this weight on, one hinge more than the height asks for (common practice, no source). */
const HEAVY_KG = 60;

/** Height of hinge by thickness and width of the door, inches (door hardware handbooks, from memory). */
const HEIGHT_TABLE: readonly { upToThickIn: number; upToWideIn: number; heightIn: number }[] = [
  { upToThickIn: 1.125, upToWideIn: 24, heightIn: 2.5 },
  { upToThickIn: 1.125, upToWideIn: 36, heightIn: 3 },
  { upToThickIn: 1.375, upToWideIn: 32, heightIn: 3.5 },
  { upToThickIn: 1.375, upToWideIn: 37, heightIn: 4 },
  { upToThickIn: 1.875, upToWideIn: 36, heightIn: 4.5 },
  { upToThickIn: 1.875, upToWideIn: 48, heightIn: 5 },
  { upToThickIn: 1.875, upToWideIn: Infinity, heightIn: 6 },
  { upToThickIn: Infinity, upToWideIn: 42, heightIn: 5 },
  { upToThickIn: Infinity, upToWideIn: Infinity, heightIn: 6 },
];

/** Open widths that are sold, inches (common practice, no source). */
const WIDTHS_IN = [2.5, 3, 3.5, 4, 4.5, 5, 6, 7, 8] as const;

/** Least open width of a butt hinge: twice what the leaf lies on, 2·(t − backset), plus the clearance wanted (door hardware handbooks). */
export function hingeWidth(thicknessMm: number, backsetMm: number, clearanceMm: number): number {
  return 2 * (thicknessMm - backsetMm) + clearanceMm;
}

/** Number and size of hinges for a door. */
export function chooseHinges({ slabWidthMm, slabHeightMm, thicknessMm, massKg, backsetMm, clearanceMm }: DoorToHang): HingesToBuy {
  const byHeight = 2 + Math.max(0, Math.ceil((slabHeightMm - FIRST_TWO_MM) / ONE_MORE_MM - 1e-9));
  const isHeavy = massKg >= HEAVY_KG;
  const thickIn = thicknessMm / MM_PER_INCH;
  const wideIn = slabWidthMm / MM_PER_INCH;
  // Millimetre sizes stand for the inch sizes they come from: half a millimetre over is no thicker door.
  const slack = 0.5 / MM_PER_INCH;
  const row = HEIGHT_TABLE.find(({ upToThickIn, upToWideIn }) => thickIn <= upToThickIn + slack && wideIn <= upToWideIn + slack);
  const heightIn = row?.heightIn ?? 6;
  const leastWidthMm = hingeWidth(thicknessMm, backsetMm, clearanceMm);
  const widthIn = WIDTHS_IN.find((each) => each * MM_PER_INCH >= leastWidthMm - 0.5) ?? Math.ceil(leastWidthMm / MM_PER_INCH);
  return {
    count: byHeight + Number(isHeavy),
    heightIn,
    widthIn,
    heightMm: heightIn * MM_PER_INCH,
    widthMm: widthIn * MM_PER_INCH,
    leastWidthMm,
    givesClearanceMm: widthIn * MM_PER_INCH - 2 * (thicknessMm - backsetMm),
    why: [
      `${byHeight} for its height: two up to 60 in, one more for every 30 in or part of it.`,
      ...(isHeavy ? [`One more: ${Math.round(massKg)} kg is a heavy leaf.`] : []),
      `Width: twice what the leaf lies on and the clearance of the trim, then the next size sold.`,
    ],
  };
}
