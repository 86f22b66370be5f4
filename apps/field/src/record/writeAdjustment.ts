import type { Adjustment, CallRecord } from '@proper-swing/contract';
import { knownAs, type PlannedStep } from '@proper-swing/core';
import { write } from '../offline/write';
import { uncheckedWork } from './observed';
import { entryStamp } from './writing';

/** Work as it was really done. */
export type DoneWork = Pick<Adjustment, 'action' | 'amount' | 'unit'> & Partial<Adjustment>;

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
    hinge: step.hinge ?? null,
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
  const known = knownAs(step.action, step.hinge);
  return uncheckedWork(record).find(({ action, hinge }) => knownAs(action, hinge ?? undefined) === known && hinge === (step.hinge ?? null));
}
