import type { OutlinePoint } from './outline';
import { sum, type Sum } from './sums';

/** A leaf under a head that is not level; lengths in mm. */
export interface HeadToFit {
  /** Floor to head over the leaf, from its hinge side to its other side, evenly. */
  heightsMm: readonly number[];
  widthMm: number;
  /** The slab as it is. */
  slabHeightMm: number;
  headGapMm: number;
  footGapMm: number;
  paintMm?: number;
  /** By how much a rail of this leaf stands below the rail of the leaf beside it when both stand on the floor; its head is cut by as much more. */
  railOffMm?: number;
}

export interface HeadFit {
  /** Which of the heights is most, from 0: there one begins, wedged up until the slab touches. */
  highest: number;
  /** Length it is cut to first, square, and how much that takes off. */
  firstCutMm: number;
  cutMm: number;
  /** Off the head at places from the hinge side: to nothing where it is highest. */
  taper: OutlinePoint[];
  deepestMm: number;
  /** Head gap and rail in one: what is cut off the head of the second leaf. */
  railCutMm?: number;
  sums: Sum[];
}

/**
 * Brings a head that is not level and a slab together, from the higher side: what the slab has to lose elsewhere is the gap that is left there
 * when it touches at the higher side (similar figures).
 */
export function fitHead({ heightsMm, widthMm, slabHeightMm, headGapMm, footGapMm, paintMm = 0, railOffMm }: HeadToFit): HeadFit {
  const most = Math.max(...heightsMm);
  const film = 2 * paintMm;
  const first = sum('firstCut', most)
    .less(headGapMm + film)
    .less(footGapMm);
  const cut = sum('slabCut', slabHeightMm).less(first.gives);
  const rail = railOffMm === undefined ? undefined : sum('headCut', railOffMm).plus(headGapMm + film);
  const taper = heightsMm.map((mm, i) => ({ at: heightsMm.length === 1 ? 0 : (i / (heightsMm.length - 1)) * widthMm, mm: most - mm }));
  return {
    highest: heightsMm.indexOf(most),
    firstCutMm: first.gives,
    cutMm: cut.gives,
    taper,
    deepestMm: most - Math.min(...heightsMm),
    ...(rail && { railCutMm: rail.gives }),
    sums: [first.done, cut.done, ...(rail ? [rail.done] : [])],
  };
}
