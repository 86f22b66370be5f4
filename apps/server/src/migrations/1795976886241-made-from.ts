import type { MigrationInterface, QueryRunner } from 'typeorm';

/** A revision of a card tells which it was made from. */
export class MadeFrom1795976886241 implements MigrationInterface {
  name = 'MadeFrom1795976886241';

  async up(runner: QueryRunner): Promise<void> {
    for (const table of CARDS) await runner.query(`ALTER TABLE "${table}" ADD COLUMN "madeFrom" text`);
  }

  async down(runner: QueryRunner): Promise<void> {
    for (const table of CARDS) await runner.query(`ALTER TABLE "${table}" DROP COLUMN "madeFrom"`);
  }
}

const CARDS = ['site', 'door', 'call'];
