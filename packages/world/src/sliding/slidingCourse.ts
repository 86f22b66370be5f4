import type { RandomStream } from '@proper-swing/core';
import type { AnsweredFinding, DoneStep, Reading, Round } from '@proper-swing/core/inference/observed';
import { STATION_IDS } from '@proper-swing/core/sliding/geometry/stations';
import { believe, planFor, type Correction } from '@proper-swing/core/sliding/slidingAnswers';
import { findingsFor } from '@proper-swing/core/sliding/tables/findings';
import type { SlidingNames } from '@proper-swing/core/sliding/tables/slidingNames';
import type { Befallen } from '../doorWorld';
import { answerSliding, readSliding } from './slidingTechnician';
import { isCaptured, isMade, liftsOut } from './slidingVerdict';
import { carryOutSliding } from './slidingWork';
import { copySliding, type TrueSliding } from './trueSliding';

export const MOST_CYCLES = 8;
const MOST_STEPS = 10;

/** How a panel was worked on: the cycle after which it ran free, was captured and true, if it did; and the pieces of work. */
export interface SlidingCourse {
  madeAt: number | undefined;
  steps: number;
  /** Told done, or true, though it can be lifted out. */
  provedLoose: boolean;
  /** The same though something that holds it is loose. */
  leftLoose?: boolean;
  /** Anything done but clean the track. */
  changes: boolean;
  millis: number[];
}

type Answered = AnsweredFinding<SlidingNames>;
type Read = Reading<SlidingNames>;

const readAll = (door: TrueSliding, ids: readonly string[], random: RandomStream) => ids.map((id) => readSliding(door, id, random) as Read);
const answerAll = (befallen: Befallen<TrueSliding>, ids: readonly string[], random: RandomStream) =>
  ids.map((id) => answerSliding(befallen, id, random) as Answered);
export const checksOf = ({ card }: TrueSliding) => findingsFor(card.kind).map(({ id }) => id);
/** What a full check tries and looks at again. */
const toLookAgain = ({ card }: TrueSliding) =>
  findingsFor(card.kind)
    .filter(({ again }) => again === true)
    .map(({ id }) => id);

/** A look that the second one does not bear out is taken a third time. */
const MOST_LOOKS = 2;

/** The tool's way: everything read, the first step of its plan done, what it asks for read again, and so on; then a full check. */
export function slideByTool({ door: asFound, causes }: Befallen<TrueSliding>, random: RandomStream, clock: () => number): SlidingCourse {
  const door = copySliding(asFound);
  const now = { door, causes };
  let findings = answerAll(now, checksOf(door), random);
  let readings = readAll(door, STATION_IDS, random);
  const rounds: Round<SlidingNames>[] = [];
  const millis: number[] = [];
  const looked: string[] = [];
  const plan = (goes = 0): Correction => {
    const observed = { door: door.card, readings, findings, rounds };
    const begun = clock();
    const correction = planFor(observed, believe(observed), { seed: 1 + rounds.length });
    millis.push(clock() - begun);
    if (goes > 3) return correction;
    if (correction.outcome === 'look again') {
      const again = correction.lookAgain.filter((id) => looked.filter((each) => each === id).length < MOST_LOOKS);
      looked.push(...again);
      findings = findings.map((first) => {
        if (!again.includes(first.finding)) return first;
        const second = answerSliding(now, first.finding, random) as Answered;
        return second.answer === first.answer ? { ...second, again: true as const } : second;
      });
      return again.length > 0 ? plan(goes + 1) : correction;
    }
    if (correction.outcome !== 'read again') return correction;
    const twice = new Set<string>(correction.doubtful.map(({ station }) => station));
    const again = (list: readonly Read[]) =>
      list.map((each): Read => (twice.has(each.station) ? { ...(readSliding(door, each.station, random) as Read), again: true } : each));
    const last = rounds.pop();
    if (last === undefined) readings = again(readings);
    else rounds.push({ ...last, readings: again(last.readings) });
    return plan(goes + 1);
  };
  let correction = plan();
  let steps = 0;
  let changes = false;
  let madeAt: number | undefined;
  for (let cycle = 1; cycle <= MOST_CYCLES; cycle += 1) {
    let worked = 0;
    for (let next = correction.plans[0]?.steps[0]; next !== undefined && worked < MOST_STEPS; next = correction.plans[0]?.steps[0]) {
      const step: DoneStep<SlidingNames> = { action: next.action, amount: next.amount, ...(next.place && { place: next.place }) };
      carryOutSliding(door, [step], random);
      worked += 1;
      changes ||= next.action !== 'cleanTrack';
      rounds.push({ done: [step], readings: readAll(door, next.recheck, random), findings: answerAll(now, next.lookAgain, random) });
      correction = plan();
    }
    steps += worked;
    if (isMade(door)) madeAt ??= cycle;
    // It leaves when a full check has given it nothing to do.
    if (madeAt !== undefined || (worked === 0 && cycle > 1)) break;
    rounds.push({
      done: [],
      readings: readAll(door, STATION_IDS, random),
      findings: answerAll(now, [...new Set([...toLookAgain(door), ...correction.tryAgain])], random),
    });
    correction = plan();
  }
  const saysDone = correction.outcome === 'done' || correction.outcome === 'true';
  return { madeAt, steps, provedLoose: saysDone && liftsOut(door), leftLoose: saysDone && !isCaptured(door), changes, millis };
}
