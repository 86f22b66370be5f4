import type { MigrationInterface, QueryRunner } from 'typeorm';

/** Work tells leaf, screws, part and minutes; checks may be of the door as left; a call closed unproved keeps the reason. */
export class PlacesAndProof1795941300000 implements MigrationInterface {
  name = 'PlacesAndProof1795941300000';

  async up(runner: QueryRunner): Promise<void> {
    for (const [table, column, type] of ADDED) await runner.query(`ALTER TABLE "${table}" ADD COLUMN "${column}" ${type}`);
  }

  async down(runner: QueryRunner): Promise<void> {
    for (const [table, column] of ADDED) await runner.query(`ALTER TABLE "${table}" DROP COLUMN "${column}"`);
  }
}

const ADDED = [
  ['adjustment', 'leaf', 'text'],
  ['adjustment', 'screws', 'text'],
  ['adjustment', 'part', 'text'],
  ['adjustment', 'minutes', 'real'],
  ['finding', 'stage', 'text'],
  ['call', 'leftBecause', 'text'],
] as const;
