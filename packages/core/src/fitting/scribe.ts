import { wantedAt, type Fitting } from './fitting';
import { lengthOf, type LeafEdge, type Standing } from './leaf';
import { addOutlines, type Outline } from './outline';
import { edgePoint, placesToKeep, roomAt, type StandingLeaf } from './standingLeaf';
import { inward, isSide } from './leaf';

/** What must come off a scribed edge where its leaf stands, by distance along it, mm; negative where there is room. */
export function neededAlong(fitting: Fitting, around: readonly StandingLeaf[], n: number, edge: LeafEdge): Outline {
  const own = around[n] as StandingLeaf;
  const wanted = wantedAt(fitting, n, edge);
  return placesToKeep(fitting, around, n, edge).map((at) => ({ at, mm: wanted - roomAt(fitting, edge, edgePoint(own, edge, at)) }));
}

/** Only where it is more than nothing, bending where it runs out. */
export function positive(outline: Outline): Outline {
  return outline.flatMap(({ at, mm }, i) => {
    const before = outline[i - 1];
    const here = { at, mm: Math.max(0, mm) };
    if (before === undefined || before.mm * mm >= 0) return [here];
    return [{ at: before.at + ((at - before.at) * before.mm) / (before.mm - mm), mm: 0 }, here];
  });
}

/** The line a scribed edge is cut to, by share of its length. */
export function scribedOff(fitting: Fitting, around: readonly StandingLeaf[], n: number, edge: LeafEdge): Outline {
  const lengthMm = lengthOf((around[n] as StandingLeaf).leaf, edge);
  const off = positive(neededAlong(fitting, around, n, edge)).map(({ at, mm }) => ({ at: at / lengthMm, mm }));
  const [first, last] = [off[0], off.at(-1)];
  return first === undefined || last === undefined
    ? []
    : addOutlines([{ at: 0, mm: first.mm }, ...inside(off), { at: 1, mm: last.mm }], []);
}

const inside = (off: Outline) => off.filter(({ at }) => at > 0 && at < 1);

/** Timber off a scribed edge where its leaf stands, mm², and how it changes as the leaf moves: a line below the area wherever the leaf stands. */
export interface AreaBelow {
  leaf: number;
  edge: LeafEdge;
  about: Standing;
  areaMm2: number;
  perX: number;
  perY: number;
  perLean: number;
}

/** The area is convex in where the leaf stands, so that its tangent is never above it (Kelley's cutting planes; from memory). */
export function areaBelow(fitting: Fitting, around: readonly StandingLeaf[], n: number, edge: LeafEdge): AreaBelow {
  const own = around[n] as StandingLeaf;
  const needed = positive(neededAlong(fitting, around, n, edge));
  const [first, last] = [needed[0], needed.at(-1)];
  if (first === undefined || last === undefined) throw new RangeError('An edge without places.');
  // Beyond what is left a cut goes on as it is there.
  const whole = [{ at: 0, mm: first.mm }, ...needed, { at: lengthOf(own.leaf, edge), mm: last.mm }];
  const perLeanAt = (at: number) => edgePoint(own, edge, Math.min(last.at, Math.max(first.at, at))).perLean;
  let [areaMm2, lengthMm, turning] = [0, 0, 0];
  whole.forEach(({ at, mm }, i) => {
    const before = whole[i - 1];
    if (before === undefined || (mm <= 0 && before.mm <= 0)) return;
    const span = at - before.at;
    areaMm2 += (span * (mm + before.mm)) / 2;
    lengthMm += span;
    turning += (span * (perLeanAt(at) + perLeanAt(before.at))) / 2;
  });
  const sign = -inward(edge);
  return {
    ...{ leaf: n, edge, about: own.standing, areaMm2 },
    perX: isSide(edge) ? sign * lengthMm : 0,
    perY: isSide(edge) ? 0 : sign * lengthMm,
    perLean: sign * turning,
  };
}
