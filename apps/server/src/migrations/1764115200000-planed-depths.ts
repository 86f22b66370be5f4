import type { MigrationInterface, QueryRunner } from 'typeorm';

/** How deep an edge was planed at its two ends. Steps logged before have none. */
export class PlanedDepths1764115200000 implements MigrationInterface {
  name = 'PlanedDepths1764115200000';

  async up(runner: QueryRunner): Promise<void> {
    for (const statement of UP) await runner.query(statement);
  }

  async down(runner: QueryRunner): Promise<void> {
    for (const statement of DOWN) await runner.query(statement);
  }
}

const KEPT = '"id", "writtenAt", "supersedes", "withdrawn", "callId", "action", "hinge", "planned", "amount", "unit", "remark"';
const COLUMNS =
  '"id" text PRIMARY KEY NOT NULL, "writtenAt" text NOT NULL, "supersedes" text, "withdrawn" boolean NOT NULL DEFAULT (0), "callId" text NOT NULL, "action" text NOT NULL, "hinge" text, "planned" real, "amount" real NOT NULL, "unit" text NOT NULL, "remark" text NOT NULL';
const BELONGS =
  'CONSTRAINT "FK_1aab13facebf9bfbb0650fdd12c" FOREIGN KEY ("callId") REFERENCES "call" ("id") ON DELETE NO ACTION ON UPDATE NO ACTION';

const rebuilt = (columns: string) => [
  `DROP INDEX "adjustment_call"`,
  `CREATE TABLE "temporary_adjustment" (${columns}, ${BELONGS})`,
  `INSERT INTO "temporary_adjustment"(${KEPT}) SELECT ${KEPT} FROM "adjustment"`,
  `DROP TABLE "adjustment"`,
  `ALTER TABLE "temporary_adjustment" RENAME TO "adjustment"`,
  `CREATE INDEX "adjustment_call" ON "adjustment" ("callId") `,
];

const UP = rebuilt(`${COLUMNS}, "fromMm" real, "toMm" real`);
const DOWN = rebuilt(COLUMNS);
