import { fitOnce } from './fitOnce';
import type { EdgeWish, Fitting, LeafToFit } from './fitting';
import { LEAF_EDGES, type LeafEdge } from './leaf';

/** Only as few edges as can be are cut at all, and of these choices the one with the least timber. */
export function withFewestEdges(fitting: Fitting): Fitting {
  const byArea: Fitting = { ...fitting, aim: 'area' };
  const cuttable = fitting.leaves.flatMap(({ wishes }, n) =>
    LEAF_EDGES.filter((edge) => wishes[edge].shape !== 'none').map((edge) => ({ n, edge })),
  );
  const all = fitOnce(byArea);
  if (!all.isPossible) return byArea;
  for (let count = 0; count <= Math.min(cuttable.length, all.edgesCut); count += 1) {
    const fits = subsets(cuttable, count)
      .map((cut) => only(byArea, cut))
      .map((chosen) => ({ chosen, fit: fitOnce(chosen) }))
      .filter(({ fit }) => fit.isPossible);
    if (fits.length > 0) return fits.reduce((best, each) => (each.fit.areaMm2 < best.fit.areaMm2 ? each : best)).chosen;
  }
  return byArea;
}

function only(fitting: Fitting, cut: readonly { n: number; edge: LeafEdge }[]): Fitting {
  return withWishes(fitting, (wish, n, edge) =>
    cut.some((each) => each.n === n && each.edge === edge) ? wish : { ...wish, shape: 'none', mayLoseMm: 0 },
  );
}

function subsets<T>(list: readonly T[], count: number): T[][] {
  if (count === 0) return [[]];
  return list.flatMap((first, i) => subsets(list.slice(i + 1), count - 1).map((rest) => [first, ...rest]));
}

export const withWishes = (fitting: Fitting, change: (wish: EdgeWish, n: number, edge: LeafEdge) => EdgeWish): Fitting => ({
  ...fitting,
  leaves: fitting.leaves.map((each, n) => ({
    ...each,
    wishes: Object.fromEntries(LEAF_EDGES.map((edge) => [edge, change(each.wishes[edge], n, edge)])) as LeafToFit['wishes'],
  })),
});
