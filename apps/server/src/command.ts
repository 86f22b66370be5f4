import { DatabaseFault, faultOf } from './record/databaseFile';

/** What a command is called with: the database of the environment, and its first argument. */
export interface Called {
  database: string;
  argument: string | undefined;
}

/** Runs a command on the database and says what came of it: a sentence, or a sentence of what is wrong and exit code 1. */
export async function runCommand(run: (called: Called) => Promise<string>): Promise<void> {
  process.umask(0o077);
  const database = process.env['DATABASE'] ?? 'data/proper-swing.sqlite';
  try {
    process.stdout.write(`${await run({ database, argument: process.argv[2] })}\n`);
  } catch (error) {
    const fault = faultOf(error, database);
    if (!(fault instanceof DatabaseFault)) throw error;
    process.stderr.write(`${fault.message}\n`);
    process.exitCode = 1;
  }
}
