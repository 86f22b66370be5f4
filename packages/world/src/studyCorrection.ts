import { seededRandom, STATION_IDS, type CauseId, type DoneStep, type RandomStream } from '@proper-swing/core';
import { correctByTool, type Corrected, type Slips } from './correctByTool';
import { counter, countIn, isPlaning, judge, lookAround, MOST_CYCLES, readAll, type Course, type WayCount } from './course';
import { nextRung } from './ladder';
import { makeScenario, type Scenario } from './makeDoor';
import { bestByHinges, byOracle, canBeMadeTrue } from './oracle';
import { copyDoor } from './trueDoor';
import { isDoorTrue, isSound } from './verdict';
import { carryOut } from './work';
import { TABLES_OWN, type WorldTraits } from './worldTraits';

export interface CorrectionStudy {
  /** Step by step: after each the readings that the tool asks for, and its plan anew; a full check when it has no more to do. */
  ours: WayCount;
  ladder: WayCount;
  oracle: WayCount;
  /** Sags, latch drops and adjustable hinges with one fault. */
  settings: WayCount;
  byCause: ReadonlyMap<string, WayCount>;
  /** Sound doors, those of them that got any work, and those on which more was done than turn a screw found loose. */
  sound: { doors: number; worked: number; changed: number };
  /** Readings that the tool had taken again, of so many doors. */
  readAgain: { readings: number; doors: number };
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
/** Doors drawn beside the calls to count on sound ones, as a share of the calls. */
const SOUND_BESIDE = 0.4;

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
    byCause: new Map<string, ReturnType<typeof counter>>(),
    sound: { doors: 0, worked: 0, changed: 0 },
    readAgain: { readings: 0, doors: 0 },
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
    const isTrue = isDoorTrue(scenario.door);
    if (!isTrue && (scenario.causes[0] === 'nothingWrong' || scenario.causes.some((id) => WAITS.includes(id)))) continue;

    const ours = correctByTool(scenario, seedOf(1), clock, study.slips);
    study.millisPlan.push(...ours.millis);
    study.readAgain.doors += 1;
    study.readAgain.readings += ours.readAgain;
    if (isTrue) {
      if (isSound(scenario.door)) countSound(study.sound, ours);
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
  // Among calls too few doors are sound to count on: so many more are drawn.
  for (let n = 0; n < cases * SOUND_BESIDE; n += 1) {
    const seedOf = (way: number) => seededRandom(seed * 3_000_017 + n * 11 + way);
    const scenario = makeScenario(seedOf(0), { twoFaults: 0, sound: 1 }, world);
    if (isSound(scenario.door)) countSound(study.sound, correctByTool(scenario, seedOf(1), clock, study.slips));
  }
  return study;
}

function countSound(sound: CorrectionStudy['sound'], { steps, changes }: Corrected): void {
  sound.doors += 1;
  if (steps > 0) sound.worked += 1;
  if (changes) sound.changed += 1;
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
