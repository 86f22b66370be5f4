import type { GapVerdict } from '@proper-swing/core';
import Svg, { Path } from 'react-native-svg';
import { usePalette } from '../theme';
import type { Palette } from '../tokens';

/** One drawn sign for each verdict, so that none depends on colour: two edges of a gap, and what is between them. */
const PATHS: Readonly<Record<GapVerdict, string>> = {
  // Edges crossing: they touch.
  rub: 'M3 2 L13 14 M13 2 L3 14',
  // Arrows pressing in on a line.
  tight: 'M8 1 V15 M0 8 H5 M2.5 5 L5.5 8 L2.5 11 M16 8 H11 M13.5 5 L10.5 8 L13.5 11',
  // Two even edges.
  right: 'M4.5 1 V15 M11.5 1 V15',
  // Arrows pushing edges apart.
  wide: 'M1.5 1 V15 M14.5 1 V15 M8 8 H4.5 M6 5.5 L3.5 8 L6 10.5 M8 8 H11.5 M10 5.5 L12.5 8 L10 10.5',
};

export const VERDICT_WORDS: Readonly<Record<GapVerdict, string>> = { rub: 'rubs', tight: 'tight', right: 'true', wide: 'wide' };

export const VERDICT_TONES: Readonly<Record<GapVerdict, keyof Palette>> = { rub: 'tight', tight: 'tight', right: 'right', wide: 'wide' };

export interface GapMarkProps {
  verdict: GapVerdict;
  size?: number;
}

/** The drawn sign of a gap: rub, tight, true or wide. */
export function GapMark({ verdict, size = 16 }: GapMarkProps) {
  const palette = usePalette();
  return (
    <Svg width={size} height={size} viewBox="0 0 16 16" aria-hidden>
      <Path
        d={PATHS[verdict]}
        stroke={palette[VERDICT_TONES[verdict]]}
        strokeWidth={2}
        fill="none"
        strokeLinecap="round"
        strokeLinejoin="round"
      />
    </Svg>
  );
}
