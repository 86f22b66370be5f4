import {
  ACTION_IDS,
  FINDING_IDS,
  HINGE_KINDS,
  HINGE_NAMES,
  INSTRUMENT_IDS,
  PROFILE_IDS,
  SLAB_KINDS,
  STATION_IDS,
} from '@proper-swing/core';
import { array, boolean, number, object, string, type InferType } from 'yup';
import { SHEET_NAMES } from '../sheets/sheet';
import { ownLimitsSchema, schoolsSchema } from '../engine/hingedSchemas';

const UUID_V7 = /^[0-9a-f]{8}-[0-9a-f]{4}-7[0-9a-f]{3}-[89ab][0-9a-f]{3}-[0-9a-f]{12}$/;
const INSTANT = /^\d{4}-\d{2}-\d{2}T\d{2}:\d{2}:\d{2}(\.\d{1,3})?Z$/;

const id = (description: string) =>
  string().required().matches(UUID_V7, '${path} must be a UUID of version 7, in lower case').meta({ description, pattern: UUID_V7.source });

const instant = (description: string) =>
  string()
    .required()
    .matches(INSTANT, { message: '${path} must be a UTC instant such as 2026-03-02T08:30:00Z' })
    .test('exists', '${path} is no date of the calendar', (value) => !Number.isNaN(Date.parse(value)))
    .meta({ description, format: 'date-time' });

const text = (description: string, longest: number) => string().defined().max(longest).meta({ description });

const named = (description: string, longest = 120) => text(description, longest).trim().min(1, '${path} must not be empty').required();

const lengthMm = (description: string, from: number, to: number) =>
  number()
    .required()
    .min(from)
    .max(to)
    .meta({ description: `${description}, mm` });

/** Cards describe things that stay; a correction is a new revision. */
const cardShape = {
  id: id('Made on the device that wrote it'),
  revision: number().integer().min(1).required().meta({ description: 'Counts up with each correction, from 1' }),
  writtenAt: instant('When it was written'),
};

export const siteSchema = object({
  ...cardShape,
  name: named('Customer or building'),
  address: text('Where it is', 200),
  contact: text('Whom to ask and how to reach them', 120),
  remarks: text('Access, keys, parking', 500),
}).noUnknown();

export const doorSchema = object({
  ...cardShape,
  siteId: id('Site it belongs to'),
  title: named('Which door, as people there call it'),
  hingesOn: string().oneOf(['left', 'right']).required().meta({ description: 'Hinge side, seen from where the barrels show' }),
  slabWidthMm: lengthMm('Width of the slab', 300, 3000),
  slabHeightMm: lengthMm('Height of the slab', 500, 4000),
  thicknessMm: lengthMm('Thickness of the slab', 15, 120),
  hingeHeightsMm: array(number().required().moreThan(0).max(4000))
    .required()
    .min(2)
    .max(4)
    .test('order', '${path} must run from the top down', (heights) =>
      heights.every((height, i) => i === 0 || height > (heights[i - 1] ?? 0)),
    )
    .meta({ description: 'Hinge centres below the top of the slab, from the top down, mm' }),
  hingeKind: string().oneOf(HINGE_KINDS).required(),
  slabKind: string().oneOf(SLAB_KINDS).required(),
  fireRated: boolean().required(),
  profile: string().oneOf(PROFILE_IDS).required(),
  ownLimits: ownLimitsSchema,
  schools: schoolsSchema,
})
  .noUnknown()
  .test(
    'inside',
    'hingeHeightsMm must lie inside the slab',
    (door, { createError }) =>
      (door.hingeHeightsMm ?? []).every((height) => height < (door.slabHeightMm ?? 0)) ||
      createError({ path: 'hingeHeightsMm', message: 'hingeHeightsMm must lie inside the slab' }),
  );

export const callSchema = object({
  ...cardShape,
  doorId: id('Door it is about'),
  scheduledFor: instant('When the technician is expected'),
  complaint: text('What the customer says, in their words', 500),
  state: string().oneOf(['open', 'done']).required(),
}).noUnknown();

/** Entries are written once; a correction is a new entry that names the one it supersedes. */
const entryShape = {
  id: id('Made on the device that wrote it'),
  writtenAt: instant('When it was written'),
  supersedes: id('The entry this one corrects').nullable().optional().default(undefined),
  withdrawn: boolean().meta({ description: 'Takes the superseded entry back and puts nothing in its place' }),
};

export const STAGES = ['found', 'check', 'left'] as const;

export const readingSetSchema = object({
  id: id('Made on the device that wrote it'),
  writtenAt: instant('When the walk-round began'),
  callId: id('Call it was taken on'),
  stage: string().oneOf(STAGES).required().meta({ description: 'As found, a check between steps, or as left' }),
}).noUnknown();

export const readingSchema = object({
  ...entryShape,
  setId: id('Walk-round it belongs to'),
  station: string().oneOf(STATION_IDS).required(),
  kind: string().oneOf(['figure', 'rubs', 'unreachable']).required(),
  mm: number()
    .min(-6000)
    .max(6000)
    .nullable()
    .defined()
    .meta({ description: 'The figure in mm; null for a rub or what could not be reached' }),
  typed: text('Exactly as typed, with its unit', 60),
  instrument: string().oneOf(INSTRUMENT_IDS).required(),
})
  .noUnknown()
  .test(
    'figure',
    'mm must be given for a figure and only then',
    (reading, { createError }) =>
      (reading.kind === 'figure') === (reading.mm !== null) ||
      createError({ path: 'mm', message: 'mm must be given for a figure and only then' }),
  );

export const findingEntrySchema = object({
  ...entryShape,
  callId: id('Call it was found on'),
  finding: string().oneOf(FINDING_IDS).required(),
  answer: named('Which of its answers', 40),
  adjustmentId: id('The work after which it was checked again; absent as found').nullable().optional().default(undefined),
}).noUnknown();

const KEEPS_OF_LOCK = ['centre', 'topHook', 'bottomHook'] as const;

export const adjustmentSchema = object({
  ...entryShape,
  callId: id('Call it was done on'),
  action: string().oneOf(ACTION_IDS).required(),
  hinge: string().oneOf(HINGE_NAMES).nullable().defined(),
  planned: number().nullable().defined().meta({ description: 'Amount the plan asked for, in the unit given' }),
  amount: number().required().min(-500).max(500).meta({ description: 'Amount really done, in the unit given' }),
  unit: named('Unit of the amount', 60),
  fromMm: number()
    .min(0)
    .max(500)
    .nullable()
    .defined()
    .meta({ description: 'For planing: timber off at the head or hinge end, mm; else null' }),
  toMm: number().min(0).max(500).nullable().defined().meta({ description: 'For planing: timber off at the other end, mm; else null' }),
  keep: string().oneOf(KEEPS_OF_LOCK).nullable().optional().default(undefined).meta({ description: 'For a keep: which of the lock’s' }),
  felt: object({
    effort: number()
      .oneOf([1, 2, 3, 4])
      .meta({ description: 'Handle, door shut: 1 one finger, 2 one hand easily, 3 hard, 4 will not throw' }),
    bounces: boolean().meta({ description: 'The shut door moves when pulled' }),
    seal: string().oneOf(['loose', 'even', 'hard']).meta({ description: 'Hinge side on its seal' }),
  })
    .noUnknown()
    .nullable()
    .optional()
    .default(undefined)
    .meta({ description: 'How it worked after this turn' }),
  remark: text('What was seen while doing it', 500),
}).noUnknown();

/** A calculation kept with the call: what was typed into it, and what it said. */
export const worksheetSchema = object({
  ...entryShape,
  callId: id('Call it belongs to'),
  sheet: string().oneOf(SHEET_NAMES).required().meta({ description: 'Which calculation' }),
  figures: array(
    object({
      field: named('Field of its request', 80),
      typed: text('Exactly as typed', 200),
    })
      .noUnknown()
      .required(),
  )
    .required()
    .max(80)
    .meta({ description: 'What was typed, field by field' }),
  says: text('The answer in words', 1000),
}).noUnknown();

export const noteSchema = object({
  ...entryShape,
  callId: id('Call it belongs to'),
  text: named('The note', 2000),
}).noUnknown();

export type Site = InferType<typeof siteSchema>;
export type Door = InferType<typeof doorSchema>;
export type Call = InferType<typeof callSchema>;
export type ReadingSet = InferType<typeof readingSetSchema>;
export type ReadingEntry = InferType<typeof readingSchema>;
export type FindingEntry = InferType<typeof findingEntrySchema>;
export type Adjustment = InferType<typeof adjustmentSchema>;
export type Note = InferType<typeof noteSchema>;
export type Worksheet = InferType<typeof worksheetSchema>;
export type Stage = (typeof STAGES)[number];
