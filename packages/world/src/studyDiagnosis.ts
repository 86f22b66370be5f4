import {
  type CauseId,
  type FindingId,
  findingsFor,
  type Observed,
  type RandomStream,
  type Reading,
  seededRandom,
  STATION_IDS,
  type StationId,
  WALKING_ORDER,
} from '@proper-swing/core';
import { nextBest } from '@proper-swing/core/hinged/hingedAnswers';
import { observationsOf } from '@proper-swing/core/hinged/observed';
import { doubtfulReadings } from '@proper-swing/core/inference/doubtful';
import { causeChances, expectAt } from '@proper-swing/core/inference/expectation';
import { AS_SHIPPED, type Engine } from './engine';
import { makeScenario, type Scenario } from './makeDoor';
import { answerCheck, takeReading } from './technician';
import { GAP_STATIONS, poseOf, trueGap } from './trueDoor';
import { TABLES_OWN, type WorldTraits } from './worldTraits';

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
  byCause: ReadonlyMap<CauseId, Ranked>;
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

/** The order of a walk that asks first, then gauges round the door, then levels and looks. */
const IN_ORDER: readonly (StationId | FindingId)[] = [...WALKING_ORDER, ...STATION_IDS.filter((id) => !WALKING_ORDER.includes(id))];

const isStation = (id: StationId | FindingId): id is StationId => (STATION_IDS as readonly string[]).includes(id);

/** Everything a technician could find out about one door; the same answer each time the same thing is looked at. */
function inquiry({ door, causes }: Scenario, random: RandomStream) {
  const readings = new Map<StationId, Reading>(STATION_IDS.map((id) => [id, takeReading(door, id, random)]));
  const findings = findingsFor(door.card).map(({ id }) => answerCheck(door, causes, id, random));
  const twice = new Map(STATION_IDS.map((id) => [id, { ...takeReading(door, id, random), again: true as const }]));
  return {
    /** What was looked at, some of it read again: then the second reading counts. */
    seen: (ids: readonly (StationId | FindingId)[], again: ReadonlySet<StationId> = new Set()): Observed => ({
      door: door.card,
      readings: ids.flatMap((id) => (isStation(id) ? ((again.has(id) ? twice : readings).get(id) ?? []) : [])),
      findings: findings.filter(({ finding }) => ids.includes(finding)),
    }),
    all: [...STATION_IDS, ...findings.map(({ finding }) => finding)] as (StationId | FindingId)[],
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

export interface DiagnosisOptions {
  world?: WorldTraits;
  engine?: Engine;
  /** Milliseconds, for the timings. */
  clock?: () => number;
}

/** Diagnoses doors of a made-up world and counts how often the tool was right. */
export function studyDiagnosis(
  seed: number,
  cases: number,
  { world = TABLES_OWN, engine = AS_SHIPPED, clock = () => 0 }: DiagnosisOptions = {},
): DiagnosisStudy {
  const study = {
    everything: ranked(),
    doubtedTwice: ranked(),
    gapsAndComplaint: ranked(),
    sixChosen: ranked(),
    sixInOrder: ranked(),
    byCause: new Map<CauseId, Ranked>(),
    untilSure: [] as number[],
    first90: { count: 0, right: 0 },
    firstEnough: { count: 0, right: 0 },
    millisDiagnose: [] as number[],
    millisNext: [] as number[],
  };
  const errors = { rotation: 0, gaps: 0, gapCount: 0 };

  for (let n = 0; n < cases; n += 1) {
    const random = seededRandom(seed * 1_000_003 + n);
    const scenario = makeScenario(random, { twoFaults: world.twoFaults, sound: SOUND_SHARE }, world);
    const { seen, all } = inquiry(scenario, random);
    const isTrueCause = (id: string | undefined) => id !== undefined && (scenario.causes as readonly string[]).includes(id);
    const rank = (ids: readonly (StationId | FindingId)[]) => causeChances(engine(seen(ids)));
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
    const belief = engine(seen(all));
    study.millisDiagnose.push(clock() - begun);
    const order = causeChances(belief);
    count(study.everything, order);
    const again = new Set(doubtfulReadings(observationsOf(seen(all)), belief).map(({ station }) => station as StationId));
    count(study.doubtedTwice, again.size === 0 ? order : causeChances(engine(seen(all, again))));
    const [own, second] = scenario.causes;
    if (own !== undefined && second === undefined) {
      const row = study.byCause.get(own) ?? ranked();
      count(row, order);
      study.byCause.set(own, row);
    }
    count(study.gapsAndComplaint, rank(['complaint', ...WALKING_ORDER]));
    count(study.sixInOrder, rank(['complaint', ...IN_ORDER.slice(0, SIX)]));
    follow({ seen, engine, clock, isTrueCause }, study, (each) => count(study.sixChosen, each));

    const pose = poseOf(scenario.door);
    const drop = scenario.door.card.slabWidthMm * Math.sin(pose.angle);
    const dropAt = belief.model.layout.parameterAt('drop');
    const turned = belief.held.reduce((sum, { posterior, probability }) => sum + probability * (posterior.mean[dropAt] ?? 0), 0);
    errors.rotation += (turned - drop) ** 2;
    for (const id of GAP_STATIONS) {
      errors.gaps += (expectAt(belief, id).mean - trueGap(scenario.door, id, pose)) ** 2;
      errors.gapCount += 1;
    }
  }
  return { ...study, rotationRms: Math.sqrt(errors.rotation / cases), gapsRms: Math.sqrt(errors.gaps / errors.gapCount) };
}

interface Followed {
  seen: (ids: readonly (StationId | FindingId)[], again?: ReadonlySet<StationId>) => Observed;
  engine: Engine;
  clock: () => number;
  isTrueCause: (id: string | undefined) => boolean;
}

/** Follows what the tool asks for next, until six are read, a cause has stood at 90 % and "enough" has been said. */
function follow(
  { seen, engine, clock, isTrueCause }: Followed,
  study: Pick<DiagnosisStudy, 'untilSure' | 'millisNext' | 'first90' | 'firstEnough'>,
  atSix: (order: readonly { id: string; probability: number }[]) => void,
): void {
  const taken: (StationId | FindingId)[] = ['complaint'];
  const again = new Set<StationId>();
  let sureAt: number | undefined;
  let saidEnough = false;
  let belief = engine(seen(taken));
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
    if (choice.again) again.add(choice.id as StationId);
    else taken.push(choice.id);
    belief = engine(seen(taken, again));
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
