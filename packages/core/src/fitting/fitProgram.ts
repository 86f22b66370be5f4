import type { AtLeast, LinearProgram } from '../numbers/linearProgram';
import { meetsAnother, wantedAt, type Fitting } from './fitting';
import { alongAt, inward, isSide, LEAF_EDGES, lengthOf, type LeafEdge, type Standing } from './leaf';
import { outlineAt, type Outline } from './outline';
import type { AreaBelow } from './scribe';
import { partsOf, type CutPart } from './shapes';
import { edgePoint, placesToKeep, roomAt, tallOf, type EdgePoint, type StandingLeaf } from './standingLeaf';

export interface FitProgram {
  program: LinearProgram;
  /** Reads the unknowns: where each leaf stands, and what comes off its straight cuts, by share of the edge; nothing for scribed ones. */
  standings: (values: readonly number[]) => Standing[];
  straightOff: (values: readonly number[], n: number, edge: LeafEdge) => Outline | undefined;
}

/** Areas are reckoned in mm of depth along a metre, so that the figures of the program are of one size. */
export const MM_ALONG_A_METRE = 1000;
/** A millimetre more than may be lost costs more than any timber it could save, mm along a metre. */
export const SHORT_COST = 100;
/** Once no more timber can be saved, gaps are brought near to what is wanted: the head first, the sides alike, the foot last. */
const EVEN_COSTS: Readonly<Record<LeafEdge, number>> = { head: 10, left: 1, right: 1, foot: 0.1 };

/** Of two ways that take as much, the one that leaves the top rail and the hinge edge alone. */
const RATHER_NOT: Readonly<Record<LeafEdge, number>> = { head: 0.5, left: 0.2, right: 0, foot: 0 };
/** Where two ways are as good a leaf stays where it stands, so that it comes to rest. */
const STAY_COST = 1e-2;

interface EdgeUnknowns {
  /** A straight cut by its parts; a scribed one by its area. */
  parts: CutPart[];
  first: number;
  short: number;
}

type Terms = [number, number][];

/**
 * The linear program of a fit, about the leaves as they stand: unknown are where they stand, how they lean and what comes off; every gap is
 * at least what is wanted, wherever leaf or opening bends, and nothing loses more than it may. Least timber; with `most`, that much timber
 * and the gaps as near to what is wanted as they can be. Gaps are level at the sides and upright at head and foot.
 *
 * @param below what is known of the areas of scribed edges
 * @param reachMm how far a leaf may go from where it stands, so that what is known there still holds
 */
export function fitProgram(
  fitting: Fitting,
  around: readonly StandingLeaf[],
  below: readonly AreaBelow[],
  reachMm: number,
  most?: number,
): FitProgram {
  const { leaves, equalAtMm, aim, opening } = fitting;
  const costs: number[] = [];
  const free = new Set<number>();
  const limits: AtLeast[] = [];
  const timber: Terms = [];
  const isEvening = most !== undefined;
  const unknown = (cost: number) => costs.push(cost) - 1;
  /** One that counts as timber. */
  const spent = (cost: number, edge?: LeafEdge) => {
    const j = unknown(isEvening ? cost * (edge === undefined ? 0 : RATHER_NOT[edge]) : cost);
    if (cost > 0) timber.push([j, cost]);
    return j;
  };
  const freely = () => {
    const j = unknown(0);
    free.add(j);
    return j;
  };
  const atLeast = (terms: Terms, mm: number) => limits.push({ of: summed(terms), atLeast: mm });
  const deepest = aim === 'depth' ? spent(1) : undefined;
  const excess = new Map<LeafEdge, number>();
  /** The most of the gap along an edge that is more than wanted; of both sides together. */
  const excessOf = (edge: LeafEdge) => {
    const side = edge === 'right' ? 'left' : edge;
    const known = excess.get(side) ?? unknown(EVEN_COSTS[side]);
    excess.set(side, known);
    return known;
  };

  const own = leaves.map(({ wishes, mayLeanMm }, n) => {
    const { leaf } = around[n] as StandingLeaf;
    const [x, y, leans] = [freely(), freely(), freely()];
    atLeast([[leans, 1]], -mayLeanMm);
    atLeast([[leans, -1]], -mayLeanMm);
    const { xMm, yMm, leansMm } = (around[n] as StandingLeaf).standing;
    for (const [j, now] of [
      [x, xMm],
      [y, yMm],
      [leans, leansMm],
    ] as const) {
      atLeast([[j, 1]], now - reachMm);
      atLeast([[j, -1]], -now - reachMm);
      if (!isEvening) continue;
      const moves = unknown(STAY_COST);
      atLeast(
        [
          [moves, 1],
          [j, -1],
        ],
        -now,
      );
      atLeast(
        [
          [moves, 1],
          [j, 1],
        ],
        now,
      );
    }
    const edges = Object.fromEntries(
      LEAF_EDGES.map((edge): [LeafEdge, EdgeUnknowns] => {
        const { shape, mayLoseMm } = wishes[edge];
        const parts = partsOf(shape);
        const first = costs.length;
        const cost = (area: number) => (deepest === undefined ? area : 0);
        if (parts.length === 0) spent(cost(1), edge);
        for (const { mean } of parts) spent(cost((mean * lengthOf(leaf, edge)) / MM_ALONG_A_METRE), edge);
        const short = spent(SHORT_COST);
        if (parts.length > 0) {
          for (const share of [0, 1]) {
            const off = parts.map(({ at }, j): [number, number] => [first + j, -at(share)]);
            atLeast([...off, [short, 1]], shape === 'none' ? 0 : -mayLoseMm);
            if (deepest !== undefined) atLeast([...off, [deepest, 1]], 0);
          }
        }
        return [edge, { parts, first, short }];
      }),
    ) as Record<LeafEdge, EdgeUnknowns>;
    return { x, y, leans, edges };
  });

  const offAt = (n: number, edge: LeafEdge, alongMm: number): Terms => {
    const { parts, first } = own[n]?.edges[edge] as EdgeUnknowns;
    return parts.map(({ at }, j) => [first + j, at(alongMm / lengthOf((around[n] as StandingLeaf).leaf, edge))]);
  };
  /** By how much a point of an edge moves inward from where it stands, and how much that is as the leaf stands. */
  const moved = (n: number, edge: LeafEdge, { perLean }: EdgePoint): { terms: Terms; constant: number } => {
    const { x, y, leans } = own[n] as (typeof own)[number];
    const { xMm, yMm, leansMm } = (around[n] as StandingLeaf).standing;
    const sign = inward(edge);
    return {
      terms: [
        [isSide(edge) ? x : y, sign],
        [leans, sign * perLean],
      ],
      constant: sign * ((isSide(edge) ? xMm : yMm) + perLean * leansMm),
    };
  };

  /** A gap that is at least what is wanted, by what moves it and by what comes off; `roomMm` is there as things stand. */
  const keepClear = (n: number, edge: LeafEdge, { terms, constant }: { terms: Terms; constant: number }, off: Terms, roomMm: number) => {
    const wish = leaves[n]?.wishes[edge];
    const { short } = own[n]?.edges[edge] as EdgeUnknowns;
    const least = wantedAt(fitting, n, edge) - roomMm + constant;
    if (wish?.shape === 'scribe') {
      atLeast([...terms, [short, 1]], least - wish.mayLoseMm);
      if (deepest !== undefined) atLeast([...terms, [deepest, 1]], least);
    } else {
      atLeast([...terms, ...off], least);
    }
    if (isEvening) atLeast([...negated([...terms, ...off]), [excessOf(edge), 1]], -least);
  };

  leaves.forEach((_, n) => {
    for (const edge of LEAF_EDGES) {
      for (const alongMm of placesToKeep(fitting, around, n, edge)) {
        const point = edgePoint(around[n] as StandingLeaf, edge, alongMm);
        if (!meetsAnother(fitting, n, edge)) {
          keepClear(n, edge, moved(n, edge, point), offAt(n, edge, alongMm), roomAt(fitting, edge, point));
        } else if (n === 0) {
          const other = around[1] as StandingLeaf;
          const there = alongAt(other.standing, tallOf(other.leaf), other.leaf, 'left', point.y);
          const met = edgePoint(other, 'left', there);
          const [from, to] = [moved(0, 'right', point), moved(1, 'left', met)];
          const both = { terms: [...from.terms, ...to.terms], constant: from.constant + to.constant };
          keepClear(0, 'right', both, [...offAt(0, 'right', alongMm), ...offAt(1, 'left', there)], met.mm - point.mm);
        }
      }
    }
  });

  for (const { leaf, edge, about, areaMm2, perX, perY, perLean } of below) {
    const { x, y, leans, edges } = own[leaf] as (typeof own)[number];
    const per: Terms = [
      [x, -perX / MM_ALONG_A_METRE],
      [y, -perY / MM_ALONG_A_METRE],
      [leans, -perLean / MM_ALONG_A_METRE],
    ];
    const constant = areaMm2 - perX * about.xMm - perY * about.yMm - perLean * about.leansMm;
    atLeast([[edges[edge].first, 1], ...per], constant / MM_ALONG_A_METRE);
  }

  const [left, right] = leaves;
  const equal = (terms: Terms, mm: number) => {
    atLeast(terms, mm);
    atLeast(negated(terms), -mm);
  };
  if (left && right && equalAtMm !== undefined) {
    // The meeting line stands in the middle of what the gaps at the legs leave.
    const sides = ([0, 1] as const).map((n) => {
      const { leaf, standing } = around[n] as StandingLeaf;
      const edge = n === 0 ? 'right' : 'left';
      const there = alongAt(standing, tallOf(leaf), leaf, edge, equalAtMm);
      const point = edgePoint(around[n] as StandingLeaf, edge, there);
      const { terms, constant } = moved(n, edge, point);
      return { terms: [...terms, ...offAt(n, edge, there)], constant, point };
    });
    const [a, b] = sides;
    const from = outlineAt(opening.hingeLeg, equalAtMm) + left.wishes.left.gapMm;
    const to = outlineAt(opening.latchLeg, equalAtMm) - right.wishes.right.gapMm;
    if (a && b) {
      const now = a.point.mm - from - (to - b.point.mm);
      equal([...a.terms, ...negated(b.terms)], now + a.constant - b.constant);
    }
  }
  if (left?.railMm !== undefined && right?.railMm !== undefined) {
    const [a, b] = own;
    if (a && b)
      equal(
        [
          [a.y, 1],
          [b.y, -1],
        ],
        right.railMm - left.railMm,
      );
  }
  if (most !== undefined) atLeast(negated(timber), -most);

  return {
    program: { costs, free, limits },
    standings: (values) => own.map(({ x, y, leans }) => ({ xMm: values[x] ?? 0, yMm: values[y] ?? 0, leansMm: values[leans] ?? 0 })),
    straightOff: (values, n, edge) => {
      const { parts, first } = own[n]?.edges[edge] as EdgeUnknowns;
      const { shape } = leaves[n]?.wishes[edge] ?? {};
      if (parts.length === 0) return undefined;
      const shares = typeof shape === 'object' ? [0, shape.to, 1] : [0, 1];
      return [...new Set(shares)]
        .sort((a, b) => a - b)
        .map((at) => ({ at, mm: parts.reduce((sum, part, j) => sum + part.at(at) * (values[first + j] ?? 0), 0) }));
    },
  };
}

const negated = (terms: Terms): Terms => terms.map(([j, a]) => [j, -a]);

function summed(terms: Terms): Map<number, number> {
  const sums = new Map<number, number>();
  for (const [j, a] of terms) sums.set(j, (sums.get(j) ?? 0) + a);
  return sums;
}
