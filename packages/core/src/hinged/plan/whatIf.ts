import { unevenBeyond, GAUGE_TELLS_MM } from '../../model/profile';
import { planedOff, type PlaningLine } from '../../model/planingLine';
import { dot } from '../../numbers/gaussian';
import { misfitAfter, placesOffLine } from '../../planning/misfit';
import { profileOf, type HingedDoor } from '../card/door';
import type { HingeName } from '../card/doorKinds';
import { EVEN_EDGES, type EdgeId } from '../card/profiles';
import { judgeGap, type GapVerdict } from '../../model/judgeGap';
import { station, WALKING_ORDER, type StationId } from '../geometry/stations';
import { hingedModel } from '../hingedDoors';

/** A setting tried on paper: hinges moved, the slab lowered, timber off an edge. All in mm. */
export interface Setting {
  /** + toward the latch. */
  hinges: readonly { hinge: HingeName; mm: number }[];
  lowerMm: number;
  planed: readonly PlaningLine<EdgeId>[];
}

export interface TriedGap {
  station: StationId;
  beforeMm: number;
  afterMm: number;
  verdict: GapVerdict;
}

export interface Tried {
  gaps: TriedGap[];
  /** Edges whose gaps would differ by more than the profile allows, by how much, mm. */
  uneven: { edge: 'hinge' | 'head' | 'latch'; mm: number }[];
  /** Hinges off the line of the others, mm. */
  misfit: { hinge: HingeName; mm: number }[];
}

/**
 * What a setting would do to every gap, from the gaps as they are.
 *
 * @param before gaps at the stations of the walk, mm; a station left out is left out of the answer
 */
export function tryOut(door: HingedDoor, before: ReadonlyMap<StationId, number>, setting: Setting): Tried {
  const model = hingedModel(door);
  const moved = setting.hinges.map(({ hinge, mm }) => ({ place: model.places.indexOf(hinge), shiftMm: mm }));
  const move = model.lowered.map((down) => down * setting.lowerMm);
  for (const { place, shiftMm } of moved) {
    model.placeLine.moves[place]?.forEach((change, i) => {
      move[i] = (move[i] ?? 0) + shiftMm * change;
    });
  }
  const profile = profileOf(door);
  const gaps = WALKING_ORDER.flatMap((id): TriedGap[] => {
    const beforeMm = before.get(id);
    const { edge, f = 0 } = station(id);
    if (beforeMm === undefined || edge === undefined) return [];
    const off = setting.planed.reduce((sum, cut) => (cut.edge === edge ? sum + planedOff(cut, f) : sum), 0);
    const afterMm = beforeMm + dot(model.row(id).coefficients, move) + off;
    return [{ station: id, beforeMm, afterMm, verdict: judgeGap(profile, edge, afterMm) }];
  });
  return {
    gaps,
    uneven: EVEN_EDGES.flatMap((edge) => {
      const along = gaps.filter((gap) => station(gap.station).edge === edge).map(({ afterMm }) => afterMm);
      const mm = unevenBeyond(along, profile.evenWithin);
      return mm > GAUGE_TELLS_MM ? [{ edge, mm }] : [];
    }),
    misfit: placesOffLine(model, misfitAfter(model.placeLine, moved)).map(({ place, mm }) => ({ hinge: place as HingeName, mm })),
  };
}
