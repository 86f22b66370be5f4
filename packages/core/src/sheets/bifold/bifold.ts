import { DomainError } from '../../errors';
import { MM_PER_UNIT } from '../../length/length';

/** A bifold opening and the leaves for it; lengths in mm. */
export interface BifoldOpening {
  /** Leg to leg, at several heights. */
  widthsMm: readonly number[];
  /** Finished floor to the underside of the track, at the pivot and at the other side. */
  heightAtPivotMm: number;
  heightAtGuideMm: number;
  /** Leaves in all: two for one pair, four for two. */
  leaves: 2 | 4;
  sideGapMm: number;
  /** Between leaves. */
  leafGapMm: number;
  /** Under the track, and over the floor. */
  topGapMm: number;
  floorGapMm: number;
  /** The leaves as they are, where there are any. */
  leafWidthMm?: number;
  leafHeightMm?: number;
  /** Solid wood at top and foot of a hollow leaf. */
  solidRailMm?: number;
  /** Gap along the pivot jamb, hung. */
  jambTopMm?: number;
  jambFootMm?: number;
  /** How far the guide can be moved across in its track. */
  guidePlayMm?: number;
}

export interface BifoldSheet {
  /** Width and height that each leaf should have. */
  leafWidthMm: number;
  leafHeightMm: number;
  cutWidthMm?: number;
  cutHeightMm?: number;
  /** Solid wood left where the pivots go in, and the height of the block to be glued in behind it when it is too little. */
  railLeftMm?: number;
  blockMm?: number;
  /** The foot pivot is set so much over the floor, so that the leaf stands under its track by the gap. */
  pivotHeightMm: number;
  /** How far the floor falls from the pivot to the guide, + when it is lower there. */
  floorFallsMm: number;
  /** The top pivot is moved so much: + away from its jamb. */
  topPivotMm?: number;
  warnings: string[];
}

/** A pivot needs so much solid wood round it (common practice, no source). */
const LEAST_SOLID_MM = 25;
/** A pivot's screw sets the height by so much each way: half an inch (common practice, no source). */
const PIVOT_REACH_MM = MM_PER_UNIT.in / 2;
/** A guide with more play than this rattles and jumps; with less it binds (common practice, no source). */
const GUIDE_PLAY_MM = { least: 0.5, most: 3 };
const EVEN_WITHIN_MM = 1;

/**
 * Leaves of a bifold door, its pivots and its guide. Leaves share what the narrowest place leaves beside the gaps; their height is what
 * the lower side leaves.
 *
 * @throws DomainError `bifold.rail` when a rail is given without the height of the leaf
 */
export function fitBifold(opening: BifoldOpening): BifoldSheet {
  const { widthsMm, heightAtPivotMm, heightAtGuideMm, leaves, sideGapMm, leafGapMm, topGapMm, floorGapMm } = opening;
  const { leafWidthMm, leafHeightMm, solidRailMm, jambTopMm, jambFootMm, guidePlayMm } = opening;
  if (solidRailMm !== undefined && leafHeightMm === undefined)
    throw new DomainError('bifold.rail', 'leafHeightMm', 'Say how high the leaf is, to know what the cut leaves of its rail.');
  const width = (Math.min(...widthsMm) - 2 * sideGapMm - (leaves - 1) * leafGapMm) / leaves;
  const height = Math.min(heightAtPivotMm, heightAtGuideMm) - topGapMm - floorGapMm;
  const floorFallsMm = heightAtGuideMm - heightAtPivotMm;
  const cutHeightMm = leafHeightMm === undefined ? undefined : leafHeightMm - height;
  const railLeftMm = solidRailMm === undefined ? undefined : solidRailMm - Math.max(0, cutHeightMm ?? 0);
  const needsBlock = railLeftMm !== undefined && railLeftMm < LEAST_SOLID_MM;
  const taper = jambTopMm === undefined || jambFootMm === undefined ? undefined : jambTopMm - jambFootMm;
  const pivotHeightMm = heightAtPivotMm - topGapMm - (leafHeightMm === undefined ? height : Math.min(leafHeightMm, height));
  const warnings = [
    ...(needsBlock ? ['The pivots need solid wood at the corners: glue a block into the foot before it is hung.'] : []),
    ...(Math.abs(pivotHeightMm - floorGapMm) > PIVOT_REACH_MM
      ? ['The pivot cannot be set so far: pack its bracket or shorten the leaf.']
      : []),
    ...(floorFallsMm < -EVEN_WITHIN_MM
      ? ['The floor rises toward the guide: the leaf is cut for that side, or it drags as it opens.']
      : []),
    ...(guidePlayMm !== undefined && guidePlayMm > GUIDE_PLAY_MM.most
      ? ['The guide has too much play: it jumps out. Raise its pin or replace it.']
      : []),
    ...(guidePlayMm !== undefined && guidePlayMm < GUIDE_PLAY_MM.least
      ? ['The guide has no play: it binds in its track. Lower its pin.']
      : []),
  ];
  return {
    leafWidthMm: width,
    leafHeightMm: height,
    ...(leafWidthMm !== undefined && { cutWidthMm: leafWidthMm - width }),
    ...(cutHeightMm !== undefined && { cutHeightMm }),
    ...(railLeftMm !== undefined && { railLeftMm }),
    ...(needsBlock && { blockMm: LEAST_SOLID_MM }),
    pivotHeightMm,
    floorFallsMm,
    // Wider at the top: the top of the leaf leans away from its jamb and is brought back.
    ...(taper !== undefined && { topPivotMm: Math.abs(taper) <= EVEN_WITHIN_MM ? 0 : -taper }),
    warnings,
  };
}
