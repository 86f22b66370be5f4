import { pathOf, recordRoutes, type Site } from '@proper-swing/contract';
import Database from 'better-sqlite3';
import { v7 } from 'uuid';
import { exampleRecords } from '../../src/exampleRecords';

/** What a writer was told is written, and what it has sent and not been answered. */
export interface Writer {
  confirmed: string[];
  waiting: Site | undefined;
}

export interface Count {
  confirmed: number;
  found: number;
  lost: number;
  doubled: number;
}

/**
 * Sends a card, again if it was sent before and never answered.
 *
 * @returns the status, or nothing when no answer came
 */
export async function writeOn(writer: Writer, url: string): Promise<number | undefined> {
  const body = (writer.waiting ??= { ...exampleRecords().site, id: v7(), remarks: 'x'.repeat(200) });
  try {
    const answer = await fetch(`${url}${pathOf(recordRoutes('sites').write, { id: body.id })}`, {
      method: 'PUT',
      body: JSON.stringify(body),
      headers: { 'Content-Type': 'application/json' },
    });
    await answer.text();
    if (answer.status === 200 || answer.status === 201) {
      writer.confirmed.push(body.id);
      writer.waiting = undefined;
    }
    return answer.status;
  } catch {
    return undefined;
  }
}

/** Looks into the database, with no server on it, for what was confirmed. */
export function countIn(file: string, writers: readonly Writer[]): Count {
  const db = new Database(file, { readonly: true });
  const found = new Set((db.prepare('SELECT id FROM site').all() as { id: string }[]).map(({ id }) => id));
  const { n } = db.prepare('SELECT COUNT(*) AS n FROM card_revision').get() as { n: number };
  db.close();
  const confirmed = writers.flatMap((writer) => writer.confirmed);
  return { confirmed: confirmed.length, found: found.size, lost: confirmed.filter((id) => !found.has(id)).length, doubled: n - found.size };
}
