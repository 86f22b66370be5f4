import type { RecordBodies, RecordKind } from '@proper-swing/contract';
import { recordKind } from '@proper-swing/contract';
import type { DataSource } from 'typeorm';
import { v7 } from 'uuid';
import { exampleRecords } from '../exampleRecords';
import { openStore } from './openStore';
import { recordStore, type RecordStore } from './recordStore';

let source: DataSource;
let store: RecordStore;

beforeEach(async () => {
  source = await openStore(':memory:');
  store = recordStore(source);
});

afterEach(() => source.destroy());

function put<K extends RecordKind>(kind: K, body: RecordBodies[K]) {
  const entry = recordKind(kind);
  if (entry === undefined) throw new RangeError(kind);
  return store.put(entry, body);
}
const count = async (table: string) => (await source.query<{ n: number }[]>(`SELECT COUNT(*) AS n FROM "${table}"`))[0]?.n;

async function putCall() {
  const records = exampleRecords();
  await put('sites', records.site);
  await put('doors', records.door);
  await put('calls', records.call);
  await put('reading-sets', records.set);
  return records;
}

describe('the store of records', () => {
  it('a card that cannot be written whole is not written in part: its revision goes with it', async () => {
    const { site } = exampleRecords();
    await source.query(`CREATE TRIGGER broken BEFORE INSERT ON "site" BEGIN SELECT RAISE(ABORT, 'disk error'); END`);
    await expect(put('sites', site)).rejects.toThrow('disk error');
    expect([await count('card_revision'), await count('site')]).toEqual([0, 0]);
    await source.query('DROP TRIGGER broken');
    expect(await put('sites', site)).toBe('created');
  });

  it('writes that come together are each their own: one that is refused takes no other with it', async () => {
    const { reading } = await putCall();
    const good = Array.from({ length: 20 }, () => ({ ...reading, id: v7() }));
    const orphan = { ...reading, id: v7(), setId: v7() };
    const outcomes = await Promise.allSettled([...good.slice(0, 10), orphan, ...good.slice(10)].map((each) => put('readings', each)));
    expect(outcomes.map(({ status }) => status).filter((status) => status === 'rejected')).toHaveLength(1);
    expect(await count('reading')).toBe(20);
    expect(source.manager.queryRunner?.isTransactionActive ?? false).toBe(false);
  });

  it('after a refusal the next write is taken as if nothing had been', async () => {
    const { reading } = await putCall();
    await expect(put('readings', { ...reading, id: v7(), setId: v7() })).rejects.toThrow('there is no walk-round');
    expect(await put('readings', reading)).toBe('created');
    expect(await put('readings', reading)).toBe('unchanged');
  });

  it('keeps what a record leaves out in one form: flags down, the rest null', async () => {
    const { adjustment } = await putCall();
    await put('adjustments', adjustment);
    expect(await store.get('adjustments', adjustment.id)).toMatchObject({
      withdrawn: false,
      supersedes: null,
      keep: null,
      felt: null,
      go: null,
    });
  });

  it('a retried door is known again, however deep what it leaves out', async () => {
    const { site, door } = exampleRecords();
    await put('sites', site);
    expect(await put('doors', door)).toBe('created');
    expect(await put('doors', { ...door, make: { ...door.make, ownLimits: null, schools: null } })).toBe('unchanged');
    await expect(put('doors', { ...door, make: { ...door.make, slabWidthMm: 700 } })).rejects.toThrow('another revision 1');
  });

  it('keeps who wrote an entry, with what, and after what', async () => {
    const { reading, adjustment } = await putCall();
    const written = { device: 'van phone', after: adjustment.id, go: v7() };
    await put('adjustments', adjustment);
    await put('readings', { ...reading, ...written });
    expect(await store.get('readings', reading.id)).toMatchObject(written);
    expect(await put('readings', { ...reading, ...written })).toBe('unchanged');
    await expect(put('readings', { ...reading, ...written, device: 'tablet' })).rejects.toThrow('other contents');
  });
});
