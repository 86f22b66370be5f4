import { describeEngine, engineFunction, EngineRequestError, runEngine, type EngineFunction } from '@proper-swing/contract/engine';
import { DomainError } from '@proper-swing/core';
import type { FieldError } from '@proper-swing/contract';

/** What a thread is asked for: a function's answer, or what it takes and gives. */
export type EngineTask = { name: string } & ({ does: 'run'; input: unknown } | { does: 'describe' });

/** What it answers: JSON, written where it was computed, or what is wrong with the request. */
export type EngineOutcome = { json: string } | { title: string; message: string; errors: readonly FieldError[] };

/** Runs in a thread of its own, so that no request waits for another's arithmetic. */
export function work(task: EngineTask): EngineOutcome {
  const found = engineFunction(task.name);
  if (found === undefined) throw new RangeError(`The engine has no function ${task.name}.`);
  try {
    return { json: JSON.stringify(done(found, task)) };
  } catch (error) {
    if (error instanceof EngineRequestError) return { title: 'The request is wrong', message: error.message, errors: error.errors };
    if (!(error instanceof DomainError)) throw error;
    const { field, message } = error;
    return { title: 'The request makes no sense', message, errors: [{ field, message }] };
  }
}

const done = (found: EngineFunction, task: EngineTask): unknown =>
  task.does === 'run' ? runEngine(found, task.input) : describeEngine(found);
