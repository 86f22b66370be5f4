import { withWishes } from './fewestEdges';
import { fitFrom, NOTHING_MM, type Fit } from './fitOnce';
import type { Fitting } from './fitting';
import { lengthOf, type LeafEdge } from './leaf';
import { outlineAt, type Outline } from './outline';
import type { Taper } from './shapes';

/** Places a taper may run out at, as shares of its edge. */
const RUNS_OUT_AT = Array.from({ length: 15 }, (_, i) => (i + 1) / 16);
/** Less timber saved than this is not worth a mark for where a cut runs out, mm². */
const WORTH_MM2 = 1;

/** A straight cut that may as well run out before the other end does so where that takes less. */
export function withTapers(fitting: Fitting, straight: Fit): Fit {
  let best = straight;
  let chosen = fitting;
  straight.leaves.forEach(({ edges }, n) =>
    edges.forEach(({ edge, off, deepestMm, areaMm2 }) => {
      if (fitting.leaves[n]?.wishes[edge].shape !== 'line' || deepestMm === 0) return;
      const lengthMm = lengthOf(fitting.leaves[n].leaf, edge);
      const from = (off[0]?.mm ?? 0) > (off.at(-1)?.mm ?? 0) ? 0 : 1;
      const needs = neededOff(straight, n, edge, lengthMm);
      const least = RUNS_OUT_AT.map((share): Taper => ({ from, to: from === 0 ? share : 1 - share }))
        .map((taper) => ({ taper, area: areaOf(taper, needs) * lengthMm }))
        .reduce((a, b) => (b.area < a.area ? b : a));
      if (least.area >= areaMm2 - WORTH_MM2) return;
      const tapered = withWishes(chosen, (wish, k, own) => (k === n && own === edge ? { ...wish, shape: least.taper } : wish));
      const found = fitFrom(
        tapered,
        best.leaves.map(({ standing }) => standing),
      );
      if (found?.isPossible && found.areaMm2 < best.areaMm2 - WORTH_MM2) [best, chosen] = [found, tapered];
    }),
  );
  return best;
}

/** What must come off an edge at each place where it stands: what was taken less what is more than wanted there. */
function neededOff(fit: Fit, n: number, edge: LeafEdge, lengthMm: number): Outline {
  const own = fit.leaves[n]?.edges.find((each) => each.edge === edge);
  if (own === undefined) return [];
  return own.gaps.map(({ at, mm }) => ({ at: at / lengthMm, mm: Math.max(0, outlineAt(own.off, at / lengthMm) - (mm - own.leastGapMm)) }));
}

/** Area, as a share of the edge's length times mm, of the least taper of its kind that takes off what is needed. */
function areaOf({ from, to }: Taper, needs: Outline): number {
  const length = Math.abs(to - from);
  const deepest = needs.reduce((most, { at, mm }) => {
    const there = 1 - Math.abs(at - from) / length;
    return mm < NOTHING_MM ? most : there <= 0 ? Infinity : Math.max(most, mm / there);
  }, 0);
  return (deepest * length) / 2;
}
