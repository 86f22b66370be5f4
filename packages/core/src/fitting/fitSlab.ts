import { instrumentSd } from '../length/instruments';
import { MM_PER_UNIT } from '../length/length';
import { cutAlready, deepestOf, deepestOff, type Off } from './cutAlready';
import { cutList, type CutLine } from './cutList';
import { fitLeaves } from './fitLeaves';
import { fitOnce, shortAt, type Fit, type FittedLeaf } from './fitOnce';
import type { FitAim, Fitting } from './fitting';
import { drawnEdge, isSide, LEAF_EDGES, leafOf, lengthOf, longest, type Leaf, type LeafEdge } from './leaf';
import { drawOpening, type Contradiction, type MeasuredOpening, type MissingId } from './opening';
import type { OutlinePoint } from './outline';
import type { CutShape } from './shapes';
import { LEAST_BLOCK_MM, mayLose, USUAL_BLOCK_MM, type FitSlabKind } from './slabKinds';

/** A slab as it is, mm: sizes evenly from its top to its foot, and from its hinge edge to its latch edge. */
export interface SlabAsItIs {
  widthsMm: readonly number[];
  heightsMm: readonly number[];
  kind: FitSlabKind;
  thicknessMm: number;
  /** Solid rail of a hollow slab, where it was measured, and whether its plug may be glued back. */
  blockMm?: number;
  mayReblock?: boolean;
  /** Its rails or panes must stay level. */
  staysLevel?: boolean;
  /** Middle of the handle below the top. */
  handleFromTopMm?: number;
  /** Hinge recesses are cut, and a lock is in. */
  hasRecesses?: boolean;
  hasLock?: boolean;
  /** A fire label. */
  hasLabel?: boolean;
  /** What an edge may lose where it was looked at: to a pane, a lock, a joint. */
  mayLoseMm?: Readonly<Partial<Record<SlabEdge, number>>>;
}

/** Edges of a slab by what they are; it is drawn with its hinges on the left. */
export const SLAB_EDGES = ['hinge', 'latch', 'head', 'foot'] as const;
export type SlabEdge = (typeof SLAB_EDGES)[number];
const HINGES_ON = 'left';
const NAMED: Readonly<Record<LeafEdge, SlabEdge>> = { left: 'hinge', right: 'latch', head: 'head', foot: 'foot' };

/** A slab to be fitted; lengths in mm. */
export interface SlabToFit {
  opening: MeasuredOpening;
  slab: SlabAsItIs;
  gaps: Readonly<Record<SlabEdge, number>>;
  /** A film of paint on a face: each gap loses two. */
  paintMm?: number;
  sides: CutShape;
  aim: FitAim;
  /** Cuts that were made. */
  made?: readonly MadeCut[];
  /** Edge of the saw’s base to its blade, and how far apart offsets are told. */
  sawBaseMm?: number;
  offsetsApartMm?: number;
}

export type MadeCut = Off<SlabEdge>;

export interface EdgeLeft {
  edge: SlabEdge;
  offMm: number;
  leastGapMm: number;
  mostGapMm: number;
  /** Gaps left, from the top of a side or the hinge side of an end. */
  gaps: OutlinePoint[];
}

export const FIT_WARNINGS = ['label', 'deepenRecesses', 'backset', 'block', 'handleHigh', 'handleLow', 'topEnd', 'stop', 'seal'] as const;
export type FitWarning = (typeof FIT_WARNINGS)[number];

/** What beats cutting where the slab is too small, by how much is left open beyond what is wanted. */
export const FILLS = ['live', 'straighten', 'pack', 'strip', 'newSlab'] as const;
export type Fill = (typeof FILLS)[number];

export interface SlabFit {
  isPossible: boolean;
  /** Where more than may come off would have to, mm; no cuts are listed then. */
  short: { edge: SlabEdge; mm: number }[];
  /** Where the slab is too small, by how much more than is wanted, and what to do. */
  open: { edge: SlabEdge; mm: number; fill: Fill }[];
  missing: MissingId[];
  contradictions: Contradiction[];
  edges: EdgeLeft[];
  cuts: (Omit<CutLine, 'edge'> & { edge: SlabEdge })[];
  /** Cuts that were made already, and how deep each was at its deepest. */
  made: { edge: SlabEdge; mm: number }[];
  areaMm2: number;
  /** How far its top leans from where it would stand square, + toward the hinges. */
  leansMm: number;
  /** The readings that matter most, and by how much timber off may change with each, mm in the mean. */
  readAgain: { reading: string; changesMm: number }[];
  warnings: { id: FitWarning; mm: number }[];
}

/** A gap is open to the eye from so much more than wanted; packers and strips go so far (common practice, no source), mm. */
const OPEN_FROM_MM = 1.5;
const FILL_UP_TO: readonly { fill: Fill; mm: number }[] = [
  { fill: 'live', mm: 2.5 },
  { fill: 'pack', mm: 5 },
  { fill: 'strip', mm: 15 },
  { fill: 'newSlab', mm: Infinity },
];
/** A slab leans no further than this over its height to follow an opening (common practice, no source). */
const MAY_LEAN_SHARE = 0.01;
/** Handles stand about 44 in below the top of an arched slab, and between these above the floor (common practice, no source), mm. */
export const ARCHED_HANDLE_MM = 44 * MM_PER_UNIT.in;
/** Further from that, the wrong end may be up, mm. */
const TOP_END_WITHIN_MM = 100;
const HANDLE_HEIGHTS_MM = { from: 850, to: 1150 };
/** A slab may stand so far in front of its leg or behind it (common practice, no source), mm. */
const STOP_MOVES_FROM_MM = 1;
const READ_AGAIN = 2;

/** Sizes evenly from the top down are heights above the foot; evenly from the hinge side they are distances across. */
export function slabLeaf({ widthsMm, heightsMm }: Pick<SlabAsItIs, 'widthsMm' | 'heightsMm'>): Leaf {
  const [wide, tall] = [Math.max(...widthsMm), Math.max(...heightsMm)];
  const even = (count: number, i: number) => (count === 1 ? 0 : i / (count - 1));
  return leafOf({
    widths: widthsMm.map((mm, i) => ({ at: tall * (1 - even(widthsMm.length, i)), mm })),
    heights: heightsMm.map((mm, i) => ({ at: wide * even(heightsMm.length, i), mm })),
  });
}

/** Edges that shut on a weather strip. */
const SEALED: readonly SlabEdge[] = ['latch', 'head'];

/** The gap an edge is cut for: as wanted, with a film of paint on both faces and the strip that stands in it, mm. */
const gapCutFor = ({ opening: { stripMm = 0 }, gaps, paintMm = 0 }: SlabToFit, edge: SlabEdge) =>
  gaps[edge] + 2 * paintMm + (SEALED.includes(edge) ? stripMm : 0);

/** Fits a slab into an opening as it was measured, and lists the cuts. */
export function fitSlab(asked: SlabToFit): SlabFit {
  const { slab, made = [], sawBaseMm, offsetsApartMm } = asked;
  const opening = drawOpening(asked.opening);
  const leaf = cutAlready(slabLeaf(slab), made, HINGES_ON);
  const fitting = fittingOf(asked, opening, leaf);
  const fit = fitLeaves(fitting);
  const [own] = fit.leaves as [FittedLeaf];
  const edges = own.edges.map((edge) => edgeLeft(leaf, edge));
  const bevelled: LeafEdge[] = ['right'];
  return {
    isPossible: fit.isPossible,
    short: shortAt(own).map(({ edge, mm }) => ({ edge: NAMED[edge], mm })),
    open: openAt(asked, edges),
    missing: opening.missing,
    contradictions: opening.contradictions,
    edges,
    // What a listing allows is not known here: nothing is cut off a labelled door by this list.
    cuts:
      fit.isPossible && slab.hasLabel !== true
        ? cutList(leaf, own.edges, { thicknessMm: slab.thicknessMm, hingesOn: HINGES_ON, bevelled, sawBaseMm, offsetsApartMm }).map(
            (cut) => ({
              ...cut,
              edge: NAMED[cut.edge],
            }),
          )
        : [],
    made: made.map(({ edge, marks }) => ({ edge, mm: deepestOf(marks) })),
    areaMm2: fit.areaMm2,
    leansMm: own.standing.leansMm,
    readAgain: readAgain(asked, leaf, fit),
    warnings: warningsOf(asked, own),
  };
}

function fittingOf(asked: SlabToFit, opening: Fitting['opening'], leaf: Leaf): Fitting {
  const { slab, sides, aim, made = [] } = asked;
  const wishes = Object.fromEntries(
    SLAB_EDGES.map((edge) => {
      const drawn = drawnEdge(edge, HINGES_ON);
      const shape: CutShape = isSide(drawn) ? sides : 'line';
      const mayLoseMm = Math.max(0, (slab.mayLoseMm?.[edge] ?? mayLose(slab, drawn)) - deepestOff(made, edge));
      return [drawn, { gapMm: gapCutFor(asked, edge), mayLoseMm, shape }];
    }),
  ) as Fitting['leaves'][number]['wishes'];
  const mayLeanMm = slab.staysLevel === true ? 0 : longest(leaf.head) * MAY_LEAN_SHARE;
  return { opening, leaves: [{ leaf, wishes, mayLeanMm }], meetingMm: 0, aim };
}

function edgeLeft(leaf: Leaf, { edge, deepestMm, gaps, leastGapMm, mostGapMm }: FittedLeaf['edges'][number]): EdgeLeft {
  const lengthMm = lengthOf(leaf, edge);
  const fromTop = isSide(edge) ? gaps.map(({ at, mm }) => ({ at: lengthMm - at, mm })).reverse() : [...gaps];
  return { edge: NAMED[edge], offMm: deepestMm, leastGapMm, mostGapMm, gaps: fromTop };
}

function openAt(asked: SlabToFit, edges: readonly EdgeLeft[]): SlabFit['open'] {
  return edges.flatMap(({ edge, leastGapMm, mostGapMm }) => {
    const wanted = gapCutFor(asked, edge);
    const mm = mostGapMm - wanted;
    // Where it is as wanted elsewhere, the opening is hollow there, and not the slab too small.
    const isHollow = leastGapMm - wanted < mm / 2;
    const bySize = FILL_UP_TO.find((each) => mm <= each.mm)?.fill ?? 'newSlab';
    const fill = isHollow && bySize !== 'live' ? 'straighten' : bySize;
    return mm > OPEN_FROM_MM ? [{ edge, mm, fill }] : [];
  });
}

/** Each reading a standard uncertainty off: how much that changes what comes off. */
function readAgain(asked: SlabToFit, leaf: Leaf, fit: Fit): SlabFit['readAgain'] {
  const { opening } = asked;
  const sdMm = instrumentSd(opening.lengthsBy ?? 'tape', 0);
  const tallMm = longest(leaf.head);
  const leanMm = instrumentSd(opening.leansBy ?? 'spiritLevel', tallMm);
  const off = (list: readonly OutlinePoint[], i: number) => list.map((point, k) => (k === i ? { ...point, mm: point.mm - sdMm } : point));
  const others: [string, MeasuredOpening][] = [
    ...opening.widths.map((_, i): [string, MeasuredOpening] => [`width.${i}`, { ...opening, widths: off(opening.widths, i) }]),
    ...opening.heights.map((_, i): [string, MeasuredOpening] => [`height.${i}`, { ...opening, heights: off(opening.heights, i) }]),
    ['plumb', { ...opening, plumb: { hingeMm: (opening.plumb?.hingeMm ?? 0) - leanMm } }],
  ];
  const edgesMm = LEAF_EDGES.reduce((sum, edge) => sum + lengthOf(leaf, edge), 0);
  return others
    .map(([reading, other]) => {
      const changed = fitOnce(fittingOf({ ...asked, aim: 'area' }, drawOpening(other), leaf));
      return { reading, changesMm: Math.abs(changed.areaMm2 - fit.areaMm2) / edgesMm };
    })
    .sort((a, b) => b.changesMm - a.changesMm)
    .slice(0, READ_AGAIN);
}

function warningsOf({ opening: { stopMm }, slab, gaps, made = [] }: SlabToFit, { edges }: FittedLeaf): SlabFit['warnings'] {
  const deepest = (edge: LeafEdge) => (edges.find((each) => each.edge === edge)?.deepestMm ?? 0) + deepestOff(made, NAMED[edge]);
  const cutsAny = SLAB_EDGES.some((edge) => deepest(drawnEdge(edge, HINGES_ON)) > 0);
  const block = slab.kind === 'hollow' ? (slab.blockMm ?? USUAL_BLOCK_MM) - Math.max(deepest('head'), deepest('foot')) : Infinity;
  const handle = slab.handleFromTopMm;
  const heightMm = Math.max(...slab.heightsMm);
  const aboveFloor = handle === undefined ? undefined : heightMm - handle - deepest('foot') + gaps.foot;
  const proudMm = stopMm === undefined ? 0 : Math.abs(slab.thicknessMm - stopMm);
  const all: (readonly [FitWarning, boolean, number])[] = [
    ['label', slab.hasLabel === true && cutsAny, 0],
    ['deepenRecesses', slab.hasRecesses === true && deepest('left') > 0, deepest('left')],
    ['backset', slab.hasLock === true && deepest('right') > 0, deepest('right')],
    ['block', block < LEAST_BLOCK_MM, block],
    ['handleHigh', aboveFloor !== undefined && aboveFloor > HANDLE_HEIGHTS_MM.to, aboveFloor ?? 0],
    ['handleLow', aboveFloor !== undefined && aboveFloor < HANDLE_HEIGHTS_MM.from, aboveFloor ?? 0],
    ['topEnd', slab.kind === 'arched' && handle !== undefined && Math.abs(handle - ARCHED_HANDLE_MM) > TOP_END_WITHIN_MM, handle ?? 0],
    ['stop', proudMm > STOP_MOVES_FROM_MM, proudMm],
    ['seal', cutsAny, 0],
  ];
  return all.flatMap(([id, holds, mm]) => (holds ? [{ id, mm }] : []));
}
