import { memoryStorage } from './memoryStorage.fixture';
import { openServedSince } from './servedSince';

const [EIGHT, NINE, TEN] = ['08', '09', '10'].map((hour) => `2026-03-02T${hour}:00:00Z`) as [string, string, string];

function known(since?: string) {
  const storage = memoryStorage();
  if (since !== undefined) storage.set('swing.served', since);
  return { storage, served: openServedSince(storage), anew: jest.fn() };
}

describe('since when the server is served', () => {
  it('is kept at the first answer ever, and there is nothing to settle', () => {
    const { storage, served, anew } = known();
    served.onAnew(anew);
    served.note(null);
    served.note(EIGHT);
    expect([anew.mock.calls, storage.get('swing.served')]).toEqual([[], EIGHT]);
  });

  it('another moment is told once, and again where it could not be settled, until it is', () => {
    const { storage, served, anew } = known(EIGHT);
    const stop = served.onAnew(anew);
    served.note(NINE);
    served.note(NINE);
    expect(anew.mock.calls).toEqual([[NINE]]);
    served.tellAgain();
    served.note(NINE);
    expect(anew).toHaveBeenCalledTimes(2);
    storage.isFull = true;
    served.settled(NINE);
    storage.isFull = false;
    served.settled(NINE);
    served.tellAgain();
    served.note(NINE);
    expect(anew).toHaveBeenCalledTimes(2);
    stop();
    served.note(TEN);
    expect(anew).toHaveBeenCalledTimes(2);
  });

  it('is told to whoever comes to listen after the answer', () => {
    const { served, anew } = known(EIGHT);
    served.note(NINE);
    served.onAnew(anew);
    expect(anew).toHaveBeenCalledWith(NINE);
  });
});
