import type { MigrationInterface, QueryRunner } from 'typeorm';

/** Calculations kept with a call; keeps of a lock, and how it worked after a turn. */
export class Worksheets1795620000000 implements MigrationInterface {
  name = 'Worksheets1795620000000';

  async up(runner: QueryRunner): Promise<void> {
    for (const statement of UP) await runner.query(statement);
  }

  async down(runner: QueryRunner): Promise<void> {
    await runner.query('DROP TABLE "worksheet"');
    for (const column of ['keep', 'felt']) await runner.query(`ALTER TABLE "adjustment" DROP COLUMN "${column}"`);
  }
}

const UP = [
  'ALTER TABLE "adjustment" ADD COLUMN "keep" text',
  'ALTER TABLE "adjustment" ADD COLUMN "felt" text',
  `CREATE TABLE "worksheet" ("id" text PRIMARY KEY NOT NULL, "writtenAt" text NOT NULL, "supersedes" text, "withdrawn" boolean NOT NULL DEFAULT (0), "callId" text NOT NULL, "sheet" text NOT NULL, "figures" text NOT NULL, "says" text NOT NULL, CONSTRAINT "FK_b07e02ed2dd39f99ac0a8b4d7b8" FOREIGN KEY ("callId") REFERENCES "call" ("id") ON DELETE NO ACTION ON UPDATE NO ACTION)`,
  'CREATE INDEX "worksheet_call" ON "worksheet" ("callId") ',
];
