// A worker as slow as the page: the browser's throttle slows the page only. Every turn of the worker is followed by doing nothing for as
// long as makes it so many times slower.

/** Runs in the worker before its own script; `factor` stands where it is asked for. */
function slowTurns(factor) {
  const now = performance.now.bind(performance);
  let busySince = now();
  const catchUp = () => {
    const until = now() + (factor - 1) * (now() - busySince);
    while (now() < until);
    busySince = now();
  };
  const slowly = (turn) =>
    function slowTurn(...given) {
      busySince = now();
      try {
        return turn.apply(this, given);
      } finally {
        // What goes on behind an `await` of this turn comes first.
        queueMicrotask(() => queueMicrotask(() => queueMicrotask(catchUp)));
      }
    };
  const { setTimeout: later, addEventListener: listen, postMessage: post } = globalThis;
  globalThis.setTimeout = (turn, ...rest) => later(typeof turn === 'function' ? slowly(turn) : turn, ...rest);
  globalThis.addEventListener = (type, turn, ...rest) =>
    listen.call(globalThis, type, type === 'message' && typeof turn === 'function' ? slowly(turn) : turn, ...rest);
  // No answer leaves sooner than it would have been there.
  globalThis.postMessage = (...given) => {
    catchUp();
    post.apply(globalThis, given);
  };
  const { postMessage: postToPort } = MessagePort.prototype;
  MessagePort.prototype.postMessage = function slowPost(...given) {
    catchUp();
    postToPort.apply(this, given);
  };
}

/** Makes the engine's worker slower on every page of a browser context, which has to be one without a service worker. */
export async function slowEngine(context, factor) {
  await context.route(/\/engine-[^/]*\.js/, async (route) => {
    const response = await route.fetch();
    await route.fulfill({ response, body: `(${slowTurns.toString()})(${factor});\n${await response.text()}` });
  });
}

/** How long a fixed piece of work takes, ms: the median of a few, each long enough that the throttle’s own pauses even out. */
const fixedWork = () => {
  const once = () => {
    const begun = performance.now();
    let sum = 0;
    for (let i = 1; i < 3e7; i += 1) sum += Math.sqrt(i) / i;
    return sum > 0 ? performance.now() - begun : 0;
  };
  return Array.from({ length: 7 }, once).sort((a, b) => a - b)[3];
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
