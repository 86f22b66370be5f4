import type { PairThrow } from '@proper-swing/core/sheets';
import type { LengthWords } from '../../design/lengthWords';
import { isWorth } from '../benchSheet';

export function throwWords(mm: number, { withUnit }: LengthWords): string {
  return !isWorth(mm) ? 'leave it' : `${withUnit(Math.abs(mm))} ${mm > 0 ? 'toward the room' : 'toward the stop'}`;
}

export function pairSays({ topHingeMm, bottomHingeMm }: PairThrow, words: LengthWords): string {
  return `Top hinge: ${throwWords(topHingeMm, words)}. Bottom hinge: ${throwWords(bottomHingeMm, words)}.`;
}
