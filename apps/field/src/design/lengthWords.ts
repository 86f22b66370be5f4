import { formatLength, formatNumber, type LengthStyle } from '@proper-swing/core';
import { useMemo } from 'react';
import { lengthStyle, usePreferences } from '../offline/preferences';

export interface LengthWords {
  /** `3.2 mm`, `1/8 in` */
  withUnit: (mm: number) => string;
  /** `3.2`, `1/8`: where the unit stands beside or above. */
  bare: (mm: number) => string;
  unit: string;
}

/** Lengths written as this person wants them. */
export function useLengthWords(): LengthWords {
  const preferences = usePreferences();
  return useMemo(() => lengthWords(lengthStyle(preferences)), [preferences]);
}

/** Lengths written in one style. */
export function lengthWords(style: LengthStyle): LengthWords {
  return {
    withUnit: (mm) => formatLength(mm, style),
    bare: (mm) => formatNumber(mm, style),
    unit: style.system,
  };
}
