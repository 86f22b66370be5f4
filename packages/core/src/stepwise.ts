/** Work done a piece at a time: yields the share of it that is done, 0 to 1, so that whoever runs it can tell, or stop. */
export type Stepwise<T> = Generator<number, T, void>;

/** Does all of it without a pause. */
export function toEnd<T>(work: Stepwise<T>): T {
  for (;;) {
    const step = work.next();
    if (step.done) return step.value;
  }
}
