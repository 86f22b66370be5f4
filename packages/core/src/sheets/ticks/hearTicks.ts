/** Sound is looked at in steps of so long, s. */
const STEP_S = 0.004;
/** What a step is compared with: so much before and after it, s. */
const AROUND_S = 0.25;
/** Two ticks are no nearer to each other, s: a wheel of 20 mm turns in 60 mm, which a hand takes longer for. */
const APART_S = 0.07;
/** A tick stands out of the rolling noise round it by at least so much, dB, and by so many times what that noise varies. */
const LEAST_DB = 9;
const TIMES_SPREAD = 5;
/** Rumble of the track lies below this, a tick above it, Hz. */
const RUMBLE_BELOW_HZ = 800;
/** What is round a step is looked at anew after so many. */
const ANEW_AFTER = 8;
/** Median absolute deviation of a normal to its standard deviation. */
const MAD_TO_SD = 1.4826;
/** Quieter than this is silence, dB. */
const SILENCE_DB = -90;

const { abs, floor, log10, max, PI, round } = Math;

/**
 * Ticks in a recording of a panel being slid: where the energy of the sound, its rumble taken off, rises out of what is round it.
 * Energy onset detection with an adaptive median threshold (Bello and others, A Tutorial on Onset Detection in Music Signals, IEEE
 * Transactions on Speech and Audio Processing 13(5), 2005; from memory). Its limits are common practice, no source.
 *
 * @param samples one channel, −1 to 1
 * @param rate samples a second
 * @returns when, s from the beginning
 */
export function hearTicks(samples: Float32Array, rate: number): number[] {
  const step = max(1, round(STEP_S * rate));
  const level = levels(samples, rate, step);
  const around = round(AROUND_S / STEP_S);
  const apart = round(APART_S / STEP_S);
  let usual = { middle: 0, spread: 0 };
  const risen = Array.from(level, (db, i) => {
    if (i % ANEW_AFTER === 0) usual = usualOf(level.slice(max(0, i - around), i + around + 1));
    const over = db - usual.middle;
    return over >= max(LEAST_DB, TIMES_SPREAD * usual.spread) ? over : 0;
  });
  return risen.flatMap((over, i) => {
    if (over === 0) return [];
    const before = risen.slice(max(0, i - apart), i);
    const after = risen.slice(i + 1, i + apart + 1);
    return before.every((each) => each < over) && after.every((each) => each <= over) ? [(i + 0.5) * STEP_S] : [];
  });
}

/** The middle of some levels and how far they usually lie from it, by medians: a tick among them moves neither. */
function usualOf(near: Float32Array): { middle: number; spread: number } {
  const middleOf = (sorted: Float32Array) => sorted[floor(sorted.length / 2)] ?? 0;
  const middle = middleOf(near.sort());
  return { middle, spread: MAD_TO_SD * middleOf(near.map((each) => abs(each - middle)).sort()) };
}

/** Energy of each step without its rumble, which a high-pass of first order takes off, dB. */
function levels(samples: Float32Array, rate: number, step: number): Float32Array {
  const level = new Float32Array(floor(samples.length / step));
  const keeps = 1 / (1 + (2 * PI * RUMBLE_BELOW_HZ) / rate);
  let before = 0;
  let high = 0;
  for (let i = 0; i < level.length; i += 1) {
    let energy = 0;
    for (let k = i * step; k < (i + 1) * step; k += 1) {
      const sample = samples[k] ?? 0;
      high = keeps * (high + sample - before);
      before = sample;
      energy += high * high;
    }
    level[i] = max(SILENCE_DB, 10 * log10(energy / step + 1e-12));
  }
  return level;
}
