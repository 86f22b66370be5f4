import type { LinearRow } from '../numbers/gaussian';
import { DomainError } from '../errors';
import { instrumentSd, type InstrumentId } from '../length/instruments';
import { finding, findingAnswer, type FindingAnswer, type FindingId } from './findings';
import type { ActionId } from './actionIds';
import type { HingedDoor, HingeName } from './door';
import { UNEVENNESS_MM } from './healthy';
import { levelSpan, STATION_IDS, station, stationRow, type StationId } from './stations';

/** One reading: a figure in mm, or `rubs`, which says only that there is no gap. */
export type Reading =
  { station: StationId; mm: number; instrument?: InstrumentId } | { station: StationId; rubs: true; instrument?: InstrumentId };

export interface AnsweredFinding {
  finding: FindingId;
  answer: string;
}

/** A step as it was really done. */
export interface DoneStep {
  action: ActionId;
  hinge?: HingeName;
  /** In units of the action. */
  amount: number;
  /** For planing: timber off at the two ends of the edge, mm. */
  planed?: { fromMm: number; toMm: number };
  /** For work done by watching a gap: what the gap read when it was stopped, mm. */
  until?: { station: StationId; mm: number };
}

/** Work that was done, and what was read after it. */
export interface Round {
  done: readonly DoneStep[];
  readings: readonly Reading[];
  /** Checks made again after it. */
  findings?: readonly AnsweredFinding[];
}

/** What is known of a door on site. */
export interface Observed {
  door: HingedDoor;
  readings: readonly Reading[];
  findings: readonly AnsweredFinding[];
  /** Work done since, in order; readings and findings above are from before it. */
  rounds?: readonly Round[];
}

/** An answer as it was given. */
export interface TakenAnswer {
  finding: FindingId;
  answer: FindingAnswer;
  place: number;
}

/** A reading made ready for the estimate. */
export interface LinearReading {
  station: StationId;
  row: LinearRow;
  /** Absent for a rub. */
  mm?: number;
  /** mm² */
  variance: number;
}

/**
 * Turns readings into rows of the estimate, figures first and rubs last, since a rub is taken in by approximation and is
 * best judged when all else is known.
 *
 * @param size length of each row
 * @throws DomainError `reading.rub` when something that is not a gap is said to rub; `reading.number` when not finite
 */
export function linearReadings(observed: Observed, size: number): LinearReading[] {
  const made = observed.readings.map((reading, i) => {
    const { kind } = station(reading.station);
    const row = stationRow(reading.station, observed.door, size);
    const variance = readingVariance(reading, observed.door);
    if ('rubs' in reading) {
      if (kind !== 'gap') throw new DomainError('reading.rub', `readings[${i}].rubs`, 'Only a gap can rub.');
      return { station: reading.station, row, variance };
    }
    if (!Number.isFinite(reading.mm)) throw new DomainError('reading.number', `readings[${i}].mm`, 'A reading must be a finite number.');
    // A slab that lies on its stop shows nothing of how hard it is pressed there: no gap is a cut-off, as a rub is.
    if (kind === 'stop' && reading.mm <= 0) return { station: reading.station, row, variance };
    return { station: reading.station, row, mm: reading.mm, variance };
  });
  // In one order, whatever order they were taken in, so that the same readings always give the same answer.
  const inOrder = made.sort((a, b) => STATION_IDS.indexOf(a.station) - STATION_IDS.indexOf(b.station));
  return [...inOrder.filter((r) => r.mm !== undefined), ...inOrder.filter((r) => r.mm === undefined)];
}

function readingVariance(reading: Reading, door: HingedDoor): number {
  const { instrument, kind } = station(reading.station);
  const sd = instrumentSd(reading.instrument ?? instrument, levelSpan(reading.station, door));
  // The unevenness of a gap is part of the door's state; elsewhere a reading meets it by chance.
  const uneven = kind === 'opening' || kind === 'lean' || kind === 'bow' ? UNEVENNESS_MM : 0;
  return sd * sd + uneven * uneven;
}

/** @throws DomainError when something is not an answer to its check */
export function takenAnswers({ findings }: Pick<Observed, 'findings'>): TakenAnswer[] {
  return findings.map(({ finding: id, answer }, i) => {
    const found = findingAnswer(id, answer);
    if (found === undefined) throw new DomainError('finding.answer', `findings[${i}].answer`, `"${answer}" is not an answer to ${id}.`);
    return { finding: id, answer: found, place: finding(id).answers.findIndex((each) => each.id === answer) };
  });
}
