import type {
  AnsweredFinding as AnyAnsweredFinding,
  DoneStep as AnyDoneStep,
  Observations,
  Reading as AnyReading,
  Round as AnyRound,
} from '../inference/observed';
import type { HingedDoor } from './card/door';
import type { HingeName } from './card/doorKinds';
import type { StationId } from './geometry/stations';
import { knownAs } from './tables/doneAt';
import type { HingedNames } from './tables/hingedNames';

export type Reading = AnyReading<HingedNames>;
export type AnsweredFinding = AnyAnsweredFinding<HingedNames>;

/** A step as it was really done, at a hinge where it was at one. */
export interface DoneStep extends Omit<AnyDoneStep<HingedNames>, 'place'> {
  hinge?: HingeName;
  /** For work done by watching a gap: what the gap read when it was stopped, mm. */
  until?: { station: StationId; mm: number };
}

/** Work that was done, and what was read after it. */
export interface Round extends Omit<AnyRound<HingedNames>, 'done'> {
  done: readonly DoneStep[];
}

/** What is known of a door on site. */
export interface Observed extends Omit<Observations<HingedNames>, 'rounds'> {
  door: HingedDoor;
  /** Work done since, in order; readings and findings above are from before it. */
  rounds?: readonly Round[];
}

/** What was observed as inference reads it: hinges are the places of a hinged door. */
export function observationsOf({ readings, findings, unreachable, rounds }: Omit<Observed, 'door'>): Observations<HingedNames> {
  return {
    readings,
    findings,
    ...(unreachable && { unreachable }),
    ...(rounds && { rounds: rounds.map((round) => ({ ...round, done: round.done.map(atPlace) })) }),
  };
}

function atPlace({ action, amount, hinge, planed }: DoneStep): AnyDoneStep<HingedNames> {
  return { action: knownAs(action, hinge), amount, ...(hinge && { place: hinge }), ...(planed && { planed }) };
}
