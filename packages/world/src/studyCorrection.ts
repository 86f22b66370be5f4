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
import { carryOut, CHECKED } from './work';
import { holds, isDoorTrue, VERDICTS, type Verdict } from './verdict';
import { TABLES_OWN, type WorldTraits } from './worldTraits';

/** Cycles of work and full check until a verdict held; those where it never did count as the most allowed. */
export interface CycleCount {
  doors: number;
  cycles: number;
  atFirst: number;
  never: number;
}

/** One way of correcting doors: its cycles to each verdict, and the pieces of work it took. */
export type WayCount = Readonly<Record<Verdict, CycleCount>> & { steps: number };

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

export interface CorrectionStudy {
  /** Step by step: after each the readings that the tool asks for, and its plan anew; a full check when it has no more to do. */
  ours: WayCount;
  ladder: WayCount;
  oracle: WayCount;
  /** Sags, latch drops and adjustable hinges with one fault. */
  settings: WayCount;
  byCause: ReadonlyMap<CauseId, WayCount>;
  /** Doors that were true as found, and those of them that got any work. */
  sound: { doors: number; worked: number };
  /** Doors that the hinges alone would make true, and how often planing was proposed for them. */
  hingesWouldDo: number;
  planedByUs: number;
  planedByLadder: number;
  /** Doors that no setting of the hinges brings near, and how often that was said. */
  hingesCannot: number;
  saidSo: number;
  slips: Slips;
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

const SOUND_SHARE = 0.15;
/** Below this chance of a free door nothing may be called a cure. */
const FLOOR = 0.5;

const cycleCount = (): CycleCount => ({ doors: 0, cycles: 0, atFirst: 0, never: 0 });
const counter = () => ({ free: cycleCount(), even: cycleCount(), book: cycleCount(), steps: 0 });

/** How a door was worked on: the cycle after which each verdict held, if it did, and the pieces of work. */
interface Course {
  reached: Partial<Record<Verdict, number>>;
  steps: number;
}

function countIn(into: ReturnType<typeof counter>, { reached, steps }: Course): void {
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
function judge(door: TrueDoor, reached: Course['reached'], cycle: number): boolean {
  for (const verdict of VERDICTS) if (reached[verdict] === undefined && holds(verdict, door)) reached[verdict] = cycle;
  return VERDICTS.every((verdict) => reached[verdict] !== undefined);
}

export interface CorrectionOptions {
  world?: WorldTraits;
  clock?: () => number;
}

/** Corrects doors of a world by the tool, by the trade's ladder, and by an oracle that knows the truth. */
export function studyCorrection(
  seed: number,
  cases: number,
  { world = TABLES_OWN, clock = () => 0 }: CorrectionOptions = {},
): CorrectionStudy {
  const study = {
    ours: counter(),
    ladder: counter(),
    oracle: counter(),
    settings: counter(),
    byCause: new Map<CauseId, ReturnType<typeof counter>>(),
    sound: { doors: 0, worked: 0 },
    hingesWouldDo: 0,
    planedByUs: 0,
    planedByLadder: 0,
    hingesCannot: 0,
    saidSo: 0,
    slips: { reversed: 0, repeated: 0, idle: 0, curesUnderFloor: 0 },
    millisPlan: [] as number[],
  };
  for (let n = 0; n < cases; n += 1) {
    const seedOf = (way: number) => seededRandom(seed * 2_000_003 + n * 11 + way);
    const scenario = makeScenario(seedOf(0), { twoFaults: world.twoFaults, sound: SOUND_SHARE }, world);
    const isSound = isDoorTrue(scenario.door);
    if (!isSound && (scenario.causes[0] === 'nothingWrong' || scenario.causes.some((id) => WAITS.includes(id)))) continue;

    const ours = correct(scenario, seedOf(1), clock, study.slips);
    study.millisPlan.push(...ours.millis);
    if (isSound) {
      study.sound.doors += 1;
      if (ours.steps > 0) study.sound.worked += 1;
      continue;
    }
    const byHinges = bestByHinges(scenario);
    const ladder = climb(scenario, seedOf(2));
    if (byHinges <= 0.001) {
      study.hingesWouldDo += 1;
      if (ours.planes) study.planedByUs += 1;
      if (ladder.planes) study.planedByLadder += 1;
    } else if (byHinges > CANNOT_FROM_MM) {
      study.hingesCannot += 1;
      if (!ours.saysHingesCan) study.saidSo += 1;
    }
    if (!canBeMadeTrue(scenario)) continue;
    countIn(study.ours, ours);
    countIn(study.ladder, ladder);
    countIn(study.oracle, byOracle(scenario, seedOf(3)));
    const [only, second] = scenario.causes;
    if (only !== undefined && second === undefined) {
      const row = study.byCause.get(only) ?? counter();
      countIn(row, ours);
      study.byCause.set(only, row);
      if (SETTINGS.includes(only)) countIn(study.settings, ours);
    }
  }
  return study;
}

interface Corrected extends Course {
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
 * of the plan from what was learned; a full check when the tool has no more to do. It leaves when the check gives it nothing to do.
 */
function correct(scenario: Scenario, random: RandomStream, clock: () => number, slips: Slips): Corrected {
  const door = copyDoor(scenario.door);
  const asFound: Observed = { door: door.card, readings: readAll(door, STATION_IDS, random), findings: lookAround(scenario, random) };
  const rounds: Round[] = [];
  const millis: number[] = [];
  const plan = (seed: number) => {
    const begun = clock();
    const correction = planFor({ ...asFound, rounds }, believe({ ...asFound, rounds }), { seed });
    millis.push(clock() - begun);
    if (correction.outcome === 'cures' && (correction.plans[0]?.chances.free ?? 1) < FLOOR) slips.curesUnderFloor += 1;
    return { hingesAlone: correction.hingesAlone, steps: correction.plans[0]?.steps ?? [] };
  };

  const first = plan(1);
  const reached: Course['reached'] = {};
  const past: DoneStep[] = [];
  let planes = false;
  for (let cycle = 1; cycle <= MOST_CYCLES; cycle += 1) {
    let worked = 0;
    for (let k = 0; k < MOST_STEPS; k += 1) {
      const [next] = rounds.length === 0 ? first.steps : plan(1 + rounds.length).steps;
      if (next === undefined) break;
      const step = asDone(next);
      countSlips(slips, past, worked, step);
      carryOut(door, [step], random);
      past.push(step);
      worked += 1;
      if (cycle === 1) planes ||= isPlaning(step);
      rounds.push({ done: [step], readings: readAll(door, next.recheck, random) });
    }
    if (judge(door, reached, cycle) || worked === 0) break;
    rounds.push({ done: [], readings: readAll(door, CHECKED, random) });
  }
  return { reached, steps: past.length, planes, saysHingesCan: first.hingesAlone.can, millis };
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

/** The trade's way: one rung of the ladder, a check, the next. */
function climb(scenario: Scenario, random: RandomStream): Course & { planes: boolean } {
  const door = copyDoor(scenario.door);
  const findings = lookAround(scenario, random);
  const done: DoneStep[] = [];
  const reached: Course['reached'] = {};
  let readings = readAll(door, STATION_IDS, random);
  for (let cycle = 1; cycle <= MOST_CYCLES; cycle += 1) {
    const steps = nextRung({ card: door.card, readings, findings, done });
    carryOut(door, steps, random);
    done.push(...steps);
    if (judge(door, reached, cycle)) break;
    readings = readAll(door, STATION_IDS, random);
  }
  return { reached, steps: done.length, planes: done.some(isPlaning) };
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
  const reached: Course['reached'] = {};
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
    if (judge(door, reached, cycle)) break;
  }
  return { reached, steps };
}
