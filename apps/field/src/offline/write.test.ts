import { QueryClient } from '@tanstack/react-query';
import { exampleRecord } from '../record/exampleRecord';
import { outbox } from './outbox';
import { startedHere } from './startedHere';
import { revised, stamp, write } from './write';

const { call, door, site } = exampleRecord();

afterEach(() => outbox.waiting().forEach((each) => outbox.remove(each)));

describe('writing a record', () => {
  it('puts it among what waits; a card is still found when it has been sent and is in no list yet', () => {
    write('sites', { ...site, id: 'hut' });
    write('doors', { ...door, id: 'gate', siteId: 'hut' });
    write('calls', { ...call, id: 'begun', doorId: 'gate' });
    expect(outbox.waiting().map(({ kind, body }) => [kind, body.id])).toEqual([
      ['sites', 'hut'],
      ['doors', 'gate'],
      ['calls', 'begun'],
    ]);
    outbox.waiting().forEach((each) => outbox.remove(each));
    expect(startedHere(new QueryClient(), [], 'begun')).toMatchObject({ door: { id: 'gate' }, site: { id: 'hut' } });
  });

  it('an entry is no card', () => {
    write('notes', { id: 'begun-note', writtenAt: '', callId: 'call', text: 'x' });
    expect(startedHere(new QueryClient(), [], 'begun-note')).toBeUndefined();
  });

  it('a stamp is an id of its own and the moment', () => {
    expect(stamp().id).not.toBe(stamp().id);
    const { writtenAt } = stamp();
    expect(new Date(writtenAt).toISOString()).toBe(writtenAt);
  });

  it('a changed card is the next revision, written now', () => {
    const changed = revised(call, { complaint: 'Sticks' });
    expect(changed).toMatchObject({
      id: call.id,
      doorId: call.doorId,
      complaint: 'Sticks',
      revision: call.revision + 1,
      madeFrom: call.writtenAt,
    });
    expect(Date.parse(changed.writtenAt)).toBeGreaterThan(Date.parse(call.writtenAt));
  });
});
