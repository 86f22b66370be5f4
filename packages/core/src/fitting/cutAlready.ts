import { cutLeaf, drawnEdge, isToldBackward, lengthOf, type HingesOn, type Leaf, type NamedEdge } from './leaf';
import { inOrder, type OutlinePoint } from './outline';

/** Timber that is off an edge, at places from the top of a side or from the hinge side of an end, mm. */
export interface Off<E extends string> {
  edge: E;
  marks: readonly OutlinePoint[];
}

/** How much a cut took at its deepest, mm. */
export const deepestOf = (marks: readonly OutlinePoint[]) => Math.max(0, ...marks.map(({ mm }) => mm));

/** How much all cuts along an edge took at their deepest, mm. */
export const deepestOff = <E extends string>(made: readonly Off<E>[], edge: E) =>
  made.filter((cut) => cut.edge === edge).reduce((sum, { marks }) => sum + deepestOf(marks), 0);

/** A leaf without what was cut off it. */
export function cutAlready(leaf: Leaf, made: readonly Off<NamedEdge>[], hingesOn: HingesOn): Leaf {
  const cuts = made.map(({ edge: named, marks }) => {
    const edge = drawnEdge(named, hingesOn);
    const lengthMm = lengthOf(leaf, edge);
    const isTurned = isToldBackward(edge, hingesOn);
    return { edge, off: inOrder(marks.map(({ at, mm }) => ({ at: isTurned ? 1 - at / lengthMm : at / lengthMm, mm }))) };
  });
  return cutLeaf(leaf, cuts);
}
