import { whenQuiet } from './quietMoment';

type IdleCallback = () => void;

test('work runs in the order it was given, whichever callback the browser makes first', () => {
  const asked: IdleCallback[] = [];
  const idle = jest.fn((callback: IdleCallback) => asked.push(callback));
  Object.assign(globalThis, { requestIdleCallback: idle });
  try {
    const done: string[] = [];
    whenQuiet(() => done.push('walk-round'));
    whenQuiet(() => done.push('its first reading'));
    expect(done).toEqual([]);
    for (const callback of asked.reverse()) callback();
    expect(done).toEqual(['walk-round', 'its first reading']);
    expect(idle).toHaveBeenCalledWith(expect.any(Function), { timeout: 1_500 });
  } finally {
    Reflect.deleteProperty(globalThis, 'requestIdleCallback');
  }
});

test('without idle callbacks work runs once the present task is over', () => {
  jest.useFakeTimers();
  const done: string[] = [];
  whenQuiet(() => done.push('first'));
  whenQuiet(() => done.push('second'));
  expect(done).toEqual([]);
  jest.runAllTimers();
  expect(done).toEqual(['first', 'second']);
  jest.useRealTimers();
});
