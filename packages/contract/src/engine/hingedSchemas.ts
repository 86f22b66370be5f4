import {
  ACTION_IDS,
  CAUSE_IDS,
  FINDING_IDS,
  HINGE_KINDS,
  HINGE_NAMES,
  INSTRUMENT_IDS,
  PROFILE_IDS,
  SLAB_KINDS,
  STATION_IDS,
  EDGES,
  type OwnLimits,
  type SchoolChoices,
} from '@proper-swing/core';
import { hingeHeights, LARGEST_MM, slabHeight, slabWidth } from '@proper-swing/core/hinged/card/slab';
import { array, boolean, number, object, string, type InferType, type Schema } from 'yup';
import { fieldSchema, finite } from '../fields/schema';
import { OWN_LIMITS, SCHOOLS } from '../record/doorKinds/hinged';

/** A length, mm. */
const mm = (description: string) => number().meta({ description: `${description}, mm` });

const doorShape = {
  slabWidthMm: fieldSchema(slabWidth) as Schema<number>,
  slabHeightMm: fieldSchema(slabHeight) as Schema<number>,
  hingeHeightsMm: fieldSchema(hingeHeights) as Schema<number[]>,
  hingeKind: string().oneOf(HINGE_KINDS).required().meta({ description: 'Kind of hinge; decides what may be bent or packed' }),
  slabKind: string().oneOf(SLAB_KINDS).required().meta({ description: 'Make of the slab; decides whether it may be planed' }),
  fireRated: boolean().required().meta({ description: 'Fire, smoke or security door: nothing outside its certificate' }),
  profile: string().oneOf(PROFILE_IDS).required().meta({ description: 'Tolerance profile the gaps are judged by' }),
  ownLimits: fieldSchema(OWN_LIMITS) as Schema<OwnLimits | null | undefined>,
  schools: fieldSchema(SCHOOLS) as Schema<SchoolChoices | null | undefined>,
};

export const hingedDoorSchema = object(doorShape)
  .noUnknown()
  .test('inside', 'door.hingeHeightsMm must lie inside the slab', (door) =>
    (door.hingeHeightsMm ?? []).every((height) => height < (door.slabHeightMm ?? 0)),
  );

const readingSchema = object({
  station: string().oneOf(STATION_IDS).required().meta({ description: 'Where it was read' }),
  mm: number().test(finite).min(-LARGEST_MM).max(LARGEST_MM).meta({ description: 'The figure, mm; leave it out for a rub' }),
  rubs: boolean().oneOf([true]).meta({ description: 'The slab touches here: a gap of nought or less' }),
  instrument: string().oneOf(INSTRUMENT_IDS).meta({ description: 'What it was read with; the usual one for the station unless said' }),
})
  .noUnknown()
  .test('figureOrRub', '${path} needs either mm or rubs', (reading) => (reading.mm === undefined) !== (reading.rubs === undefined))
  .test('gapNotNegative', '${path}.mm: a gap cannot be negative; say rubs', (reading) => !isGap(reading.station) || (reading.mm ?? 0) >= 0);

const isGap = (station: string | undefined) => /^(hinge|head|latch|foot|stop)\./.test(station ?? '');

const findingSchema = object({
  finding: string().oneOf(FINDING_IDS).required().meta({ description: 'Which check' }),
  answer: string().required().max(40).meta({ description: 'Which of its answers' }),
}).noUnknown();

const hingeName = string().oneOf(HINGE_NAMES);
const planedShape = object({
  fromMm: mm('Timber off at the head or hinge end').required().test(finite).min(0).max(500),
  toMm: mm('Timber off at the other end').required().test(finite).min(0).max(500),
})
  .noUnknown()
  .default(undefined)
  .optional();

const roundSchema = object({
  done: array(
    object({
      action: string().oneOf(ACTION_IDS).required().meta({ description: 'What was done' }),
      hinge: hingeName.meta({ description: 'At which hinge' }),
      amount: number().required().test(finite).min(-500).max(500).meta({ description: 'How much, in the unit of the action' }),
      planed: planedShape,
    })
      .noUnknown()
      .required(),
  )
    .required()
    .max(40)
    .meta({ description: 'Steps as they were really done' }),
  readings: array(readingSchema.required()).required().max(200).meta({ description: 'What was read after them' }),
  findings: array(findingSchema.required()).max(40).meta({ description: 'Answers to checks made again after them' }),
}).noUnknown();

const observedShape = {
  door: hingedDoorSchema.required(),
  readings: array(readingSchema.required()).required().max(200).meta({ description: 'Any readings, in any order, or none' }),
  findings: array(findingSchema.required()).required().max(40).meta({ description: 'Answers to checks, or none' }),
  rounds: array(roundSchema.required()).max(20).meta({ description: 'Work done since, with the readings after it, in order' }),
};

export const diagnoseRequest = object(observedShape).noUnknown();

export const planRequest = object({
  ...observedShape,
  without: array(string().oneOf(ACTION_IDS).required()).max(20).meta({ description: 'Actions not wanted today' }),
  seed: number().integer().min(0).meta({ description: 'Seed of the chance; the same seed gives the same figures' }),
}).noUnknown();

export type DiagnoseRequest = InferType<typeof diagnoseRequest>;
export type PlanRequest = InferType<typeof planRequest>;

const probability = (description: string) =>
  number()
    .required()
    .min(0)
    .max(1)
    .meta({ description: `${description}, 0 to 1` });
const stationId = string().oneOf(STATION_IDS).required().meta({ description: 'Station' });

const evidence = object({
  kind: string().oneOf(['reading', 'rub', 'finding']).required(),
  says: string().required().meta({ description: 'The evidence in plain words' }),
  weight: number().required().meta({ description: 'Natural log of how much likelier this is under the cause than under the others' }),
  strength: string().oneOf(['strong', 'fair', 'slight']).required(),
  readMm: mm('What was read'),
  expectedMm: mm('What this cause would give'),
  othersMm: mm('What the other causes would give'),
}).noUnknown();

const estimateShape = {
  expected: array(
    object({
      station: stationId,
      meanMm: mm('Expected figure; below nought a gap rubs').required(),
      sdMm: mm('Standard deviation').required(),
    })
      .noUnknown()
      .required(),
  )
    .required()
    .meta({ description: 'Every station, read or not' }),
  doubtful: array(
    object({
      station: stationId,
      readMm: mm('What was read').required(),
      expectedMm: mm('What the other readings say').required(),
      sdMm: mm('Standard deviation of that').required(),
    })
      .noUnknown()
      .required(),
  )
    .required()
    .meta({ description: 'Readings to take again, worst first' }),
};

export const estimateResult = object({
  causes: array(
    object({
      id: string().oneOf(CAUSE_IDS).required(),
      title: string().required(),
      probability: probability('Chance that it is at work, alone or with another'),
    })
      .noUnknown()
      .required(),
  )
    .required()
    .meta({ description: 'Likeliest first' }),
  ...estimateShape,
}).noUnknown();

export const diagnoseResult = object({
  causes: array(
    object({
      id: string().oneOf(CAUSE_IDS).required(),
      title: string().required(),
      says: string().required().meta({ description: 'What has happened to the door' }),
      probability: probability('Chance that it is at work, alone or with another'),
      for: array(evidence.required()).required().meta({ description: 'Evidence for, weightiest first' }),
      against: array(evidence.required()).required().meta({ description: 'Evidence against, weightiest first' }),
      advice: string().meta({ description: 'What to do where hinges cannot cure it' }),
    })
      .noUnknown()
      .required(),
  )
    .required()
    .meta({ description: 'Likeliest first' }),
  suppositions: array(
    object({
      causes: array(string().oneOf(CAUSE_IDS).required()).required().meta({ description: 'One cause by itself or two together' }),
      probability: probability('Chance of just these'),
    })
      .noUnknown()
      .required(),
  )
    .required()
    .meta({ description: 'Likeliest first; the unlikeliest are left out' }),
  ...estimateShape,
}).noUnknown();

export const nextResult = object({
  enough: boolean().required().meta({ description: 'More readings would not change the plan' }),
  choices: array(
    object({
      kind: string().oneOf(['station', 'finding']).required(),
      id: string().required().meta({ description: 'Station or check' }),
      title: string().required(),
      howTo: string().required(),
      minutes: number().required().meta({ description: 'Time it takes, minutes' }),
      bits: number().required().meta({ description: 'Expected drop of the doubt about the cause, bits' }),
      why: string().required().meta({ description: 'What it tells apart' }),
    })
      .noUnknown()
      .required(),
  )
    .required()
    .meta({ description: 'What to read or try next, best first' }),
}).noUnknown();

const planShape = object({
  aim: string().oneOf(['quickest', 'lasting', 'if that fails']).required(),
  steps: array(
    object({
      action: string().oneOf(ACTION_IDS).required(),
      title: string().required(),
      hinge: hingeName,
      amount: number().required().meta({ description: 'How much, in the unit given' }),
      unit: string().required(),
      shiftMm: mm('How far the slab moves at this hinge, + toward the latch'),
      planed: planedShape,
      until: object({ station: stationId, mm: mm('What it then reads').required() })
        .noUnknown()
        .default(undefined)
        .optional()
        .meta({ description: 'For work done by watching a gap: stop when it reads this' }),
      minutes: number().required().meta({ description: 'Time it takes, minutes' }),
      parts: string(),
      how: array(string().required()).required().meta({ description: 'What to do, in order' }),
      cautions: array(string().required()).required(),
      stopIf: string().required(),
      recheck: array(stationId).required().meta({ description: 'What to read after it' }),
      lookAgain: array(string().oneOf(FINDING_IDS).required()).required().meta({ description: 'What to look at or try again after it' }),
    })
      .noUnknown()
      .required(),
  )
    .required()
    .meta({ description: 'From least to most invasive' }),
  minutes: number().required().meta({ description: 'Time of all steps, minutes' }),
  chanceTrue: probability('Chance that everything is inside the profile at the first check'),
  holds: probability('Chance that it still holds in two years'),
  gaps: array(
    object({ station: stationId, beforeMm: mm('Figure now').required(), afterMm: mm('Figure after the plan').required() })
      .noUnknown()
      .required(),
  ).required(),
  outside: array(
    object({ station: stationId, mm: mm('How far outside its limits after the plan').required() })
      .noUnknown()
      .required(),
  ).required(),
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
}).noUnknown();

export const planResult = object({
  outcome: string().oneOf(['measure first', 'true', 'cures', 'wait', 'falls short']).required(),
  cause: object({
    id: string().oneOf(CAUSE_IDS).required(),
    title: string().required(),
    probability: probability('Probability of the cause planned for'),
  })
    .noUnknown()
    .required(),
  plans: array(planShape.required()).required().min(1).max(3).meta({ description: 'One to three, the quickest first' }),
  hingesAlone: object({
    can: boolean().required().meta({ description: 'Whether setting the hinges can make the door true' }),
    chanceTrue: probability('Chance of it by the best setting'),
  })
    .noUnknown()
    .required(),
  lost: array(object({ says: string().required(), why: string().required() }).noUnknown().required())
    .required()
    .meta({ description: 'Ways that were tried and did not win' }),
  unknown: array(
    object({ station: stationId, sdMm: mm('Doubt of the gap, standard deviation').required() })
      .noUnknown()
      .required(),
  ).required(),
  ruledOut: array(
    object({ action: string().oneOf(ACTION_IDS).required(), title: string().required(), why: string().required() })
      .noUnknown()
      .required(),
  ).required(),
  advice: array(string().required()).required(),
}).noUnknown();

export const whatIfRequest = object({
  door: hingedDoorSchema.required(),
  gaps: array(
    object({
      station: string().oneOf(STATION_IDS).required(),
      mm: mm('Gap as it is; below nought it rubs').required().test(finite).min(-LARGEST_MM).max(LARGEST_MM),
    })
      .noUnknown()
      .required(),
  )
    .required()
    .max(40)
    .meta({ description: 'Gaps as they are' }),
  hinges: array(
    object({
      hinge: hingeName.required(),
      mm: mm('How far the slab is moved at this hinge, + toward the latch').required().test(finite).min(-50).max(50),
    })
      .noUnknown()
      .required(),
  )
    .required()
    .max(8)
    .meta({ description: 'Hinges moved' }),
  lowerMm: mm('How far the whole slab is let down').test(finite).min(-50).max(50),
  planed: array(
    object({
      edge: string().oneOf(EDGES).required(),
      fromMm: mm('Timber off at the head or hinge end').required().test(finite).min(0).max(500),
      toMm: mm('Timber off at the other end').required().test(finite).min(0).max(500),
    })
      .noUnknown()
      .required(),
  )
    .max(4)
    .meta({ description: 'Timber off an edge' }),
}).noUnknown();

export type WhatIfRequest = InferType<typeof whatIfRequest>;

export const whatIfResult = object({
  gaps: array(
    object({
      station: stationId,
      beforeMm: mm('Gap now').required(),
      afterMm: mm('Gap with the setting').required(),
      verdict: string().oneOf(['rub', 'tight', 'right', 'wide']).required(),
    })
      .noUnknown()
      .required(),
  ).required(),
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
}).noUnknown();
