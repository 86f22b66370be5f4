// A worker as slow as the page: the browser's throttle slows the page only. Every turn of the worker is followed by doing nothing for as
// long as makes it so many times slower.

/** Runs in the worker before its own script; `factor` stands where it is asked for. */
function slowTurns(factor) {
  const now = performance.now.bind(performance);
  const slowly = (turn) =>
    function slowTurn(...given) {
      const begun = now();
      const idle = () => {
        const until = now() + (factor - 1) * (now() - begun);
        while (now() < until);
      };
      try {
        return turn.apply(this, given);
      } finally {
        // What goes on behind an `await` of this turn comes first.
        queueMicrotask(() => queueMicrotask(() => queueMicrotask(idle)));
      }
    };
  const { setTimeout: later, addEventListener: listen } = globalThis;
  globalThis.setTimeout = (turn, ...rest) => later(typeof turn === 'function' ? slowly(turn) : turn, ...rest);
  globalThis.addEventListener = (type, turn, ...rest) =>
    listen.call(globalThis, type, type === 'message' && typeof turn === 'function' ? slowly(turn) : turn, ...rest);
}

/** Makes the engine's worker slower on every page of a browser context, which has to be one without a service worker. */
export async function slowEngine(context, factor) {
  await context.route(/\/engine-[^/]*\.js/, async (route) => {
    const response = await route.fetch();
    await route.fulfill({ response, body: `(${slowTurns.toString()})(${factor});\n${await response.text()}` });
  });
}

/** How long a fixed piece of work takes, ms: the shortest of a few. */
const fixedWork = () => {
  const once = () => {
    const begun = performance.now();
    let sum = 0;
    for (let i = 1; i < 8e6; i += 1) sum += Math.sqrt(i) / i;
    return sum > 0 ? performance.now() - begun : 0;
  };
  return Math.min(...Array.from({ length: 5 }, once));
};

/** How many times slower a page is while the browser is asked for so many. */
export async function measuredSlowDown(browser, asked) {
  const context = await browser.newContext();
  const page = await context.newPage();
  const plain = await page.evaluate(fixedWork);
  const devtools = await context.newCDPSession(page);
  await devtools.send('Emulation.setCPUThrottlingRate', { rate: asked });
  const slowed = await page.evaluate(fixedWork);
  await context.close();
  return slowed / plain;
}
