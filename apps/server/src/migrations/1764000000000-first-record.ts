import type { MigrationInterface, QueryRunner } from 'typeorm';

/** Sites, doors, calls and what is written on a call. */
export class FirstRecord1764000000000 implements MigrationInterface {
  name = 'FirstRecord1764000000000';

  async up(runner: QueryRunner): Promise<void> {
    for (const statement of UP) await runner.query(statement);
  }

  async down(runner: QueryRunner): Promise<void> {
    for (const table of [...TABLES].reverse()) await runner.query(`DROP TABLE "${table}"`);
  }
}

const TABLES = ['site', 'door', 'call', 'card_revision', 'reading_set', 'reading', 'finding', 'adjustment', 'note'];

const UP = [
  `CREATE TABLE "site" ("id" text PRIMARY KEY NOT NULL, "revision" integer NOT NULL, "writtenAt" text NOT NULL, "name" text NOT NULL, "address" text NOT NULL, "contact" text NOT NULL, "remarks" text NOT NULL)`,
  `CREATE TABLE "door" ("id" text PRIMARY KEY NOT NULL, "revision" integer NOT NULL, "writtenAt" text NOT NULL, "siteId" text NOT NULL, "title" text NOT NULL, "hingesOn" text NOT NULL, "slabWidthMm" real NOT NULL, "slabHeightMm" real NOT NULL, "thicknessMm" real NOT NULL, "hingeHeightsMm" text NOT NULL, "hingeKind" text NOT NULL, "slabKind" text NOT NULL, "fireRated" boolean NOT NULL, "profile" text NOT NULL, CONSTRAINT "FK_e0874d9818bb0568c81a7e292c7" FOREIGN KEY ("siteId") REFERENCES "site" ("id") ON DELETE NO ACTION ON UPDATE NO ACTION)`,
  `CREATE TABLE "call" ("id" text PRIMARY KEY NOT NULL, "revision" integer NOT NULL, "writtenAt" text NOT NULL, "doorId" text NOT NULL, "scheduledFor" text NOT NULL, "complaint" text NOT NULL, "state" text NOT NULL, CONSTRAINT "FK_53c976d8b33ed5edfa2e5184c30" FOREIGN KEY ("doorId") REFERENCES "door" ("id") ON DELETE NO ACTION ON UPDATE NO ACTION)`,
  `CREATE TABLE "card_revision" ("kind" text NOT NULL, "id" text NOT NULL, "revision" integer NOT NULL, "body" text NOT NULL, PRIMARY KEY ("kind", "id", "revision"))`,
  `CREATE TABLE "reading_set" ("id" text PRIMARY KEY NOT NULL, "writtenAt" text NOT NULL, "callId" text NOT NULL, "stage" text NOT NULL, CONSTRAINT "FK_17465b97e132072272129fbde02" FOREIGN KEY ("callId") REFERENCES "call" ("id") ON DELETE NO ACTION ON UPDATE NO ACTION)`,
  `CREATE TABLE "reading" ("id" text PRIMARY KEY NOT NULL, "writtenAt" text NOT NULL, "supersedes" text, "withdrawn" boolean NOT NULL DEFAULT (0), "setId" text NOT NULL, "station" text NOT NULL, "kind" text NOT NULL, "mm" real, "typed" text NOT NULL, "instrument" text NOT NULL, CONSTRAINT "FK_13f429f59a853c1fb347189a7b7" FOREIGN KEY ("setId") REFERENCES "reading_set" ("id") ON DELETE NO ACTION ON UPDATE NO ACTION)`,
  `CREATE TABLE "finding" ("id" text PRIMARY KEY NOT NULL, "writtenAt" text NOT NULL, "supersedes" text, "withdrawn" boolean NOT NULL DEFAULT (0), "callId" text NOT NULL, "finding" text NOT NULL, "answer" text NOT NULL, CONSTRAINT "FK_56e9800e4066e18f40a5074827b" FOREIGN KEY ("callId") REFERENCES "call" ("id") ON DELETE NO ACTION ON UPDATE NO ACTION)`,
  `CREATE TABLE "adjustment" ("id" text PRIMARY KEY NOT NULL, "writtenAt" text NOT NULL, "supersedes" text, "withdrawn" boolean NOT NULL DEFAULT (0), "callId" text NOT NULL, "action" text NOT NULL, "hinge" text, "planned" real, "amount" real NOT NULL, "unit" text NOT NULL, "remark" text NOT NULL, CONSTRAINT "FK_1aab13facebf9bfbb0650fdd12c" FOREIGN KEY ("callId") REFERENCES "call" ("id") ON DELETE NO ACTION ON UPDATE NO ACTION)`,
  `CREATE TABLE "note" ("id" text PRIMARY KEY NOT NULL, "writtenAt" text NOT NULL, "supersedes" text, "withdrawn" boolean NOT NULL DEFAULT (0), "callId" text NOT NULL, "text" text NOT NULL, CONSTRAINT "FK_a0c2ca97651ec7f2202a391a0cb" FOREIGN KEY ("callId") REFERENCES "call" ("id") ON DELETE NO ACTION ON UPDATE NO ACTION)`,
  `CREATE INDEX "door_site" ON "door" ("siteId") `,
  `CREATE INDEX "call_door" ON "call" ("doorId") `,
  `CREATE INDEX "call_scheduled" ON "call" ("scheduledFor") `,
  `CREATE INDEX "reading_set_call" ON "reading_set" ("callId") `,
  `CREATE INDEX "reading_reading_set" ON "reading" ("setId") `,
  `CREATE INDEX "finding_call" ON "finding" ("callId") `,
  `CREATE INDEX "adjustment_call" ON "adjustment" ("callId") `,
  `CREATE INDEX "note_call" ON "note" ("callId") `,
];
