import type { MigrationInterface, QueryRunner } from 'typeorm';

/**
 * Calls still open are found by themselves; sites, doors, calls and notes by their words. What is searched stands in one view; triggers
 * keep a copy of it and the index of its words in step, whoever writes.
 */
export class FindAgain1796001786546 implements MigrationInterface {
  name = 'FindAgain1796001786546';

  async up(runner: QueryRunner): Promise<void> {
    await runner.query(`CREATE INDEX "call_open" ON "call" ("scheduledFor") WHERE "state" NOT IN ('done', 'cancelled')`);
    for (const statement of [SEARCHED, ...KEPT, ...IN_STEP.map(trigger)]) await runner.query(statement);
    await runner.query(`INSERT INTO "search_doc" (${COLUMNS}) SELECT ${COLUMNS} FROM "searched"`);
  }

  async down(runner: QueryRunner): Promise<void> {
    for (const { name } of IN_STEP) await runner.query(`DROP TRIGGER "${name}"`);
    await runner.query('DROP TABLE "search_words"');
    await runner.query('DROP TABLE "search_doc"');
    await runner.query('DROP VIEW "searched"');
    await runner.query('DROP INDEX "call_open"');
  }
}

const COLUMNS = '"kind", "id", "siteId", "doorId", "callId", "words"';

/** What is searched: the words of each card or note, with those of the cards it belongs to. */
const SEARCHED = `CREATE VIEW "searched" (${COLUMNS}) AS
  SELECT 'sites', s."id", s."id", NULL, NULL, s."name" || ' ' || s."address" || ' ' || s."contact" || ' ' || s."remarks" FROM "site" s
  UNION ALL
  SELECT 'doors', d."id", s."id", d."id", NULL, d."title" || ' ' || s."name" || ' ' || s."address"
  FROM "door" d JOIN "site" s ON s."id" = d."siteId"
  UNION ALL
  SELECT 'calls', c."id", s."id", d."id", c."id", c."complaint" || ' ' || COALESCE(c."leftBecause", '') || ' ' || d."title" || ' ' || s."name"
  FROM "call" c JOIN "door" d ON d."id" = c."doorId" JOIN "site" s ON s."id" = d."siteId"
  UNION ALL
  SELECT 'notes', n."id", s."id", d."id", c."id", n."text" || ' ' || d."title" || ' ' || s."name"
  FROM "note" n JOIN "call" c ON c."id" = n."callId" JOIN "door" d ON d."id" = c."doorId" JOIN "site" s ON s."id" = d."siteId"
  WHERE n."withdrawn" = 0 AND NOT EXISTS (SELECT 1 FROM "note" later WHERE later."supersedes" = n."id")`;

const KEPT = [
  `CREATE TABLE "search_doc" ("n" integer PRIMARY KEY, "kind" text NOT NULL, "id" text NOT NULL, "siteId" text NOT NULL, "doorId" text, "callId" text, "words" text NOT NULL)`,
  'CREATE UNIQUE INDEX "search_doc_of" ON "search_doc" ("id", "kind")',
  'CREATE INDEX "search_doc_site" ON "search_doc" ("siteId")',
  'CREATE INDEX "search_doc_door" ON "search_doc" ("doorId")',
  'CREATE INDEX "search_doc_call" ON "search_doc" ("callId")',
  // The kind is a word among the words, so that one index answers for both.
  `CREATE VIRTUAL TABLE "search_words" USING fts5("kind", "words", content='search_doc', content_rowid='n', tokenize='unicode61 remove_diacritics 2', prefix='1 2 3')`,
];

interface Trigger {
  name: string;
  when: string;
  does: string;
}

/** Makes what belongs to a card anew. */
const anew = (field: string): string =>
  `DELETE FROM "search_doc" WHERE "${field}" = new."id"; INSERT INTO "search_doc" (${COLUMNS}) SELECT ${COLUMNS} FROM "searched" WHERE "${field}" = new."id";`;

const IN_STEP: readonly Trigger[] = [
  {
    name: 'search_doc_in',
    when: 'AFTER INSERT ON "search_doc"',
    does: 'INSERT INTO "search_words" (rowid, "kind", "words") VALUES (new."n", new."kind", new."words");',
  },
  {
    name: 'search_doc_out',
    when: 'AFTER DELETE ON "search_doc"',
    does: `INSERT INTO "search_words" ("search_words", rowid, "kind", "words") VALUES ('delete', old."n", old."kind", old."words");`,
  },
  { name: 'search_site_in', when: 'AFTER INSERT ON "site"', does: anew('siteId') },
  { name: 'search_site', when: 'AFTER UPDATE OF "name", "address", "contact", "remarks" ON "site"', does: anew('siteId') },
  { name: 'search_door_in', when: 'AFTER INSERT ON "door"', does: anew('doorId') },
  { name: 'search_door', when: 'AFTER UPDATE OF "title", "siteId" ON "door"', does: anew('doorId') },
  { name: 'search_call_in', when: 'AFTER INSERT ON "call"', does: anew('callId') },
  { name: 'search_call', when: 'AFTER UPDATE OF "complaint", "leftBecause", "doorId" ON "call"', does: anew('callId') },
  {
    name: 'search_note_in',
    when: 'AFTER INSERT ON "note"',
    does: `DELETE FROM "search_doc" WHERE "kind" = 'notes' AND "id" = new."supersedes"; INSERT INTO "search_doc" (${COLUMNS}) SELECT ${COLUMNS} FROM "searched" WHERE "kind" = 'notes' AND "id" = new."id";`,
  },
];

const trigger = ({ name, when, does }: Trigger): string => `CREATE TRIGGER "${name}" ${when} BEGIN ${does} END`;
