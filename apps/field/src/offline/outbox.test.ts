import type { RecordBodies } from '@proper-swing/contract';
import { memoryStorage } from './memoryStorage.fixture';
import { openOutbox } from './outbox';
import { WRITE_VERSION } from './upgradeWrites';

const note = (id: string): RecordBodies['notes'] => ({ id, writtenAt: '2026-03-02T08:00:00Z', callId: 'c', text: id });

describe('the outbox', () => {
  it('keeps a write before it returns, and finds it again in order after a crash', () => {
    const storage = memoryStorage();
    const before = openOutbox(storage);
    for (const id of ['a', 'b', 'c']) before.add('notes', note(id));
    expect(storage.kept.size).toBe(3);
    const after = openOutbox(storage);
    expect(after.waiting().map(({ body }) => body.id)).toEqual(['a', 'b', 'c']);
    const next = after.add('notes', note('d'));
    expect(next.sequence).toBe(4);
  });

  it('lets go of what is confirmed and keeps the reason of what is refused', () => {
    const storage = memoryStorage();
    const outbox = openOutbox(storage);
    const a = outbox.add('notes', note('a'));
    const b = outbox.add('notes', note('b'));
    outbox.remove(a);
    outbox.refuse(b, 'no such call');
    expect(openOutbox(storage).waiting()).toEqual([{ ...b, refused: 'no such call' }]);
  });

  it('tells its listeners, and says nothing was kept when the device is full', () => {
    const storage = memoryStorage();
    const outbox = openOutbox(storage);
    const told = jest.fn();
    const stop = outbox.subscribe(told);
    outbox.add('notes', note('a'));
    expect(told).toHaveBeenCalledTimes(1);
    storage.isFull = true;
    expect(() => outbox.add('notes', note('b'))).toThrow('Quota');
    expect(outbox.waiting()).toHaveLength(1);
    stop();
    outbox.remove(outbox.waiting()[0] as never);
    expect(told).toHaveBeenCalledTimes(1);
  });

  it('reads round what is not its own or is broken', () => {
    const storage = memoryStorage();
    storage.kept.set('swing.preferences', '{}').set('swing.outbox.000000000001.x', '{broken');
    expect(openOutbox(storage).waiting()).toEqual([]);
  });

  it('while it is held its listeners are told nothing, and what is added is kept all the same', () => {
    const storage = memoryStorage();
    const outbox = openOutbox(storage);
    const told = jest.fn();
    const added = jest.fn();
    outbox.subscribe(told);
    const stop = outbox.onAdded(added);
    const release = outbox.hold();
    outbox.add('notes', note('a'));
    expect([told.mock.calls.length, added.mock.calls.length, storage.kept.size]).toEqual([0, 1, 1]);
    release();
    release();
    expect(told).toHaveBeenCalledTimes(1);
    stop();
    outbox.add('notes', note('b'));
    expect(added).toHaveBeenCalledTimes(1);
  });

  it('finds ten and more again in the order they were made, however the device lists them', () => {
    const storage = memoryStorage();
    const before = openOutbox(storage);
    const ids = Array.from({ length: 12 }, (_, n) => `n${n}`);
    for (const id of ids) before.add('notes', note(id));
    const keys = [...storage.kept.keys()].reverse();
    const after = openOutbox({ ...storage, keys: () => keys });
    expect(after.waiting().map(({ body }) => body.id)).toEqual(ids);
  });

  it('held twice is told of when both let go, and of nothing when nothing changed', () => {
    const outbox = openOutbox(memoryStorage());
    const told = jest.fn();
    outbox.subscribe(told);
    outbox.hold()();
    expect(told).not.toHaveBeenCalled();
    const [one, other] = [outbox.hold(), outbox.hold()];
    outbox.add('notes', note('a'));
    one();
    one();
    expect(told).not.toHaveBeenCalled();
    other();
    expect(told).toHaveBeenCalledTimes(1);
  });

  it('leaves a write of a later program as it is', () => {
    const storage = memoryStorage();
    const later = { sequence: 1, version: WRITE_VERSION + 1, kind: 'notes', body: note('a') };
    storage.set('swing.outbox.000000000001.a', JSON.stringify(later));
    expect(openOutbox(storage).waiting()).toEqual([{ ...later, mark: '000000000001.a' }]);
  });
});

/** Tabs of one device: what one writes the others are told of, as browsers do. */
function tabs(count: number) {
  const storage = memoryStorage();
  const told: ((key: string | undefined) => void)[] = [];
  const opened = Array.from({ length: count }, (_, tab) => {
    const others = (key: string) => told.forEach((tell, other) => other !== tab && tell(key));
    const mine = {
      ...storage,
      set: (key: string, value: string) => {
        storage.set(key, value);
        others(key);
      },
      remove: (key: string) => {
        storage.remove(key);
        others(key);
      },
    };
    return openOutbox(mine, (tell) => {
      told[tab] = tell;
      return () => undefined;
    });
  });
  return { storage, opened, told };
}

describe('two tabs of one device', () => {
  const ids = (outbox: ReturnType<typeof openOutbox>) => outbox.waiting().map(({ body }) => body.id);

  it('see one list, whoever wrote, lets go or is told no', () => {
    const [one, other] = tabs(2).opened as [ReturnType<typeof openOutbox>, ReturnType<typeof openOutbox>];
    const listener = jest.fn();
    other.subscribe(listener);
    const a = one.add('notes', note('a'));
    other.add('notes', note('b'));
    expect([ids(one), ids(other)]).toEqual([
      ['a', 'b'],
      ['a', 'b'],
    ]);
    one.refuse(a, 'no');
    expect(other.waiting()[0]).toEqual({ ...a, refused: 'no' });
    one.remove(a);
    expect(ids(other)).toEqual(['b']);
    expect(listener).toHaveBeenCalledTimes(4);
  });

  it('that counted alike hide nothing of each other', () => {
    const storage = memoryStorage();
    // Neither was told of the other: their pages were asleep.
    const [one, other] = [openOutbox(storage), openOutbox(storage)];
    const card = { id: 's', revision: 2, writtenAt: '2026-03-02T08:00:00Z', name: 'Hut', address: '', contact: '', remarks: '' };
    const first = one.add('sites', card);
    const second = other.add('sites', { ...card, remarks: 'Side gate' });
    expect([first.sequence, second.sequence]).toEqual([1, 1]);
    const after = openOutbox(storage);
    expect(after.waiting()).toEqual([first, second]);
    after.remove(first);
    expect(after.waiting()).toEqual([second]);
  });

  it('the one that sends is told what the other wrote or wants sent again; the other what was confirmed', () => {
    const [sender, other] = tabs(2).opened as [ReturnType<typeof openOutbox>, ReturnType<typeof openOutbox>];
    const toSend = jest.fn();
    const confirmed = jest.fn();
    sender.onAdded(toSend);
    other.onConfirmedElsewhere(confirmed);
    const a = other.add('notes', note('a'));
    sender.refuse(a, 'no');
    other.sendAgain({ ...a, refused: 'no' });
    expect(toSend.mock.calls).toEqual([[a], [a]]);
    sender.confirm(a);
    expect(confirmed).toHaveBeenCalledWith(expect.objectContaining({ mark: a.mark, confirmed: expect.any(Number) as number }));
    expect([ids(other), other.laidOver().length]).toEqual([[], 1]);
  });

  it('when everything was thrown away, by hand or by the browser, no tab shows it any more', () => {
    const { storage, opened, told } = tabs(2);
    opened[0]?.add('notes', note('a'));
    storage.kept.clear();
    told.forEach((tell) => tell(undefined));
    expect(opened.map((each) => each.waiting())).toEqual([[], []]);
    told.forEach((tell) => tell('swing.preferences'));
  });
});

describe('what was confirmed', () => {
  it('waits no longer; of very many only the last stay', () => {
    const storage = memoryStorage();
    const outbox = openOutbox(storage);
    for (let n = 0; n < 510; n += 1) outbox.confirm(outbox.add('notes', note(`n${n}`)));
    expect([outbox.waiting().length, outbox.laidOver().length, storage.kept.size]).toEqual([0, 500, 500]);
    expect(outbox.laidOver()[0]?.body.id).toBe('n10');
    expect(outbox.confirmed()).toEqual(outbox.laidOver());
  });

  it('on a full device is let go of', () => {
    const storage = memoryStorage();
    const outbox = openOutbox(storage);
    const a = outbox.add('notes', note('a'));
    storage.isFull = true;
    outbox.confirm(a);
    expect([outbox.laidOver(), storage.kept.size]).toEqual([[], 0]);
  });
});
