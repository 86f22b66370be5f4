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
    expect(openOutbox(storage).waiting()).toEqual([later]);
  });
});
