import type { Call, CallRecord, Door, Site } from '@proper-swing/contract';
import { DomainError, parseLength, usualHingeHeights, type HingeLayoutId } from '@proper-swing/core';
import { format } from 'date-fns/format';
import { isValid } from 'date-fns/isValid';
import { parse } from 'date-fns/parse';
import { revised } from '../../offline/write';
import { lengthReader } from '../../record/lengthReader';
import {
  CALL_FIELDS,
  HINGED_FIELDS,
  SITE_FIELDS,
  SLIDING_FIELDS,
  type CardErrors,
  type CardField,
  type HingedField,
  type SlidingField,
} from './cardFields';
import { hingedDraft, hingedMake } from './hingedMake';
import { slidingDraft, slidingMake } from './slidingMake';

/** What can be put right: the site, the door and the call, as one record has them. */
export type Cards = Pick<CallRecord, 'site' | 'door' | 'call'>;

/** The cards as they are being typed, each field as its text; those of another kind of door are empty. */
export type CardDraft = Readonly<Record<CardField, string>>;

export const WHEN = 'd MMM yyyy HH:mm';

const EMPTY = Object.fromEntries([...HINGED_FIELDS, ...SLIDING_FIELDS].map((field) => [field, ''])) as Record<
  HingedField | SlidingField,
  string
>;

/** A draft that begins with what stands on the cards. */
export function cardDraftOf({ site, door, call }: Cards, bare: (mm: number) => string): CardDraft {
  return {
    ...EMPTY,
    name: site.name,
    address: site.address,
    contact: site.contact,
    remarks: site.remarks,
    title: door.title,
    ...(door.kind === 'hinged' ? hingedDraft(door.make, bare) : slidingDraft(door.make, bare)),
    complaint: call.complaint,
    scheduledFor: format(call.scheduledFor, WHEN),
  };
}

/** Hinges by a layout of the trade, so many of them, as text; nothing while the height cannot be read. */
export function hingesByLayout(
  layout: HingeLayoutId,
  count: 2 | 3 | 4,
  { slabHeightMm }: CardDraft,
  units: 'mm' | 'in',
  bare: (mm: number) => string,
): string | undefined {
  try {
    return usualHingeHeights(parseLength(slabHeightMm, { defaultUnit: units }).mm, count, layout)
      .map(bare)
      .join(', ');
  } catch (error) {
    if (error instanceof DomainError) return undefined;
    throw error;
  }
}

/** Cards as their next revisions; those that stay are left out. */
export interface ChangedCards {
  site?: Site;
  door?: Door;
  call?: Call;
}

/** The cards that a draft changes, each as its next revision; what cannot be read is named at its field. What was not touched stays as it was. */
export function cardsFrom(
  draft: CardDraft,
  { site, door, call }: Cards,
  { units, bare }: { units: 'mm' | 'in'; bare: (mm: number) => string },
): { changed: ChangedCards; errors: CardErrors } {
  const was = cardDraftOf({ site, door, call }, bare);
  const errors: CardErrors = {};
  const isTouched = (field: CardField) => draft[field].trim() !== was[field].trim();
  const read = lengthReader(units, errors);
  const reads = {
    ...{ draft, isTouched, read },
    fault: (field: CardField, message: string) => {
      errors[field] = message;
    },
  };
  const title = draft.title.trim();
  const changedDoor =
    door.kind === 'hinged'
      ? revised(door, { title, make: hingedMake(door.make, reads) })
      : revised(door, { title, make: slidingMake(door.make, reads) });
  const when = parse(draft.scheduledFor.trim(), WHEN, new Date());
  if (!isValid(when)) errors.scheduledFor = `Type it as ${format(call.scheduledFor, WHEN)}.`;
  const some = (fields: readonly CardField[]) => fields.some(isTouched);
  const doorFields: readonly CardField[] = ['title', ...(door.kind === 'hinged' ? HINGED_FIELDS : SLIDING_FIELDS)];
  return {
    errors,
    changed: {
      ...(some(SITE_FIELDS) && { site: revised(site, Object.fromEntries(SITE_FIELDS.map((each) => [each, draft[each].trim()]))) }),
      ...(some(doorFields) && { door: changedDoor }),
      ...(some(CALL_FIELDS) && {
        call: revised(call, {
          complaint: draft.complaint.trim(),
          ...(isTouched('scheduledFor') && isValid(when) && { scheduledFor: when.toISOString() }),
        }),
      }),
    },
  };
}

/** Names of fields of the cards, as a check of a whole card gives them, by the field of the form. */
export const fieldOfCard = (name: string): string => name.replace(/^make\./, '').replace(/\[.*$/, '');
