import type { MigrationInterface, QueryRunner } from 'typeorm';

export class Jobs1796101565269 implements MigrationInterface {
  name = 'Jobs1796101565269';

  async up(runner: QueryRunner): Promise<void> {
    await runner.query('ALTER TABLE "door" ADD COLUMN "closesWith" text');
    await runner.query('ALTER TABLE "call" ADD COLUMN "job" text');
    await runner.query('ALTER TABLE "worksheet" ADD COLUMN "toDo" integer');
  }

  async down(runner: QueryRunner): Promise<void> {
    await runner.query('ALTER TABLE "worksheet" DROP COLUMN "toDo"');
    await runner.query('ALTER TABLE "call" DROP COLUMN "job"');
    await runner.query('ALTER TABLE "door" DROP COLUMN "closesWith"');
  }
}
