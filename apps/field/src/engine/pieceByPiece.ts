import type { Stepwise } from '@proper-swing/core';

/** After so long others get their turn. */
const TURN_MS = 30;

/**
 * Does work a piece at a time, and lets whoever else waits have a turn between two pieces.
 *
 * @param tell told at each turn what share of it is done
 * @param goesOn asked after each turn
 * @throws when it does not go on; what the work throws
 */
export async function pieceByPiece<T>(
  work: Stepwise<T>,
  tell: (share: number) => void,
  goesOn: () => boolean,
  turnMs = TURN_MS,
): Promise<T> {
  let turned = performance.now();
  for (;;) {
    const step = work.next();
    if (step.done) return step.value;
    if (performance.now() - turned < turnMs) continue;
    tell(step.value);
    await new Promise((go) => setTimeout(go, 0));
    if (!goesOn()) throw new Error('The work was stopped.');
    turned = performance.now();
  }
}
