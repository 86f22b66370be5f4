import { readdirSync } from 'node:fs';
import type { MigrationInterface } from 'typeorm';

export type Migration = new () => MigrationInterface;

/** The files of this folder whose names begin with a stamp, oldest first: `1795710000000-entry-sequence`. */
export const migrationNames = (): string[] =>
  readdirSync(import.meta.dirname)
    .filter((file) => /^\d+-.*(?<!\.test)\.ts$/.test(file))
    .map((file) => file.slice(0, -'.ts'.length))
    .sort();

/** Every migration up to the named one, or all, oldest first. Each file of one exports its class and nothing else. */
export const allMigrations = (last?: string): Promise<Migration[]> =>
  Promise.all(
    migrationNames()
      .filter((name) => last === undefined || name <= last)
      .map(async (name) => {
        const [migration] = Object.values((await import(`./${name}.ts`)) as Record<string, Migration>);
        if (migration === undefined) throw new Error(`${name} exports no migration.`);
        return migration;
      }),
  );
