import { ACTION_IDS, CAUSE_IDS, FINDING_IDS, INSTRUMENT_IDS, PROFILE_IDS, STATION_IDS, EDGES } from '@proper-swing/core';
import { array, boolean, number, object, string, type InferType } from 'yup';

const mm = (description: string) => number().meta({ description: `${description}, mm` });
const finite = {
  name: 'finite',
  message: '${path} must be a finite number',
  test: (value: number | null | undefined) => value == null || Number.isFinite(value),
};
/** Larger than any door a person hangs; keeps nonsense out of the arithmetic. */
const LARGEST_MM = 6000;

export const HINGE_KINDS = ['butt', 'ballBearing', 'cast', 'adjustable'] as const;
export const SLAB_KINDS = ['solidTimber', 'framed', 'hollowCore', 'composite', 'steel', 'glazed'] as const;

const doorShape = {
  slabWidthMm: mm('Width of the slab').required().test(finite).min(200).max(LARGEST_MM),
  slabHeightMm: mm('Height of the slab').required().test(finite).min(300).max(LARGEST_MM),
  hingeHeightsMm: array(mm('Hinge centre below the top of the slab').required().test(finite).moreThan(0).max(LARGEST_MM))
    .required()
    .min(2)
    .max(4)
    .test('order', '${path} must run from the top down', (heights) =>
      heights.every((height, i) => i === 0 || height > (heights[i - 1] ?? 0)),
    )
    .meta({ description: 'Two to four hinge centres below the top of the slab, from the top down, mm' }),
  hingeKind: string().oneOf(HINGE_KINDS).required().meta({ description: 'Kind of hinge; decides what may be bent or packed' }),
  slabKind: string().oneOf(SLAB_KINDS).required().meta({ description: 'Make of the slab; decides whether it may be planed' }),
  fireRated: boolean().required().meta({ description: 'Fire, smoke or security door: nothing outside its certificate' }),
  profile: string().oneOf(PROFILE_IDS).required().meta({ description: 'Tolerance profile the gaps are judged by' }),
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

const isGap = (station: string | undefined) => /^(hinge|head|latch|foot)\./.test(station ?? '');

const findingSchema = object({
  finding: string().oneOf(FINDING_IDS).required().meta({ description: 'Which check' }),
  answer: string().required().max(40).meta({ description: 'Which of its answers' }),
}).noUnknown();

const observedShape = {
  door: hingedDoorSchema.required(),
  readings: array(readingSchema.required()).required().max(200).meta({ description: 'Any readings, in any order, or none' }),
  findings: array(findingSchema.required()).required().max(40).meta({ description: 'Answers to checks, or none' }),
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

export const diagnoseResult = object({
  causes: array(
    object({
      id: string().oneOf(CAUSE_IDS).required(),
      title: string().required(),
      says: string().required().meta({ description: 'What has happened to the door' }),
      probability: probability('Probability; all causes sum to one'),
      for: array(evidence.required()).required().meta({ description: 'Evidence for, weightiest first' }),
      against: array(evidence.required()).required().meta({ description: 'Evidence against, weightiest first' }),
      advice: string().meta({ description: 'What to do where hinges cannot cure it' }),
    })
      .noUnknown()
      .required(),
  )
    .required()
    .meta({ description: 'Likeliest first' }),
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
}).noUnknown();

const hingeName = string().oneOf(['top', 'upper', 'middle', 'lower', 'bottom']);

export const planResult = object({
  outcome: string().oneOf(['measure first', 'true', 'cures', 'falls short']).required(),
  cause: object({
    id: string().oneOf(CAUSE_IDS).required(),
    title: string().required(),
    probability: probability('Probability of the cause planned for'),
  })
    .noUnknown()
    .required(),
  steps: array(
    object({
      action: string().oneOf(ACTION_IDS).required(),
      title: string().required(),
      hinge: hingeName,
      amount: number().required().meta({ description: 'How much, in the unit given' }),
      unit: string().required(),
      shiftMm: mm('How far the slab moves at this hinge, + toward the latch'),
      planed: object({ fromMm: mm('Timber off at the head or hinge end').required(), toMm: mm('Timber off at the other end').required() })
        .noUnknown()
        .default(undefined)
        .optional(),
      minutes: number().required().meta({ description: 'Time it takes, minutes' }),
      parts: string(),
      how: array(string().required()).required().meta({ description: 'What to do, in order' }),
      cautions: array(string().required()).required(),
      stopIf: string().required(),
    })
      .noUnknown()
      .required(),
  )
    .required()
    .meta({ description: 'From least to most invasive' }),
  minutes: number().required().meta({ description: 'Time of all steps, minutes' }),
  chanceTrue: probability('Chance that all gaps are inside the profile at the first check'),
  gaps: array(
    object({ station: stationId, beforeMm: mm('Gap now').required(), afterMm: mm('Gap after the plan').required() })
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
  unknown: array(
    object({ station: stationId, sdMm: mm('Doubt of the gap, standard deviation').required() })
      .noUnknown()
      .required(),
  ).required(),
  misfit: array(
    object({ hinge: hingeName.required(), mm: mm('How far the hinge is off the line of the others').required() })
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
