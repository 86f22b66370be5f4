import type { Handbook, StationId } from '@proper-swing/core/doors';

/** What the page shows: the gaps on the drawing, or what can be read besides. */
export type WalkSheet = 'gaps' | 'further';

type Readings = ReadonlyMap<StationId, unknown>;

/** The way round a door of a kind, and what is read besides. */
export type Round = Pick<Handbook, 'walk' | 'further'>;

/** Where a walk begins: the first gap of the round that nobody has read. */
export function firstUnread({ walk }: Round, readings: Readings): StationId {
  return walk.find((id) => !readings.has(id)) ?? walk[0] ?? 'latch.bottom';
}

/** The gap beside one on the way round. */
export function neighbour({ walk }: Round, id: StationId, by: 1 | -1): StationId {
  const from = walk.indexOf(id);
  if (from < 0) return id;
  return walk[(from + by + walk.length) % walk.length] ?? id;
}

/** The next station on the way round that is still to be read, none when all are; among what is read besides, the next row down. */
export function following({ walk, further }: Round, id: StationId, readings: Readings, sheet: WalkSheet): StationId | undefined {
  if (sheet === 'further') {
    const below = further.slice(further.indexOf(id) + 1);
    return below.find((next) => !readings.has(next)) ?? below[0] ?? id;
  }
  const from = walk.indexOf(id);
  const round = [...walk.slice(from + 1), ...walk.slice(0, from)];
  return round.find((next) => !readings.has(next));
}

/** Whether every gap of the round has been read, or was not to be reached. */
export const isRoundRead = ({ walk }: Round, readings: Readings): boolean => walk.every((id) => readings.has(id));

export const sheetOf = ({ walk }: Round, id: StationId): WalkSheet => (walk.includes(id) ? 'gaps' : 'further');

/** A minus before what is typed, or the one that is there taken away. */
export function flipSign(text: string): string {
  return text.startsWith('-') ? text.slice(1) : `-${text}`;
}
