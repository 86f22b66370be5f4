import { action, ACTIONS, cause, findingsFor, isForbiddenOn, seededRandom, STATION_IDS } from '@proper-swing/core';
import type {
  Action,
  ActionId,
  AnsweredFinding,
  CauseId,
  DoneStep,
  Observed,
  PlannedStep,
  RandomStream,
  Round,
  StationId,
} from '@proper-swing/core';
import { believe, planFor } from '@proper-swing/core/hinged/hingedAnswers';
import { hingedModel } from '@proper-swing/core/hinged/hingedDoors';
import { hingedStep } from '@proper-swing/core/hinged/hingedPlan';
import { HOLDING_WORK } from '@proper-swing/core/hinged/tables/holdingWork';
import { evenGuard, gapBoard, gapChanges, outsideBy, type GapBoard } from '@proper-swing/core/planning/board';
import { searchPlans } from '@proper-swing/core/planning/searchPlans';
import type { FoundPlan, Setting } from '@proper-swing/core/planning/searchSpace';
import { stepsOf } from '@proper-swing/core/planning/steps';
import { nextRung } from './ladder';
import { makeScenario, type Scenario } from './makeDoor';
import { answerCheck, takeReading } from './technician';
import { boltLow, copyDoor, poseOf, trueGap, type TrueDoor } from './trueDoor';
import { carryOut, CHECKED, isDoorTrue } from './work';

/** Cycles of work and full check until the door was true; those that never were count as the most allowed. */
export interface CycleCount {
  doors: number;
  cycles: number;
  /** Pieces of work done in all. */
  steps: number;
  trueAtFirst: number;
  never: number;
}

/** Doors, and how many were true once the work was done. */
export interface Outcome {
  doors: number;
  isTrue: number;
}

export interface CorrectionStudy {
  /** Step by step: after each the readings that the tool asks for, and its plan anew; a full check when it has no more to do. */
  ours: CycleCount;
  ladder: CycleCount;
  oracle: CycleCount;
  /** Sags, latch drops and adjustable hinges with one fault. */
  settings: CycleCount;
  /** The same doors, all and settings, by the first plan done as it was written, without a look between its steps. */
  unlooked: { all: Outcome; settings: Outcome };
  byCause: ReadonlyMap<CauseId, CycleCount>;
  /** Doors that the hinges alone would make true, and how often planing was proposed for them. */
  hingesWouldDo: number;
  planedByUs: number;
  planedByLadder: number;
  /** Doors that no setting of the hinges brings near, and how often that was said. */
  hingesCannot: number;
  saidSo: number;
  millisPlan: number[];
}

export const MOST_CYCLES = 8;
/** No setting comes nearer than this to the profile: the hinges cannot, mm. */
const CANNOT_FROM_MM = 0.5;

const SETTINGS: readonly CauseId[] = [
  'looseTopScrews',
  'strippedTopHoles',
  'neverFixed',
  'spreadKnuckles',
  'wornPins',
  'looseBottomScrews',
  'strikeOff',
  'adjustersHeight',
  'adjustersSideways',
];
/** Cures that only time brings: such doors are not made true in one visit. */
const WAITS: readonly CauseId[] = ['swollenSlab'];

const counter = (): CycleCount => ({ doors: 0, cycles: 0, steps: 0, trueAtFirst: 0, never: 0 });

/** How a door was brought true: in how many cycles, if at all, and with how many pieces of work. */
interface Course {
  cycles: number | undefined;
  steps: number;
}

function countIn(into: CycleCount, { cycles, steps }: Course): void {
  into.doors += 1;
  into.cycles += cycles ?? MOST_CYCLES;
  into.steps += steps;
  if (cycles === undefined) into.never += 1;
  else if (cycles <= 1) into.trueAtFirst += 1;
}

/** Corrects doors of the world by the tool, by the trade's ladder, and by an oracle that knows the truth. */
export function studyCorrection(
  seed: number,
  cases: number,
  clock: () => number,
  progress: (done: number) => void = () => undefined,
): CorrectionStudy {
  const study = {
    ours: counter(),
    ladder: counter(),
    oracle: counter(),
    settings: counter(),
    unlooked: { all: { doors: 0, isTrue: 0 }, settings: { doors: 0, isTrue: 0 } },
    byCause: new Map<CauseId, CycleCount>(),
    hingesWouldDo: 0,
    planedByUs: 0,
    planedByLadder: 0,
    hingesCannot: 0,
    saidSo: 0,
    millisPlan: [] as number[],
  };
  for (let n = 0; n < cases; n += 1) {
    const seedOf = (way: number) => seededRandom(seed * 2_000_003 + n * 11 + way);
    const scenario = makeScenario(seedOf(0), { twoFaults: 0.2, sound: 0 });
    progress(n + 1);
    if (scenario.causes.some((id) => WAITS.includes(id))) continue;

    const isPossible = canBeMadeTrue(scenario);
    const byHinges = bestByHinges(scenario);
    const ours = correct(scenario, seedOf(1), seedOf(4), clock);
    study.millisPlan.push(...ours.millis);
    const ladder = climb(scenario, seedOf(2));
    const cannot = byHinges > CANNOT_FROM_MM;
    if (byHinges <= 0.001) {
      study.hingesWouldDo += 1;
      if (ours.planes) study.planedByUs += 1;
      if (ladder.planes) study.planedByLadder += 1;
    } else if (cannot) {
      study.hingesCannot += 1;
      if (!ours.saysHingesCan) study.saidSo += 1;
    }
    if (isDoorTrue(scenario.door) || !isPossible) continue;
    const count = (into: Outcome) => {
      into.doors += 1;
      if (ours.trueAsWritten) into.isTrue += 1;
    };
    count(study.unlooked.all);
    countIn(study.ours, ours);
    countIn(study.ladder, ladder);
    countIn(study.oracle, byOracle(scenario, seedOf(3)));
    const [only, second] = scenario.causes;
    if (only !== undefined && second === undefined) {
      const row = study.byCause.get(only) ?? counter();
      countIn(row, ours);
      study.byCause.set(only, row);
      if (SETTINGS.includes(only)) {
        countIn(study.settings, ours);
        count(study.unlooked.settings);
      }
    }
  }
  return study;
}

interface Corrected extends Course {
  /** Whether the first plan, done as it was written, would have made it true. */
  trueAsWritten: boolean;
  planes: boolean;
  saysHingesCan: boolean;
  millis: number[];
}

/** More pieces of work than this within one cycle, and a full check is due. */
const MOST_STEPS = 8;

const PLANING: readonly ActionId[] = ['planeLatch', 'planeHead', 'scribeHead'];

const isPlaning = (step: DoneStep) => PLANING.includes(step.action);

const asDone = ({ action: id, hinge, amount, planed, until }: PlannedStep): DoneStep => ({
  action: id,
  amount,
  ...(hinge && { hinge }),
  ...(planed && { planed }),
  ...(until && { until }),
});

function lookAround({ door, causes }: Scenario, random: RandomStream): AnsweredFinding[] {
  return findingsFor(door.card).map(({ id }) => answerCheck(door, causes, id, random));
}

const readAll = (door: TrueDoor, ids: readonly StationId[], random: RandomStream) => ids.map((id) => takeReading(door, id, random));

/**
 * The tool's way: everything read, the first step of its plan done, the readings that the step asks for taken, the next step
 * of the plan from what was learned; a full check when the tool has no more to do.
 */
function correct(scenario: Scenario, random: RandomStream, asWritten: RandomStream, clock: () => number): Corrected {
  const door = copyDoor(scenario.door);
  const asFound: Observed = { door: door.card, readings: readAll(door, STATION_IDS, random), findings: lookAround(scenario, random) };
  const rounds: Round[] = [];
  const millis: number[] = [];
  const plan = (seed: number) => {
    const begun = clock();
    const correction = planFor({ ...asFound, rounds }, believe({ ...asFound, rounds }), { seed });
    millis.push(clock() - begun);
    return { hingesAlone: correction.hingesAlone, steps: correction.plans[0]?.steps ?? [] };
  };

  const first = plan(1);
  const unlooked = copyDoor(door);
  carryOut(unlooked, first.steps.map(asDone), asWritten);
  const told = { trueAsWritten: isDoorTrue(unlooked), saysHingesCan: first.hingesAlone.can, millis };
  let planes = false;
  let steps = 0;
  for (let cycle = 1; cycle <= MOST_CYCLES; cycle += 1) {
    for (let k = 0; k < MOST_STEPS; k += 1) {
      const [next] = steps === 0 ? first.steps : plan(1 + rounds.length).steps;
      if (next === undefined) break;
      const done = [asDone(next)];
      carryOut(door, done, random);
      steps += 1;
      if (cycle === 1) planes ||= done.some(isPlaning);
      rounds.push({ done, readings: readAll(door, next.recheck, random) });
    }
    if (isDoorTrue(door)) return { ...told, cycles: cycle, steps, planes };
    rounds.push({ done: [], readings: readAll(door, CHECKED, random) });
  }
  return { ...told, cycles: undefined, steps, planes };
}

/** The trade's way: one rung of the ladder, a check, the next. */
function climb(scenario: Scenario, random: RandomStream): Course & { planes: boolean } {
  const door = copyDoor(scenario.door);
  const findings = lookAround(scenario, random);
  const done: DoneStep[] = [];
  let readings = readAll(door, STATION_IDS, random);
  for (let cycle = 1; cycle <= MOST_CYCLES; cycle += 1) {
    const steps = nextRung({ card: door.card, readings, findings, done });
    carryOut(door, steps, random);
    done.push(...steps);
    if (isDoorTrue(door)) return { cycles: cycle, steps: done.length, planes: done.some(isPlaning) };
    readings = readAll(door, STATION_IDS, random);
  }
  return { cycles: undefined, steps: done.length, planes: done.some(isPlaning) };
}

/** Work that takes a cause away by itself; what sets hinges, planes or moves strikes is searched for. */
const CURING: readonly Action['effect']['kind'][] = ['cure', 'set', 'hold', 'wait'];

/** The first cure of each true cause. */
function cureTruth(causes: readonly CauseId[], allowed: (id: ActionId) => boolean): DoneStep[] {
  return causes.flatMap((id): DoneStep[] => {
    const cures = cause(id).cures.filter(allowed);
    const cure = cures.find((each) => CURING.includes(action(each).effect.kind));
    return cure === undefined ? [] : [{ action: cure, amount: 1 }];
  });
}

const STEADY: RandomStream = { uniform: () => 0.9, normal: () => 0 };

/** The oracle asks what can be done at all, not what a certificate allows. */
const forbids = (each: Action, { card }: TrueDoor) => isForbiddenOn(each, { ...card, fireRated: false });

/** The steps of a plan found for the true gaps. */
const stepsFor = ({ card }: TrueDoor, found: FoundPlan) => stepsOf(hingedModel(card), { found }).map((step) => asDone(hingedStep(step)));

/** The exact best setting of the hinges for the true gaps, with timber off only if `mayPlane`. */
function setTruly(door: TrueDoor, mayPlane: boolean, guardMm: number): { found: FoundPlan | undefined; board: GapBoard } {
  const model = hingedModel(door.card);
  const board = gapBoard(model, new Set(['foot']));
  const pose = poseOf(door);
  const start = Float64Array.from(board.stations, (id) => (id === 'bolt.low' ? boltLow(door) : trueGap(door, id as StationId, pose)));
  const line = model.placeLine;
  const able = ACTIONS.filter((a) => !forbids(a, door));
  const price = (a: Action, amount: number) => a.minutes.first + a.minutes.each * Math.abs(amount) + 4 * a.irreversibility;
  const choices = (where: Setting['where'], move: Float64Array) =>
    able.flatMap((a): Setting[] => {
      const { effect } = a;
      if (effect.kind !== (where === 'whole' ? 'lower' : 'shift')) return [];
      return a.amounts.map((amount) => {
        const mm = amount * effect.mmPerUnit;
        return {
          action: a,
          where,
          amount,
          shiftMm: where === 'whole' ? 0 : mm,
          changes: gapChanges(board, model, move).map((each) => each * mm),
          price: price(a, amount),
        };
      });
    });
  const [found] = searchPlans(
    {
      board,
      start,
      line,
      guard: evenGuard(board, guardMm),
      mustUse: [],
      misfitNow: [],
      misfitAllowedMm: model.tables.misfit.allowedMm,
      settings: [...line.moves.map((move, place) => choices(place, move)), choices('whole', model.lowered)],
      planes: mayPlane ? able.filter(({ effect }) => effect.kind === 'plane').map((a) => ({ action: a, price: price(a, 1) })) : [],
      strikes: able.flatMap((a) => (a.effect.kind === 'strike' ? [{ action: a, upToMm: a.effect.upToMm, price: price(a, 1) }] : [])),
    },
    1,
  );
  return { found, board };
}

/** Whether the register's actions, done without error by someone who knows all, make the door true. */
function canBeMadeTrue({ door, causes }: Scenario): boolean {
  const copy = copyDoor(door);
  const able = (id: ActionId) => ACTIONS.some((a) => a.id === id && !forbids(a, door));
  carryOut(copy, cureTruth(causes, able), STEADY);
  const { found } = setTruly(copy, true, 0.1);
  if (found === undefined) return false;
  carryOut(copy, stepsFor(door, found), STEADY);
  return isDoorTrue(copy);
}

/** How far outside the best setting of hinges, and of what holds them, leaves the gaps, mm. */
function bestByHinges({ door, causes }: Scenario): number {
  const held = copyDoor(door);
  carryOut(
    held,
    cureTruth(causes, (id) => HOLDING_WORK.includes(id)),
    STEADY,
  );
  const asItIs = setTruly(door, false, 0);
  const cured = setTruly(held, false, 0);
  return Math.min(...[asItIs, cured].map(({ found, board }) => (found === undefined ? Infinity : outsideBy(board, found.gaps))));
}

function byOracle(scenario: Scenario, random: RandomStream): Course {
  const door = copyDoor(scenario.door);
  const able = (id: ActionId) => ACTIONS.some((a) => a.id === id && !forbids(a, door));
  let steps = 0;
  let cures = cureTruth(scenario.causes, able);
  for (let cycle = 1; cycle <= MOST_CYCLES; cycle += 1) {
    // It sees the cure's outcome before it sets the hinges, as nobody can.
    carryOut(door, cures, random);
    steps += cures.length;
    cures = [];
    const { found } = setTruly(door, true, 0.2);
    const settings = found === undefined ? [] : stepsFor(door, found);
    carryOut(door, settings, random);
    steps += settings.length;
    if (isDoorTrue(door)) return { cycles: cycle, steps };
  }
  return { cycles: undefined, steps };
}
