import { cutAlready, deepestOf, deepestOff, type Off } from './cutAlready';
import { cutList, type CutLine } from './cutList';
import { slabLeaf } from './fitSlab';
import { fitOnce, shortAt, type FittedLeaf } from './fitOnce';
import type { EdgeWish, Fitting, LeafToFit } from './fitting';
import { cutLeaf, drawnEdge, longest, type LeafEdge } from './leaf';
import { drawOpening, type Contradiction, type MeasuredOpening, type MissingId } from './opening';
import { outlineAt } from './outline';
import type { CutShape } from './shapes';
import { sum, type Sum } from './sums';
import { mayLose, type FitSlabKind } from './slabKinds';

/** A leaf of a pair as it is, mm; sizes evenly from its top to its foot, and from the left to the right as the pair is seen. */
export interface PairLeaf {
  widthsMm: readonly number[];
  heightsMm: readonly number[];
  /** A rail that runs on from leaf to leaf, above its foot. */
  railFromFootMm?: number;
}

/** A pair into one opening; seen from the side it opens to, the left leaf hung on the opening's hinge leg. */
export interface PairToFit {
  opening: MeasuredOpening;
  left: PairLeaf;
  right: PairLeaf;
  kind: FitSlabKind;
  thicknessMm: number;
  gaps: { legMm: number; meetingMm: number; headMm: number; footMm: number };
  paintMm?: number;
  /** Two ball catches, or one leaf bolted and the other latched to it. */
  latching: (typeof PAIR_LATCHINGS)[number];
  /** How the outer edges are cut; straight unless said. */
  sides?: CutShape;
  /** Cuts that were made. */
  made?: readonly MadePairCut[];
  sawBaseMm?: number;
  offsetsApartMm?: number;
}

export const PAIR_LEAVES = ['left', 'right'] as const;
export type PairLeafId = (typeof PAIR_LEAVES)[number];

export interface MadePairCut extends Off<PairEdge> {
  leaf: PairLeafId;
}

export const PAIR_LATCHINGS = ['balls', 'boltedLeaf'] as const;

export interface PairLeafFit {
  /** Width it ends with at the top, the middle and the foot, and length along its hinge side, its middle and its meeting side. */
  widthsMm: number[];
  lengthsMm: number[];
  /** Off its width at the narrowest place of the opening. */
  offWidthMm: number;
  /** Length it is cut to first, square, before its head is brought to the line. */
  firstCutMm: number;
  cuts: (Omit<CutLine, 'edge'> & { edge: PairEdge })[];
  /** Cuts that were made already, and how deep each was at its deepest. */
  made: { edge: PairEdge; mm: number }[];
  short: { edge: PairEdge; mm: number }[];
}

export const PAIR_EDGES = ['outer', 'meeting', 'head', 'foot'] as const;
export type PairEdge = (typeof PAIR_EDGES)[number];

export interface PairFit {
  isPossible: boolean;
  left: PairLeafFit;
  right: PairLeafFit;
  /** Narrowest width of the opening, and how high it is read. */
  narrowestMm: number;
  narrowestAtMm: number;
  /** How wide each leaf ends there. */
  leafWidthMm: number;
  sums: Sum[];
  missing: MissingId[];
  contradictions: Contradiction[];
  latching: (typeof PAIR_LATCHINGS)[number];
}

const nameOf = (n: number, edge: LeafEdge): PairEdge => {
  if (edge === 'head' || edge === 'foot') return edge;
  return (edge === 'left') === (n === 0) ? 'outer' : 'meeting';
};

/** Each leaf hangs on its own leg. */
const hingesOnOf = (n: number): PairLeafId => PAIR_LEAVES[n] ?? 'left';

/** Fits a pair: no leaf is tilted, outer edges follow their legs, meeting edges stay straight and upright, and both end as wide. */
export function fitPair(asked: PairToFit): PairFit {
  const { gaps, paintMm = 0, kind, thicknessMm, sides = 'line', made = [], sawBaseMm, offsetsApartMm } = asked;
  const madeOn = (n: number) => made.filter(({ leaf }) => leaf === hingesOnOf(n));
  const opening = drawOpening(asked.opening);
  const narrowest = asked.opening.widths.reduce((least, each) => (each.mm < least.mm ? each : least));
  const film = 2 * paintMm;
  // Both legs of a pair are hinge legs: a strip stands under the head alone.
  const { stripMm = 0 } = asked.opening;
  const wishesOf = (n: number): LeafToFit['wishes'] => {
    const wish = (edge: LeafEdge): EdgeWish => {
      const named = nameOf(n, edge);
      const gap = { outer: gaps.legMm, meeting: gaps.meetingMm, head: gaps.headMm + stripMm, foot: gaps.footMm }[named];
      const mayLoseMm = Math.max(0, mayLose({ kind }, edge) - deepestOff(madeOn(n), named));
      const shape = named === 'meeting' ? 'parallel' : named === 'outer' ? sides : 'line';
      return { gapMm: gap + film, mayLoseMm, shape };
    };
    return { left: wish('left'), right: wish('right'), head: wish('head'), foot: wish('foot') };
  };
  const leaves = [asked.left, asked.right].map((own, n): LeafToFit => ({
    leaf: cutAlready(slabLeaf(own), madeOn(n), hingesOnOf(n)),
    wishes: wishesOf(n),
    mayLeanMm: 0,
    ...(own.railFromFootMm !== undefined && { railMm: own.railFromFootMm }),
  }));
  const fitting: Fitting = { opening, leaves, meetingMm: gaps.meetingMm + film, equalAtMm: narrowest.at, aim: 'area' };
  const fit = fitOnce(fitting);
  const width = sum('leafWidth', narrowest.mm)
    .less(gaps.legMm + film, 2)
    .less(gaps.meetingMm + film)
    .over(2);
  const highestOver = ({ xMm }: FittedLeaf['standing'], wideMm: number) =>
    Math.max(...[0, 0.5, 1].map((share) => roomAbove(opening, xMm + share * wideMm)));
  const lengthSum = (n: number) =>
    sum(
      n === 0 ? 'leafLength' : 'otherLength',
      highestOver((fit.leaves[n] as FittedLeaf).standing, longest((leaves[n] as LeafToFit).leaf.right)),
    )
      .less(gaps.headMm + stripMm + film)
      .less(gaps.footMm + film);
  const leafFit = (n: number): PairLeafFit => {
    const { leaf } = leaves[n] as LeafToFit;
    const fitted = fit.leaves[n] as FittedLeaf;
    const { edges, standing } = fitted;
    const cut = cutLeaf(leaf, edges);
    const tallMm = longest(leaf.head);
    const wideMm = longest(leaf.right);
    const widths = [1, 0.5, 0].map((share) => outlineAt(cut.right, share * tallMm) - outlineAt(cut.left, share * tallMm));
    const lengths = [0, 0.5, 1].map((share) => outlineAt(cut.head, share * wideMm) - outlineAt(cut.foot, share * wideMm));
    const there = narrowest.at - standing.yMm;
    return {
      widthsMm: widths,
      lengthsMm: n === 0 ? lengths : lengths.reverse(),
      offWidthMm: outlineAt(leaf.right, there) - outlineAt(leaf.left, there) - (outlineAt(cut.right, there) - outlineAt(cut.left, there)),
      firstCutMm: lengthSum(n).gives,
      cuts: fit.isPossible
        ? cutList(leaf, edges, {
            thicknessMm,
            hingesOn: hingesOnOf(n),
            bevelled: [drawnEdge('meeting', hingesOnOf(n))],
            sawBaseMm,
            offsetsApartMm,
          }).map((line) => ({
            ...line,
            edge: nameOf(n, line.edge),
          }))
        : [],
      made: madeOn(n).map(({ edge, marks }) => ({ edge, mm: deepestOf(marks) })),
      short: shortAt(fitted).map(({ edge, mm }) => ({ edge: nameOf(n, edge), mm })),
    };
  };
  const [left, right] = [leafFit(0), leafFit(1)];
  return {
    isPossible: fit.isPossible,
    ...{ left, right },
    narrowestMm: narrowest.mm,
    narrowestAtMm: narrowest.at,
    leafWidthMm: width.gives,
    sums: [width.done, lengthSum(0).done, lengthSum(1).done],
    missing: opening.missing,
    contradictions: opening.contradictions,
    latching: asked.latching,
  };
}

const roomAbove = ({ head, floor }: Fitting['opening'], x: number) => outlineAt(head, x) - outlineAt(floor, x);
