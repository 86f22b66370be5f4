/** Packers of one thickness in the van, mm; without a count there are as many as are wanted. */
export interface PackerKind {
  mm: number;
  count?: number;
}

/** Stacks to be made of them: how thick each is to be, mm, and how far off it may be. */
export interface StacksToMake {
  stacksMm: readonly number[];
  kinds: readonly PackerKind[];
  /** Apart by no more than this, a stack counts as exact, mm. */
  withinMm: number;
  /** Taken along beside what is used, as a share. */
  spareShare: number;
}

export interface Stack {
  wantedMm: number;
  /** Thickness of each piece, thickest first. */
  pieces: number[];
  /** How much thicker it is than wanted. */
  offMm: number;
  isExact: boolean;
}

export interface MadeStacks {
  stacks: Stack[];
  /** Pieces in all, and how many of each thickness to take along with spares. */
  pieces: number;
  take: { mm: number; used: number; withSpares: number; isShort: boolean }[];
  isExact: boolean;
}

/** A stack of more is no packer any more but a pile: pack it out with timber (common practice, no source). */
export const MOST_IN_STACK = 8;
/** A millimetre off costs as much as so many pieces: exact comes before few. */
const OFF_COSTS_PER_MM = 1000;

interface Way {
  /** How many of each kind. */
  counts: readonly number[];
  pieces: number;
  costs: number;
}

/** The fewest pieces that make every stack, exactly where the thicknesses allow it, else as near as they come, within what the van holds. */
export function makeStacks({ stacksMm, kinds, withinMm, spareShare }: StacksToMake): MadeStacks {
  const sorted = [...kinds].sort((a, b) => b.mm - a.mm);
  const held = sorted.map(({ count }) => count ?? Infinity);
  const waysOf = stacksMm.map((mm) => waysToMake(mm, sorted, withinMm));
  const chosen = cheapest(waysOf, held);
  const stacks = stacksMm.map((wantedMm, i): Stack => {
    const pieces = sorted.flatMap(({ mm }, k) => Array.from({ length: chosen[i]?.counts[k] ?? 0 }, () => mm));
    const offMm = pieces.reduce((sum, mm) => sum + mm, 0) - wantedMm;
    return { wantedMm, pieces, offMm, isExact: Math.abs(offMm) <= withinMm + 1e-9 };
  });
  const take = sorted.flatMap(({ mm }, k) => {
    const used = chosen.reduce((sum, { counts }) => sum + (counts[k] ?? 0), 0);
    const withSpares = Math.ceil(used * (1 + spareShare) - 1e-9);
    return used === 0 ? [] : [{ mm, used, withSpares, isShort: withSpares > (held[k] ?? 0) }];
  });
  const pieces = stacks.reduce((sum, each) => sum + each.pieces.length, 0);
  return { stacks, pieces, take, isExact: stacks.every(({ isExact }) => isExact) };
}

/** The ways to make one stack that come nearer than the thinnest packer, cheapest first; as far as the thickest go, and none, where nothing does. */
function waysToMake(wantedMm: number, kinds: readonly PackerKind[], withinMm: number): Way[] {
  const ways: Way[] = [];
  const counts = kinds.map(() => 0);
  const nearMm = Math.max(withinMm, kinds.at(-1)?.mm ?? 0) + 1e-9;
  const keep = (leftMm: number, pieces: number) => {
    const offMm = Math.abs(leftMm) <= withinMm + 1e-9 ? 0 : Math.abs(leftMm);
    ways.push({ counts: [...counts], pieces, costs: pieces + OFF_COSTS_PER_MM * offMm });
  };
  const add = (k: number, leftMm: number, pieces: number) => {
    const kind = kinds[k];
    if (kind === undefined || leftMm <= withinMm) {
      if (Math.abs(leftMm) <= nearMm) keep(leftMm, pieces);
      return;
    }
    if (leftMm - (MOST_IN_STACK - pieces) * kind.mm > nearMm) return;
    const most = Math.min(MOST_IN_STACK - pieces, kind.count ?? Infinity, Math.floor((leftMm + nearMm) / kind.mm));
    for (let n = most; n >= 0; n -= 1) {
      counts[k] = n;
      add(k + 1, leftMm - n * kind.mm, pieces + n);
    }
    counts[k] = 0;
  };
  add(0, wantedMm, 0);
  const left = kinds.reduce((toFill, { mm, count }, k) => {
    const used = counts.slice(0, k).reduce((sum, n) => sum + n, 0);
    counts[k] = Math.min(MOST_IN_STACK - used, count ?? Infinity, Math.floor(toFill / mm));
    return toFill - (counts[k] ?? 0) * mm;
  }, wantedMm);
  keep(
    left,
    counts.reduce((sum, n) => sum + n, 0),
  );
  counts.fill(0);
  keep(wantedMm, 0);
  return ways.sort((a, b) => a.costs - b.costs);
}

/** One way for each stack within what is held, at the least cost: depth first, cut off by what the rest costs at best. */
function cheapest(waysOf: readonly (readonly Way[])[], held: readonly number[]): readonly Way[] {
  const atBest = waysOf.map((_, i) => waysOf.slice(i).reduce((sum, ways) => sum + (ways[0]?.costs ?? Infinity), 0));
  let best: { ways: Way[]; costs: number } | undefined;
  let turns = 0;
  const go = (i: number, taken: Way[], costs: number, left: readonly number[]) => {
    if (best !== undefined && costs + (atBest[i] ?? 0) >= best.costs - 1e-9) return;
    const ways = waysOf[i];
    if (ways === undefined) {
      best = { ways: taken, costs };
      return;
    }
    for (const way of ways) {
      if ((turns += 1) > MOST_TURNS) return;
      if (way.counts.some((n, k) => n > (left[k] ?? 0))) continue;
      go(
        i + 1,
        [...taken, way],
        costs + way.costs,
        left.map((n, k) => n - (way.counts[k] ?? 0)),
      );
    }
  };
  go(0, [], 0, held);
  return best?.ways ?? [];
}

/** A search ends here with the best it has. */
const MOST_TURNS = 200_000;
