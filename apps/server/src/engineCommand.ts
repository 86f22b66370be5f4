import { describeEngine, ENGINE, engineFunction, EngineRequestError, runEngine } from '@proper-swing/contract/engine';
import { DomainError } from '@proper-swing/core';
import { readFileSync } from 'node:fs';

const USAGE = `usage: npm run -s engine -- list                 every function with an example of what it takes
       npm run -s engine -- describe <name>
       npm run -s engine -- <name> [file|-]     JSON in, JSON out; the example when no file is given`;

/** What a command ends with: its exit code, and what goes to the standard output and the standard error. */
export interface CommandEnd {
  status: 0 | 1;
  out: string;
  err: string;
}

/**
 * The engine on the command line. Ends with 1 and a clear message on bad input.
 *
 * @param readInput reads the whole of the standard input
 */
export function engineCommand(args: readonly string[], readInput: () => string): CommandEnd {
  try {
    return { status: 0, out: `${JSON.stringify(answer(args, readInput), null, 2)}\n`, err: '' };
  } catch (error) {
    if (!(error instanceof UsageError || error instanceof EngineRequestError || error instanceof DomainError)) throw error;
    return { status: 1, out: '', err: `${error.message}\n` };
  }
}

class UsageError extends Error {}

function answer([command, argument]: readonly string[], readInput: () => string): unknown {
  if (command === 'list') return ENGINE.map(({ name, title, example }) => ({ name, title, example }));
  if (command === 'describe') return describeEngine(named(argument));
  const each = named(command);
  return runEngine(each, argument === undefined ? each.example : readJson(argument, readInput));
}

function named(name: string | undefined) {
  const found = name === undefined ? undefined : engineFunction(name);
  if (found === undefined) throw new UsageError(name === undefined ? USAGE : `The engine has no function "${name}".\n${USAGE}`);
  return found;
}

function readJson(file: string, readInput: () => string): unknown {
  try {
    return JSON.parse(file === '-' ? readInput() : readFileSync(file, 'utf8')) as unknown;
  } catch (error) {
    throw new UsageError(`${file === '-' ? 'Standard input' : file}: ${error instanceof Error ? error.message : 'cannot be read'}`);
  }
}
