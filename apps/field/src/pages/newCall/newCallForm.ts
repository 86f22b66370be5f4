import { JOBS } from '@proper-swing/contract';
import { DomainError, HINGE_LAYOUT_IDS, parseLength } from '@proper-swing/core';
import type { DoorKindId } from '@proper-swing/core/doors';
import { slabHeight, slabWidth } from '@proper-swing/core/hinged/card/slab';
import { panelHeight, panelWidth } from '@proper-swing/core/sliding/card/panelFields';
import { object, string, type InferType, type StringSchema } from 'yup';
import { momentOf } from '../../day/days';
import { makeOf } from './makes';

/** A typed length within the limits of its kind of door; the error says what is wrong with it. */
const length = (label: string, limits: Readonly<Record<DoorKindId, { from: number; to: number }>>) =>
  string()
    .required(`${label}: type a length.`)
    .test('length', (text, { parent, createError }) => {
      try {
        const { units, preset } = parent as { units: 'mm' | 'in'; preset: string };
        const { from, to } = limits[makeOf(preset)?.kind ?? 'hinged'];
        const { mm } = parseLength(text ?? '', { defaultUnit: units });
        return (mm >= from && mm <= to) || createError({ message: `${label}: ${Math.round(mm)} mm is not a door; ${from} to ${to} mm.` });
      } catch (error) {
        if (error instanceof DomainError) return createError({ message: error.message });
        throw error;
      }
    });

const whenNew = (field: 'siteId' | 'doorId', schema: StringSchema) =>
  string().when(field, { is: 'new', then: () => schema, otherwise: () => string() });

/** The form of a new call. `new` in place of an id means: from the fields below it. */
export const newCallSchema = object({
  units: string().oneOf(['mm', 'in']).required(),
  siteId: string().required('Choose a site, or New site.'),
  siteName: whenNew('siteId', string().trim().required('Type a name for the site.').max(120)),
  address: string().max(200).defined(),
  contact: string().max(120).defined(),
  doorId: string().required('Choose a door, or New door.'),
  doorTitle: whenNew('doorId', string().trim().required('Type which door it is, such as Kitchen.').max(120)),
  preset: string().required(),
  layout: string().oneOf(HINGE_LAYOUT_IDS).required(),
  hinges: string()
    .matches(/^[234]$/)
    .required(),
  hingesOn: string().oneOf(['left', 'right']).required(),
  closesTo: string().oneOf(['left', 'right']).required(),
  width: whenNew('doorId', length('Width', { hinged: slabWidth, sliding: panelWidth })),
  height: whenNew('doorId', length('Height', { hinged: slabHeight, sliding: panelHeight })),
  job: string().oneOf(JOBS).required(),
  /** What is complained of, with a space between. */
  complaintIds: string().defined(),
  complaint: string().max(500, 'At most 500 letters.').defined(),
  /** `now`, or `booked` for the day and time below it. */
  when: string().oneOf(['now', 'booked']).required(),
  day: string()
    .defined()
    .test('moment', 'Choose a day and a time.', (day, { parent }) => {
      const { when, time } = parent as { when: string; time?: string };
      return when === 'now' || momentOf(day ?? '', time ?? '') !== undefined;
    }),
  time: string().defined(),
});

export type NewCallForm = InferType<typeof newCallSchema>;
