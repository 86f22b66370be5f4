import { station, WALKING_ORDER, type EdgeId } from '@proper-swing/core';
import type { StationId } from '@proper-swing/core/doors';
import { bend, DRAWN_MM, GAP_FACTOR, throughStations, written, type Point, type StationPlace } from '../outline';

/** Where everything of a door drawing stands, px. Hinges on the left; mirrored by the caller. */
export interface DoorOutline {
  opening: { left: number; right: number; top: number; bottom: number };
  /** Path of the slab's edges. */
  slab: string;
  /** Where each gap is: on the slab's edge and on the opening. */
  stations: ReadonlyMap<StationId, StationPlace>;
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
const USUAL_GAP_MM = 3;

/** Where the opening is drawn. */
export function openingIn({ width, height }: { width: number; height: number }): DoorOutline['opening'] {
  return { left: FRAME_PX, right: width - FRAME_PX, top: FRAME_PX, bottom: height - FLOOR_PX };
}

/** Lays out a door in its opening with the gaps widened. Gaps that are not given are drawn as 3 mm. */
export function doorOutline({ width, height, slabHeightMm, hingeHeightsMm, gapsMm }: OutlineInput): DoorOutline {
  const opening = openingIn({ width, height });
  const scale = ((opening.bottom - opening.top) / slabHeightMm) * GAP_FACTOR;
  const [w, h] = [opening.right - opening.left, opening.bottom - opening.top];

  const through = (edge: EdgeId) => throughStations(edge, WALKING_ORDER, gapsMm, USUAL_GAP_MM);
  const lines = {
    hinge: through('hinge'),
    head: through('head'),
    latch: through('latch'),
    foot: through('foot'),
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
    `M${written(corners.topHinge)}`,
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
