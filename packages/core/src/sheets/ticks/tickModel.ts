/**
 * How ticks come about, as a Poisson process along the travel: each place where something ticks is heard with a chance, read off
 * with an error, and now and then something else is taken for a tick. The log likelihood of ticks x on a travel of length L with
 * intensity λ(x) is Σ ln λ(x) − ∫λ (Daley and Vere-Jones, An Introduction to the Theory of Point Processes, eq. 7.1.2; from memory).
 */
export interface Hearing {
  travelMm: number;
  /** Error of one position, standard deviation, mm. */
  sdMm: number;
}

// Asked for millions of times: a name of the module is found faster than one of the world around it.
const { exp, log1p, round, sqrt, PI } = Math;

/** Chance that a tick is heard, and ticks heard in one pass that are none (common practice, no source). */
const HEARD = 0.8;
const FALSE_A_PASS = 0.35;
/** So many errors away a place has no say in a tick. */
const FAR = 4.5;

/** One pass: where ticks were heard, mm from the closing jamb. */
export type Pass = readonly number[];

/** Ticks a millimetre that are to be expected anyway: `base[pass][tick]`, at the ticks heard. */
export type Base = readonly (readonly number[])[];

export const noise = ({ travelMm }: Hearing, passes: readonly Pass[]): Base =>
  passes.map((pass) => pass.map(() => FALSE_A_PASS / travelMm));

/** Intensity of a place heard at x when the place is `off` away, per mm. */
export function heardAt(offMm: number, sdMm: number): number {
  const errors = offMm / sdMm;
  if (errors > FAR || errors < -FAR) return 0;
  return (HEARD / (sdMm * sqrt(2 * PI))) * exp(-0.5 * errors * errors);
}

/** How far x is from the nearest of places evenly so far apart. */
export const offLattice = (x: number, apartMm: number) => x - round(x / apartMm) * apartMm;

/**
 * Gain of the log likelihood of a pass by further places.
 *
 * @param offs how far each of its ticks is from the nearest of them, mm
 * @param places how many of them lie on the travel
 */
export function gain(base: readonly number[], offs: (tick: number) => number, places: number, sdMm: number): number {
  let sum = -HEARD * places;
  for (let k = 0; k < base.length; k += 1) {
    const more = heardAt(offs(k), sdMm);
    if (more > 0) sum += log1p(more / (base[k] ?? 1));
  }
  return sum;
}

/** ln of a mean of exponentials, without overflow. */
export function logMean(values: readonly number[]): number {
  let most = -Infinity;
  for (const each of values) if (each > most) most = each;
  let sum = 0;
  for (const each of values) sum += exp(each - most);
  return most + Math.log(sum / values.length);
}
