import {
  sequenceOf,
  standing,
  standingInSequence,
  type Adjustment,
  type CallRecord,
  type FindingEntry,
  type ReadingEntry,
  type ReadingSet,
  type Sequenced,
  type Stage,
} from '@proper-swing/contract';
import { GAPS_BY_EYE, gapByEye, readingStep, type GapByEye } from '@proper-swing/core';
import {
  CANNOT_LOOK,
  hasShownWhatItDid,
  reckoningWith,
  saysNotHolding,
  type AnsweredFinding,
  type DoneStep,
  type Observed,
  type PlaceId,
  type Reading,
  type Round,
  type StationId,
} from '@proper-swing/core/doors';
import { engineDoor, handbookOf, modelFor } from './door';
import { keyStepMm } from './gaugeSteps';
import { isComputable } from './uncomputed';

/** Where the entries of a call belong in its work. */
function sequenceIn({ readingSets, readings, findings, adjustments }: CallRecord): (entry: Sequenced) => string {
  return sequenceOf([...readingSets, ...readings, ...findings, ...adjustments]);
}

/** Where the slab is set by work: at a hinge, or at an end of a panel. */
export const placeOf = ({ hinge, end }: Pick<Adjustment, 'hinge' | 'end'>): PlaceId | undefined => hinge ?? end ?? undefined;

/** Work that stands, in the order it was done; a correction keeps the place of what it corrects. */
export function standingWork(record: CallRecord): Adjustment[] {
  return standingInSequence(record.adjustments, sequenceIn(record));
}

/** The walk-round of a stage that is being taken or was taken last. */
export function currentSet(record: CallRecord, stage: Stage): ReadingSet | undefined {
  return inSequence(
    record,
    record.readingSets.filter((set) => set.stage === stage),
  ).pop();
}

/** As their writers knew of each other, whatever their clocks say; what corrects another keeps its own place. */
function inSequence<T extends Sequenced>(record: CallRecord, entries: readonly T[]): T[] {
  const keyOf = sequenceIn(record);
  // A correction takes the place of what it corrects: of two about one thing the one that was written later counts.
  const keyed = entries.map((entry) => ({ entry, key: keyOf({ ...entry, supersedes: null }) }));
  return keyed.sort((a, b) => (a.key < b.key ? -1 : Number(a.key > b.key))).map(({ entry }) => entry);
}

/** What was made of a gap by eye, where it was not gauged. */
export function seenByEye({ kind, typed }: ReadingEntry): GapByEye | undefined {
  return kind === 'eye' ? GAPS_BY_EYE.find((each) => each === typed) : undefined;
}

/** Standing readings of a walk-round by station; a later one wins. */
export function readingsByStation(record: CallRecord, stage: Stage): ReadonlyMap<StationId, ReadingEntry> {
  const set = currentSet(record, stage);
  const inSet = record.readings.filter(({ setId }) => setId === set?.id);
  return new Map(inSequence(record, standing(inSet)).map((entry) => [entry.station, entry]));
}

/** The walk-round that the next reading goes into; none where work was done since: a check belongs to the work before it, and so does what is left. */
export function openSet(record: CallRecord, stage: Stage): ReadingSet | undefined {
  const set = currentSet(record, stage);
  return set !== undefined && (stage === 'found' || isAfterWork(record, set)) ? set : undefined;
}

/** What has been read in it. */
export const readingsInHand = (record: CallRecord, stage: Stage): ReadonlyMap<StationId, ReadingEntry> =>
  openSet(record, stage) === undefined ? new Map() : readingsByStation(record, stage);

/** What was read last at each station, as found or in a check since; as left counts too. */
export function lastReadings(record: CallRecord): ReadonlyMap<StationId, ReadingEntry> {
  return new Map(inSequence(record, standing(record.readings)).map((entry) => [entry.station, entry]));
}

/** Whether any gap round the door was gauged on the call, or rubbed. */
export const isGapRead = (record: CallRecord): boolean =>
  [...lastReadings(record)].some(([id, { kind }]) => handbookOf(record.door).walk.includes(id) && kind !== 'unreachable');

/** Standing answers by finding: of the door as found, or checked again after a piece of work. */
export function answersByFinding(record: CallRecord, after?: Adjustment): ReadonlyMap<string, string> {
  return new Map(answersAfter(record, after?.id).map(({ finding, answer }) => [finding, answer]));
}

/** What the customer complains of, the first told first. */
export const complaintsOf = (record: CallRecord): string[] =>
  answersAfter(record).flatMap(({ finding, answer }) => (finding === handbookOf(record.door).complaint ? [answer] : []));

/** Whether a check came to something: what cannot be looked at has no answer. */
const isAnswer = ({ answer }: Pick<FindingEntry, 'answer'>) => answer !== CANNOT_LOOK.id;

function answersAfter(record: CallRecord, adjustmentId?: string): AnsweredFinding[] {
  return standing(record.findings)
    .filter(
      (entry) =>
        (entry.adjustmentId ?? undefined) === adjustmentId && (entry.stage ?? undefined) === undefined && isComputable(record.door, entry),
    )
    .map(({ finding, answer, supersedes }) => {
      const first = record.findings.find(({ id }) => id === supersedes);
      return { finding, answer, ...(first?.answer === answer && { again: true as const }) };
    });
}

/** What the engine is told of a call at a stage. Findings are about the door as found, not as left. */
export function observedAt(record: CallRecord, stage: Stage): Observed {
  const entries = [...readingsInHand(record, stage).values()];
  const door = engineDoor(record.door);
  const readings = entries.flatMap((entry) => readingFrom(record, entry));
  const said = stage === 'found' ? answersAfter(record) : [];
  const findings = said.filter(isAnswer);
  const unreachable = [
    ...entries.flatMap(({ kind, station }) => (kind === 'unreachable' ? [station] : [])),
    ...said.flatMap((each) => (isAnswer(each) ? [] : [each.finding])),
  ];
  return { door, readings, findings, ...(unreachable.length > 0 && { unreachable }) };
}

/** What is known now: as found, and every round of work that has been checked since. */
export function observedNow(record: CallRecord): Observed {
  const { rounds } = splitWork(record);
  return { ...observedAt(record, 'found'), ...(rounds.length > 0 && { rounds }) };
}

/** Steps logged since the last check: done on the plan that still stands. */
export function uncheckedWork(record: CallRecord): Adjustment[] {
  return splitWork(record).unchecked;
}

/** Work logged between two checks, and what the check after it read; without readings when it is not checked yet. */
export interface WorkRound {
  work: Adjustment[];
  readings?: ReadingEntry[];
}

/** The work of a call that the engine can reckon with, cut at the checks between steps. */
export function workRounds(record: CallRecord): WorkRound[] {
  const keyOf = sequenceIn(record);
  const work = standingInSequence(record.adjustments, keyOf)
    .filter((each) => reckoningWith(each.action, placeOf(each)) !== 'nothing')
    .map((each) => ({ each, key: keyOf(each) }));
  const begun = work[0]?.key ?? '';
  // What is gauged as left tells as much of the work before it as a check.
  const checks = record.readingSets
    .filter((set) => set.stage === 'check' || (set.stage === 'left' && work.length > 0 && keyOf(set) > begun))
    .map((check) => ({ key: keyOf(check), readings: readingsOfSet(record, check.id) }))
    .filter(({ readings }) => readings.length > 0)
    .sort((a, b) => (a.key < b.key ? -1 : 1));
  const between = (from: string, to?: string) =>
    work.filter(({ key }) => key > from && (to === undefined || key < to)).map(({ each }) => each);
  const rounds = checks.map(({ key, readings }, i): WorkRound => ({ work: between(checks[i - 1]?.key ?? '', key), readings }));
  const unchecked = between(checks[checks.length - 1]?.key ?? '');
  return unchecked.length > 0 ? [...rounds, { work: unchecked }] : rounds;
}

/** Whether a walk-round was begun, or a check made, after all that has been done. */
export function isAfterWork(record: CallRecord, entry: Sequenced): boolean {
  const keyOf = sequenceIn(record);
  const begun = keyOf(entry);
  return standing(record.adjustments).every((work) => keyOf(work) < begun);
}

function splitWork(record: CallRecord): { rounds: Round[]; unchecked: Adjustment[] } {
  const roundOf = (work: readonly Adjustment[], readings: readonly ReadingEntry[]): Round => {
    const findings = work.flatMap(({ id }) => answersAfter(record, id)).filter(isAnswer);
    return {
      done: work.map(doneFrom),
      readings: readings.flatMap((entry) => readingFrom(record, entry)),
      ...(findings.length > 0 && { findings }),
    };
  };
  // Work after which nothing is gauged is checked by trying it; and what is found not to hold is gone on with before any gap is read.
  const isTried = (work: Adjustment) => {
    const after = answersAfter(record, work.id);
    const looked = after.map(({ finding }) => finding);
    return (
      hasShownWhatItDid(modelFor(record.door), work.action, placeOf(work), looked) ||
      after.some(({ finding, answer }) => saysNotHolding(finding, answer))
    );
  };
  const rounds: Round[] = [];
  let unchecked: Adjustment[] = [];
  for (const { work, readings } of workRounds(record)) {
    for (const [i, each] of work.entries()) {
      unchecked.push(each);
      // The last work before a gauge is judged by it and by its try together.
      const isGauged = readings !== undefined && i === work.length - 1;
      if (isGauged || unchecked.length > 1 || !isTried(each)) continue;
      rounds.push(roundOf(unchecked, []));
      unchecked = [];
    }
    if (readings === undefined) continue;
    rounds.push(roundOf(unchecked, readings));
    unchecked = [];
  }
  const last = rounds.pop();
  if (last !== undefined) rounds.push(unchecked.length === 0 ? withTriesAsLeft(record, last) : last);
  return { rounds, unchecked };
}

/** What was tried by hand of the door as left, since the last work. */
export const triesAsLeft = (record: CallRecord): FindingEntry[] =>
  standing(record.findings).filter(
    (entry) => entry.stage === 'left' && isAnswer(entry) && isComputable(record.door, entry) && isAfterWork(record, entry),
  );

/** The last round with what was tried of the door as left, where it was not tried after the work already. */
function withTriesAsLeft(record: CallRecord, last: Round): Round {
  const known = new Set(last.findings?.map(({ finding }) => finding));
  const tried = triesAsLeft(record).filter(({ finding }) => !known.has(finding));
  if (tried.length === 0) return last;
  return { ...last, findings: [...(last.findings ?? []), ...tried.map(({ finding, answer }) => ({ finding, answer }))] };
}

function readingsOfSet(record: CallRecord, setId: string): ReadingEntry[] {
  return standing(record.readings.filter((reading) => reading.setId === setId));
}

function doneFrom(work: Adjustment): DoneStep {
  const { action, amount, fromMm, toMm } = work;
  const place = placeOf(work);
  return { action, amount, ...(place && { place }), ...(fromMm !== null && toMm !== null && { planed: { fromMm, toMm } }) };
}

/** A reading as the engine takes it; one that took the place of an earlier one was taken twice. */
function readingFrom({ door }: CallRecord, entry: ReadingEntry): Reading[] {
  if (!isComputable(door, entry)) return [];
  const { station, kind, mm, typed, instrument, supersedes } = entry;
  const taken = { station, instrument, ...(supersedes && { again: true as const }) };
  const seen = seenByEye(entry);
  if (seen !== undefined) return [{ ...taken, ...gapByEye(modelFor(door), station, seen) }];
  if (kind === 'rubs') return [{ ...taken, rubs: true }];
  return kind === 'figure' && mm !== null ? [{ ...taken, mm, stepMm: Math.max(readingStep(typed), keyStepMm(door, station, mm)) }] : [];
}
