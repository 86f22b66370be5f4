import type { MigrationInterface, QueryRunner } from 'typeorm';

/** Checks made again after a piece of work. Answers written before are all of the door as found. */
export class CheckedAgain1795616000000 implements MigrationInterface {
  name = 'CheckedAgain1795616000000';

  async up(runner: QueryRunner): Promise<void> {
    await runner.query('ALTER TABLE "finding" ADD COLUMN "adjustmentId" text');
  }

  async down(runner: QueryRunner): Promise<void> {
    await runner.query('ALTER TABLE "finding" DROP COLUMN "adjustmentId"');
  }
}
