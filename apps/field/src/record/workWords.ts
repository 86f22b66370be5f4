import type { Adjustment } from '@proper-swing/contract';
import { CAM_WORDS, KEEPS, type CamPlace } from '@proper-swing/core';
import { action, isInWords, placeSays, reckoningWith, type Reckoning } from '@proper-swing/core/doors';
import type { LengthWords } from '../design/lengthWords';
import { placeOf } from './observed';
import { wayWords } from './planWords';

/** What was done: the work, and the words that stand for it where no table knows it. */
export function doneWords({ action: id, remark }: Pick<Adjustment, 'action' | 'remark'>): string {
  return isInWords(id) ? remark : action(id).title;
}

/** Which cam of a keep was turned, where it has two. */
export const camOf = ({ screws }: Pick<Adjustment, 'screws'>): CamPlace | undefined =>
  ([1, 2] as const).find((place) => screws?.[0] === place);

/** Where: `top hinge, leaf on the door, screws 1, 3 from the top`; `top hook keep, lower cam`. */
export function whereWords({ hinge, end, leaf, screws, keep }: Pick<Adjustment, 'hinge' | 'end' | 'leaf' | 'screws' | 'keep'>): string {
  const place = placeOf({ hinge, end });
  const some = screws ?? [];
  if (keep) {
    const cam = camOf({ screws });
    return [KEEPS[keep].title.toLowerCase(), ...(cam ? [CAM_WORDS[cam]] : [])].join(', ');
  }
  return [
    ...(place === undefined ? [] : [placeSays(place)]),
    ...(leaf ? [leaf === 'door' ? 'leaf on the door' : 'leaf on the leg'] : []),
    ...(some.length > 0 ? [`screw${some.length > 1 ? 's' : ''} ${some.join(', ')} from the top`] : []),
  ].join(', ');
}

/** How much, with what, how long, what was seen: `2 layers of 0.5 mm card; 12 min`. Nothing of work done once with no more said. */
export function howMuchWords(
  { action: id, amount, unit, fromMm, toMm, part, minutes, remark }: Omit<Adjustment, 'id' | 'callId' | 'writtenAt'>,
  words: LengthWords,
): string {
  const ends = fromMm !== null && toMm !== null && words.bare(fromMm) !== words.bare(toMm) ? `${words.bare(fromMm)} to ` : '';
  const planed = fromMm !== null && toMm !== null ? `${ends}${words.withUnit(toMm)} off` : undefined;
  return [
    planed ?? wayWords(id, amount, unit, words),
    part ?? '',
    minutes === undefined || minutes === null ? '' : `${minutes} min`,
    isInWords(id) ? '' : remark,
  ]
    .filter((each) => each !== '')
    .join('; ');
}

const RECKONING_WORDS: Readonly<Record<Reckoning, string>> = {
  known: '',
  place: 'How far it moved the slab there is not known: the next readings there will tell the plan.',
  nothing: 'Kept in the record. The plan cannot reckon with it: read again what it may have moved.',
};

/** What the plan makes of it, where that has to be said. */
export function reckoningWords(work: Pick<Adjustment, 'action' | 'hinge' | 'end'>): string {
  return RECKONING_WORDS[reckoningWith(work.action, placeOf(work))];
}
