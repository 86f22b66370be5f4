import type { MigrationInterface, QueryRunner } from 'typeorm';

export class Supersedes1795990742046 implements MigrationInterface {
  name = 'Supersedes1795990742046';

  async up(runner: QueryRunner): Promise<void> {
    await runner.query('CREATE INDEX "reading_supersedes" ON "reading" ("supersedes") WHERE "supersedes" IS NOT NULL');
    await runner.query('CREATE INDEX "finding_supersedes" ON "finding" ("supersedes") WHERE "supersedes" IS NOT NULL');
    await runner.query('CREATE INDEX "adjustment_supersedes" ON "adjustment" ("supersedes") WHERE "supersedes" IS NOT NULL');
    await runner.query('CREATE INDEX "note_supersedes" ON "note" ("supersedes") WHERE "supersedes" IS NOT NULL');
    await runner.query('CREATE INDEX "worksheet_supersedes" ON "worksheet" ("supersedes") WHERE "supersedes" IS NOT NULL');
  }

  async down(runner: QueryRunner): Promise<void> {
    await runner.query('DROP INDEX "reading_supersedes"');
    await runner.query('DROP INDEX "finding_supersedes"');
    await runner.query('DROP INDEX "adjustment_supersedes"');
    await runner.query('DROP INDEX "note_supersedes"');
    await runner.query('DROP INDEX "worksheet_supersedes"');
  }
}
