import type { MigrationInterface, QueryRunner } from 'typeorm';

/** Entries tell which device wrote them, what they were written after, and what was written with the same act. */
export class EntrySequence1795710000000 implements MigrationInterface {
  name = 'EntrySequence1795710000000';

  async up(runner: QueryRunner): Promise<void> {
    for (const [table, column] of ADDED) await runner.query(`ALTER TABLE "${table}" ADD COLUMN "${column}" text`);
  }

  async down(runner: QueryRunner): Promise<void> {
    for (const [table, column] of ADDED) await runner.query(`ALTER TABLE "${table}" DROP COLUMN "${column}"`);
  }
}

const CORRECTABLE = ['reading', 'finding', 'adjustment', 'note', 'worksheet'];

const ADDED = [
  ...['reading_set', ...CORRECTABLE].flatMap((table) => [
    [table, 'device'],
    [table, 'after'],
  ]),
  ...CORRECTABLE.map((table) => [table, 'go']),
] as [table: string, column: string][];
