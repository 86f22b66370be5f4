import { MM_PER_UNIT } from '../length/length';
import { wood, type WoodId } from './wood';

/** One pound-force an inch, N/mm. */
export const LBF_PER_INCH = 4.4482216 / MM_PER_UNIT.in;

/** Share of a wood screw's length that is thread (ANSI/ASME B18.6.1: about two thirds; from memory). */
export const THREAD_SHARE = 2 / 3;
/** A door's weight is always there: load-duration factor of a permanent load (National Design Specification, from memory). */
export const ALWAYS_THERE = 0.9;

/** Diameter of a wood screw by its number, inches: 0.060 + 0.013·n (ANSI/ASME B18.6.1, from memory). */
export function screwDiameterIn(number: number): number {
  return 0.06 + 0.013 * number;
}

/**
 * Reference withdrawal of a wood screw from side grain, pounds-force for each inch of thread in the wood: W = 2850·G²·D.
 *
 * Source: National Design Specification for Wood Construction, withdrawal of wood screws.
 *
 * @param gravity specific gravity, oven dry
 */
export function withdrawalLbfPerInch(gravity: number, diameterIn: number): number {
  return 2850 * gravity ** 2 * diameterIn;
}

/** A screw through a hinge leaf; lengths in mm. */
export interface HingeScrew {
  number: number;
  lengthMm: number;
  leafMm: number;
}

/** What lies behind the leaf, from the front. */
export interface Behind {
  jambMm: number;
  jambWood: WoodId;
  /** Packers or air between jamb and framing. */
  spaceMm: number;
  framingWood: WoodId;
}

export interface ScrewHold {
  /** Thread in the jamb and in the framing, mm. */
  inJambMm: number;
  inFramingMm: number;
  /** What it holds against being drawn out, N: reference value for a load that is always there. */
  holdN: number;
  /** Of that, in the framing, N: a jamb alone may hang on its nails. */
  framingN: number;
}

/** What one screw holds, by where its thread lies. Screws in end grain or in board hold far less and are not reckoned. */
export function screwHold({ number, lengthMm, leafMm }: HingeScrew, { jambMm, jambWood, spaceMm, framingWood }: Behind): ScrewHold {
  const tip = lengthMm - leafMm;
  const threadFrom = tip - lengthMm * THREAD_SHARE;
  const within = (from: number, to: number) => Math.max(0, Math.min(tip, to) - Math.max(threadFrom, from));
  const inJambMm = within(0, jambMm);
  const inFramingMm = within(jambMm + spaceMm, Infinity);
  const perMm = (id: WoodId) => withdrawalLbfPerInch(wood(id).gravity, screwDiameterIn(number)) * LBF_PER_INCH * ALWAYS_THERE;
  const framingN = inFramingMm * perMm(framingWood);
  return { inJambMm, inFramingMm, holdN: inJambMm * perMm(jambWood) + framingN, framingN };
}
