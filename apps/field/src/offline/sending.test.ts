import type { CallRecord, Note, RecordBodies, RecordKind } from '@proper-swing/contract';
import { onlineManager, QueryClient } from '@tanstack/react-query';
import { waitFor } from '@testing-library/react-native';
import { exampleRecord } from '../record/exampleRecord';
import { FailedError, RefusedError, UnreachableError, type Became, type Carried } from './api';
import { fetchRecord } from './confirmed';
import { KEYS } from './keys';
import { memoryStorage } from './memoryStorage.fixture';
import { openOutbox } from './outbox';
import { startSending, waitMs } from './sending';
import { rememberCard } from './startedHere';

const note = (id: string): Note => ({ id, writtenAt: '2026-03-02T08:00:00Z', callId: 'call', text: id });

/** A server that answers when it is told to, and keeps what it was sent. */
function slowServer() {
  const asked: { bodies: readonly Carried['body'][]; answer: (became?: Error | Became[]) => void }[] = [];
  const put = (writes: readonly Carried[]) =>
    new Promise<Became[]>((resolve, reject) => {
      asked.push({
        bodies: writes.map(({ body }) => body),
        answer: (became = writes.map(() => undefined)) => {
          if (Array.isArray(became)) resolve(became);
          else reject(became);
        },
      });
    });
  return { asked, put };
}

let stop: () => void = () => undefined;
const bringTogether = jest.fn(() => Promise.resolve());
beforeEach(() => onlineManager.setOnline(true));
afterEach(() => stop());

function sender() {
  const storage = memoryStorage();
  const outbox = openOutbox(storage);
  const client = new QueryClient();
  const server = slowServer();
  return {
    storage,
    outbox,
    client,
    ...server,
    start: () => (stop = startSending(outbox, client, { carryWrites: server.put, bringTogether })),
  };
}
/** Sends one write, over answers that are kept already, until it is confirmed; the client with its answers. */
async function confirm<K extends RecordKind>(kind: K, body: RecordBodies[K], keep: (client: QueryClient) => void = () => undefined) {
  const { outbox, client, asked, start } = sender();
  keep(client);
  outbox.add(kind, body);
  start();
  await waitFor(() => expect(asked).toHaveLength(1));
  asked[0]?.answer();
  await waitFor(() => expect(outbox.waiting()).toEqual([]));
  return client;
}
/** What was sent with each request. */
const idsOf = (asked: readonly { bodies: readonly Carried['body'][] }[]) => asked.map(({ bodies }) => bodies.map(({ id }) => id).join(' '));

describe('an answer that was on its way while a write was confirmed', () => {
  it('has the write in it all the same, once, and nothing that was confirmed before it was asked for', async () => {
    const { outbox, asked, start } = sender();
    start();
    const send = async (id: string) => {
      outbox.add('notes', note(id));
      await waitFor(() => expect(idsOf(asked)).toContain(id));
      asked.find(({ bodies }) => bodies[0]?.id === id)?.answer();
      await waitFor(() => expect(outbox.waiting()).toEqual([]));
    };
    await send('before');
    let answer: (record: CallRecord) => void = () => undefined;
    const fetched = fetchRecord('call', () => new Promise((resolve) => (answer = resolve)));
    await send('meanwhile');
    answer(exampleRecord());
    expect((await fetched).notes.map(({ id }) => id)).toEqual(['meanwhile']);
    const later = await fetchRecord('call', () => Promise.resolve({ ...exampleRecord(), notes: [note('meanwhile')] }));
    expect(later.notes.map(({ id }) => id)).toEqual(['meanwhile']);
  });
});

describe('sending what waits', () => {
  it('sends what waits in the order it was written, all that was written meanwhile after it, and no longer has it waiting', async () => {
    const { outbox, asked, start } = sender();
    for (const id of ['a', 'b', 'c']) outbox.add('notes', note(id));
    start();
    await waitFor(() => expect(idsOf(asked)).toEqual(['a b c']));
    for (const id of ['d', 'e']) outbox.add('notes', note(id));
    await new Promise((resolve) => setImmediate(resolve));
    expect(asked).toHaveLength(1);
    asked[0]?.answer();
    await waitFor(() => expect(idsOf(asked)).toEqual(['a b c', 'd e']));
    expect(outbox.waiting().map(({ body }) => body.id)).toEqual(['d', 'e']);
    asked[1]?.answer();
    await waitFor(() => expect(outbox.waiting()).toEqual([]));
  });

  it('takes up each further write as it is made, and none once it is stopped', async () => {
    const { outbox, asked, start } = sender();
    start();
    outbox.add('notes', note('a'));
    await waitFor(() => expect(idsOf(asked)).toEqual(['a']));
    asked[0]?.answer();
    await waitFor(() => expect(outbox.waiting()).toEqual([]));
    stop();
    outbox.add('notes', note('b'));
    await new Promise((resolve) => setImmediate(resolve));
    expect(idsOf(asked)).toEqual(['a']);
  });

  it('what fails while it is being stopped is not tried again, and sets no timer', async () => {
    const { outbox, asked, client, put } = sender();
    const timers = jest.spyOn(globalThis, 'setTimeout');
    outbox.add('notes', note('a'));
    stop = startSending(outbox, client, { carryWrites: put, waits: { retry: () => 7777, aside: 1 }, bringTogether });
    await waitFor(() => expect(asked).toHaveLength(1));
    stop();
    asked[0]?.answer(new UnreachableError('gone'));
    await new Promise((resolve) => setImmediate(resolve));
    expect(asked).toHaveLength(1);
    expect(timers.mock.calls.map(([, ms]) => ms)).not.toContain(7777);
    timers.mockRestore();
  });

  it('waits before the next try, though more is written meanwhile', async () => {
    const { outbox, asked, client, put } = sender();
    outbox.add('notes', note('a'));
    stop = startSending(outbox, client, { carryWrites: put, waits: { retry: () => 60_000, aside: 1 }, bringTogether });
    await waitFor(() => expect(asked).toHaveLength(1));
    asked[0]?.answer(new UnreachableError('gone'));
    await new Promise((resolve) => setImmediate(resolve));
    outbox.add('notes', note('b'));
    await new Promise((resolve) => setTimeout(resolve, 5));
    expect(asked).toHaveLength(1);
  });

  it('asks again when the server was not reached, and keeps the order', async () => {
    const { outbox, asked, start } = sender();
    outbox.add('notes', note('a'));
    start();
    await waitFor(() => expect(asked).toHaveLength(1));
    outbox.add('notes', note('b'));
    asked[0]?.answer(new UnreachableError('gone'));
    await waitFor(() => expect(idsOf(asked)).toEqual(['a', 'a b']), { timeout: 4000 });
    expect(outbox.waiting()).toHaveLength(2);
    asked[1]?.answer();
    await waitFor(() => expect(outbox.waiting()).toEqual([]));
  });

  it('sends nothing while the server is lost, and at once when it is back, whatever it still waited for', async () => {
    const { outbox, asked, client, put } = sender();
    outbox.add('notes', note('a'));
    stop = startSending(outbox, client, { carryWrites: put, waits: { retry: () => 60_000, aside: 60_000 }, bringTogether });
    await waitFor(() => expect(asked).toHaveLength(1));
    onlineManager.setOnline(false);
    asked[0]?.answer(new UnreachableError('gone'));
    await new Promise((resolve) => setImmediate(resolve));
    expect(asked).toHaveLength(1);
    onlineManager.setOnline(true);
    await waitFor(() => expect(idsOf(asked)).toEqual(['a', 'a']));
  });

  it('what the server refuses is kept with its reason, and does not hold up the rest', async () => {
    const { outbox, asked, start } = sender();
    outbox.add('notes', note('a'));
    outbox.add('notes', note('b'));
    start();
    await waitFor(() => expect(asked).toHaveLength(1));
    asked[0]?.answer([new RefusedError(422, { type: '', title: '', status: 422, detail: 'There is no such call.' }), undefined]);
    await waitFor(() => expect(outbox.waiting()).toHaveLength(1));
    expect(outbox.waiting()[0]).toMatchObject({ body: { id: 'a' }, refused: 'There is no such call.' });
  });

  it('a change of a card made from one that was refused is not sent: it would wipe out what another device wrote', async () => {
    const { outbox, asked, start } = sender();
    const { site } = exampleRecord();
    outbox.add('sites', { ...site, revision: 2, name: 'Ours' });
    start();
    await waitFor(() => expect(asked).toHaveLength(1));
    outbox.add('sites', { ...site, revision: 3, name: 'Ours, put right' });
    outbox.add('notes', note('free'));
    asked[0]?.answer([new RefusedError(409, { type: '', title: '', status: 409, detail: 'Another revision is there.' })]);
    await waitFor(() => expect(idsOf(asked)).toEqual([site.id, 'free']));
    asked[1]?.answer();
    await waitFor(() => expect(outbox.waiting()).toHaveLength(2));
    expect(outbox.waiting().map(({ status }) => status)).toEqual([409, 409]);
    expect(bringTogether).toHaveBeenLastCalledWith(outbox);
    expect(outbox.waiting().map(({ refused }) => refused)).toEqual([
      'Another revision is there.',
      'It was made from a change of this card that was refused: see that one first.',
    ]);
  });

  it('finds what the server fails at among many, sets it aside, lets go on what does not depend on it, and sends it again', async () => {
    const { outbox, asked, client, put } = sender();
    const parent = exampleRecord().site;
    const child = { ...exampleRecord().door, siteId: parent.id };
    outbox.add('sites', parent);
    outbox.add('doors', child);
    outbox.add('notes', note('free'));
    stop = startSending(outbox, client, { carryWrites: put, waits: { retry: () => 1, aside: 20 }, bringTogether });
    const broken = new FailedError('The server answered 500.');
    for (let tries = 0; tries < 6; tries += 1) {
      await waitFor(() => expect(asked).toHaveLength(tries + 1));
      asked[tries]?.answer(broken);
    }
    await waitFor(() => expect(idsOf(asked)).toEqual([`${parent.id} ${child.id} free`, ...Array<string>(5).fill(parent.id), 'free']));
    asked[6]?.answer();
    await waitFor(() => expect(idsOf(asked).slice(7)).toEqual([`${parent.id} ${child.id}`]));
    asked[7]?.answer();
    await waitFor(() => expect(outbox.waiting()).toEqual([]));
  });

  it('two changes of one card of which one was set aside: the later waits for it', async () => {
    const { outbox, asked, client, put } = sender();
    const { site } = exampleRecord();
    outbox.add('sites', { ...site, revision: 2 });
    stop = startSending(outbox, client, { carryWrites: put, waits: { retry: () => 1, aside: 20 }, bringTogether });
    for (let tries = 0; tries < 5; tries += 1) {
      await waitFor(() => expect(asked).toHaveLength(tries + 1));
      if (tries === 4) outbox.add('sites', { ...site, revision: 3 });
      asked[tries]?.answer(new FailedError('The server answered 500.'));
    }
    await waitFor(() => expect(asked).toHaveLength(6));
    expect(asked[5]?.bodies.map(({ revision }) => revision)).toEqual([2, 3]);
    asked[5]?.answer();
    await waitFor(() => expect(outbox.waiting()).toEqual([]));
  });

  it('a server that is gone is waited for, however often it was asked: nothing goes before what was written first', async () => {
    const { outbox, asked, client, put } = sender();
    outbox.add('notes', note('a'));
    outbox.add('notes', note('b'));
    stop = startSending(outbox, client, { carryWrites: put, waits: { retry: () => 1, aside: 20 }, bringTogether });
    for (let tries = 0; tries < 8; tries += 1) {
      await waitFor(() => expect(asked).toHaveLength(tries + 1));
      asked[tries]?.answer(new UnreachableError('gone'));
    }
    await waitFor(() => expect(asked).toHaveLength(9));
    expect(new Set(idsOf(asked))).toEqual(new Set(['a b']));
  });

  it('does not send again what was refused before', async () => {
    const { outbox, asked, start } = sender();
    outbox.refuse(outbox.add('notes', note('a')), 'no');
    outbox.add('notes', note('b'));
    start();
    await waitFor(() => expect(idsOf(asked)).toEqual(['b']));
    asked[0]?.answer();
    await waitFor(() => expect(outbox.waiting()).toHaveLength(1));
  });

  it('what was confirmed is so even when the answers kept here cannot take it in, and is no refusal', async () => {
    const { outbox, client, asked, start } = sender();
    client.setQueryData(KEYS.callRecord('call'), { ...exampleRecord(), call: undefined });
    outbox.add('notes', note('a'));
    start();
    await waitFor(() => expect(asked).toHaveLength(1));
    asked[0]?.answer();
    await waitFor(() => expect(outbox.waiting()).toEqual([]));
    expect(outbox.laidOver().map(({ body, refused }) => [body.id, refused])).toEqual([['a', undefined]]);
    client.clear();
  });

  it('puts what was confirmed into the answers kept here', async () => {
    const client = await confirm('notes', note('a'), (kept) => kept.setQueryData(KEYS.callRecord('call'), exampleRecord()));
    expect(client.getQueryData(KEYS.callRecord('call'))).toMatchObject({ notes: [{ id: 'a' }] });
    client.clear();
  });

  it('waits half a second before the second try, twice as long each time, and never above ten seconds', () =>
    expect([0, 1, 2, 4, 5, 20].map(waitMs)).toEqual([500, 1000, 2000, 8000, 10_000, 10_000]));

  /** What is stale after a write is confirmed over a list of each kind. */
  async function confirmed<K extends RecordKind>(kind: K, body: RecordBodies[K], record?: CallRecord) {
    const client = await confirm(kind, body, (kept) => {
      kept.setQueryData(KEYS.summaries('2026-03-02', '2026-03-03'), { items: [{ call, door, site }], next: null });
      for (const key of [KEYS.sites, KEYS.doors('site'), KEYS.doorHistory('door')]) kept.setQueryData(key, { items: [], pages: [] });
      if (record) kept.setQueryData(KEYS.callRecord(record.call.id), record);
    });
    const stale = client
      .getQueryCache()
      .getAll()
      .filter(({ state }) => state.isInvalidated)
      .map(({ queryKey }) => queryKey[0]);
    const sites = client.getQueryData(KEYS.sites);
    client.clear();
    return { stale, sites };
  }
  const { call, door, site } = exampleRecord();
  const LISTS = ['summaries', 'sites', 'doors', 'door-history'];

  it.each([
    ['calls', call],
    ['doors', door],
    ['sites', site],
  ] as const)('what was confirmed of the %s makes the lists be fetched anew', async (kind, body) =>
    expect((await confirmed(kind, body)).stale).toEqual(LISTS),
  );

  it('a confirmed entry changes its call and no list', async () => {
    const { stale, sites } = await confirmed('notes', note('a'), exampleRecord());
    expect(stale).toEqual([]);
    expect(sites).toEqual({ items: [], pages: [] });
  });
});

describe('a call that was begun here', () => {
  const { call, door, site } = exampleRecord();
  const answers = (client: QueryClient, callId: string) => client.getQueryData<CallRecord>(KEYS.callRecord(callId));

  it('has its record from the moment it is confirmed, with its door and its site', async () => {
    const cards = [
      { ...site, id: 'hut' },
      { ...door, id: 'gate', siteId: 'hut' },
    ];
    cards.forEach(rememberCard);
    const client = await confirm('calls', { ...call, id: 'begun', doorId: 'gate' });
    expect(answers(client, 'begun')).toMatchObject({ call: { id: 'begun' }, door: { id: 'gate' }, site: { id: 'hut' }, readings: [] });
    client.clear();
  });

  it('keeps the record it has when a revision of it is confirmed', async () => {
    const record = exampleRecord({ found: { 'hinge.top': 3 } });
    const client = await confirm('calls', { ...call, revision: 2, state: 'done' }, (kept) =>
      kept.setQueryData(KEYS.callRecord(call.id), record),
    );
    expect(answers(client, call.id)).toEqual({ ...record, call: { ...call, revision: 2, state: 'done' } });
    client.clear();
  });

  it('is not made of an entry that is confirmed', async () => {
    const client = await confirm('notes', { ...note('call'), callId: 'call' });
    expect(client.getQueryCache().getAll()).toEqual([]);
  });
});
