import { describeEngine, ENGINE, engineFunction, EngineRequestError, runEngine } from '@proper-swing/contract/engine';
import { DomainError } from '@proper-swing/core';
import { readFileSync } from 'node:fs';

const USAGE = `usage: npm run -s engine -- list                 every function with an example of what it takes
       npm run -s engine -- describe <name>
       npm run -s engine -- <name> [file|-]     JSON in, JSON out; the example when no file is given`;

/** The engine on the command line. Ends with 1 and a clear message on bad input. */
function main([command, argument]: readonly string[]): void {
  if (command === 'list') {
    print(ENGINE.map(({ name, title, example }) => ({ name, title, example })));
    return;
  }
  if (command === 'describe') {
    print(describeEngine(named(argument)));
    return;
  }
  const each = named(command);
  print(runEngine(each, argument === undefined ? each.example : readJson(argument)));
}

class UsageError extends Error {}

function named(name: string | undefined) {
  const found = name === undefined ? undefined : engineFunction(name);
  if (found === undefined) throw new UsageError(name === undefined ? USAGE : `The engine has no function "${name}".\n${USAGE}`);
  return found;
}

function readJson(file: string): unknown {
  try {
    return JSON.parse(readFileSync(file === '-' ? 0 : file, 'utf8')) as unknown;
  } catch (error) {
    throw new UsageError(`${file === '-' ? 'Standard input' : file}: ${error instanceof Error ? error.message : 'cannot be read'}`);
  }
}

function print(value: unknown): void {
  process.stdout.write(`${JSON.stringify(value, null, 2)}\n`);
}

try {
  main(process.argv.slice(2));
} catch (error) {
  if (!(error instanceof UsageError || error instanceof EngineRequestError || error instanceof DomainError)) throw error;
  process.stderr.write(`${error.message}\n`);
  process.exitCode = 1;
}
