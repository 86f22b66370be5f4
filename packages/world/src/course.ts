import {
  findingsFor,
  type ActionId,
  type AnsweredFinding,
  type DoneStep,
  type FindingId,
  type PlannedStep,
  type RandomStream,
  type StationId,
} from '@proper-swing/core';
import type { Scenario } from './makeDoor';
import { answerCheck, takeReading } from './technician';
import type { TrueDoor } from './trueDoor';
import { holds, VERDICTS, type Verdict } from './verdict';

/** Cycles of work and full check until a verdict held; those where it never did count as the most allowed. */
export interface CycleCount {
  doors: number;
  cycles: number;
  atFirst: number;
  never: number;
}

/** One way of correcting doors: its cycles to each verdict, and the pieces of work it took. */
export type WayCount = Readonly<Record<Verdict, CycleCount>> & { steps: number };

export const MOST_CYCLES = 8;
const cycleCount = (): CycleCount => ({ doors: 0, cycles: 0, atFirst: 0, never: 0 });
export const counter = () => ({ free: cycleCount(), even: cycleCount(), book: cycleCount(), steps: 0 });

/** How a door was worked on: the cycle after which each verdict held, if it did, and the pieces of work. */
export interface Course {
  reached: Partial<Record<Verdict, number>>;
  steps: number;
}

export function countIn(into: ReturnType<typeof counter>, { reached, steps }: Course): void {
  into.steps += steps;
  for (const verdict of VERDICTS) {
    const cycles = reached[verdict];
    const count = into[verdict];
    count.doors += 1;
    count.cycles += cycles ?? MOST_CYCLES;
    if (cycles === undefined) count.never += 1;
    else if (cycles <= 1) count.atFirst += 1;
  }
}

/** Notes which verdicts hold after a cycle; says whether all do. */
export function judge(door: TrueDoor, reached: Course['reached'], cycle: number): boolean {
  for (const verdict of VERDICTS) if (reached[verdict] === undefined && holds(verdict, door)) reached[verdict] = cycle;
  return VERDICTS.every((verdict) => reached[verdict] !== undefined);
}

const PLANING: readonly ActionId[] = ['planeLatch', 'planeHead', 'planeFoot', 'scribeHead', 'scribeRaise'];

export const isPlaning = (step: DoneStep) => PLANING.includes(step.action);

export const lookAround = (scenario: Scenario, random: RandomStream) =>
  answerAll(
    scenario,
    findingsFor(scenario.door.card).map(({ id }) => id),
    random,
  );

export const answerAll = ({ door, causes }: Scenario, ids: readonly FindingId[], random: RandomStream): AnsweredFinding[] =>
  ids.map((id) => answerCheck(door, causes, id, random));

export const readAll = (door: TrueDoor, ids: readonly StationId[], random: RandomStream) => ids.map((id) => takeReading(door, id, random));

/** A step done as it was planned. */
export const asDone = ({ action: id, hinge, amount, planed, until }: PlannedStep): DoneStep => ({
  action: id,
  amount,
  ...(hinge && { hinge }),
  ...(planed && { planed }),
  ...(until && { until }),
});
