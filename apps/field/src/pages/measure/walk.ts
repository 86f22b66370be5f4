import { FURTHER_STATIONS, WALKING_ORDER, type StationId } from '@proper-swing/core';

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

/** The next station on the way round that is still to be read, none when all are; among what is read besides, the next row down. */
export function following(id: StationId, readings: Readings, sheet: WalkSheet): StationId | undefined {
  if (sheet === 'further') {
    const below = FURTHER_STATIONS.slice(FURTHER_STATIONS.indexOf(id) + 1);
    return below.find((next) => !readings.has(next)) ?? below[0] ?? id;
  }
  const from = WALKING_ORDER.indexOf(id);
  const round = [...WALKING_ORDER.slice(from + 1), ...WALKING_ORDER.slice(0, from)];
  return round.find((next) => !readings.has(next));
}

/** Whether every gap of the round has been read, or was not to be reached. */
export const isRoundRead = (readings: Readings): boolean => WALKING_ORDER.every((id) => readings.has(id));

export const sheetOf = (id: StationId): WalkSheet => (WALKING_ORDER.includes(id) ? 'gaps' : 'further');

/** A minus before what is typed, or the one that is there taken away. */
export function flipSign(text: string): string {
  return text.startsWith('-') ? text.slice(1) : `-${text}`;
}
