import { station, type EdgeId, type StationId } from '@proper-swing/core/doors';

export interface Point {
  x: number;
  y: number;
}

/** Where a gap is drawn: on the edge of the slab and on what it closes against. */
export interface StationPlace {
  onSlab: Point;
  onOpening: Point;
}

/** Gaps are drawn this many times larger than the door, so that a millimetre can be seen. */
export const GAP_FACTOR = 20;

/** No gap is drawn smaller or larger than this, mm. */
export const DRAWN_MM = { least: -4, most: 13 };

/** The one straight or bowed line (a polynomial, by Lagrange) through the gaps of an edge; those not given are taken as usual. */
export function throughStations(
  edge: EdgeId,
  walk: readonly StationId[],
  gapsMm: ReadonlyMap<StationId, number>,
  usualMm: number,
): (f: number) => number {
  const points = walk
    .map(station)
    .filter((each) => each.edge === edge)
    .map(({ id, f = 0 }) => ({ f, mm: gapsMm.get(id) ?? usualMm }));
  return (at) => {
    let sum = 0;
    for (const { f, mm } of points) {
      let share = mm;
      for (const other of points) if (other.f !== f) share *= (at - other.f) / (f - other.f);
      sum += share;
    }
    return sum;
  };
}

/** A quadratic curve from a to b that passes through `middle` half-way. */
export function bend(a: Point, middle: Point, b: Point): string {
  const control = { x: 2 * middle.x - (a.x + b.x) / 2, y: 2 * middle.y - (a.y + b.y) / 2 };
  return `Q${written(control)} ${written(b)}`;
}

export const written = ({ x, y }: Point) => `${x.toFixed(1)},${y.toFixed(1)}`;
