import type { Call, RecordBodies, RecordKind } from '@proper-swing/contract';
import { recordKind } from '@proper-swing/contract';
import type { DataSource } from 'typeorm';
import { v7 } from 'uuid';
import { exampleRecords } from '../exampleRecords';
import { callViews, DUE_OR_OPEN, type CallViews } from './callViews';
import { readCursor, writeCursor } from './cursor';
import { openStore } from './openStore';
import { recordStore } from './recordStore';

let source: DataSource;
let views: CallViews;

beforeEach(async () => {
  source = await openStore(':memory:');
  views = callViews(source);
});

afterEach(() => source.destroy());

async function put<K extends RecordKind>(kind: K, body: RecordBodies[K]): Promise<void> {
  const entry = recordKind(kind);
  if (entry === undefined) throw new RangeError(kind);
  await recordStore(source).put(entry, body);
}

/** A door with a call on each of the days, and what was written on each. */
async function doorWithCalls(days: readonly number[]) {
  const records = exampleRecords();
  await put('sites', records.site);
  await put('doors', records.door);
  const calls = days.map((day) => ({ ...records.call, id: v7(), scheduledFor: `2026-03-${String(day).padStart(2, '0')}T09:00:00.000Z` }));
  for (const call of calls) {
    await put('calls', call);
    const set = { ...records.set, id: v7(), callId: call.id };
    await put('reading-sets', set);
    await put('readings', { ...records.reading, id: v7(), setId: set.id });
    await put('adjustments', { ...records.adjustment, id: v7(), callId: call.id });
  }
  return { ...records, calls };
}

describe('the history of a door', () => {
  it('has its calls newest first, each with what was written on it and nothing of another', async () => {
    const { door, calls } = await doorWithCalls([3, 9, 5]);
    const history = await views.history(door.id, { limit: 50 });
    expect(history?.calls.map(({ call }) => call.scheduledFor.slice(8, 10))).toEqual(['09', '05', '03']);
    expect(history?.next).toBeNull();
    for (const { call, readings, readingSets, adjustments } of history?.calls ?? []) {
      expect(readingSets.map(({ callId }) => callId)).toEqual([call.id]);
      expect(readings.map(({ setId }) => setId)).toEqual(readingSets.map(({ id }) => id));
      expect(adjustments.map(({ callId }) => callId)).toEqual([call.id]);
    }
    expect(calls).toHaveLength(3);
  });

  it('comes in pages, and says where the older ones begin', async () => {
    const { door } = await doorWithCalls([1, 2, 3, 4, 5]);
    const days: string[] = [];
    let cursor: ReturnType<typeof readCursor> | undefined;
    do {
      const page = await views.history(door.id, { limit: 2, ...(cursor && { cursor }) });
      days.push(...(page?.calls.map(({ call }) => call.scheduledFor.slice(8, 10)) ?? []));
      cursor = page?.next == null ? undefined : readCursor(page.next);
    } while (cursor !== undefined);
    expect(days).toEqual(['05', '04', '03', '02', '01']);
  });

  it('of no door there is none', async () => expect(await views.history(v7(), { limit: 5 })).toBeUndefined());
});

describe('the calls of a day', () => {
  it('count the readings and the work that stand: corrected once, taken back not at all', async () => {
    const { calls } = await doorWithCalls([3]);
    const [call] = calls;
    if (call === undefined) throw new Error('no call');
    const record = await views.record(call.id);
    const [reading] = record?.readings ?? [];
    const [adjustment] = record?.adjustments ?? [];
    if (reading === undefined || adjustment === undefined) throw new Error('nothing written');
    const counts = async () => {
      const [summary] = (await views.summaries({ limit: 10 })).items;
      return [summary?.readingCount, summary?.adjustmentCount];
    };
    expect(await counts()).toEqual([1, 1]);
    await put('readings', { ...reading, id: v7(), mm: 4, typed: '4', supersedes: reading.id });
    await put('readings', { ...reading, id: v7(), station: 'latch.top' });
    await put('adjustments', { ...adjustment, id: v7(), supersedes: adjustment.id, withdrawn: true });
    expect(await counts()).toEqual([2, 0]);
  });

  it('are those between two moments, by when they are due', async () => {
    await doorWithCalls([9, 3, 5]);
    const due = async (from: string, to: string) =>
      (await views.summaries({ from, to, limit: 10 })).items.map(({ call }) => call.scheduledFor.slice(8, 10));
    expect(await due('2026-03-03T09:00:00.000Z', '2026-03-09T09:00:00.000Z')).toEqual(['03', '05']);
    expect(await due('2026-04-01T00:00:00.000Z', '2026-05-01T00:00:00.000Z')).toEqual([]);
  });
});

describe('what a device needs to go on without a network', () => {
  const close = async (calls: readonly Call[]) => {
    for (const call of calls) await put('calls', { ...call, revision: 2, state: 'done' });
  };
  const ofDay = { from: '2026-03-20T00:00:00.000Z', to: '2026-03-22T00:00:00.000Z' };

  it('are the doors of the day, and those with a call still open, each with its last calls and their records', async () => {
    const closed = await doorWithCalls([2, 4]);
    await close(closed.calls);
    const open = await doorWithCalls([1, 2, 3, 4, 5, 6, 7, 8]);
    await close(open.calls.filter(({ scheduledFor }) => !scheduledFor.includes('-03-03T')));
    const due = await doorWithCalls([9, 10, 11, 12, 13, 20]);
    await close(due.calls.slice(0, 5));
    const later = await doorWithCalls([22]);
    const { histories, sites } = await views.workingSet(ofDay);
    // One that is open from before takes all since then with it; else the last four are remembered.
    expect(histories.map(({ door, calls }) => [door.id, calls.map(({ call }) => call.scheduledFor.slice(8, 10)).join()])).toEqual([
      [open.door.id, '08,07,06,05,04,03'],
      [due.door.id, '20,13,12,11'],
    ]);
    expect(sites.map(({ id }) => id).sort()).toEqual([closed, open, due, later].map(({ site }) => site.id).sort());
    const whole = await views.history(due.door.id, { limit: 4 });
    expect(histories[1]).toEqual(whole);
    expect(histories.every(({ next }) => next !== null)).toBe(true);
  });

  it('without moments is every door; of none there is nothing', async () => {
    expect(await views.workingSet(ofDay)).toEqual({ histories: [], sites: [] });
    const { door, calls } = await doorWithCalls([3]);
    await close(calls);
    expect((await views.workingSet(ofDay)).histories).toEqual([]);
    expect((await views.workingSet({})).histories.map((history) => [history.door.id, history.next])).toEqual([[door.id, null]]);
  });
});

describe('a cursor', () => {
  it('comes back as it went out, and what is not ours is named', () => {
    const at = { scheduledFor: '2026-03-02T09:00:00.000Z', id: v7() };
    expect(readCursor(writeCursor(at))).toEqual(at);
    for (const text of ['', '{', 'W10', writeCursor(at).slice(2)]) expect(() => readCursor(text)).toThrow('not one of ours');
  });
});

describe('calls that are still open', () => {
  const [from, to] = ['2026-03-05T00:00:00.000Z', '2026-03-07T00:00:00.000Z'];

  it('are told of besides, whenever they are due, in every state that leaves something to do', async () => {
    const { calls } = await doorWithCalls([1, 2, 3, 4, 5, 6, 20]);
    const states = ['done', 'noAccess', 'cancelled', 'comeBack', 'done', 'onSite', 'open'] as const;
    for (const [i, call] of calls.entries())
      await put('calls', { ...call, revision: 2, state: states[i] ?? 'open', leftBecause: 'Nobody there' });
    const days = async (withOpen: boolean) =>
      (await views.summaries({ from, to, withOpen, limit: 50 })).items.map(({ call }) => Number(call.scheduledFor.slice(8, 10)));
    expect(await days(false)).toEqual([5, 6]);
    expect(await days(true)).toEqual([2, 4, 5, 6, 20]);
  });

  it('are found without looking through all the others', async () => {
    await doorWithCalls([1]);
    const plan = await source.query<{ detail: string }[]>(
      `EXPLAIN QUERY PLAN SELECT "id" FROM "call" WHERE ${DUE_OR_OPEN} ORDER BY "scheduledFor", "id"`,
      [from, to],
    );
    const told = plan.map(({ detail }) => detail).join('; ');
    expect(told).toContain('USING INDEX call_open');
    expect(told).toContain('USING INDEX call_scheduled');
    expect(told).not.toMatch(/SCAN call(?! USING INDEX call_open)/);
  });
});
