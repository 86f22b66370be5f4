import type { Adjustment, CallRecord } from '@proper-swing/contract';
import { knownAs, type PlaceId, type PlannedStep } from '@proper-swing/core/doors';
import { write } from '../offline/write';
import { placeOf, uncheckedWork } from './observed';
import { entryStamp } from './writing';

/** Work as it was really done. */
export type DoneWork = Pick<Adjustment, 'action' | 'amount' | 'unit'> & Partial<Adjustment>;

/** Where the slab was set, as a record of the door's kind tells it. */
export function atPlace({ door }: CallRecord, place: PlaceId | undefined): Pick<Adjustment, 'hinge' | 'end'> {
  if (door.kind === 'hinged') return { hinge: (place ?? null) as Adjustment['hinge'] };
  return { hinge: null, ...(place !== undefined && { end: place as Adjustment['end'] }) };
}

/** Logs work on a call. */
export function logWork(record: CallRecord, work: DoneWork): void {
  write('adjustments', {
    hinge: null,
    planned: null,
    fromMm: null,
    toMm: null,
    remark: '',
    ...work,
    ...entryStamp(record),
    callId: record.call.id,
  });
}

/** Logs what was really done for a step. */
export function writeAdjustment(record: CallRecord, step: PlannedStep, amount: number, remark: string): void {
  const planed = planedAsDone(step, amount);
  logWork(record, {
    action: step.action,
    ...atPlace(record, step.place),
    planned: step.amount,
    amount,
    unit: step.unit,
    fromMm: planed?.fromMm ?? null,
    toMm: planed?.toMm ?? null,
    remark,
  });
}

/** The line that was really planed: as deep at its deepest as was said, with the taper that was planned. */
function planedAsDone({ planed, amount: planned }: PlannedStep, amount: number): PlannedStep['planed'] {
  if (planed === undefined || planned === 0) return planed;
  const share = amount / planned;
  return { fromMm: planed.fromMm * share, toMm: planed.toMm * share };
}

/** Takes a logged step back; the record keeps that it was there. */
export function withdrawAdjustment(record: CallRecord, adjustment: Adjustment): void {
  write('adjustments', { ...adjustment, ...entryStamp(record), supersedes: adjustment.id, withdrawn: true });
}

/** What was logged for a step since the last check, if it was. */
export function adjustmentFor(record: CallRecord, step: PlannedStep): Adjustment | undefined {
  const known = knownAs(step.action, step.place);
  return uncheckedWork(record).find((work) => knownAs(work.action, placeOf(work)) === known && placeOf(work) === step.place);
}
