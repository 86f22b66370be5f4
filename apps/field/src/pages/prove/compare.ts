import type { CallRecord } from '@proper-swing/contract';
import { leftReadings } from '../../record/asLeft';
import { comparedGaps, type ComparedGap } from '../../record/comparedGaps';
import { readingsByStation } from '../../record/observed';

/** As found against as left, gap by gap in walking order, judged by the profile of the door; nothing is left where nothing was done. */
export function compareGaps(record: CallRecord): ComparedGap[] {
  const { readings, isAsFound } = leftReadings(record);
  const gaps = comparedGaps(record.door, readingsByStation(record, 'found'), readings);
  return isAsFound ? gaps.map((gap) => ({ ...gap, left: undefined })) : gaps;
}
