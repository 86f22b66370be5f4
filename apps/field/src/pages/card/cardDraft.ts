import type { Call, CallRecord, Door, Site } from '@proper-swing/contract';
import { DomainError, parseLength, usualHingeHeights, type HingeLayoutId } from '@proper-swing/core';
import { format } from 'date-fns/format';
import { isValid } from 'date-fns/isValid';
import { parse } from 'date-fns/parse';
import { revised } from '../../offline/write';
import { lengthReader } from '../../record/lengthReader';

/** What can be put right: the site, the door and the call, as one record has them. */
export type Cards = Pick<CallRecord, 'site' | 'door' | 'call'>;

/** The cards as they are being typed, each field as its text. */
export interface CardDraft {
  name: string;
  address: string;
  contact: string;
  remarks: string;
  title: string;
  hingesOn: string;
  hingeKind: string;
  slabKind: string;
  fireRated: string;
  closer: string;
  slabWidthMm: string;
  slabHeightMm: string;
  thicknessMm: string;
  /** Hinge centres below the top of the slab, with commas between. */
  hingeHeightsMm: string;
  complaint: string;
  scheduledFor: string;
}

export type CardField = keyof CardDraft;

export const SITE_FIELDS = ['name', 'address', 'contact', 'remarks'] as const satisfies readonly CardField[];
const LENGTHS = ['slabWidthMm', 'slabHeightMm', 'thicknessMm'] as const satisfies readonly CardField[];

export const WHEN = 'd MMM yyyy HH:mm';
const yesNo = (is: boolean) => (is ? 'yes' : 'no');

/** A draft that begins with what stands on the cards. */
export function cardDraftOf({ site, door, call }: Cards, bare: (mm: number) => string): CardDraft {
  const { make } = door;
  return {
    name: site.name,
    address: site.address,
    contact: site.contact,
    remarks: site.remarks,
    title: door.title,
    hingesOn: make.hingesOn,
    hingeKind: make.hingeKind,
    slabKind: make.slabKind,
    fireRated: yesNo(make.fireRated),
    closer: yesNo(make.closer === true),
    slabWidthMm: bare(make.slabWidthMm),
    slabHeightMm: bare(make.slabHeightMm),
    thicknessMm: bare(make.thicknessMm),
    hingeHeightsMm: make.hingeHeightsMm.map(bare).join(', '),
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

export type CardErrors = Partial<Record<CardField, string>>;

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
  const [slabWidthMm, slabHeightMm, thicknessMm] = LENGTHS.map((field) =>
    isTouched(field) ? read(field, draft[field]) : door.make[field],
  ) as [number, number, number];
  const make: Door['make'] = {
    ...door.make,
    hingesOn: draft.hingesOn as Door['make']['hingesOn'],
    hingeKind: draft.hingeKind as Door['make']['hingeKind'],
    slabKind: draft.slabKind as Door['make']['slabKind'],
    fireRated: draft.fireRated === 'yes',
    ...((isTouched('closer') || door.make.closer !== undefined) && { closer: draft.closer === 'yes' }),
    slabWidthMm,
    slabHeightMm,
    thicknessMm,
    hingeHeightsMm: isTouched('hingeHeightsMm')
      ? draft.hingeHeightsMm.split(/[,;]/).map((text) => Math.round(read('hingeHeightsMm', text) * 10) / 10)
      : door.make.hingeHeightsMm,
  };
  const when = parse(draft.scheduledFor.trim(), WHEN, new Date());
  if (!isValid(when)) errors.scheduledFor = `Type it as ${format(call.scheduledFor, WHEN)}.`;
  const some = (fields: readonly CardField[]) => fields.some(isTouched);
  const doorFields = (Object.keys(draft) as CardField[]).filter((each) => each in make || each === 'title');
  return {
    errors,
    changed: {
      ...(some(SITE_FIELDS) && { site: revised(site, Object.fromEntries(SITE_FIELDS.map((each) => [each, draft[each].trim()]))) }),
      ...(some(doorFields) && { door: revised(door, { title: draft.title.trim(), make }) }),
      ...(some(['complaint', 'scheduledFor']) && {
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
