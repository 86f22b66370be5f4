import { WALKING_ORDER, type StationId } from '@proper-swing/core';

/** What the page shows: the gaps on the drawing, or what can be read besides. */
export type WalkSheet = 'gaps' | 'further';

type Readings = ReadonlyMap<StationId, unknown>;

/** Where a walk begins: the first gap of the round that nobody has read. */
export function firstUnread(readings: Readings): StationId {
  return WALKING_ORDER.find((id) => !readings.has(id)) ?? 'latch.bottom';
}

/** The gap beside one on the way round. */
export function neighbour(id: StationId, by: 1 | -1): StationId {
  const from = WALKING_ORDER.indexOf(id);
  if (from < 0) return id;
  return WALKING_ORDER[(from + by + WALKING_ORDER.length) % WALKING_ORDER.length] ?? id;
}

/** The next station on the way round that is still to be read; the neighbour when all are. */
export function following(id: StationId, readings: Readings, sheet: WalkSheet): StationId {
  if (sheet === 'further') return id;
  const from = WALKING_ORDER.indexOf(id);
  const round = [...WALKING_ORDER.slice(from + 1), ...WALKING_ORDER.slice(0, from)];
  return round.find((next) => !readings.has(next)) ?? neighbour(id, 1);
}

export const sheetOf = (id: StationId): WalkSheet => (WALKING_ORDER.includes(id) ? 'gaps' : 'further');

/** A minus before what is typed, or the one that is there taken away. */
export function flipSign(text: string): string {
  return text.startsWith('-') ? text.slice(1) : `-${text}`;
}
