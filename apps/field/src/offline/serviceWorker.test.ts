import { hasNewer, onNewer, takeNewer, watchForNewer } from './serviceWorker';

type Heard = Record<string, () => void>;
const listening = () => {
  const heard: Heard = {};
  return { heard, addEventListener: (name: string, listener: () => void) => void (heard[name] = listener) };
};

/** A browser whose page is run by a worker already, or by none yet. */
function browser(controller: object | null) {
  const container = { controller, ...listening() };
  Object.defineProperty(globalThis, 'navigator', { value: { serviceWorker: container }, configurable: true });
  return container;
}

function newerWorker() {
  const worker = {
    state: 'installing',
    posted: [] as unknown[],
    postMessage: (message: unknown) => void worker.posted.push(message),
    ...listening(),
  };
  return worker;
}

describe('a newer program', () => {
  it('the first one ever is none', () => {
    browser(null);
    const first = newerWorker();
    const registration = { waiting: null, installing: first, ...listening() };
    watchForNewer(registration as never);
    registration.heard['updatefound']?.();
    first.state = 'installed';
    first.heard['statechange']?.();
    expect(hasNewer()).toBe(false);
  });

  it('is told of when it has been fetched, and takes over only when the person says so', () => {
    const container = browser({});
    const worker = newerWorker();
    const registration = { waiting: null, installing: worker, ...listening() };
    const told = jest.fn();
    const stop = onNewer(told);
    watchForNewer(registration as never);
    registration.heard['updatefound']?.();
    worker.heard['statechange']?.();
    expect([hasNewer(), told.mock.calls.length]).toEqual([false, 0]);
    worker.state = 'installed';
    worker.heard['statechange']?.();
    expect([hasNewer(), told.mock.calls.length, worker.posted]).toEqual([true, 1, []]);
    stop();

    const reload = jest.fn();
    takeNewer(reload);
    expect(worker.posted).toEqual([{ type: 'SKIP_WAITING' }]);
    expect(reload).not.toHaveBeenCalled();
    container.heard['controllerchange']?.();
    worker.state = 'activated';
    worker.heard['statechange']?.();
    expect(reload).toHaveBeenCalledTimes(1);
  });

  it('opens when the program says that it runs, and at the latest after five seconds', () => {
    jest.useFakeTimers();
    browser({});
    const worker = newerWorker();
    worker.state = 'installed';
    watchForNewer({ waiting: worker, installing: null, ...listening() } as never);
    const reload = jest.fn();
    takeNewer(reload);
    worker.state = 'activated';
    worker.heard['statechange']?.();
    expect(reload).toHaveBeenCalledTimes(1);

    const unheard = jest.fn();
    takeNewer(unheard);
    jest.advanceTimersByTime(4_999);
    expect(unheard).not.toHaveBeenCalled();
    jest.advanceTimersByTime(1);
    expect(unheard).toHaveBeenCalledTimes(1);
    jest.useRealTimers();
  });
});
