/** A stream of chance that the same seed always repeats. */
export interface RandomStream {
  /** Uniform in [0, 1). */
  uniform: () => number;
  /** Standard normal. */
  normal: () => number;
}

/**
 * A repeatable random stream: mulberry32 (a 32-bit counter with a mixing function, public domain, from memory) with
 * normals by the polar method of Marsaglia.
 *
 * @param seed any whole number
 */
export function seededRandom(seed: number): RandomStream {
  let state = seed >>> 0;
  let spare: number | undefined;

  const uniform = () => {
    state = (state + 0x6d2b79f5) >>> 0;
    let mixed = state;
    mixed = Math.imul(mixed ^ (mixed >>> 15), mixed | 1);
    mixed ^= mixed + Math.imul(mixed ^ (mixed >>> 7), mixed | 61);
    return ((mixed ^ (mixed >>> 14)) >>> 0) / 2 ** 32;
  };

  const normal = () => {
    if (spare !== undefined) {
      const value = spare;
      spare = undefined;
      return value;
    }
    for (;;) {
      const u = 2 * uniform() - 1;
      const v = 2 * uniform() - 1;
      const s = u * u + v * v;
      if (s > 0 && s < 1) {
        const factor = Math.sqrt((-2 * Math.log(s)) / s);
        spare = v * factor;
        return u * factor;
      }
    }
  };

  return { uniform, normal };
}
