import { mkdtempSync, readdirSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { basename, join } from 'node:path';
import { allMigrations, migrationNames } from '.';
import { openStore } from '../record/openStore';
import { databaseOfDay, makeStored, STORED } from './storedDatabase';

const stored = readdirSync(STORED)
  .map((file) => basename(file, '.sql'))
  .sort();

let folder: string;

beforeEach(() => {
  folder = mkdtempSync(join(tmpdir(), 'proper-swing-'));
});

afterEach(() => rmSync(folder, { recursive: true }));

/** The stored database as it was left by the program of its day, opened by the program of today. */
async function opened(name: string) {
  const path = join(folder, 'stored.sqlite');
  makeStored(name, path);
  return openStore(path);
}

describe('databases of earlier programs', () => {
  it('there is one for each migration, whose class is called as its file', async () => {
    expect(stored).toEqual(migrationNames());
    const called = (await allMigrations()).map((Migration) => new Migration().name ?? '');
    expect(called.map((name) => /\d+$/.exec(name)?.[0])).toEqual(stored.map((name) => name.split('-')[0]));
  });

  it('that of a new migration comes from the one before, with its rows', async () => {
    const text = await databaseOfDay('1795710000000-entry-sequence');
    expect(text).toContain('"device" text, "after" text, "go" text');
    expect(text).toContain(`(8, 1795710000000, 'EntrySequence1795710000000')`);
    expect(text).not.toContain('(9, ');
    expect(text).toContain(`'Store room'`);
  });

  it.each(stored)('%s opens, is what the descriptions say, and has lost nothing', async (name) => {
    const store = await opened(name);
    const { upQueries } = await store.driver.createSchemaBuilder().log();
    expect(upQueries.map(({ query }) => query)).toEqual([]);
    expect(await store.query('PRAGMA foreign_key_check')).toEqual([]);
    const [door] = await store.query<Record<string, string>[]>('SELECT * FROM "door"');
    const make = JSON.parse(door?.['make'] ?? '') as object;
    expect(door).toMatchObject({ title: 'Store room', kind: 'hinged', revision: 2 });
    expect(make).toMatchObject({
      hingesOn: 'left',
      slabWidthMm: 762.5,
      hingeHeightsMm: [165, 990, 1750],
      hingeKind: 'butt',
      fireRated: true,
      profile: 'interiorTimber',
    });
    const [kept] = await store.query<{ body: string }[]>(`SELECT body FROM "card_revision" WHERE kind = 'doors' AND revision = 2`);
    expect(JSON.parse(kept?.body ?? '')).toEqual({
      id: door?.['id'],
      revision: 2,
      writtenAt: door?.['writtenAt'],
      siteId: door?.['siteId'],
      title: 'Store room',
      kind: 'hinged',
      make,
    });
    expect(await store.query('SELECT mm, typed, supersedes FROM "reading" ORDER BY id')).toMatchObject([
      { mm: 3.175, typed: '1/8', supersedes: null },
      { mm: 4, typed: '4 mm' },
    ]);
    expect(await store.query('SELECT action, amount FROM "adjustment"')).toMatchObject([{ action: 'planeLatch', amount: 3 }]);
    expect(await store.query('SELECT text FROM "note"')).toHaveLength(1);
    await store.destroy();
  });

  it('limits and schools of a door move with the rest of its make', async () => {
    const store = await opened('1795620000000-worksheets');
    const [door] = await store.query<{ make: string }[]>('SELECT make FROM "door"');
    expect(JSON.parse(door?.make ?? '')).toMatchObject({
      ownLimits: { reason: 'Draught seal', edges: { foot: { max: 20 } } },
      schools: { drift: 'friction' },
    });
    await store.destroy();
  });

  it('goes back to the columns there were, and forward again, without a loss', async () => {
    const store = await opened('1795620000000-worksheets');
    const before = await store.query('SELECT * FROM "door"');
    const revisions = await store.query<{ body: string }[]>('SELECT body FROM "card_revision" ORDER BY kind, revision');
    for (const Migration of (await allMigrations()).reverse()) {
      if (new Migration().name?.startsWith('Worksheets')) break;
      await store.undoLastMigration();
    }
    const [old] = await store.query<Record<string, unknown>[]>('SELECT * FROM "door"');
    expect(old).toMatchObject({ slabWidthMm: 762.5, hingeKind: 'butt', fireRated: 1, hingeHeightsMm: '[165,990,1750]' });
    await store.runMigrations();
    expect(await store.query('SELECT * FROM "door"')).toEqual(before);
    const again = await store.query<{ body: string }[]>('SELECT body FROM "card_revision" ORDER BY kind, revision');
    expect(again.map(({ body }) => JSON.parse(body) as unknown)).toEqual(revisions.map(({ body }) => JSON.parse(body) as unknown));
    await store.destroy();
  });
});
