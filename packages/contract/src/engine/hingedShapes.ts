import {
  EDGES,
  HINGE_KINDS,
  HINGE_NAMES,
  PROFILE_IDS,
  SLAB_KINDS,
  STATION_IDS,
  type OwnLimits,
  type SchoolChoices,
} from '@proper-swing/core';
import { hingeHeights, slabHeight, slabWidth } from '@proper-swing/core/hinged/card/slab';
import { array, boolean, number, object, string, type Schema } from 'yup';
import { fieldSchema, finite } from '../fields/schema';
import { OWN_LIMITS, SCHOOLS } from '../record/doorKinds/hinged';

/** A length, mm. */
export const mm = (description: string) => number().meta({ description: `${description}, mm` });

export const probability = (description: string) =>
  number()
    .required()
    .min(0)
    .max(1)
    .meta({ description: `${description}, 0 to 1` });

export const stationId = string().oneOf(STATION_IDS).required().meta({ description: 'Station' });

export const hingeName = string().oneOf(HINGE_NAMES);

/** Timber off at the two ends of an edge. */
export const planedEnds = {
  fromMm: mm('Timber off at the head or hinge end').required().test(finite).min(0).max(500),
  toMm: mm('Timber off at the other end').required().test(finite).min(0).max(500),
};

export const planedShape = object(planedEnds).noUnknown().default(undefined).optional();

const doorShape = {
  slabWidthMm: fieldSchema(slabWidth) as Schema<number>,
  slabHeightMm: fieldSchema(slabHeight) as Schema<number>,
  hingeHeightsMm: fieldSchema(hingeHeights) as Schema<number[]>,
  hingeKind: string().oneOf(HINGE_KINDS).required().meta({ description: 'Kind of hinge; decides what may be bent or packed' }),
  slabKind: string().oneOf(SLAB_KINDS).required().meta({ description: 'Make of the slab; decides whether it may be planed' }),
  fireRated: boolean().required().meta({ description: 'Fire, smoke or security door: nothing outside its certificate' }),
  profile: string().oneOf(PROFILE_IDS).required().meta({ description: 'Tolerance profile the gaps are judged by' }),
  closer: boolean().nullable().optional().meta({ description: 'A closer shuts it: nothing may hold it open' }),
  ownLimits: fieldSchema(OWN_LIMITS) as Schema<OwnLimits | null | undefined>,
  schools: fieldSchema(SCHOOLS) as Schema<SchoolChoices | null | undefined>,
};

export const hingedDoorSchema = object(doorShape)
  .noUnknown()
  .test(
    'inside',
    'door.hingeHeightsMm must lie inside the slab',
    ({ hingeHeightsMm, slabHeightMm = 0 }) => !Array.isArray(hingeHeightsMm) || hingeHeightsMm.every((height) => height < slabHeightMm),
  );

/** What a setting leaves: edges that taper too far, hinges off their line. */
export const leftOver = {
  uneven: array(
    object({ edge: string().oneOf(EDGES).required(), mm: mm('How much more the edge tapers than allowed').required() })
      .noUnknown()
      .required(),
  ).required(),
  misfit: array(
    object({ hinge: hingeName.required(), mm: mm('How far the hinge is off the line of the others').required() })
      .noUnknown()
      .required(),
  ).required(),
};
