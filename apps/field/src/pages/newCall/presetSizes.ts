import { formatNumber } from '@proper-swing/core';
import { lengthStyle, type Preferences } from '../../offline/preferences';
import type { DoorPreset } from '../../doors/hinged/doorPresets';

/** The usual size of a make, as it is sold where lengths are written so. */
export function presetSizes({ slabWidthMm, slabHeightMm, inInches }: DoorPreset, preferences: Preferences) {
  const style = lengthStyle(preferences);
  const [width, height] = preferences.units === 'in' ? [inInches.slabWidthMm, inInches.slabHeightMm] : [slabWidthMm, slabHeightMm];
  return { width: formatNumber(width, style), height: formatNumber(height, style) };
}
