import type { MigrationInterface, QueryRunner } from 'typeorm';

/** Work on a sliding door tells at which end it was done. */
export class SlidingDoors1796038980777 implements MigrationInterface {
  name = 'SlidingDoors1796038980777';

  async up(runner: QueryRunner): Promise<void> {
    await runner.query('ALTER TABLE "adjustment" ADD COLUMN "end" text');
  }

  async down(runner: QueryRunner): Promise<void> {
    await runner.query('ALTER TABLE "adjustment" DROP COLUMN "end"');
  }
}
