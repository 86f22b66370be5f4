import type { Belief } from '../inference/belief';
import type { AnsweredFinding, DoneStep, Observations } from '../inference/observed';
import { placeOfWork } from '../model/action';
import type { DoorModel } from '../model/doorModel';
import type { Side } from '../model/tables';
import type { GapBoard } from './board';
import type { Moved } from './misfit';
import type { SideWork } from './outcome';

/** What the work so far has moved the places by, as learned on this door. */
export function shiftsDone({ model, done, learned }: Belief): Moved[] {
  return done.flatMap(({ action: id, place: said, amount }) => {
    const action = model.action(id);
    const { effect } = action;
    const place = placeOfWork(action, said);
    if (effect.kind !== 'shift' || place === undefined) return [];
    return [{ place: model.places.indexOf(place), shiftMm: amount * effect.mmPerUnit * (learned.get(id) ?? 1) }];
  });
}

/** Every station read, as found or after work. */
export function stationsRead({ readings, rounds = [] }: Observations): Set<string> {
  return new Set([...readings, ...rounds.flatMap((round) => round.readings)].map(({ station }) => station));
}

/** Stations that nobody has read since the work done last and that can be got to. */
export function unreadOf({ stations }: DoorModel, observed: Observations): string[] {
  const { rounds = [], readings, unreachable = [] } = observed;
  const last = rounds.at(-1);
  const read = new Set([...(last?.readings ?? readings).map(({ station }) => station), ...unreachable]);
  return stations.map(({ id }) => id).filter((id) => !read.has(id));
}

/** Whether any gap was read or seen to rub, as found or after work. */
export function isGapRead(model: DoorModel, observed: Observations): boolean {
  const read = stationsRead(observed);
  return model.tables.walk.some((id) => read.has(id));
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

/** The answers given since work held a side by friction; none where none has. */
export function saidSinceHeld({ action }: DoorModel, { rounds = [] }: Pick<Observations, 'rounds'>): AnsweredFinding[] {
  const last = rounds.map(({ done }) => done.some((step) => action(step.action).effect.kind === 'hold')).lastIndexOf(true);
  return last < 0 ? [] : rounds.slice(last).flatMap((round) => round.findings ?? []);
}

/** What earlier work already holds, but for a side that a try since has found to move all the same. */
export function heldSides({ model, done }: Belief, { rounds = [] }: Observations): SideWork {
  const holds = (step: DoneStep) => {
    const { effect } = model.action(step.action);
    return effect.kind === 'hold' ? [effect] : [];
  };
  const since = saidSinceHeld(model, { rounds });
  const saidLast = (finding: string) => since.filter((each) => each.finding === finding).at(-1)?.answer ?? '';
  const stillMoves = ({ toldBy = [] }: Side) => toldBy.some(({ finding, answers }) => answers.includes(saidLast(finding)));
  const held: Record<string, { againstMm: number }> = {};
  for (const { side, againstMm } of done.flatMap(holds)) {
    if (!stillMoves(model.side(side))) held[side] = { againstMm: againstMm + (held[side]?.againstMm ?? 0) };
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
