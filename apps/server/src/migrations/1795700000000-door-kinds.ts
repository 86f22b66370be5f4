import type { MigrationInterface, QueryRunner } from 'typeorm';

/**
 * A door has a kind, and how it is made depends on it: what stood in columns of hinged doors moves into the make of each. The
 * kept revisions of doors are told the same way, so that a retried write is known again.
 */
export class DoorKinds1795700000000 implements MigrationInterface {
  name = 'DoorKinds1795700000000';

  async up(runner: QueryRunner): Promise<void> {
    await runner.query(`ALTER TABLE "door" ADD COLUMN "kind" text NOT NULL DEFAULT ('hinged')`);
    await runner.query(`ALTER TABLE "door" ADD COLUMN "make" text NOT NULL DEFAULT ('{}')`);
    await runner.query(`UPDATE "door" SET "make" = ${MAKE_OF_COLUMNS}`);
    for (const column of MADE) await runner.query(`ALTER TABLE "door" DROP COLUMN "${column}"`);
    await runner.query(`UPDATE "card_revision" SET "body" = ${REVISION_WITH_MAKE} WHERE "kind" = 'doors'`);
  }

  async down(runner: QueryRunner): Promise<void> {
    for (const column of MADE) {
      const [type, empty] = COLUMNS[column];
      const nullable = empty === undefined ? '' : ` NOT NULL DEFAULT (${empty})`;
      await runner.query(`ALTER TABLE "door" ADD COLUMN "${column}" ${type}${nullable}`);
      await runner.query(
        `UPDATE "door" SET "${column}" = json_extract("make", '$.${column}') WHERE json_type("make", '$.${column}') <> 'null'`,
      );
    }
    for (const column of ['kind', 'make']) await runner.query(`ALTER TABLE "door" DROP COLUMN "${column}"`);
    await runner.query(
      `UPDATE "card_revision" SET "body" = json_patch(json_remove("body", '$.make', '$.kind'), json_extract("body", '$.make')) WHERE "kind" = 'doors'`,
    );
  }
}

/** Columns of a hinged door before: type, and for one that must be filled what an empty one would be. */
const COLUMNS = {
  hingesOn: ['text', `'left'`],
  slabWidthMm: ['real', '0'],
  slabHeightMm: ['real', '0'],
  thicknessMm: ['real', '0'],
  hingeHeightsMm: ['text', `'[]'`],
  hingeKind: ['text', `'butt'`],
  slabKind: ['text', `'solidTimber'`],
  fireRated: ['boolean', '0'],
  profile: ['text', `'interiorTimber'`],
  ownLimits: ['text', undefined],
  schools: ['text', undefined],
} as const satisfies Record<string, readonly [type: string, empty: string | undefined]>;

const MADE = Object.keys(COLUMNS) as (keyof typeof COLUMNS)[];

const TRUTH = (value: string) => `json(CASE WHEN ${value} THEN 'true' ELSE 'false' END)`;

/** What is null is left out. */
const MAKE_OF_COLUMNS = `json_patch('{}', json_object(
  'hingesOn', "hingesOn", 'slabWidthMm', "slabWidthMm", 'slabHeightMm', "slabHeightMm", 'thicknessMm', "thicknessMm",
  'hingeHeightsMm', json("hingeHeightsMm"), 'hingeKind', "hingeKind", 'slabKind', "slabKind",
  'fireRated', ${TRUTH('"fireRated"')}, 'profile', "profile",
  'ownLimits', json("ownLimits"), 'schools', json("schools")))`;

const REVISION_WITH_MAKE = `json_set(
  json_remove("body", ${MADE.map((name) => `'$.${name}'`).join(', ')}),
  '$.kind', 'hinged',
  '$.make', json_remove("body", '$.id', '$.revision', '$.writtenAt', '$.siteId', '$.title'))`;
