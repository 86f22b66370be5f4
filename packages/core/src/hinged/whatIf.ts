import { dot } from '../numbers/gaussian';
import { profileOf, placeHinges, type HingeName, type HingedDoor } from './door';
import { hingeLine, hingesOffLine, misfitAfter } from './hingeLine';
import { judgeGap, type GapVerdict } from './judgeGap';
import { parameterIndex } from './parameters';
import { planedOff, type PlaningLine } from './planing';
import { EVEN_EDGES, GAUGE_TELLS_MM } from './profiles';
import { STATE_SIZE, station, stationRow, WALKING_ORDER, type StationId } from './stations';

/** A setting tried on paper: hinges moved, the slab lowered, timber off an edge. All in mm. */
export interface Setting {
  /** + toward the latch. */
  hinges: readonly { hinge: HingeName; mm: number }[];
  lowerMm: number;
  planed: readonly PlaningLine[];
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
  const line = hingeLine(door, STATE_SIZE);
  const hinges = placeHinges(door);
  const move = new Float64Array(STATE_SIZE);
  move[parameterIndex('headGap')] = setting.lowerMm;
  const moved = setting.hinges.map(({ hinge, mm }) => ({ hinge: hinges.findIndex(({ name }) => name === hinge), shiftMm: mm }));
  for (const { hinge, shiftMm } of moved) {
    const own = line.moves[hinge];
    for (let i = 0; i < move.length; i += 1) move[i] = (move[i] ?? 0) + shiftMm * (own?.[i] ?? 0);
  }
  const misfit = misfitAfter(line, moved);
  const profile = profileOf(door);
  const gaps = WALKING_ORDER.flatMap((id): TriedGap[] => {
    const beforeMm = before.get(id);
    const { edge, f = 0 } = station(id);
    if (beforeMm === undefined || edge === undefined) return [];
    const off = setting.planed.reduce((sum, cut) => (cut.edge === edge ? sum + planedOff(cut, f) : sum), 0);
    const afterMm = beforeMm + dot(stationRow(id, door, STATE_SIZE).coefficients, move) + off;
    return [{ station: id, beforeMm, afterMm, verdict: judgeGap(profile, edge, afterMm) }];
  });
  return {
    gaps,
    uneven: EVEN_EDGES.flatMap((edge) => {
      const along = gaps.filter((gap) => station(gap.station).edge === edge).map(({ afterMm }) => afterMm);
      const mm = along.length < 2 ? 0 : Math.max(...along) - Math.min(...along) - profile.evenWithin;
      return mm > GAUGE_TELLS_MM ? [{ edge, mm }] : [];
    }),
    misfit: hingesOffLine(door, misfit),
  };
}
