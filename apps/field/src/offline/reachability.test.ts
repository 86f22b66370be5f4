import { onlineManager } from '@tanstack/react-query';
import { forgetServer, serverLost } from './reachability';

const real = globalThis.fetch;
let asked = 0;
const server = (isThere: () => boolean) => {
  globalThis.fetch = () => {
    asked += 1;
    return isThere() ? Promise.resolve(new Response('{}', { status: 200 })) : Promise.reject(new TypeError('network'));
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
  it('is asked for every two seconds until it answers, and then all goes on', async () => {
    let isThere = false;
    server(() => isThere);
    serverLost();
    expect(onlineManager.isOnline()).toBe(false);
    await jest.advanceTimersByTimeAsync(2000);
    expect([asked, onlineManager.isOnline()]).toEqual([1, false]);
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

  it('that answers with an error is still lost', async () => {
    globalThis.fetch = () => Promise.resolve(new Response('', { status: 502 }));
    serverLost();
    await jest.advanceTimersByTimeAsync(2000);
    expect(onlineManager.isOnline()).toBe(false);
  });

  it('is no longer asked for when nobody wants to know', async () => {
    server(() => false);
    serverLost();
    forgetServer();
    await jest.advanceTimersByTimeAsync(10_000);
    expect(asked).toBe(0);
  });
});
