import type { CallRecord, DoorHistory, WorkingSet } from '@proper-swing/contract';
import { QueryClient, type InfiniteData } from '@tanstack/react-query';
import { exampleRecord } from '../record/exampleRecord';
import { noteConfirmed } from './confirmed';
import { KEYS } from './keys';
import { fetchWorkingSet } from './workingSet';

const record = exampleRecord();
const { door, site, call } = record;
const history: DoorHistory = { door, site, calls: [record], next: null };
const told: WorkingSet = { histories: [history], sites: [site] };

let client: QueryClient;
beforeEach(() => {
  client = new QueryClient();
});
afterEach(() => client.clear());

const fetched = (answer: () => WorkingSet = () => told) =>
  fetchWorkingSet(client, '2026-03-02T00:00:00.000Z', '2026-03-04T00:00:00.000Z', () => Promise.resolve(answer()));

const keptRecord = () => client.getQueryData<CallRecord>(KEYS.callRecord(call.id));

describe('what is at hand', () => {
  it('is each call with all that was written on it, the memory of its door, and every customer', async () => {
    expect(await fetched()).toBe(1);
    expect(keptRecord()).toEqual(record);
    expect(client.getQueryData(KEYS.doorHistory(door.id))).toEqual({ pages: [history], pageParams: [''] });
    expect(client.getQueryData(KEYS.sites)).toEqual({ items: [site], next: null });
  });

  it('takes the place of nothing that was fetched since it was asked for', async () => {
    const newer = { ...record, call: { ...call, complaint: 'Newer' } };
    await fetched(() => {
      client.setQueryData(KEYS.callRecord(call.id), newer, { updatedAt: Date.now() + 1 });
      return told;
    });
    expect(keptRecord()).toEqual(newer);
    client.setQueryData(KEYS.callRecord(call.id), newer, { updatedAt: 1 });
    await fetched();
    expect(keptRecord()).toEqual(record);
  });

  it('holds what was confirmed while it was on its way', async () => {
    const note = { id: 'n', writtenAt: '2026-03-02T08:00:00.000Z', callId: call.id, text: 'Confirmed meanwhile' };
    await fetched(() => {
      noteConfirmed({ mark: 'm', sequence: 1, version: 2, kind: 'notes', body: note });
      return told;
    });
    expect(keptRecord()?.notes).toEqual([note]);
  });

  it('leaves the older visits that somebody looked at', async () => {
    const looked: InfiniteData<DoorHistory> = { pages: [history, { ...history, calls: [] }], pageParams: ['', 'a'] };
    client.setQueryData(KEYS.doorHistory(door.id), looked, { updatedAt: 1 });
    await fetched();
    expect(client.getQueryData(KEYS.doorHistory(door.id))).toEqual(looked);
  });
});
