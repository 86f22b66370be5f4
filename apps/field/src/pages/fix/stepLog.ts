import type { CallRecord } from '@proper-swing/contract';
import type { PlannedStep } from '@proper-swing/core/doors';
import { dropDraft, readDraft } from '../../offline/draft';
import { writeAdjustment } from '../../record/writeAdjustment';

/** What was really done, while it is being typed. */
export interface StepLogDraft {
  /** What the plan asked for then. */
  planned: number;
  amount: number;
  remark: string;
}

export const asPlanned = ({ amount }: PlannedStep): StepLogDraft => ({ planned: amount, amount, remark: '' });

export const stepLogKey = (record: CallRecord, { action, place }: PlannedStep) =>
  `swing.draft.log.${record.call.id}.${action}.${place ?? ''}`;

/** Whether a draft is of the log of a step as it is planned now: another plan begins another log. */
export const isLogOf =
  (step: PlannedStep) =>
  (kept: unknown): kept is StepLogDraft => {
    const { planned, amount, remark } = (kept ?? {}) as Partial<StepLogDraft>;
    return planned === step.amount && Number.isFinite(amount) && typeof remark === 'string';
  };

/** Logs a step by what was typed of it, or as it was planned. */
export function logStep(record: CallRecord, step: PlannedStep): void {
  const key = stepLogKey(record, step);
  const { amount, remark } = readDraft(key, isLogOf(step)) ?? asPlanned(step);
  writeAdjustment(record, step, amount, remark);
  dropDraft(key);
}
