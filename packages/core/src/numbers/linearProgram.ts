/** One limit: the sum of coefficient times unknown, over these unknowns, is at least so much. */
export interface AtLeast {
  /** By the unknown's index; those left out are nought. */
  of: ReadonlyMap<number, number>;
  atLeast: number;
}

/** Least cost under limits; every unknown is at least nought, or free, and no cost is negative. */
export interface LinearProgram {
  /** Cost of one of each unknown, at least 0; of a free one 0. */
  costs: readonly number[];
  /** Unknowns that may be negative. */
  free: ReadonlySet<number>;
  limits: readonly AtLeast[];
}

export interface Optimum {
  cost: number;
  values: number[];
}

/** Smaller is nothing, in the units of the limits. */
const NOTHING = 1e-7;
/** By how much each price is raised, as a share of the highest, and what spreads them. */
const HAIR = 1e-9;
const GOLDEN = (Math.sqrt(5) - 1) / 2;
/** By so much of that, prices may differ and count as the same. */
const SLACK_SHARE = 0.1;
/** A smaller step is rounding. */
const LEAST_STEP = 1e-8;
/** Far more than any program of a fit takes. */
const MOST_PIVOTS = 5000;

/**
 * The optimum of a small linear program by the dual simplex method on a condensed dictionary: nothing chosen costs nothing, so the costs are
 * right from the start, and limits are met one by one (Chvátal, Linear Programming, ch. 10; from memory).
 *
 * @returns nothing where no choice meets all limits, or none was found in far more pivots than a fit takes
 */
export function solveLinearProgram({ costs, free, limits }: LinearProgram): Optimum | undefined {
  // A free unknown is one less another.
  const negatives = [...free];
  const width = costs.length + negatives.length;
  const height = limits.length;
  const slack = width;
  const rows = Array.from(limits, ({ of, atLeast }) => {
    const row = new Float64Array(width + 1);
    for (const [j, a] of of) row[j] = a;
    negatives.forEach((j, k) => (row[costs.length + k] = -(row[j] ?? 0)));
    row[width] = -atLeast;
    return row;
  });
  const prices = new Float64Array(width + 1);
  const scale = Math.max(...costs, 1);
  // Equal prices would let it turn in a circle: each is a hair dearer than it is, by another hair.
  for (let j = 0; j < width; j += 1) prices[j] = (costs[j] ?? 0) + scale * HAIR * (1 + ((j * GOLDEN) % 1));
  const basic = Array.from({ length: height }, (_, i) => slack + i);
  const nonbasic = Array.from({ length: width }, (_, j) => j);

  for (let pivots = 0; ; pivots += 1) {
    const leaving = mostUnmet(rows, width);
    if (leaving < 0) break;
    if (pivots > MOST_PIVOTS) return undefined;
    const entering = cheapest(rows[leaving] ?? prices, prices, width, scale * HAIR * SLACK_SHARE);
    if (entering < 0) return undefined;
    pivot(rows, prices, leaving, entering);
    [basic[leaving], nonbasic[entering]] = [nonbasic[entering] ?? 0, basic[leaving] ?? 0];
  }
  const all = new Float64Array(width);
  basic.forEach((j, i) => {
    if (j < width) all[j] = rows[i]?.[width] ?? 0;
  });
  const values = costs.map((_, j) => all[j] ?? 0);
  negatives.forEach((j, k) => (values[j] = (values[j] ?? 0) - (all[costs.length + k] ?? 0)));
  return { cost: values.reduce((sum, each, j) => sum + each * (costs[j] ?? 0), 0), values };
}

function mostUnmet(rows: readonly Float64Array[], width: number): number {
  let found = -1;
  let most = -NOTHING;
  rows.forEach((row, i) => {
    const value = row[width] ?? 0;
    if (value < most) [most, found] = [value, i];
  });
  return found;
}

/**
 * The unknown that meets a limit at the least cost; of those that cost next to the same the one with the largest step, which keeps the figures
 * clean (Harris's ratio test; from memory).
 */
function cheapest(row: Float64Array, prices: Float64Array, width: number, slackness: number): number {
  let bound = Infinity;
  for (let j = 0; j < width; j += 1) {
    const a = row[j] ?? 0;
    if (a > LEAST_STEP) bound = Math.min(bound, (Math.max(0, prices[j] ?? 0) + slackness) / a);
  }
  let found = -1;
  let largest = 0;
  for (let j = 0; j < width; j += 1) {
    const a = row[j] ?? 0;
    if (a > LEAST_STEP && a > largest && Math.max(0, prices[j] ?? 0) / a <= bound) [largest, found] = [a, j];
  }
  return found;
}

/** Solves one row for an unknown and puts it into all others. */
function pivot(rows: readonly Float64Array[], prices: Float64Array, r: number, c: number): void {
  const row = rows[r] ?? prices;
  const a = row[c] ?? 1;
  for (let j = 0; j < row.length; j += 1) row[j] = -(row[j] ?? 0) / a;
  row[c] = 1 / a;
  // Most of a row is nought: only the rest of it changes another.
  const columns = new Int32Array(row.length);
  let count = 0;
  for (let j = 0; j < row.length; j += 1) if (row[j] !== 0) columns[count++] = j;
  const putInto = (other: Float64Array) => {
    const by = other[c] ?? 0;
    if (by === 0) return;
    other[c] = 0;
    for (let k = 0; k < count; k += 1) {
      const j = columns[k] ?? 0;
      other[j] = (other[j] ?? 0) + by * (row[j] ?? 0);
    }
  };
  for (const other of rows) if (other !== row) putInto(other);
  putInto(prices);
}
