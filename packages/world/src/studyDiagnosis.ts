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
import { believe, nextBest } from '@proper-swing/core/hinged/hingedAnswers';
import { causeChances, expectAt } from '@proper-swing/core/inference/expectation';
import { makeScenario, type Scenario } from './makeDoor';
import { answerCheck, takeReading } from './technician';
import { GAP_STATIONS, poseOf, trueGap } from './trueDoor';

/** How often the true cause stood first and within the first three; of two faults, whether one was named first. */
export interface Ranked {
  cases: number;
  first: number;
  three: number;
}

export interface DiagnosisStudy {
  /** Single faults with everything read, with twelve gaps and the complaint, with six chosen, with six in walking order. */
  everything: Ranked;
  gapsAndComplaint: Ranked;
  sixChosen: Ranked;
  sixInOrder: Ranked;
  byCause: ReadonlyMap<CauseId, Ranked>;
  /** Of two faults at least one named first, everything read. */
  twoFaults: Ranked;
  /** Root mean square error with everything read, mm: rotation over the width, all gaps round the door. */
  rotationRms: number;
  gapsRms: number;
  /** Readings until a cause stands at 90 %, by the tool's choice and in walking order; those never reaching count as all. */
  untilSureChosen: number[];
  untilSureInOrder: number[];
  /** Chances stated and how often they came true, by tenths from 0. */
  calibration: readonly { stated: number; right: number; count: number }[];
  sureRight: number;
  sureCount: number;
  millisDiagnose: number[];
  millisNext: number[];
}

const SURE = 0.9;
const SIX = 6;
/** Longest chain of chosen readings that is followed. */
const LONGEST = 24;

/** The order of a walk that asks first, then gauges round the door, then levels and looks. */
const IN_ORDER: readonly (StationId | FindingId)[] = [...WALKING_ORDER, ...STATION_IDS.filter((id) => !WALKING_ORDER.includes(id))];

const isStation = (id: StationId | FindingId): id is StationId => (STATION_IDS as readonly string[]).includes(id);

/** Everything a technician could find out about one door; the same answer each time the same thing is looked at. */
function inquiry({ door, causes }: Scenario, random: RandomStream) {
  const readings = new Map<StationId, Reading>(STATION_IDS.map((id) => [id, takeReading(door, id, random)]));
  const findings = findingsFor(door.card).map(({ id }) => answerCheck(door, causes, id, random));
  return {
    seen: (ids: readonly (StationId | FindingId)[]): Observed => ({
      door: door.card,
      readings: ids.flatMap((id) => (isStation(id) ? (readings.get(id) ?? []) : [])),
      findings: findings.filter(({ finding }) => ids.includes(finding)),
    }),
    all: [...STATION_IDS, ...findings.map(({ finding }) => finding)] as (StationId | FindingId)[],
  };
}

/**
 * Diagnoses doors of the made-up world and counts how often the tool was right.
 *
 * @param clock milliseconds, for the timings
 * @param progress told the number of doors done
 */
export function studyDiagnosis(
  seed: number,
  cases: number,
  clock: () => number,
  progress: (done: number) => void = () => undefined,
): DiagnosisStudy {
  const ranked = (): Ranked => ({ cases: 0, first: 0, three: 0 });
  const study = {
    everything: ranked(),
    gapsAndComplaint: ranked(),
    sixChosen: ranked(),
    sixInOrder: ranked(),
    byCause: new Map<CauseId, Ranked>(),
    twoFaults: ranked(),
    untilSureChosen: [] as number[],
    untilSureInOrder: [] as number[],
    sureRight: 0,
    sureCount: 0,
    millisDiagnose: [] as number[],
    millisNext: [] as number[],
  };
  const calibration = Array.from({ length: 10 }, () => ({ stated: 0, right: 0, count: 0 }));
  const errors = { rotation: 0, gaps: 0, gapCount: 0 };

  for (let n = 0; n < cases; n += 1) {
    const random = seededRandom(seed * 1_000_003 + n);
    const scenario = makeScenario(random, { twoFaults: 0.2, sound: 0.04 });
    const { seen, all } = inquiry(scenario, random);
    const isSingle = scenario.causes.length === 1;
    const isTrueCause = (id: string) => (scenario.causes as readonly string[]).includes(id);
    const rank = (ids: readonly (StationId | FindingId)[]) => causeChances(believe(seen(ids)));
    const count = (into: Ranked, order: readonly { id: string }[]) => {
      into.cases += 1;
      if (scenario.causes.some((id) => order[0]?.id === id)) into.first += 1;
      if (order.slice(0, 3).some(({ id }) => isTrueCause(id))) into.three += 1;
    };

    const begun = clock();
    const belief = believe(seen(all));
    study.millisDiagnose.push(clock() - begun);
    const order = causeChances(belief);
    count(isSingle ? study.everything : study.twoFaults, order);
    if (isSingle) {
      const [own] = scenario.causes;
      const row = (own && study.byCause.get(own)) ?? ranked();
      count(row, order);
      if (own) study.byCause.set(own, row);
      count(study.gapsAndComplaint, rank(['complaint', ...WALKING_ORDER]));
      count(study.sixInOrder, rank(['complaint', ...IN_ORDER.slice(0, SIX)]));
      followChoices(seen, study, count, clock);
      study.untilSureInOrder.push(untilSure(IN_ORDER, rank));
    }
    for (const { id, probability } of order) {
      const bin = calibration[Math.min(9, Math.floor(probability * 10))];
      if (bin === undefined) continue;
      bin.count += 1;
      bin.stated += probability;
      if (isTrueCause(id)) bin.right += 1;
    }
    const [top] = order;
    if (top !== undefined && top.probability >= SURE) {
      study.sureCount += 1;
      if (isTrueCause(top.id)) study.sureRight += 1;
    }
    const pose = poseOf(scenario.door);
    const drop = scenario.door.card.slabWidthMm * Math.sin(pose.angle);
    const turned = belief.held.reduce(
      (sum, { posterior, probability }) => sum + probability * (posterior.mean[belief.model.layout.parameterAt('drop')] ?? 0),
      0,
    );
    errors.rotation += (turned - drop) ** 2;
    for (const id of GAP_STATIONS) {
      errors.gaps += (expectAt(belief, id).mean - trueGap(scenario.door, id, pose)) ** 2;
      errors.gapCount += 1;
    }
    progress(n + 1);
  }
  return { ...study, calibration, rotationRms: Math.sqrt(errors.rotation / cases), gapsRms: Math.sqrt(errors.gaps / errors.gapCount) };
}

function untilSure(
  order: readonly (StationId | FindingId)[],
  rank: (ids: readonly (StationId | FindingId)[]) => { probability: number }[],
): number {
  for (let k = 1; k <= order.length; k += 1) {
    if ((rank(['complaint', ...order.slice(0, k)])[0]?.probability ?? 0) >= SURE) return k;
  }
  return order.length;
}

interface Following {
  sixChosen: Ranked;
  untilSureChosen: number[];
  millisNext: number[];
}

function followChoices(
  seen: (ids: readonly (StationId | FindingId)[]) => Observed,
  study: Following,
  count: (into: Ranked, order: readonly { id: string }[]) => void,
  clock: () => number,
): void {
  const taken: (StationId | FindingId)[] = ['complaint'];
  let sureAt: number | undefined;
  for (let k = 1; k <= LONGEST && (k <= SIX || sureAt === undefined); k += 1) {
    const observed = seen(taken);
    const belief = believe(observed);
    const begun = clock();
    const [choice] = nextBest(observed, belief).choices;
    study.millisNext.push(clock() - begun);
    if (choice === undefined) break;
    taken.push(choice.id);
    const order = causeChances(believe(seen(taken)));
    if (k === SIX) count(study.sixChosen, order);
    if (sureAt === undefined && (order[0]?.probability ?? 0) >= SURE) sureAt = k;
  }
  study.untilSureChosen.push(sureAt ?? LONGEST);
}
