import { formatNumber } from '@proper-swing/core';
import { lengthStyle, type Preferences } from '../../offline/preferences';
import type { Make } from './makes';

/** The usual size of a make, as it is sold where lengths are written so. */
export function presetSizes(make: Make, preferences: Preferences) {
  const style = lengthStyle(preferences);
  const [width, height] = sizesOf(make, preferences.units === 'in');
  return { width: formatNumber(width, style), height: formatNumber(height, style) };
}

function sizesOf({ kind, preset }: Make, isInInches: boolean): [number, number] {
  if (kind === 'hinged') {
    const { slabWidthMm, slabHeightMm } = isInInches ? preset.inInches : preset;
    return [slabWidthMm, slabHeightMm];
  }
  const { panelWidthMm, panelHeightMm } = isInInches ? preset.inInches : preset;
  return [panelWidthMm, panelHeightMm];
}
