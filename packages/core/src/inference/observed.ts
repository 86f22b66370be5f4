import type { InstrumentId } from '../length/instruments';
import type { Names } from '../model/names';

/** One reading: a figure in mm, or `rubs`, which says only that there is no gap. */
export type Reading<N extends Names = Names> =
  | {
      station: N['station'];
      mm: number;
      instrument?: InstrumentId;
      /** To what step it was read off, mm. */
      stepMm?: number;
      /** Taken again and found so: it is the door then, and not the gauge. */
      again?: true;
    }
  | { station: N['station']; rubs: true; instrument?: InstrumentId; again?: true };

export interface AnsweredFinding<N extends Names = Names> {
  finding: N['finding'];
  answer: string;
  /** Looked at again and found so. */
  again?: true;
}

/** A step as it was really done. */
export interface DoneStep<N extends Names = Names> {
  action: N['action'];
  place?: N['place'];
  /** In units of the action. */
  amount: number;
  /** For planing: timber off at the two ends of the edge, mm. */
  planed?: { fromMm: number; toMm: number };
}

/** Work that was done, and what was read after it. */
export interface Round<N extends Names = Names> {
  done: readonly DoneStep<N>[];
  readings: readonly Reading<N>[];
  /** Checks made again after it. */
  findings?: readonly AnsweredFinding<N>[];
}

/** What was observed of a door on site. */
export interface Observations<N extends Names = Names> {
  readings: readonly Reading<N>[];
  findings: readonly AnsweredFinding<N>[];
  /** Where no gauge or level can be got to, and what cannot be looked at or tried: nobody is asked for it again. */
  unreachable?: readonly (N['station'] | N['finding'])[];
  /** Work done since, in order; readings and findings above are from before it. */
  rounds?: readonly Round<N>[];
}

/** Every answer given, as found or after work, in its order. */
export const allSaid = ({ findings, rounds = [] }: Pick<Observations, 'findings' | 'rounds'>): AnsweredFinding[] => [
  ...findings,
  ...rounds.flatMap((round) => round.findings ?? []),
];

/** Checks that were made, as found or after work, and those that cannot be. */
export const looksTaken = (observed: Observations): Set<string> =>
  new Set([...allSaid(observed).map(({ finding }) => finding), ...(observed.unreachable ?? [])]);
