import { mkdirSync } from 'node:fs';
import { dirname } from 'node:path';
import { DataSource } from 'typeorm';
import { allMigrations } from '../migrations';
import { ALL_TABLES } from './tables';

interface Pragmas {
  pragma: (text: string) => unknown;
}

/**
 * A data source on a SQLite file that does not lose what it confirmed: WAL, every commit flushed, foreign keys on. It knows every
 * migration, or those up to the named last one.
 */
export async function dataSourceFor(file: string, lastMigration?: string): Promise<DataSource> {
  return new DataSource({
    type: 'better-sqlite3',
    database: file,
    entities: ALL_TABLES,
    migrations: await allMigrations(lastMigration),
    synchronize: false,
    enableWAL: true,
    prepareDatabase: (db: unknown) => {
      const { pragma } = db as Pragmas;
      const set = pragma.bind(db);
      // A write waits its turn without holding up everything else: `committing` asks again.
      set('busy_timeout = 40');
      set('foreign_keys = ON');
      set('synchronous = FULL');
    },
  });
}

/** Opens the store, making the file and running migrations as needed. */
export async function openStore(file: string): Promise<DataSource> {
  if (file !== ':memory:') mkdirSync(dirname(file), { recursive: true });
  const store = await (await dataSourceFor(file)).initialize();
  await store.runMigrations();
  return store;
}
