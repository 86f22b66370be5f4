import type { RollerMatch, RollerMeasure } from '@proper-swing/core/sheets';

export const MEASURE_WORDS: Readonly<Record<RollerMeasure, string>> = {
  wheelMm: 'wheel across',
  treadMm: 'wheel width',
  axleMm: 'axle',
  lengthMm: 'housing length',
  widthMm: 'housing width',
  heightMm: 'height over all',
  screwMm: 'end to screw',
};

export const FIT_WORDS = { fits: 'fits', near: 'near', no: 'no match' } as const;

export function rollersSay({ ranked, alike, ask }: RollerMatch): string {
  const [best] = ranked;
  if (best === undefined || best.fit === 'no') return 'None of the catalogue fits.';
  if (alike.length > 1)
    return ask === undefined
      ? `${alike.join(' and ')} are alike in every measure: either will do.`
      : `${alike.join(' or ')}: measure the ${MEASURE_WORDS[ask.measure]} to tell them apart.`;
  return best.fit === 'fits' ? `${best.id}, ${best.title}: take two.` : `${best.id}, ${best.title}: near, but look at what differs.`;
}
