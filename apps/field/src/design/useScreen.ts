import { useWindowDimensions } from 'react-native';
import { WIDE_FROM } from './tokens';

/** A telephone with its browser's bars is no higher, px. */
const LOW_BELOW_PX = 720;
/** Turned on its side, or enlarged to twice the size, a screen is no higher, px. */
const FLAT_BELOW_PX = 480;

/** How a screen is shaped: what stands beside what, and what has to shrink. */
export interface ScreenShape {
  width: number;
  height: number;
  /** Drawing and findings stand side by side. */
  isWide: boolean;
  /** Header, strip and keys shrink. */
  isLow: boolean;
  /** The strip stands in the header's line, the keypad beside the drawing. */
  isFlat: boolean;
}

export function useScreen(): ScreenShape {
  const { width, height } = useWindowDimensions();
  return { width, height, ...screenShape({ width, height }) };
}

export function screenShape({ width, height }: { width: number; height: number }): Pick<ScreenShape, 'isWide' | 'isLow' | 'isFlat'> {
  const isFlat = height < FLAT_BELOW_PX && width > height;
  return { isWide: width >= WIDE_FROM, isLow: height < LOW_BELOW_PX, isFlat };
}
