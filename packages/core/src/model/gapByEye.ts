import type { DoorModel } from './doorModel';

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
export function gapByEye(
  { station, profile, tables: { eye } }: Pick<DoorModel, 'station' | 'profile' | 'tables'>,
  id: string,
  seen: GapByEye,
): { mm: number; stepMm: number } {
  const limits = profile.edges[station(id).edge ?? ''];
  if (limits === undefined) throw new RangeError(`"${id}" is no gap.`);
  const { min, max } = limits;
  const [from, to] = {
    tight: [Math.min(eye.rubsBelowMm, min / 2), min] as const,
    ok: [min, max] as const,
    wide: [max, max + WIDE_SPAN_MM] as const,
  }[seen];
  return { mm: (from + to) / 2, stepMm: to - from };
}
