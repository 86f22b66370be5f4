import { setTimeout as wait } from 'node:timers/promises';
import type { DataSource, EntityManager } from 'typeorm';
import type { HttpProblem } from '../http/httpProblem';
import { databaseProblem, isBusy } from './databaseProblem';

/** So long a write waits for another process that is writing, ms. */
const WAITS_FOR_OTHERS_MS = 5000;
const ASKS_AGAIN_MS = 40;

/** Transactions on the one connection of a store, one after another. */
export interface Committing {
  /**
   * Does work in a transaction of its own; what it gives is given once it has been committed.
   *
   * @throws what the work throws, and then nothing of it is written; HttpProblem 507 or 503 when the database does not take it
   */
  run: <T>(work: (manager: EntityManager) => Promise<T>) => Promise<T>;
  /** Why the last write was not taken, tried once more; nothing while writes are taken. */
  fault: () => Promise<HttpProblem | undefined>;
}

/**
 * SQLite has one writer, and one connection one transaction: writes queue up here rather than fail. A transaction that ends otherwise than
 * it should leaves a connection of which nobody knows where it stands: a later write would be told as done inside a transaction that is
 * never committed. It is thrown away and opened anew.
 */
export function committing(source: DataSource, waitsMs = WAITS_FOR_OTHERS_MS): Committing {
  const inTurn = oneAtATime();
  let fault: HttpProblem | undefined;

  const openAnew = async () => {
    if (source.isInitialized) await source.destroy();
    await source.initialize();
  };

  const attempt = async <T>(work: (manager: EntityManager) => Promise<T>): Promise<T> => {
    if (!source.isInitialized) await openAnew();
    await begin(source, waitsMs);
    let given: T;
    try {
      given = await work(source.manager);
    } catch (error) {
      // What refuses a write has not harmed the connection: it is rolled back and used again.
      if (databaseProblem(error) === undefined && (await isRolledBack(source))) throw error;
      await openAnew();
      throw error;
    }
    try {
      await source.query('COMMIT');
    } catch (error) {
      await openAnew();
      throw error;
    }
    return given;
  };

  const run: Committing['run'] = (work) =>
    inTurn(async () => {
      try {
        const given = await attempt(work);
        fault = undefined;
        return given;
      } catch (error) {
        const known = databaseProblem(error);
        if (known === undefined) throw error;
        fault = known;
        throw known;
      }
    });

  return {
    run,
    fault: async () => {
      if (fault === undefined) return undefined;
      // A page is written and nothing changed: only a commit shows that there is room again.
      await run((manager) => manager.query('UPDATE "migrations" SET "name" = "name"')).catch(() => undefined);
      return fault;
    },
  };
}

/** Begins to write at once, so that a transaction that has read is never refused for another's sake half way. */
async function begin(source: DataSource, waitsMs: number): Promise<void> {
  for (const until = Date.now() + waitsMs; ;) {
    try {
      await source.query('BEGIN IMMEDIATE');
      return;
    } catch (error) {
      if (!isBusy(error) || Date.now() >= until) throw error;
      await wait(ASKS_AGAIN_MS);
    }
  }
}

async function isRolledBack(source: DataSource): Promise<boolean> {
  try {
    await source.query('ROLLBACK');
    return true;
  } catch {
    return false;
  }
}

function oneAtATime(): <T>(work: () => Promise<T>) => Promise<T> {
  let last: Promise<unknown> = Promise.resolve();
  return (work) => {
    const next = last.then(work, work);
    last = next.catch(() => undefined);
    return next;
  };
}
