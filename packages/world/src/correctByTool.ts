import {
  action,
  STATION_IDS,
  type AnsweredFinding,
  type Correction,
  type DoneStep,
  type FindingId,
  type Observed,
  type RandomStream,
  type Reading,
  type Round,
} from '@proper-swing/core';
import { believe, planFor } from '@proper-swing/core/hinged/hingedAnswers';
import { answerAll, asDone, isPlaning, judge, lookAround, MOST_CYCLES, readAll, type Course } from './course';
import type { Scenario } from './makeDoor';
import { CURING } from './oracle';
import { answerCheck, takeReading } from './technician';
import { copyDoor } from './trueDoor';
import { carryOut, CHECKED } from './work';

/** Work that no carpenter would sign, by how often it was planned. */
export interface Slips {
  /** A hinge set one way and back again in one visit. */
  reversed: number;
  /** The same step again, as it was. */
  repeated: number;
  /** Work of nought, or against the sign of what it is to mend. */
  idle: number;
  /** "Cures" with a chance of being free below the floor. */
  curesUnderFloor: number;
}

/** Below this chance of a free door nothing may be called a cure. */
const FLOOR = 0.5;

export interface Corrected extends Course {
  /** Anything done but turning screws that were found loose. */
  changes: boolean;
  /** Readings that the tool had taken again. */
  readAgain: number;
  planes: boolean;
  saysHingesCan: boolean;
  millis: number[];
}

/** More pieces of work than this within one cycle, and a full check is due. */
const MOST_STEPS = 8;

/** What is turned up tight when it is found loose, whatever else. */
const TIGHTENING: readonly string[] = ['tighten', 'tightenBottom'];

/**
 * The tool's way: everything read, the first step of its plan done, the readings that the step asks for taken, the next step
 * of the plan from what was learned; a full check when the tool has no more to do. It leaves when the check gives it nothing to do.
 */
export function correctByTool(scenario: Scenario, random: RandomStream, clock: () => number, slips: Slips): Corrected {
  const door = copyDoor(scenario.door);
  let findings = lookAround(scenario, random);
  const looked: FindingId[] = [];
  const lookTwice = (first: AnsweredFinding): AnsweredFinding => {
    const second = answerCheck(door, scenario.causes, first.finding, random);
    return { ...second, ...(second.answer === first.answer && { again: true }) };
  };
  let readings: Reading[] = readAll(door, STATION_IDS, random);
  let readAgain = 0;
  const rounds: Round[] = [];
  const millis: number[] = [];
  const plan = (): Correction => {
    const observed: Observed = { door: door.card, readings, findings, rounds };
    const begun = clock();
    const correction = planFor(observed, believe(observed), { seed: 1 + rounds.length });
    millis.push(clock() - begun);
    if (correction.outcome === 'cures' && (correction.plans[0]?.chances.free ?? 1) < FLOOR) slips.curesUnderFloor += 1;
    if (correction.outcome === 'look again') {
      looked.push(...correction.lookAgain);
      findings = findings.map((first) => (correction.lookAgain.includes(first.finding) ? lookTwice(first) : first));
      return correction.lookAgain.every((id) => looked.indexOf(id) === looked.lastIndexOf(id)) ? plan() : correction;
    }
    if (correction.outcome !== 'read again') return correction;
    const twice = new Set(correction.doubtful.map(({ station }) => station));
    readAgain += twice.size;
    const again = (list: readonly Reading[]) =>
      list.map((each): Reading => (twice.has(each.station) ? { ...takeReading(door, each.station, random), again: true } : each));
    const last = rounds.pop();
    if (last === undefined) readings = again(readings);
    else rounds.push({ ...last, readings: again(last.readings) });
    return plan();
  };
  const tried = (ids: readonly FindingId[]) => answerAll({ door, causes: scenario.causes }, ids, random);

  const first = plan();
  let now = first;
  const reached: Course['reached'] = {};
  const past: DoneStep[] = [];
  let planes = false;
  for (let cycle = 1; cycle <= MOST_CYCLES; cycle += 1) {
    let worked = 0;
    for (let next = now.plans[0]?.steps[0]; next !== undefined && worked < MOST_STEPS; next = now.plans[0]?.steps[0]) {
      const step = asDone(next);
      countSlips(slips, past, worked, step);
      carryOut(door, [step], random);
      past.push(step);
      worked += 1;
      if (cycle === 1) planes ||= isPlaning(step);
      rounds.push({ done: [step], readings: readAll(door, next.recheck, random), findings: tried(next.lookAgain) });
      now = plan();
    }
    if (judge(door, reached, cycle) || worked === 0) break;
    rounds.push({ done: [], readings: readAll(door, CHECKED, random), findings: tried(now.tryAgain) });
    now = plan();
  }
  const changes = past.some(({ action: id }) => !TIGHTENING.includes(id));
  return { reached, steps: past.length, changes, readAgain, planes, saysHingesCan: first.hingesAlone.can, millis };
}

/**
 * A cure done again, or a hinge set back without a full gauging in between. Setting the same hinge further after a reading is no
 * slip: the reading is its reason.
 *
 * @param sinceCheck how many of the last steps came after the last full gauging
 */
function countSlips(slips: Slips, past: readonly DoneStep[], sinceCheck: number, step: DoneStep): void {
  const isCure = CURING.includes(action(step.action).effect.kind);
  const unchecked = sinceCheck === 0 ? [] : past.slice(-sinceCheck);
  const way = wayOf(step);
  if (isCure && past.some((each) => each.action === step.action && each.hinge === step.hinge)) slips.repeated += 1;
  if (way !== 0 && unchecked.some((each) => each.hinge === step.hinge && wayOf(each) * way < 0)) slips.reversed += 1;
  if (step.amount === 0 || (step.planed !== undefined && Math.max(step.planed.fromMm, step.planed.toMm) <= 0)) slips.idle += 1;
}

/** Which way a step sets its hinge: + toward the latch, − away, nought when it sets none. */
function wayOf({ action: id, amount }: DoneStep): number {
  const { effect } = action(id);
  return effect.kind === 'shift' ? Math.sign(amount * effect.mmPerUnit) : 0;
}
