import type { MigrationInterface, QueryRunner } from 'typeorm';

/** Limits set by hand for one door. Doors written before have none. */
export class OwnLimits1795600000000 implements MigrationInterface {
  name = 'OwnLimits1795600000000';

  async up(runner: QueryRunner): Promise<void> {
    await runner.query('ALTER TABLE "door" ADD COLUMN "ownLimits" text');
  }

  async down(runner: QueryRunner): Promise<void> {
    await runner.query('ALTER TABLE "door" DROP COLUMN "ownLimits"');
  }
}
