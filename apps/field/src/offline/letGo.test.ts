import { QueryClient, dehydrate } from '@tanstack/react-query';
import { exampleRecord } from '../record/exampleRecord';
import { KEYS } from './keys';
import { letGo } from './letGo';
import { memoryStorage } from './memoryStorage.fixture';
import { openOutbox, type Outgoing } from './outbox';

const record = exampleRecord();
const { call, door, site } = record;
const note = { id: 'a', writtenAt: '2026-03-02T08:00:00Z', callId: call.id, text: 'Key at the bar' };

function confirmedNote() {
  const storage = memoryStorage();
  const outbox = openOutbox(storage);
  const client = new QueryClient();
  const sent: string[] = [];
  const keep = (writes: readonly Outgoing[]) => Promise.resolve(void sent.push(...writes.map(({ body }) => body.id)));
  const lettingGo = async () => {
    await letGo(outbox, dehydrate(client), keep);
    client.clear();
    return outbox.laidOver().map(({ body }) => body.id);
  };
  return { storage, outbox, client, sent, keep, left: lettingGo };
}

describe('what was confirmed', () => {
  it('stays over the kept answers while they do not hold it, after a reload as well', async () => {
    const { storage, outbox, client, sent, left } = confirmedNote();
    client.setQueryData(KEYS.callRecord(call.id), record);
    outbox.confirm(outbox.add('notes', note));
    expect([await left(), sent]).toEqual([['a'], []]);
    expect(openOutbox(storage).laidOver()).toEqual(outbox.laidOver());
  });

  it('is let go of once they hold it, and kept in case the server loses it', async () => {
    const { storage, outbox, client, sent, left } = confirmedNote();
    client.setQueryData(KEYS.callRecord(call.id), { ...record, notes: [note] });
    client.setQueryData(KEYS.callRecord('other'), { ...record, call: { ...call, id: 'other' } });
    outbox.confirm(outbox.add('notes', note));
    outbox.add('notes', { ...note, id: 'waits' });
    expect([await left(), sent, storage.kept.size]).toEqual([['waits'], ['a'], 1]);
  });

  it('of a call is held when the list of the day has it, and its record', async () => {
    const begun = { ...call, revision: 2 };
    const { outbox, client, left } = confirmedNote();
    outbox.confirm(outbox.add('calls', begun));
    client.setQueryData(KEYS.callRecord(call.id), { ...record, call: begun });
    client.setQueryData(KEYS.summaries('a', 'b'), { items: [{ call, door, site }], next: null });
    expect(await left()).toEqual([call.id]);
    client.setQueryData(KEYS.summaries('a', 'b'), { items: [{ call: begun, door, site }], next: null });
    client.setQueryData(KEYS.callRecord(call.id), record);
    expect(await left()).toEqual([call.id]);
    client.setQueryData(KEYS.summaries('a', 'b'), { items: [{ call: begun, door, site }], next: null });
    client.setQueryData(KEYS.callRecord(call.id), { ...record, call: begun });
    expect(await left()).toEqual([]);
  });

  it('is let go of where it cannot be kept for later', async () => {
    const { outbox, client } = confirmedNote();
    outbox.confirm(outbox.add('notes', note));
    await letGo(outbox, dehydrate(client), () => Promise.reject(new Error('no store')));
    expect(outbox.laidOver()).toEqual([]);
  });
});
