/** A strip of card under a leaf, mm, measured from the axis of the pin across the leaf. */
export interface Strip {
  /** From the axis of the pin to the far edge of the leaf. */
  leafMm: number;
  /** The strip lies along the barrel-side edge of the leg: so far is that edge from the axis. */
  pinProudMm: number;
  /** How wide it is. */
  stripMm: number;
  /** How thick. */
  cardMm: number;
}

/** A leaf of a 100 mm butt over a strip of 13 mm (1/2 in) along its barrel side (common practice, no source). */
export const USUAL_STRIP: Omit<Strip, 'cardMm'> = { leafMm: 44, pinProudMm: 6, stripMm: 13 };

/**
 * How far a strip holds the pin off the leg, mm: the leaf lies on its far edge and on the far edge of the strip, and the pin is lifted as
 * the leaf's length over what is left of it beyond the strip (similar triangles).
 *
 * @throws RangeError when the strip is no strip: it leaves nothing of the leaf to lie on
 */
export function stripLift({ leafMm, pinProudMm, stripMm, cardMm }: Strip): number {
  const beyond = leafMm - pinProudMm - stripMm;
  if (beyond <= 0) throw new RangeError('A strip is narrower than the leaf it lies under.');
  return (cardMm * leafMm) / beyond;
}
