import { besideOf, meetsAnother, type Fitting } from './fitting';
import { alongAt, bendsOf, inward, isSide, lengthOf, longest, standsAt, type Leaf, type LeafEdge, type Standing } from './leaf';
import { outlineAt } from './outline';

/** A leaf where it stands, and what of it is left between its cuts, mm from the foot of its left edge: there its gaps are kept. */
export interface StandingLeaf {
  leaf: Leaf;
  standing: Standing;
  acrossMm: readonly [number, number];
  alongMm: readonly [number, number];
}

/** Where a point of an edge stands on the axis its gap is read along, and by how much it moves there for a millimetre of lean. */
export interface EdgePoint {
  x: number;
  y: number;
  mm: number;
  perLean: number;
}

export const tallOf = (leaf: Leaf) => longest(leaf.head);

export function edgePoint({ leaf, standing }: Pick<StandingLeaf, 'leaf' | 'standing'>, edge: LeafEdge, alongMm: number): EdgePoint {
  const offMm = outlineAt(leaf[edge], alongMm);
  const [u, v] = isSide(edge) ? [offMm, alongMm] : [alongMm, offMm];
  const { x, y } = standsAt(standing, tallOf(leaf), u, v);
  const [mm, turned] = isSide(edge) ? [x, standing.yMm - y] : [y, x - standing.xMm];
  return { x, y, mm, perLean: turned / tallOf(leaf) };
}

/** Room between a point of an edge and what it stands beside, before anything is cut, mm; negative where they overlap. */
export function roomAt({ opening }: Fitting, edge: LeafEdge, { x, y, mm }: EdgePoint): number {
  return inward(edge) * (mm - outlineAt(besideOf(opening, edge), isSide(edge) ? y : x));
}

/** Places nearer to each other are one: between them nothing bends by anything, mm. */
const APART_MM = 0.02;

/** Places along an edge where leaf or opening bends or its cut runs out, and the ends of what is left of it, mm. */
export function placesToKeep(fitting: Fitting, around: readonly StandingLeaf[], n: number, edge: LeafEdge): number[] {
  const own = around[n] as StandingLeaf;
  const [from, to] = isSide(edge) ? own.alongMm : own.acrossMm;
  const other = around[1 - n];
  const met = edge === 'left' ? 'right' : 'left';
  const bends =
    meetsAnother(fitting, n, edge) && other !== undefined
      ? [...bendsOf(other.leaf, met), ...runsOut(fitting, other.leaf, 1 - n, met)].map((at) => edgePoint(other, met, at).y)
      : besideOf(fitting.opening, edge).map(({ at }) => at);
  const passed = bends.map((at) => alongAt(own.standing, tallOf(own.leaf), own.leaf, edge, at));
  const places = [...bendsOf(own.leaf, edge), ...passed, ...runsOut(fitting, own.leaf, n, edge)]
    .filter((at) => at > from + APART_MM && at < to - APART_MM)
    .sort((a, b) => a - b);
  return [from, ...places.filter((at, i) => at - (places[i - 1] ?? -Infinity) > APART_MM), to];
}

/** Where a cut runs out before its edge ends, mm along it. */
function runsOut(fitting: Fitting, leaf: Leaf, n: number, edge: LeafEdge): number[] {
  const shape = fitting.leaves[n]?.wishes[edge].shape;
  return typeof shape === 'object' ? [shape.to * lengthOf(leaf, edge)] : [];
}
