import { recordKind, type RecordBodies, type RecordKind } from '@proper-swing/contract';
import type { DataSource } from 'typeorm';
import { v7 } from 'uuid';
import { exampleRecords } from '../exampleRecords';
import { openStore } from './openStore';
import { recordStore } from './recordStore';
import { matchOf } from './search';
import { viewsOf } from './views';

let source: DataSource;

beforeEach(async () => {
  source = await openStore(':memory:');
});

afterEach(() => source.destroy());

async function put<K extends RecordKind>(kind: K, body: RecordBodies[K]): Promise<void> {
  const entry = recordKind(kind);
  if (entry === undefined) throw new RangeError(kind);
  await recordStore(source).put(entry, body);
}

const { site, door, call } = exampleRecords();

/** A mill with two doors, each with a call, and a school with one. */
async function book() {
  const mill = {
    ...site,
    id: v7(),
    name: 'Över Mill',
    address: '4 Weir Lane',
    contact: 'Zoë Brandt, 01632 960 141',
    remarks: 'Key at the bakery',
  };
  const school = { ...site, id: v7(), name: 'Millbrook School', address: '', contact: '', remarks: '' };
  const kitchen = { ...door, id: v7(), siteId: mill.id, title: 'Kitchen' };
  const loft = { ...door, id: v7(), siteId: mill.id, title: 'Loft' };
  const hall = { ...door, id: v7(), siteId: school.id, title: 'Hall' };
  const rubs = { ...call, id: v7(), doorId: kitchen.id, complaint: 'Rubs at the head' };
  const drags = { ...call, id: v7(), doorId: hall.id, complaint: 'Drags; the caretaker’s trolley hit it' };
  const told = { id: v7(), writtenAt: call.writtenAt, callId: rubs.id, text: 'Lintel cracked, asked the owner' };
  for (const each of [mill, school]) await put('sites', each);
  for (const each of [kitchen, loft, hall]) await put('doors', each);
  for (const each of [rubs, drags]) await put('calls', each);
  await put('notes', told);
  return { mill, school, kitchen, loft, hall, rubs, drags, told };
}

/** What is found, in words: the kind and what it is called by. */
async function found(q: string): Promise<string[]> {
  const { hits } = await viewsOf(source).search(q);
  return hits.map(({ kind, site: at, door: which, call: of, note: says }) => {
    const called = { sites: at.name, doors: which?.title, calls: of?.complaint, notes: says?.text }[kind];
    return `${kind}: ${called ?? ''}`;
  });
}

describe('finding again', () => {
  it('finds by how words begin, without regard to capitals and accents, the newest of each kind first', async () => {
    await book();
    expect(await found('MILL')).toEqual([
      'sites: Millbrook School',
      'sites: Över Mill',
      'doors: Hall',
      'doors: Loft',
      'doors: Kitchen',
      'calls: Drags; the caretaker’s trolley hit it',
      'calls: Rubs at the head',
      'notes: Lintel cracked, asked the owner',
    ]);
    expect(await found('zoe')).toEqual(['sites: Över Mill']);
    expect(await found('ouer')).toEqual([]);
    expect(await found('960 14')).toEqual(['sites: Över Mill']);
    expect(await found('bakery')).toEqual(['sites: Över Mill']);
  });

  it('finds what holds every word, its own or of the cards it belongs to', async () => {
    await book();
    expect(await found('kit over')).toEqual(['doors: Kitchen', 'calls: Rubs at the head', 'notes: Lintel cracked, asked the owner']);
    expect(await found('kit brook')).toEqual([]);
    expect(await found('trol drag')).toEqual(['calls: Drags; the caretaker’s trolley hit it']);
  });

  it('names the cards that what was found belongs to', async () => {
    const { mill, kitchen, rubs, told } = await book();
    const { hits } = await viewsOf(source).search('lintel');
    expect(hits).toMatchObject([
      { kind: 'notes', site: { id: mill.id }, door: { id: kitchen.id }, call: { id: rubs.id }, note: { id: told.id } },
    ]);
  });

  it('follows what is put right: a card renamed is found by its new name alone, and so is what belongs to it', async () => {
    const { mill, kitchen, rubs, told } = await book();
    await put('sites', { ...mill, revision: 2, name: 'Weir House', address: '' });
    expect(await found('over')).toEqual([]);
    expect(await found('weir kit')).toEqual(['doors: Kitchen', 'calls: Rubs at the head', 'notes: Lintel cracked, asked the owner']);
    await put('doors', { ...kitchen, revision: 2, title: 'Scullery' });
    expect(await found('kitchen')).toEqual([]);
    await put('calls', { ...rubs, revision: 2, complaint: 'Binds at the head' });
    expect(await found('scull rubs')).toEqual([]);
    expect(await found('scull binds')).toEqual(['calls: Binds at the head']);
    await put('notes', { ...told, id: v7(), text: 'Lintel sound after all', supersedes: told.id });
    expect(await found('lintel')).toEqual(['notes: Lintel sound after all']);
    // The index is what the words are: SQLite's own check of it.
    await source.query(`INSERT INTO "search_words" ("search_words", rank) VALUES ('integrity-check', 1)`);
  });

  it('takes whatever is typed for words, and none for nothing', async () => {
    await book();
    for (const q of ['"', 'mill" OR kind:"', 'NEAR(', '*', '-', "'", 'a'.repeat(5000), '😀', '', '   ']) {
      expect(await found(q)).toEqual([]);
    }
    expect(matchOf('sites', 'to be "OR')).toBe('kind : sites AND words : "to" * AND words : "be" * AND words : "OR" *');
    expect(await found('kit*"')).toContain('doors: Kitchen');
  });

  it('a database of before has its words found as well', async () => {
    const { mill } = await book();
    await source.undoLastMigration();
    await source.runMigrations();
    expect((await viewsOf(source).search('weir lane')).hits).toMatchObject([
      { kind: 'sites', site: { id: mill.id } },
      { kind: 'doors' },
      { kind: 'doors' },
    ]);
  });
});

describe('lists of the book', () => {
  const all = { q: '', order: 'name', isDescending: false, after: 0, limit: 50 } as const;

  it('sites and doors with how much there is of each, sorted as asked', async () => {
    const { kitchen, mill, school } = await book();
    await put('calls', { ...call, id: v7(), doorId: kitchen.id, scheduledFor: '2026-05-01T08:00:00.000Z', state: 'done' });
    await put('calls', {
      ...call,
      id: v7(),
      doorId: kitchen.id,
      scheduledFor: '2026-07-01T08:00:00.000Z',
      state: 'cancelled',
      leftBecause: 'Sold',
    });
    const { sites, doors, doorsOf } = viewsOf(source);
    const millSums = { doorCount: 2, callCount: 3, openCount: 1, lastCall: '2026-05-01T08:00:00.000Z' };
    expect((await sites(all)).items).toMatchObject([
      { site: { id: school.id }, doorCount: 1, callCount: 1, openCount: 1 },
      { site: { id: mill.id }, ...millSums },
    ]);
    const titles = async (more: object) => (await doors({ ...all, ...more })).items.map((each) => each.door.title);
    expect(await titles({})).toEqual(['Hall', 'Kitchen', 'Loft']);
    expect(await titles({ order: 'calls', isDescending: true })).toEqual(['Kitchen', 'Hall', 'Loft']);
    expect(await titles({ order: 'last' })).toEqual(['Loft', 'Hall', 'Kitchen']);
    expect(await titles({ q: 'weir' })).toEqual(['Kitchen', 'Loft']);
    expect((await doorsOf(mill.id)).map((each) => [each.door.title, each.callCount, each.lastCall !== null])).toEqual([
      ['Kitchen', 3, true],
      ['Loft', 0, false],
    ]);
  });

  it('come in pages', async () => {
    await book();
    const { doors } = viewsOf(source);
    const first = await doors({ ...all, limit: 2 });
    expect([first.items.length, first.next]).toEqual([2, '2']);
    expect(await doors({ ...all, limit: 2, after: 2 })).toMatchObject({ items: [{ door: { title: 'Loft' } }], next: null });
  });
});
