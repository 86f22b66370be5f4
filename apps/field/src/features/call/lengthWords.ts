import { formatLength, formatNumber, type LengthStyle } from '@proper-swing/core';
import { lengthStyle, usePreferences } from '../../data/preferences';

export interface LengthWords {
  style: LengthStyle;
  /** `3.2 mm`, `1/8 in` */
  withUnit: (mm: number) => string;
  /** `3.2`, `1/8`: where the unit stands beside or above. */
  bare: (mm: number) => string;
  unit: string;
}

/** Lengths written as this person wants them. */
export function useLengthWords(): LengthWords {
  const style = lengthStyle(usePreferences());
  return {
    style,
    withUnit: (mm) => formatLength(mm, style),
    bare: (mm) => formatNumber(mm, style),
    unit: style.system,
  };
}
