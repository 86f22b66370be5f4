import type { RecordBodies } from '@proper-swing/contract';
import { openOutbox } from './outbox';
import type { DeviceStorage } from './storage';

const note = (id: string): RecordBodies['notes'] => ({ id, writtenAt: '2026-03-02T08:00:00Z', callId: 'c', text: id });

function memory(): DeviceStorage & { kept: Map<string, string> } {
  const kept = new Map<string, string>();
  return {
    kept,
    get: (k) => kept.get(k) ?? null,
    set: (k, v) => void kept.set(k, v),
    remove: (k) => void kept.delete(k),
    keys: () => [...kept.keys()],
  };
}

describe('the outbox', () => {
  it('keeps a write before it returns, and finds it again in order after a crash', () => {
    const storage = memory();
    const before = openOutbox(storage);
    for (const id of ['a', 'b', 'c']) before.add('notes', note(id));
    expect(storage.kept.size).toBe(3);
    const after = openOutbox(storage);
    expect(after.waiting().map(({ body }) => body.id)).toEqual(['a', 'b', 'c']);
    const next = after.add('notes', note('d'));
    expect(next.sequence).toBe(4);
  });

  it('lets go of what is confirmed and keeps the reason of what is refused', () => {
    const storage = memory();
    const outbox = openOutbox(storage);
    const a = outbox.add('notes', note('a'));
    const b = outbox.add('notes', note('b'));
    outbox.remove(a);
    outbox.refuse(b, 'no such call');
    expect(openOutbox(storage).waiting()).toEqual([{ ...b, refused: 'no such call' }]);
  });

  it('tells its listeners, and says nothing was kept when the device is full', () => {
    const storage = memory();
    const outbox = openOutbox(storage);
    const told = jest.fn();
    const stop = outbox.subscribe(told);
    outbox.add('notes', note('a'));
    expect(told).toHaveBeenCalledTimes(1);
    storage.set = () => {
      throw new Error('QuotaExceededError');
    };
    expect(() => outbox.add('notes', note('b'))).toThrow('Quota');
    expect(outbox.waiting()).toHaveLength(1);
    stop();
    outbox.remove(outbox.waiting()[0] as never);
    expect(told).toHaveBeenCalledTimes(1);
  });

  it('reads round what is not its own or is broken', () => {
    const storage = memory();
    storage.kept.set('swing.preferences', '{}').set('swing.outbox.000000000001.x', '{broken');
    expect(openOutbox(storage).waiting()).toEqual([]);
  });
});
