import type { Drift } from '@proper-swing/core/sheets';
import type { LengthWords } from '../../design/lengthWords';
import { isWorth } from '../benchSheet';

export function leanWords(acrossMm: number, { withUnit }: LengthWords): string {
  if (!isWorth(acrossMm)) return 'plumb';
  return `${withUnit(Math.abs(acrossMm))} ${acrossMm > 0 ? 'into the room' : 'away from the room'}`;
}

export function driftSays({ halfOpen: { fromDeg, moves, restDeg, atStop }, lean }: Drift, words: LengthWords): string {
  if (moves === 'stays') return `Let go at ${Math.round(fromDeg)}° it stays.`;
  const atItsStop = moves === 'opens' ? 'right to its stop' : 'and shuts';
  const end = atStop ? atItsStop : `and rests at ${Math.round(restDeg)}°`;
  return `Let go at ${Math.round(fromDeg)}° it ${moves} by itself ${end}: the top leans ${leanWords(lean.acrossMm, words)}.`;
}
