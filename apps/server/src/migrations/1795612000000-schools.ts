import type { MigrationInterface, QueryRunner } from 'typeorm';

/** Schools chosen for one door. On doors written before all are weighed. */
export class Schools1795612000000 implements MigrationInterface {
  name = 'Schools1795612000000';

  async up(runner: QueryRunner): Promise<void> {
    await runner.query('ALTER TABLE "door" ADD COLUMN "schools" text');
  }

  async down(runner: QueryRunner): Promise<void> {
    await runner.query('ALTER TABLE "door" DROP COLUMN "schools"');
  }
}
