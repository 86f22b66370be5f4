import FFT from 'fft.js';
import type { HeardTicks } from '@proper-swing/core/sheets';
import { WHEEL_DIAMETERS_MM } from '@proper-swing/core/sheets/ticks/wheels';

const BINS = 1024;

/**
 * Power of the ticks at each spacing that a wheel may have, by a general library's Fourier transform: the passes' spectra added up,
 * normed to a mean of one for ticks without order (Bartlett's periodogram of a point process; from memory).
 */
export function periodogram({ travelMm, passes }: HeardTicks): { turnMm: number; power: number }[] {
  const binMm = Math.max(1, (2 * travelMm) / BINS);
  const fft = new FFT(BINS);
  const power = new Float64Array(BINS / 2);
  let ticks = 0;
  for (const { atMm } of passes) {
    const train = new Array<number>(BINS).fill(0);
    for (const x of atMm) train[Math.min(BINS - 1, Math.floor(x / binMm))] = 1;
    const mean = atMm.length / BINS;
    const out = fft.createComplexArray();
    fft.realTransform(
      out,
      train.map((each) => each - mean),
    );
    for (let k = 1; k < BINS / 2; k += 1) power[k] = (power[k] ?? 0) + (out[2 * k] ?? 0) ** 2 + (out[2 * k + 1] ?? 0) ** 2;
    ticks += atMm.length;
  }
  return [...power]
    .map((each, k) => ({ turnMm: (BINS * binMm) / k, power: each / Math.max(1, ticks) }))
    .filter(({ turnMm }) => turnMm >= Math.PI * WHEEL_DIAMETERS_MM.from && turnMm <= Math.PI * WHEEL_DIAMETERS_MM.to);
}

/** A peak so many times the mean is called a wheel. */
const PEAK = 3.2;

/** Track or wheel by the periodogram alone: ticks at the same places in all passes have none of a wheel's spacing. */
export function byPeriodogram(heard: HeardTicks): 'track' | 'wheel' {
  const ticks = heard.passes.reduce((sum, { atMm }) => sum + atMm.length, 0);
  const most = Math.max(...periodogram(heard).map(({ power }) => power));
  return ticks > 2.5 * heard.passes.length && most > PEAK ? 'wheel' : 'track';
}

/** What a hand does on paper: the same place within 10 mm in most passes is the track, else a wheel. */
export function byNaiveRule({ passes }: HeardTicks): 'track' | 'wheel' {
  const all = passes.flatMap(({ atMm }) => atMm);
  const again = all.filter(
    (x) => passes.filter(({ atMm }) => atMm.some((y) => Math.abs(x - y) < 10)).length >= Math.max(2, passes.length - 1),
  );
  return again.length > all.length / 2 ? 'track' : 'wheel';
}
