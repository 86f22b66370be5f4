import { onlineManager } from '@tanstack/react-query';
import { forgetServer, serverLost, watchNetwork } from './reachability';

const real = globalThis.fetch;
let asked = 0;
let how: RequestInit | undefined;
const server = (isThere: () => boolean) => {
  globalThis.fetch = (_, init) => {
    asked += 1;
    how = init;
    return isThere() ? Promise.resolve(new Response('{"status":"ok"}', { status: 200 })) : Promise.reject(new TypeError('network'));
  };
};

beforeEach(() => {
  jest.useFakeTimers();
  asked = 0;
  onlineManager.setOnline(true);
});

afterEach(() => {
  forgetServer();
  jest.useRealTimers();
  globalThis.fetch = real;
});

describe('a server that is lost', () => {
  it('is no longer asked for when nobody wants to know', async () => {
    server(() => false);
    serverLost();
    forgetServer();
    await jest.advanceTimersByTimeAsync(10_000);
    expect(asked).toBe(0);
  });

  it('is asked for every two seconds until it answers, and then all goes on', async () => {
    let isThere = false;
    server(() => isThere);
    const patience = jest.spyOn(AbortSignal, 'timeout');
    serverLost();
    expect(onlineManager.isOnline()).toBe(false);
    await jest.advanceTimersByTimeAsync(2000);
    expect([asked, onlineManager.isOnline()]).toEqual([1, false]);
    expect([how?.cache, patience.mock.calls]).toEqual(['no-store', [[4000]]]);
    patience.mockRestore();
    isThere = true;
    await jest.advanceTimersByTimeAsync(2000);
    expect([asked, onlineManager.isOnline()]).toEqual([2, true]);
    await jest.advanceTimersByTimeAsync(20_000);
    expect(asked).toBe(2);
  });

  it('told of twice is asked for once', async () => {
    server(() => false);
    serverLost();
    serverLost();
    await jest.advanceTimersByTimeAsync(2000);
    expect(asked).toBe(1);
  });

  it('in whose place a log-in page answers is still lost', async () => {
    globalThis.fetch = () => Promise.resolve(new Response('<html>Welcome</html>', { status: 200 }));
    serverLost();
    await jest.advanceTimersByTimeAsync(2000);
    expect(onlineManager.isOnline()).toBe(false);
  });

  it('that answers with an error is still lost', async () => {
    globalThis.fetch = () => Promise.resolve(new Response('', { status: 502 }));
    serverLost();
    await jest.advanceTimersByTimeAsync(2000);
    expect(onlineManager.isOnline()).toBe(false);
  });
});

/** A browser with its network events, on a network or off it. */
function browser(onLine: boolean) {
  const heard = new Map<string, () => void>();
  const page = {
    addEventListener: (name: string, listener: () => void) => void heard.set(name, listener),
    removeEventListener: (name: string, listener: () => void) => {
      if (heard.get(name) === listener) heard.delete(name);
    },
  };
  Object.defineProperty(globalThis, 'window', { value: page, configurable: true });
  Object.defineProperty(globalThis, 'navigator', { value: { onLine }, configurable: true });
  return heard;
}

describe('the device’s own network events', () => {
  const before = ['window', 'navigator'].map((name) => [name, Object.getOwnPropertyDescriptor(globalThis, name)] as const);
  let unsubscribe: () => void = () => undefined;
  afterEach(() => {
    unsubscribe();
    for (const [name, was] of before) if (was) Object.defineProperty(globalThis, name, was);
  });
  const watched = () => {
    const stop = watchNetwork();
    unsubscribe = onlineManager.subscribe(() => undefined);
    return stop;
  };

  it('a lost network loses the server; when it is back, the server is asked for at once', async () => {
    const heard = browser(true);
    server(() => true);
    watched();
    expect([onlineManager.isOnline(), asked]).toEqual([true, 0]);
    heard.get('offline')?.();
    expect(onlineManager.isOnline()).toBe(false);
    heard.get('online')?.();
    await jest.advanceTimersByTimeAsync(0);
    expect([asked, onlineManager.isOnline()]).toEqual([1, true]);
    await jest.advanceTimersByTimeAsync(10_000);
    expect(asked).toBe(1);
  });

  it('a device without a network begins with a lost server, and watching ends with the asking', async () => {
    browser(false);
    server(() => false);
    const stop = watched();
    expect(onlineManager.isOnline()).toBe(false);
    stop();
    await jest.advanceTimersByTimeAsync(10_000);
    expect(asked).toBe(0);
  });

  it('are let go of when nobody listens any more', () => {
    const heard = browser(true);
    watched();
    expect([...heard.keys()]).toEqual(['offline', 'online']);
    unsubscribe();
    expect([...heard.keys()]).toEqual([]);
  });

  it('are not there on a device that has none', () => {
    Object.defineProperty(globalThis, 'window', { value: {}, configurable: true });
    expect(() => watchNetwork()()).not.toThrow();
    Object.defineProperty(globalThis, 'window', { value: undefined, configurable: true });
    expect(() => watchNetwork()()).not.toThrow();
    expect(onlineManager.isOnline()).toBe(true);
  });
});
