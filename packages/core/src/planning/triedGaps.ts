import { judgeGap, type GapVerdict } from '../model/judgeGap';
import type { DoorModel } from '../model/doorModel';
import { GAUGE_TELLS_MM, unevenBeyond } from '../model/profile';
import { dot } from '../numbers/gaussian';
import type { Moved } from './misfit';

/** A gap before and after a setting that is only tried on paper, mm. */
export interface TriedGap<S extends string = string> {
  station: S;
  beforeMm: number;
  afterMm: number;
  verdict: GapVerdict;
}

/** The change of the state by a whole slab let down and places set, mm. */
export function moveBy({ lowered, placeLine }: DoorModel, moved: readonly Moved[], lowerMm = 0): Float64Array {
  const move = lowered.map((down) => down * lowerMm);
  for (const { place, shiftMm } of moved) {
    placeLine.moves[place]?.forEach((change, i) => {
      move[i] = (move[i] ?? 0) + shiftMm * change;
    });
  }
  return move;
}

/**
 * What a change of the state would do to the gaps round a door, from the gaps as they are.
 *
 * @param before gaps at the stations of the walk, mm; a station left out is left out of the answer
 * @param cutMm timber off an edge at a place along it, mm
 */
export function triedGaps(
  model: DoorModel,
  before: ReadonlyMap<string, number>,
  move: Float64Array,
  cutMm: (edge: string, f: number) => number = () => 0,
): TriedGap[] {
  return model.tables.walk.flatMap((id): TriedGap[] => {
    const beforeMm = before.get(id);
    const { edge, f = 0 } = model.station(id);
    if (beforeMm === undefined || edge === undefined) return [];
    const afterMm = beforeMm + dot(model.row(id).coefficients, move) + cutMm(edge, f);
    return [{ station: id, beforeMm, afterMm, verdict: judgeGap(model.profile, edge, afterMm) }];
  });
}

/** Edges along which the gaps would differ by more than the profile allows, and by how much more, mm. */
export function unevenEdges({ tables, profile, station }: DoorModel, gaps: readonly TriedGap[]): { edge: string; mm: number }[] {
  return tables.edges.flatMap(({ id: edge, isEven }) => {
    if (!isEven) return [];
    const along = gaps.filter((gap) => station(gap.station).edge === edge).map(({ afterMm }) => afterMm);
    const mm = unevenBeyond(along, profile.evenWithin);
    return mm > GAUGE_TELLS_MM ? [{ edge, mm }] : [];
  });
}
