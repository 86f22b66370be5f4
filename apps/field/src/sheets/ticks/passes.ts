/** Fields of the passes; the sheet has so many. */
export const PASS_PATHS = ['pass.1', 'pass.2', 'pass.3', 'pass.4', 'pass.5', 'pass.6'] as const;

/** The field that the next pass goes to: the first empty one, or the last. */
export function nextPassPath(typed: Readonly<Record<string, string>>): (typeof PASS_PATHS)[number] {
  return PASS_PATHS.find((path) => (typed[path] ?? '').trim() === '') ?? 'pass.6';
}

/** Of a pass that was heard as short as this share of it nobody knows which part was heard. */
const HEARD_WHOLE_FROM = 0.9;

/** Whether a recording holds the whole of a slide, both in seconds: a busy device drops some of it, and every tick would stand too far on. */
export const isHeardWhole = (recordedS: number, slidS: number): boolean => recordedS >= HEARD_WHOLE_FROM * slidS;

/**
 * Where it ticked, from when it ticked, for a panel that was slid evenly from end to end, mm from the closing jamb.
 *
 * @param times start of the pass, each tick, end of the pass, ms
 */
export function placesOf(times: { from: number; ticks: readonly number[]; to: number }, travelMm: number, startsShut: boolean): number[] {
  const { from, ticks, to } = times;
  const whole = Math.max(1, to - from);
  return ticks
    .map((at) => Math.min(1, Math.max(0, (at - from) / whole)))
    .map((share) => Math.round(travelMm * (startsShut ? share : 1 - share)))
    .sort((a, b) => a - b);
}
