import { QueryClient } from '@tanstack/react-query';
import { exampleRecord } from '../record/exampleRecord';
import { KEYS } from './keys';
import { memoryStorage } from './memoryStorage.fixture';
import { openOutbox } from './outbox';
import { whereWritten } from './whereWritten';

const record = exampleRecord({ found: { 'hinge.top': 3 } });
const { call, door, site } = record;
const [reading] = record.readings;

function device() {
  const client = new QueryClient();
  client.setQueryData(KEYS.callRecord(call.id), record);
  const outbox = openOutbox(memoryStorage());
  return { client, outbox };
}
const stamp = { writtenAt: '2026-03-02T08:00:00Z' };
const whole = { callId: call.id, site: site.name, door: door.title, due: call.scheduledFor };

describe('of which customer, door and call a write is', () => {
  it('an entry names its call, a reading its walk-round, kept or itself waiting', () => {
    const { client, outbox } = device();
    const note = outbox.add('notes', { id: 'n', ...stamp, callId: call.id, text: 'x' });
    const read = outbox.add('readings', { ...reading, id: 'r' } as NonNullable<typeof reading>);
    const set = outbox.add('reading-sets', { ...record.readingSets[0], id: 'new' } as never);
    const ofNew = outbox.add('readings', { ...reading, id: 'r2', setId: set.body.id } as never);
    for (const each of [note, read, ofNew]) expect(whereWritten(client, outbox.laidOver(), each)).toEqual(whole);
    client.clear();
  });

  it('a card is told by its own words, and by what it belongs to', () => {
    const { client, outbox } = device();
    const changed = outbox.add('doors', { ...door, revision: 2, title: 'Porch' });
    expect(whereWritten(client, [], changed)).toEqual({ site: site.name, door: 'Porch' });
    expect(whereWritten(client, [], outbox.add('sites', { ...site, revision: 2, name: 'Annexe' }))).toEqual({ site: 'Annexe' });
    expect(whereWritten(client, [], outbox.add('calls', { ...call, revision: 2 }))).toEqual(whole);
    client.clear();
  });

  it('what this device does not know is left open', () => {
    const outbox = openOutbox(memoryStorage());
    const note = outbox.add('notes', { id: 'n', ...stamp, callId: 'elsewhere', text: 'x' });
    expect(whereWritten(new QueryClient(), [], note)).toEqual({ callId: 'elsewhere' });
  });
});
