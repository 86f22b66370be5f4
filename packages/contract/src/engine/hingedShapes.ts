import {
  ACTION_IDS,
  CAUSE_IDS,
  EDGES,
  FINDING_IDS,
  HINGE_KINDS,
  HINGE_NAMES,
  PROFILE_IDS,
  readingFaults,
  SLAB_KINDS,
  STATION_IDS,
  type OwnLimits,
  type SchoolChoices,
} from '@proper-swing/core';
import { hingeHeights, slabHeight, slabWidth } from '@proper-swing/core/hinged/card/slab';
import { boolean, object, string, type Schema } from 'yup';
import { fieldSchema } from '../fields/schema';
import { OWN_LIMITS, SCHOOLS } from '../record/doorKinds/hinged';

export const HINGED_WORDS = {
  stations: STATION_IDS,
  causes: CAUSE_IDS,
  findings: FINDING_IDS,
  actions: ACTION_IDS,
  edges: EDGES,
  places: HINGE_NAMES,
  placeKey: 'hinge',
  placeWord: 'hinge',
  plusIs: 'toward the latch',
  aloneKey: 'hingesAlone',
  readingFaults,
} as const;

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
