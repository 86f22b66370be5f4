import { profileOf, type HingedDoor } from '../card/door';
import { EYE } from './eye';
import { station, type StationId } from '../geometry/stations';

/** What a gap is called by people who do not gauge it. */
export const GAPS_BY_EYE = ['tight', 'ok', 'wide'] as const;
export type GapByEye = (typeof GAPS_BY_EYE)[number];

/** What is called wide may be so much beyond its limit, mm. Common practice, no source. */
const WIDE_SPAN_MM = 4;

/**
 * A gap judged by eye as a figure: the middle of what the word may mean on this door, read off to so wide a step. The eye's own
 * uncertainty comes on top of it.
 *
 * @returns mm
 * @throws RangeError for a station that is no gap
 */
export function gapByEye(door: HingedDoor, id: StationId, seen: GapByEye): { mm: number; stepMm: number } {
  const { edge } = station(id);
  if (edge === undefined) throw new RangeError(`"${id}" is no gap.`);
  const { min, max } = profileOf(door).edges[edge];
  const [from, to] = {
    tight: [Math.min(EYE.rubsBelowMm, min / 2), min] as const,
    ok: [min, max] as const,
    wide: [max, max + WIDE_SPAN_MM] as const,
  }[seen];
  return { mm: (from + to) / 2, stepMm: to - from };
}
