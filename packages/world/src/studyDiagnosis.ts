import { seededRandom, type RandomStream } from '@proper-swing/core';
import type { Belief } from '@proper-swing/core/inference/belief';
import { believe } from '@proper-swing/core/inference/believe';
import { doubtfulReadings } from '@proper-swing/core/inference/doubtful';
import { causeChances } from '@proper-swing/core/inference/expectation';
import { nextBest } from '@proper-swing/core/inference/nextBest';
import type { Observations, Reading } from '@proper-swing/core/inference/observed';
import type { Befallen, DoorWorld } from './doorWorld';

/** How often the true cause stood first and within the first three; of two faults, whether one was named first. */
export interface Ranked {
  cases: number;
  first: number;
  three: number;
  /** Of the cause that stood first, by tenths of the chance stated. */
  calibration: readonly Bin[];
}

/** Doors whose first cause was given a chance in this tenth: the sum of the chances, and how often it was so. */
export interface Bin {
  count: number;
  stated: number;
  right: number;
}

/** Statements made for the first time on a door, and how many of them were right. */
export interface FirstSaid {
  count: number;
  right: number;
}

export interface DiagnosisStudy {
  /** Everything read, twelve gaps and the complaint, six chosen, six in walking order. */
  everything: Ranked;
  /** Everything read, and again what the tool doubts. */
  doubtedTwice: Ranked;
  gapsAndComplaint: Ranked;
  sixChosen: Ranked;
  sixInOrder: Ranked;
  byCause: ReadonlyMap<string, Ranked>;
  bySort: ReadonlyMap<string, Ranked>;
  /** Doors with two faults, and those of them with both among the first three, everything read. */
  pairs: { doors: number; bothInThree: number };
  /** Root mean square error with everything read, mm: rotation over the width, all gaps round the door. */
  rotationRms: number;
  gapsRms: number;
  /** Readings until a cause stands at 90 %, by the tool's choice; those never reaching count as all. */
  untilSure: number[];
  /** The moment at which a cause is first given 90 %, and at which "enough" is first said. */
  first90: FirstSaid;
  firstEnough: FirstSaid;
  millisDiagnose: number[];
  millisNext: number[];
}

const SURE = 0.9;
const SIX = 6;
/** Longest chain of chosen readings that is followed. */
const LONGEST = 24;
/** Share of doors with nothing wrong. */
export const SOUND_SHARE = 0.06;

/** What weighs the observations of a door. */
export type Engine<Door> = (door: Door, seen: Observations) => Belief;

/** Everything a technician could find out about one door; the same answer each time the same thing is looked at. */
function inquiry<Door, F extends string>(world: DoorWorld<Door, F>, befallen: Befallen<Door>, random: RandomStream) {
  const { door } = befallen;
  const readings = new Map<string, Reading>(world.stations.map((id) => [id, world.read(door, id, random)]));
  const findings = world.checks(door).map((id) => world.answer(befallen, id, random));
  const twice = new Map<string, Reading>(world.stations.map((id) => [id, { ...world.read(door, id, random), again: true as const }]));
  return {
    /** What was looked at, some of it read again: then the second reading counts. */
    seen: (ids: readonly string[], again: ReadonlySet<string> = new Set()): Observations => ({
      readings: ids.flatMap((id) => (again.has(id) ? twice : readings).get(id) ?? []),
      findings: findings.filter(({ finding }) => ids.includes(finding)),
    }),
    all: [...world.stations, ...findings.map(({ finding }) => finding)],
  };
}

const ranked = (): Ranked => ({
  cases: 0,
  first: 0,
  three: 0,
  calibration: Array.from({ length: 10 }, () => ({ count: 0, stated: 0, right: 0 })),
});

/** Mean distance between the chance stated of the first cause and how often it was so, over the tenths, by their doors. */
export function calibrationError({ calibration, cases }: Ranked): number {
  return calibration.reduce((sum, { stated, right }) => sum + Math.abs(stated - right), 0) / Math.max(1, cases);
}

export interface DiagnosisOptions<Door> {
  /** The engine with its own tables unless said. */
  engine?: Engine<Door>;
  /** Milliseconds, for the timings. */
  clock?: () => number;
}

/** Diagnoses doors of a made-up world and counts how often the tool was right. */
export function studyDiagnosis<Door, F extends string>(
  world: DoorWorld<Door, F>,
  seed: number,
  cases: number,
  { engine = (door, seen) => believe(world.model(door), seen), clock = () => 0 }: DiagnosisOptions<Door> = {},
): DiagnosisStudy {
  const { twoFaults } = world.traits;
  // Asks first, then gauges round the door, then levels.
  const inOrder = [...world.walk, ...world.stations.filter((id) => !world.walk.includes(id))];
  const study = {
    everything: ranked(),
    doubtedTwice: ranked(),
    gapsAndComplaint: ranked(),
    sixChosen: ranked(),
    sixInOrder: ranked(),
    byCause: new Map<string, Ranked>(),
    bySort: new Map<string, Ranked>(),
    pairs: { doors: 0, bothInThree: 0 },
    untilSure: [] as number[],
    first90: { count: 0, right: 0 },
    firstEnough: { count: 0, right: 0 },
    millisDiagnose: [] as number[],
    millisNext: [] as number[],
  };
  const errors = { rotation: 0, gaps: 0, gapCount: 0 };

  for (let n = 0; n < cases; n += 1) {
    const random = seededRandom(seed * 1_000_003 + n);
    const befallen = world.make(random, { twoFaults, sound: SOUND_SHARE });
    const { door, causes } = befallen;
    const { seen, all } = inquiry(world, befallen, random);
    const isTrueCause = (id: string | undefined) => id !== undefined && causes.includes(id);
    const weigh = (observations: Observations) => engine(door, observations);
    const rank = (ids: readonly string[]) => causeChances(weigh(seen(ids)));
    const count = (into: Ranked, order: readonly { id: string; probability: number }[]) => {
      const [top] = order;
      into.cases += 1;
      if (isTrueCause(top?.id)) into.first += 1;
      if (order.slice(0, 3).some(({ id }) => isTrueCause(id))) into.three += 1;
      const bin = into.calibration[Math.min(9, Math.floor((top?.probability ?? 0) * 10))];
      if (bin === undefined) return;
      bin.count += 1;
      bin.stated += top?.probability ?? 0;
      if (isTrueCause(top?.id)) bin.right += 1;
    };

    const begun = clock();
    const belief = weigh(seen(all));
    study.millisDiagnose.push(clock() - begun);
    const { complaint } = belief.model.tables;
    const order = causeChances(belief);
    count(study.everything, order);
    const again = new Set(doubtfulReadings(seen(all), belief).map(({ station }) => station));
    count(study.doubtedTwice, again.size === 0 ? order : causeChances(weigh(seen(all, again))));
    const countAmong = (among: Map<string, Ranked>, id: string) => {
      const row = among.get(id) ?? ranked();
      count(row, order);
      among.set(id, row);
    };
    countAmong(study.bySort, world.sortOf(door));
    const [own, second] = causes;
    if (own !== undefined && second === undefined) countAmong(study.byCause, own);
    else {
      study.pairs.doors += 1;
      const first = order.slice(0, 3).map(({ id }) => id);
      if (causes.every((id) => first.includes(id))) study.pairs.bothInThree += 1;
    }
    count(study.gapsAndComplaint, rank([complaint, ...world.walk]));
    count(study.sixInOrder, rank([complaint, ...inOrder.slice(0, SIX)]));
    follow({ complaint, seen, weigh, clock, isTrueCause }, study, (each) => count(study.sixChosen, each));

    const { turnMm, gapsMm } = world.errors(door, belief);
    errors.rotation += turnMm ** 2;
    errors.gaps += gapsMm.reduce((sum, each) => sum + each ** 2, 0);
    errors.gapCount += gapsMm.length;
  }
  return { ...study, rotationRms: Math.sqrt(errors.rotation / cases), gapsRms: Math.sqrt(errors.gaps / errors.gapCount) };
}

interface Followed {
  /** What is asked first. */
  complaint: string;
  seen: (ids: readonly string[], again?: ReadonlySet<string>) => Observations;
  weigh: (seen: Observations) => Belief;
  clock: () => number;
  isTrueCause: (id: string | undefined) => boolean;
}

/** Follows what the tool asks for next, until six are read, a cause has stood at 90 % and "enough" has been said. */
function follow(
  { complaint, seen, weigh, clock, isTrueCause }: Followed,
  study: Pick<DiagnosisStudy, 'untilSure' | 'millisNext' | 'first90' | 'firstEnough'>,
  atSix: (order: readonly { id: string; probability: number }[]) => void,
): void {
  const taken = [complaint];
  const again = new Set<string>();
  let sureAt: number | undefined;
  let saidEnough = false;
  let belief = weigh(seen(taken));
  for (let k = 1; k <= LONGEST && (k <= SIX || sureAt === undefined || !saidEnough); k += 1) {
    const observed = seen(taken, again);
    const begun = clock();
    const { choices, enough } = nextBest(observed, belief);
    study.millisNext.push(clock() - begun);
    if (enough && !saidEnough) {
      saidEnough = true;
      said(study.firstEnough, isTrueCause(causeChances(belief)[0]?.id));
    }
    const [choice] = choices;
    if (choice === undefined) break;
    if (choice.again) again.add(choice.id);
    else taken.push(choice.id);
    belief = weigh(seen(taken, again));
    const order = causeChances(belief);
    const [top] = order;
    if (k === SIX) atSix(order);
    if (sureAt === undefined && top !== undefined && top.probability >= SURE) {
      sureAt = k;
      said(study.first90, isTrueCause(top.id));
    }
  }
  study.untilSure.push(sureAt ?? LONGEST);
}

function said(into: FirstSaid, isRight: boolean): void {
  into.count += 1;
  if (isRight) into.right += 1;
}
