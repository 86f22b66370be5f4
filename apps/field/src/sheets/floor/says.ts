import type { FloorClearance } from '@proper-swing/core/sheets';
import type { LengthWords } from '../../design/lengthWords';
import { isWorth } from '../benchSheet';

export function floorSays({ shortMm, dragsFromDeg, dragsToDeg, raiseMm, cutMm }: FloorClearance, { withUnit }: LengthWords): string {
  if (shortMm === 0) return 'It clears the floor all round.';
  const where = `Short by ${withUnit(shortMm)} between ${Math.round(dragsFromDeg ?? 0)}° and ${Math.round(dragsToDeg ?? 0)}°`;
  const acts = [...(isWorth(raiseMm) ? [`raise ${withUnit(raiseMm)}`] : []), ...(isWorth(cutMm) ? [`cut ${withUnit(cutMm)}`] : [])];
  return `${where}: ${acts.join(', then ')}.`;
}
