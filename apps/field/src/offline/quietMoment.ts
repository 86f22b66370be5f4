/** Work that can wait this long at most for the page to be still, ms. */
const LONGEST_BUSY_MS = 1_500;

const given: (() => void)[] = [];

/** Runs work when nothing is being drawn, so that it is not felt under a thumb; in the order it was given. */
export function whenQuiet(work: () => void): void {
  given.push(work);
  // A browser under load may call back in another order than it was asked: whichever comes first takes what was given first.
  const next = () => given.shift()?.();
  if (typeof requestIdleCallback === 'undefined') setTimeout(next, 0);
  else requestIdleCallback(next, { timeout: LONGEST_BUSY_MS });
}
