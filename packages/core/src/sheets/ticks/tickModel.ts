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
  return errors > FAR || errors < -FAR ? 0 : heardNear(offMm, sdMm);
}

/** The same of a place that is near enough to have a say. */
export const heardNear = (offMm: number, sdMm: number) => (HEARD / (sdMm * sqrt(2 * PI))) * exp(-0.5 * (offMm / sdMm) ** 2);

/** How far x is from the nearest of places evenly so far apart. */
export const offLattice = (x: number, apartMm: number) => x - round(x / apartMm) * apartMm;

/** How far from a place it still has a say in a tick, mm. */
export const reachOf = (sdMm: number) => FAR * sdMm;

/** Gain of the log likelihood of a pass by so many further places, before any of its ticks is weighed. */
export const unheard = (places: number) => -HEARD * places;

/** What one tick adds to that, where so many more ticks a millimetre are to be expected at it. */
export const byATick = (more: number, base: number) => (more > 0 ? log1p(more / base) : 0);

/** ln of a mean of exponentials, without overflow. */
export function logMean(values: readonly number[]): number {
  let most = -Infinity;
  for (const each of values) if (each > most) most = each;
  let sum = 0;
  for (const each of values) sum += exp(each - most);
  return most + Math.log(sum / values.length);
}
