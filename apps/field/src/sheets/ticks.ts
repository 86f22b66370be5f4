import type { Door } from '@proper-swing/contract';
import type { BenchSheet, ListedStep, StepWork } from './benchSheet';
import type { Typed } from './typedSheet';

/** A line that was ticked, with what was really done where it has an amount, mm. */
export interface Ticked {
  id: string;
  mm?: number;
}

/** Lines that were ticked, as they stand in the field `done`: `cut=36.5 plug seal-top`. */
export function readDone(text: string): Ticked[] {
  return text
    .split(/\s+/)
    .filter(Boolean)
    .map((part) => {
      const [id = '', mm] = part.split('=');
      return mm === undefined ? { id } : { id, mm: Number(mm) };
    });
}

export const writeDone = (ticked: readonly Ticked[]): string =>
  ticked.map(({ id, mm }) => (mm === undefined ? id : `${id}=${mm}`)).join(' ');

/** Whether two pieces of work are the same line's. */
export const sameWork = (one: StepWork, other: StepWork): boolean =>
  one.action === other.action &&
  one.amount === other.amount &&
  (one.remark ?? '') === (other.remark ?? '') &&
  (one.fromMm ?? null) === (other.fromMm ?? null) &&
  (one.toMm ?? null) === (other.toMm ?? null);

/** The work that the ticked lines of a sheet are: cuts one by one, other work once every line of it is ticked. */
export function workTicked({ list }: Pick<BenchSheet, 'list'>, steps: readonly ListedStep[], typed: Typed, door: Door): StepWork[] {
  const made = typed['made']?.trim() ?? '';
  const cuts = made === '' ? [] : (list?.cutWork?.(made, door) ?? []);
  const done = readDone(typed['done'] ?? '');
  const tickOf = ({ id }: ListedStep) => done.find((each) => each.id === id);
  const whole = steps.filter(({ work }, i) => {
    if (work === undefined) return false;
    const same = steps.filter((each) => each.work?.action === work.action);
    return steps.indexOf(same[0] as ListedStep) === i && same.every((each) => tickOf(each) !== undefined);
  });
  return [
    ...cuts,
    ...whole.flatMap((step) => {
      const mm = tickOf(step)?.mm;
      return step.work === undefined ? [] : [{ ...step.work, ...(mm !== undefined && { amount: mm, planned: step.work.amount }) }];
    }),
  ];
}

/** How many lines of a sheet are still to be ticked; nothing where it has no list, or its answer cannot be worked to. */
export function linesToDo({ list }: Pick<BenchSheet, 'list'>, result: unknown, request: object, typed: Typed): number | undefined {
  if (list === undefined || list.canBeWorked?.(result) === false) return undefined;
  const done = readDone(typed['done'] ?? '').map(({ id }) => id);
  const open = list.steps(result, request, typed).filter(({ id }) => !done.includes(id));
  return (list.cutsLeft?.(result, typed) ?? 0) + open.length;
}
