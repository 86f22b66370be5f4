import type { FittedEdge } from './fitOnce';
import { isSide, isToldBackward, lengthOf, type HingesOn, type Leaf, type LeafEdge } from './leaf';
import { outlineAt, type Outline, type OutlinePoint } from './outline';
import { USUAL_BEVEL } from '../sheets/edge/closingEdge';

/** What each line of a list of cuts is done with, and why: the first rule that holds. */
export const TOOLS = ['handPlane', 'saw', 'plane'] as const;
export type Tool = (typeof TOOLS)[number];
export const TOOL_RULES = ['crooked', 'deep', 'endGrain', 'shallow'] as const;
export type ToolRule = (typeof TOOL_RULES)[number];

/** Off a straight line by more than this, a cut is crooked; deeper than this it is sawn, end grain from less (common practice, no source). */
const CROOKED_FROM_MM = 0.5;
const SAWN_FROM_MM = 3;
const END_GRAIN_SAWN_FROM_MM = 1.5;
/** A blade reaches so far beyond the slab (common practice, no source). */
export const BLADE_BEYOND_MM = 3;
/** How much is off is told so often along an edge, unless asked otherwise. */
const OFFSETS_APART_MM = 100;

interface CutAsked {
  edge: LeafEdge;
  off: Outline;
  deepestMm: number;
}

const RULES: readonly { rule: ToolRule; tool: Tool; holds: (cut: CutAsked) => boolean }[] = [
  { rule: 'crooked', tool: 'handPlane', holds: ({ off }) => crookedBy(off) > CROOKED_FROM_MM },
  { rule: 'deep', tool: 'saw', holds: ({ deepestMm }) => deepestMm >= SAWN_FROM_MM },
  { rule: 'endGrain', tool: 'saw', holds: ({ edge, deepestMm }) => !isSide(edge) && deepestMm >= END_GRAIN_SAWN_FROM_MM },
  { rule: 'shallow', tool: 'plane', holds: () => true },
];

/** Sides before ends, since ends are measured along them; the foot last, from a floor that was measured last. */
const ORDER: readonly LeafEdge[] = ['left', 'right', 'head', 'foot'];

export interface CutLine {
  edge: LeafEdge;
  /** Timber off at places from the datum: sides from the top down, ends from the hinge side. */
  marks: OutlinePoint[];
  /** The same at even distances. */
  offsets: OutlinePoint[];
  deepestMm: number;
  tool: Tool;
  rule: ToolRule;
  /** How much narrower the far face is planed, mm; nought unless it is the edge that closes. */
  bevelMm: number;
  /** How far the blade reaches below the base of the saw, mm; nought where nothing is sawn. */
  bladeMm: number;
  /** Where the straightedge lies for the saw, from the edge as it is; nothing where it is not sawn or the saw’s base not known. */
  guide: OutlinePoint[];
}

/** How the list is written: for which slab, which saw, and how often along an edge. */
export interface ListAsked {
  thicknessMm: number;
  hingesOn: HingesOn;
  bevelled: readonly LeafEdge[];
  /** Edge of the saw’s base to its blade. */
  sawBaseMm?: number | undefined;
  offsetsApartMm?: number | undefined;
}

/** Less is not worth a stroke, mm. */
const WORTH_MM = 0.1;

/** The cuts of a leaf, in the order they are made. */
export function cutList(
  leaf: Leaf,
  edges: readonly FittedEdge[],
  { thicknessMm, hingesOn, bevelled, sawBaseMm, offsetsApartMm = OFFSETS_APART_MM }: ListAsked,
): CutLine[] {
  return ORDER.flatMap((edge): CutLine[] => {
    const own = edges.find((each) => each.edge === edge);
    if (own === undefined || own.deepestMm < WORTH_MM) return [];
    const lengthMm = lengthOf(leaf, edge);
    const isTurned = isToldBackward(edge, hingesOn);
    const fromDatum = own.off.map(({ at, mm }) => ({ at: (isTurned ? 1 - at : at) * lengthMm, mm }));
    const marks = withoutBetween(isTurned ? fromDatum.reverse() : fromDatum);
    const { rule, tool } = RULES.find(({ holds }) => holds(own)) ?? { rule: 'shallow', tool: 'plane' };
    const places = Array.from({ length: Math.floor(lengthMm / offsetsApartMm) + 1 }, (_, i) => i * offsetsApartMm);
    return [
      {
        ...{ edge, marks, tool, rule, deepestMm: own.deepestMm },
        offsets: places.map((at) => ({ at, mm: Math.max(0, outlineAt(marks, at)) })),
        bevelMm: bevelled.includes(edge) ? USUAL_BEVEL * thicknessMm : 0,
        bladeMm: tool === 'saw' ? thicknessMm + BLADE_BEYOND_MM : 0,
        guide: tool === 'saw' && sawBaseMm !== undefined ? marks.map(({ at, mm }) => ({ at, mm: mm + sawBaseMm })) : [],
      },
    ];
  });
}

/** By how much a line is off the straight one between the ends of what comes off, mm at most; what runs out to nothing is straight so far. */
function crookedBy(off: Outline): number {
  const cut = off.filter(({ mm }, i) => mm > 0 || (off[i - 1]?.mm ?? 0) > 0 || (off[i + 1]?.mm ?? 0) > 0);
  const [first, last] = [cut[0], cut.at(-1)];
  if (first === undefined || last === undefined) return 0;
  return Math.max(...cut.map(({ at, mm }) => Math.abs(mm - outlineAt([first, last], at))));
}

/** Less off a line is on it, mm. */
const ON_LINE_MM = 0.02;

/** The marks a line needs: not those that lie on the way from one to the next. */
function withoutBetween(marks: readonly OutlinePoint[]): OutlinePoint[] {
  return marks.reduce<OutlinePoint[]>((kept, mark, i) => {
    const [before, after] = [kept.at(-1), marks[i + 1]];
    if (before !== undefined && after !== undefined && Math.abs(outlineAt([before, after], mark.at) - mark.mm) < ON_LINE_MM) return kept;
    return [...kept, mark];
  }, []);
}
