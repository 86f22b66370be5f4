/** Where slab and stop are read at the latch side, as shares of the slab's height. */
export const STOP_TOP = 0.05;
export const STOP_BOTTOM = 0.95;

export type EndHinge = 'top' | 'bottom';

/**
 * How far the slab moves across the wall, mm, at a height below its top when one end hinge is thrown: it turns about the other.
 *
 * @param mm how far the hinge is thrown, + toward the room
 */
export function thrownAt(hingeHeightsMm: readonly number[], hinge: EndHinge, mm: number): (heightMm: number) => number {
  const top = hingeHeightsMm[0] ?? 0;
  const bottom = hingeHeightsMm.at(-1) ?? 0;
  const [at, fixed] = hinge === 'top' ? [top, bottom] : [bottom, top];
  return (heightMm) => (mm * (heightMm - fixed)) / (at - fixed);
}
