import { planedOff, type PlaningLine } from '../../model/planingLine';
import { misfitAfter, placesOffLine } from '../../planning/misfit';
import { moveBy, triedGaps, unevenEdges, type TriedGap as AnyTriedGap } from '../../planning/triedGaps';
import type { HingedDoor } from '../card/door';
import type { HingeName } from '../card/doorKinds';
import type { EdgeId } from '../card/profiles';
import type { StationId } from '../geometry/stations';
import { hingedModel } from '../hingedDoors';

/** A setting tried on paper: hinges moved, the slab lowered, timber off an edge. All in mm. */
export interface Setting {
  /** + toward the latch. */
  hinges: readonly { hinge: HingeName; mm: number }[];
  lowerMm: number;
  planed: readonly PlaningLine<EdgeId>[];
}

export type TriedGap = AnyTriedGap<StationId>;

export interface Tried {
  gaps: TriedGap[];
  /** Edges whose gaps would differ by more than the profile allows, by how much, mm. */
  uneven: { edge: EdgeId; mm: number }[];
  /** Hinges off the line of the others, mm. */
  misfit: { hinge: HingeName; mm: number }[];
}

/**
 * What a setting would do to every gap, from the gaps as they are.
 *
 * @param before gaps at the stations of the walk, mm; a station left out is left out of the answer
 */
export function tryOut(door: HingedDoor, before: ReadonlyMap<string, number>, { hinges, lowerMm, planed }: Setting): Tried {
  const model = hingedModel(door);
  const moved = hinges.map(({ hinge, mm }) => ({ place: model.places.indexOf(hinge), shiftMm: mm }));
  const gaps = triedGaps(model, before, moveBy(model, moved, lowerMm), (edge, f) =>
    planed.reduce((sum, cut) => (cut.edge === edge ? sum + planedOff(cut, f) : sum), 0),
  );
  return {
    gaps: gaps as TriedGap[],
    uneven: unevenEdges(model, gaps) as Tried['uneven'],
    misfit: placesOffLine(model, misfitAfter(model.placeLine, moved)).map(({ place, mm }) => ({ hinge: place as HingeName, mm })),
  };
}
