import { inOneTab } from './oneSender';

/** Locks as browsers give them: one holder, the others in turn. */
function locks() {
  let turn = Promise.resolve();
  const request = (_: string, { signal }: { signal: AbortSignal }, hold: () => Promise<void>) => {
    const mine = turn.then(() => {
      if (signal.aborted) throw new Error('aborted');
      return hold();
    });
    turn = mine.catch(() => undefined);
    return mine;
  };
  return { request };
}

const given = Object.getOwnPropertyDescriptor(globalThis, 'navigator');
const withNavigator = (navigator: unknown) => Object.defineProperty(globalThis, 'navigator', { value: navigator, configurable: true });
afterEach(() => given && Object.defineProperty(globalThis, 'navigator', given));

const soon = () => new Promise((resolve) => setImmediate(resolve));

describe('what is done in one tab only', () => {
  it('is begun in the next when the first has ended it, and not in one that gave up waiting', async () => {
    withNavigator({ locks: locks() });
    const begun: string[] = [];
    const tab = (name: string) =>
      inOneTab('sending', () => {
        begun.push(name);
        return () => begun.push(`${name} ended`);
      });
    const [first, second, third] = [tab('first'), tab('second'), tab('third')];
    await soon();
    expect(begun).toEqual(['first']);
    second();
    first();
    await soon();
    expect(begun).toEqual(['first', 'first ended', 'third']);
    third();
    expect(begun).toEqual(['first', 'first ended', 'third', 'third ended']);
  });

  it('is done at once where the browser has no locks', () => {
    withNavigator({});
    const end = jest.fn();
    inOneTab('sending', () => end)();
    expect(end).toHaveBeenCalledTimes(1);
  });
});
