/** Work that can wait this long at most for the page to be still, ms. */
const LONGEST_BUSY_MS = 1_500;

/** Runs work when nothing is being drawn, so that it is not felt under a thumb; in the order it was given. */
export function whenQuiet(work: () => void): void {
  if (typeof requestIdleCallback === 'undefined') setTimeout(work, 0);
  else requestIdleCallback(work, { timeout: LONGEST_BUSY_MS });
}
