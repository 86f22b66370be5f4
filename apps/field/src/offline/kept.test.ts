import type { Door } from '@proper-swing/contract';
import { deviceId } from './deviceId';
import { KEYS } from './keys';
import { memoryStorage } from './memoryStorage.fixture';
import { openOutbox } from './outbox';
import { ENGINE_KEY, persistOptions } from './queryClient';
import { deviceStorage } from './storage';
import { upgradedBody, WRITE_VERSION } from './upgradeWrites';

const { dehydrateOptions } = persistOptions;
const isKept = (queryKey: readonly unknown[], status: 'success' | 'error' | 'pending' = 'success') =>
  dehydrateOptions?.shouldDehydrateQuery?.({ queryKey, state: { status } } as never);

describe('what is kept on the device of what was asked', () => {
  it('is what the server answered, and never what the engine computed', () => {
    expect(isKept(['call-record', 'a'])).toBe(true);
    expect([isKept([ENGINE_KEY, 'hinged.plan']), isKept(KEYS.twoVersions('a', 1))]).toEqual([false, false]);
    expect([isKept(['sites'], 'error'), isKept(['sites'], 'pending')]).toEqual([false, false]);
  });

  it('writes are kept by the outbox alone', () => expect(dehydrateOptions?.shouldDehydrateMutation?.({} as never)).toBe(false));
});

const OLD_DOOR = {
  id: 'd',
  revision: 1,
  writtenAt: '2026-03-02T08:00:00Z',
  siteId: 's',
  title: 'Kitchen',
  hingesOn: 'left',
  slabWidthMm: 762,
  slabHeightMm: 1981,
  thicknessMm: 40,
  hingeHeightsMm: [165, 1750],
  hingeKind: 'butt',
  slabKind: 'framed',
  fireRated: false,
  profile: 'interiorTimber',
};

describe('a write kept by an earlier program', () => {
  it('of a door is sent in the form of today: its kind, and its make by itself', () => {
    const { id, revision, writtenAt, siteId, title, ...make } = OLD_DOOR;
    expect(upgradedBody('doors', OLD_DOOR, 1)).toEqual({ id, revision, writtenAt, siteId, title, kind: 'hinged', make });
  });

  it('of a kind whose form has not changed stays as it is; so does one of today', () => {
    const note = { id: 'n', text: 'x' };
    expect(upgradedBody('notes', note, 1)).toBe(note);
    const door = { id: 'd', kind: 'hinged', make: {} };
    expect(upgradedBody('doors', door, WRITE_VERSION)).toBe(door);
  });

  it('is upgraded when the outbox opens, and what is written now says its form', () => {
    const storage = memoryStorage();
    storage.set('swing.outbox.000000000001.d', JSON.stringify({ sequence: 1, kind: 'doors', body: OLD_DOOR }));
    const outbox = openOutbox(storage);
    const [kept] = outbox.waiting();
    expect([kept?.version, (kept?.body as Door).make]).toEqual([WRITE_VERSION, expect.objectContaining({ slabWidthMm: 762 })]);
    expect(outbox.add('notes', { id: 'n', writtenAt: '', callId: 'c', text: 'x' }).version).toBe(WRITE_VERSION);
    expect(
      openOutbox(storage)
        .waiting()
        .map(({ sequence }) => sequence),
    ).toEqual([1, 2]);
  });
});

describe('the name of a device', () => {
  it('is the same each time it is asked', () => {
    const name = deviceId();
    expect(name).toMatch(/^[0-9a-f-]{36}$/);
    expect(deviceId()).toBe(name);
    expect(deviceStorage.get('swing.device')).toBe(name);
  });
});
