import type { Leaf, LeafEdge } from './leaf';
import type { Opening } from './opening';
import type { CutShape, Taper } from './shapes';
import type { Outline } from './outline';

/** What is wanted of one edge. */
export interface EdgeWish {
  gapMm: number;
  mayLoseMm: number;
  shape: CutShape | Taper;
}

export interface LeafToFit {
  leaf: Leaf;
  wishes: Readonly<Record<LeafEdge, EdgeWish>>;
  /** How far it may lean over its height, mm; nought keeps its rails level. */
  mayLeanMm: number;
  /** A line of its design above its foot, that runs on from leaf to leaf, mm. */
  railMm?: number;
}

/** What is least: timber by area, the deepest cut, or first the edges that are cut at all. */
export const FIT_AIMS = ['area', 'depth', 'edges'] as const;
export type FitAim = (typeof FIT_AIMS)[number];

export interface Fitting {
  opening: Opening;
  /** One, or two that meet: left and right. Edges that meet are not scribed. */
  leaves: readonly LeafToFit[];
  meetingMm: number;
  /** Both leaves end as wide as each other at this height, their gaps at the legs being as wanted. */
  equalAtMm?: number;
  aim: FitAim;
}

/** Whether an edge meets the other leaf. */
export const meetsAnother = ({ leaves }: Pick<Fitting, 'leaves'>, n: number, edge: LeafEdge) =>
  leaves.length > 1 && edge === (n === 0 ? 'right' : 'left');

/** What an edge stands beside. */
export const besideOf = ({ hingeLeg, latchLeg, head, floor }: Opening, edge: LeafEdge): Outline =>
  ({ left: hingeLeg, right: latchLeg, head, foot: floor })[edge];

/** The gap wanted along an edge, mm. */
export const wantedAt = (fitting: Fitting, n: number, edge: LeafEdge) =>
  meetsAnother(fitting, n, edge) ? fitting.meetingMm : (fitting.leaves[n]?.wishes[edge].gapMm ?? 0);
