import type { CallSummary, DoorHistory, RecordBodies, RecordKind } from '@proper-swing/contract';
import { exampleRecord } from '../record/exampleRecord';
import type { Outgoing } from './outbox';
import { historyWith, summariesWith, waitingOf, withWaiting } from './overlay';

const { call, door, site, ...lists } = exampleRecord({ found: { 'hinge.top': 3 } });
let sequence = 0;
function waits<K extends RecordKind>(kind: K, body: RecordBodies[K]): Outgoing {
  sequence += 1;
  return { mark: `${sequence}`, sequence, kind, body };
}
const told: CallSummary[] = [{ call, door, site, readingCount: 9, adjustmentCount: 1 }];
const history: DoorHistory = { door, site, calls: [{ call, door, site, ...lists }], next: null };

describe('the day with what waits', () => {
  it('shows a call that was begun here, on a door and a site that were', () => {
    const hut = { ...site, id: 'hut', name: 'Hut' };
    const gate = { ...door, id: 'gate', siteId: 'hut' };
    const begun = { ...call, id: 'begun', doorId: 'gate' };
    const items = summariesWith(told, [waits('sites', hut), waits('doors', gate), waits('calls', begun)]);
    expect(items.map((item) => [item.call.id, item.site.name, item.readingCount])).toEqual([
      ['call', 'Alder Court', 9],
      ['begun', 'Hut', 0],
    ]);
  });

  it('shows a later revision and never an earlier one, and leaves out a call whose door nobody knows', () => {
    const done = { ...call, revision: 2, state: 'done' as const };
    expect(summariesWith(told, [waits('calls', done)])[0]?.call.state).toBe('done');
    expect(summariesWith(summariesWith(told, [waits('calls', done)]), [waits('calls', call)])[0]?.call.state).toBe('done');
    expect(summariesWith(told, [waits('calls', { ...call, id: 'x', doorId: 'nowhere' })])).toHaveLength(1);
    expect(summariesWith(told, [])).toEqual(told);
  });

  it('changes only the call that waits, and an equal revision is the server’s', () => {
    const other = { ...call, id: 'other' };
    const two = [...told, { call: other, door, site, readingCount: 0, adjustmentCount: 0 }];
    const items = summariesWith(two, [waits('calls', { ...call, revision: 2, complaint: 'Sticks' })]);
    expect(items.map((item) => [item.call.id, item.call.complaint])).toEqual([
      ['call', 'Sticks'],
      ['other', call.complaint],
    ]);
    expect(summariesWith(told, [waits('calls', { ...call, complaint: 'Sticks' })])).toEqual(told);
  });

  it('leaves out a call whose site nobody knows', () => {
    const gate = { ...door, id: 'gate', siteId: 'nowhere' };
    expect(summariesWith(told, [waits('doors', gate), waits('calls', { ...call, id: 'x', doorId: 'gate' })])).toEqual(told);
  });

  it('lists take what waits in place of what is there', () => {
    expect(
      withWaiting(
        [
          { id: 'a', n: 1 },
          { id: 'b', n: 1 },
        ],
        [{ id: 'a', n: 2 }],
      ),
    ).toEqual([
      { id: 'b', n: 1 },
      { id: 'a', n: 2 },
    ]);
    expect(withWaiting([{ id: 'a' }], [{ id: 'a' }, { id: 'b' }])).toEqual([{ id: 'a' }, { id: 'b' }]);
    expect(waitingOf([waits('sites', site), waits('calls', call)], 'calls')).toEqual([call]);
  });
});

describe('the door’s page with what waits', () => {
  it('shows what was read and done here before the server has it', () => {
    const reading = { ...(lists.readings[0] ?? fail()), id: 'r2', station: 'latch.top' as const };
    const shown = historyWith(history, [waits('readings', reading), waits('notes', { id: 'n', writtenAt: '', callId: 'call', text: 'x' })]);
    expect(shown.calls[0]?.readings.map(({ id }) => id)).toEqual([...lists.readings.map(({ id }) => id), 'r2']);
    expect(shown.calls[0]?.notes).toHaveLength(1);
  });

  it('shows a call begun here, newest first, with what was written on it', () => {
    const begun = { ...call, id: 'begun', scheduledFor: '2027-01-01T08:00:00Z' };
    const shown = historyWith(history, [waits('calls', begun), waits('notes', { id: 'n', writtenAt: '', callId: 'begun', text: 'x' })]);
    expect(shown.calls.map((each) => [each.call.id, each.notes.length])).toEqual([
      ['begun', 1],
      ['call', 0],
    ]);
    expect(historyWith(history, [waits('calls', { ...begun, doorId: 'another' })]).calls).toHaveLength(1);
  });

  it('puts a call begun here in its place by date', () => {
    const old = { ...call, id: 'old', scheduledFor: '2020-01-01T08:00:00Z' };
    expect(historyWith(history, [waits('calls', old)]).calls.map((each) => each.call.id)).toEqual(['call', 'old']);
    const same = { ...call, id: 'same' };
    expect(historyWith(history, [waits('calls', same)]).calls.map((each) => each.call.id)).toEqual(['same', 'call']);
  });

  it('shows no call twice, and none that was begun before and is on a later page', () => {
    expect(historyWith(history, [waits('calls', call)]).calls).toHaveLength(1);
    expect(historyWith(history, [waits('calls', { ...call, id: 'earlier', revision: 2 })]).calls).toHaveLength(1);
  });

  it('shows no other door’s card, and no earlier or equal one', () => {
    const later = { ...history, door: { ...door, revision: 2 } };
    const cards = [
      { ...door, id: 'gate', revision: 9, title: 'Gate' },
      { ...door, revision: 1, title: 'Before' },
      { ...door, revision: 2, title: 'Here' },
    ];
    for (const card of cards) expect(historyWith(later, [waits('doors', card)]).door.title).toBe(door.title);
  });

  it('shows the later card of the door, on the page and in its calls', () => {
    const shown = historyWith(history, [waits('doors', { ...door, revision: 2, title: 'Cellar' })]);
    expect([shown.door.title, shown.calls[0]?.door.title]).toEqual(['Cellar', 'Cellar']);
  });
});

function fail(): never {
  throw new Error('the example has a reading');
}
