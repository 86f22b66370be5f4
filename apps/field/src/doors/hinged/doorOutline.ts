import { EDGES, station, WALKING_ORDER, type EdgeId, type Station, type StationId } from '@proper-swing/core';

export interface Point {
  x: number;
  y: number;
}

/** Where everything of a door drawing stands, px. Hinges on the left; mirrored by the caller. */
export interface DoorOutline {
  opening: { left: number; right: number; top: number; bottom: number };
  /** Path of the slab's edges. */
  slab: string;
  /** Where each gap is: on the slab's edge and on the opening. */
  stations: ReadonlyMap<StationId, { onSlab: Point; onOpening: Point }>;
  /** Hinge barrels, on the slab's hinge edge. */
  hinges: readonly Point[];
  /** How many times larger than the door the gaps are drawn. */
  factor: number;
}

export interface OutlineInput {
  width: number;
  height: number;
  slabHeightMm: number;
  hingeHeightsMm: readonly number[];
  gapsMm: ReadonlyMap<StationId, number>;
}

export const FRAME_PX = 20;
const FLOOR_PX = 14;
/** Gaps are drawn this many times larger than the door, so that a millimetre can be seen. */
const GAP_FACTOR = 20;
const DRAWN_MM = { least: -4, most: 13 };

/** Where the opening is drawn. */
export function openingIn({ width, height }: { width: number; height: number }): DoorOutline['opening'] {
  return { left: FRAME_PX, right: width - FRAME_PX, top: FRAME_PX, bottom: height - FLOOR_PX };
}

/** Lays out a door in its opening with the gaps widened. Gaps that are not given are drawn as 3 mm. */
export function doorOutline({ width, height, slabHeightMm, hingeHeightsMm, gapsMm }: OutlineInput): DoorOutline {
  const opening = openingIn({ width, height });
  const scale = ((opening.bottom - opening.top) / slabHeightMm) * GAP_FACTOR;
  const [w, h] = [opening.right - opening.left, opening.bottom - opening.top];

  const lines = {
    hinge: throughStations('hinge', gapsMm),
    head: throughStations('head', gapsMm),
    latch: throughStations('latch', gapsMm),
    foot: throughStations('foot', gapsMm),
  };
  const gapPx = (edge: EdgeId, f: number) => {
    const mm = lines[edge](f);
    return Math.max(DRAWN_MM.least, Math.min(DRAWN_MM.most, mm)) * scale;
  };
  const onSlab = (edge: EdgeId, f: number): Point => {
    switch (edge) {
      case 'hinge':
        return { x: opening.left + gapPx('hinge', f), y: opening.top + f * h };
      case 'latch':
        return { x: opening.right - gapPx('latch', f), y: opening.top + f * h };
      case 'head':
        return { x: opening.left + f * w, y: opening.top + gapPx('head', f) };
      case 'foot':
        return { x: opening.left + f * w, y: opening.bottom - gapPx('foot', f) };
    }
  };
  const onOpening = (edge: EdgeId, f: number): Point =>
    ({
      hinge: { x: opening.left, y: opening.top + f * h },
      latch: { x: opening.right, y: opening.top + f * h },
      head: { x: opening.left + f * w, y: opening.top },
      foot: { x: opening.left + f * w, y: opening.bottom },
    })[edge];

  const corners = {
    topHinge: { x: onSlab('hinge', 0).x, y: onSlab('head', 0).y },
    topLatch: { x: onSlab('latch', 0).x, y: onSlab('head', 1).y },
    footLatch: { x: onSlab('latch', 1).x, y: onSlab('foot', 1).y },
    footHinge: { x: onSlab('hinge', 1).x, y: onSlab('foot', 0).y },
  };
  const slab = [
    `M${at(corners.topHinge)}`,
    bend(corners.topHinge, onSlab('head', 0.5), corners.topLatch),
    bend(corners.topLatch, onSlab('latch', 0.5), corners.footLatch),
    bend(corners.footLatch, onSlab('foot', 0.5), corners.footHinge),
    bend(corners.footHinge, onSlab('hinge', 0.5), corners.topHinge),
    'Z',
  ].join(' ');

  return {
    opening,
    slab,
    stations: new Map(
      WALKING_ORDER.flatMap((id) => {
        const { edge, f } = station(id);
        return edge === undefined || f === undefined ? [] : [[id, { onSlab: onSlab(edge, f), onOpening: onOpening(edge, f) }] as const];
      }),
    ),
    hinges: hingeHeightsMm.map((height_) => onSlab('hinge', height_ / slabHeightMm)),
    factor: GAP_FACTOR,
  };
}

const USUAL_GAP_MM = 3;

const EDGE_STATIONS = Object.fromEntries(
  EDGES.map((edge) => [edge, WALKING_ORDER.map(station).filter((each) => each.edge === edge)]),
) as Record<EdgeId, Station[]>;

/** The one straight or bowed line (a parabola, by Lagrange) through the three gaps of an edge. */
function throughStations(edge: EdgeId, gapsMm: ReadonlyMap<StationId, number>): (f: number) => number {
  const points = EDGE_STATIONS[edge].map(({ id, f = 0 }) => ({ f, mm: gapsMm.get(id) ?? USUAL_GAP_MM }));
  return (at_) => {
    let sum = 0;
    for (const { f, mm } of points) {
      let share = mm;
      for (const other of points) if (other.f !== f) share *= (at_ - other.f) / (f - other.f);
      sum += share;
    }
    return sum;
  };
}

/** A quadratic curve from a to b that passes through `middle` half-way. */
function bend(a: Point, middle: Point, b: Point): string {
  const control = { x: 2 * middle.x - (a.x + b.x) / 2, y: 2 * middle.y - (a.y + b.y) / 2 };
  return `Q${at(control)} ${at(b)}`;
}

const at = ({ x, y }: Point) => `${x.toFixed(1)},${y.toFixed(1)}`;
