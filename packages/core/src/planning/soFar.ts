import type { Belief } from '../inference/belief';
import type { Observations } from '../inference/observed';
import type { DoorModel } from '../model/doorModel';
import type { GapBoard } from './board';
import type { Moved } from './misfit';
import type { SideWork } from './outcome';

/** What the work so far has moved the places by, as learned on this door. */
export function shiftsDone({ model, done, learned }: Belief): Moved[] {
  return done.flatMap(({ action: id, place, amount }) => {
    const { effect } = model.action(id);
    if (effect.kind !== 'shift' || place === undefined) return [];
    return [{ place: model.places.indexOf(place), shiftMm: amount * effect.mmPerUnit * (learned.get(id) ?? 1) }];
  });
}

/** Every station read, as found or after work. */
function stationsRead({ readings, rounds = [] }: Observations): Set<string> {
  return new Set([...readings, ...rounds.flatMap((round) => round.readings)].map(({ station }) => station));
}

/** Stations that nobody has read since the work done last and that can be got to. */
export function unreadOf({ tables }: DoorModel, observed: Observations): string[] {
  const { rounds = [], readings, unreachable = [] } = observed;
  const last = rounds.at(-1);
  const read = new Set([...(last?.readings ?? readings).map(({ station }) => station), ...unreachable]);
  return tables.stations.map(({ id }) => id).filter((id) => !read.has(id));
}

/** The edges on which something was read as found. */
export function edgesRead({ station }: DoorModel, { readings }: Observations): Set<string> {
  return new Set(readings.flatMap((reading) => station(reading.station).edge ?? []));
}

/** The sides that something has been read of; a cause that is treated has its side judged with it. */
export function judgedSides({ tables }: DoorModel, observed: Observations): Set<string> {
  const read = stationsRead(observed);
  return new Set(tables.sides.flatMap(({ id, readAt }) => (readAt.some((each) => read.has(each)) ? [id] : [])));
}

/** What earlier work already holds. */
export function heldSides({ model, done }: Belief): SideWork {
  const held: Record<string, { againstMm: number }> = {};
  for (const { action } of done) {
    const { effect } = model.action(action);
    if (effect.kind === 'hold') held[effect.side] = { againstMm: effect.againstMm + (held[effect.side]?.againstMm ?? 0) };
  }
  return held;
}

/** Whether every gap was gauged in one go after the work done last. */
export function isFullyChecked({ rounds = [] }: Observations, { stations }: GapBoard): boolean {
  const last = rounds[rounds.length - 1];
  return last !== undefined && stations.every((id) => last.readings.some(({ station }) => station === id));
}

/** Whether the work done last was followed by fewer readings than the gaps there are. */
export function isHalfChecked(observed: Observations, board: GapBoard): boolean {
  const last = observed.rounds?.at(-1);
  return last !== undefined && last.done.length > 0 && !isFullyChecked(observed, board);
}
