import { array, boolean, number, object, string } from 'yup';
import type { KindNames } from './kindNames';
import { mm, probability } from './shapes';

const evidence = object({
  kind: string().oneOf(['reading', 'rub', 'finding']).required(),
  says: string().required().meta({ description: 'The evidence in plain words' }),
  weight: number().required().meta({ description: 'Natural log of how much likelier this is under the cause than under the others' }),
  strength: string().oneOf(['strong', 'fair', 'slight']).required(),
  readMm: mm('What was read'),
  expectedMm: mm('What this cause would give'),
  othersMm: mm('What the other causes would give'),
}).noUnknown();

/** Readings that stand against all the others. */
export const doubtfulReadings = (stations: readonly string[]) =>
  array(
    object({
      station: string().oneOf(stations).required().meta({ description: 'Station' }),
      readMm: mm('What was read').required(),
      expectedMm: mm('What the other readings say').required(),
      sdMm: mm('Standard deviation of that').required(),
    })
      .noUnknown()
      .required(),
  )
    .required()
    .meta({ description: 'Readings to take again, worst first' });

const estimateShape = (stations: readonly string[]) => ({
  expected: array(
    object({
      station: string().oneOf(stations).required().meta({ description: 'Station' }),
      meanMm: mm('Expected figure; below nought a gap rubs').required(),
      sdMm: mm('Standard deviation').required(),
    })
      .noUnknown()
      .required(),
  )
    .required()
    .meta({ description: 'Every station, read or not' }),
  doubtful: doubtfulReadings(stations),
});

export const estimateResult = ({ stations, causes }: Pick<KindNames, 'stations' | 'causes'>) =>
  object({
    causes: array(
      object({
        id: string().oneOf(causes).required(),
        title: string().required(),
        probability: probability('Chance that it is at work, alone or with another'),
      })
        .noUnknown()
        .required(),
    )
      .required()
      .meta({ description: 'Likeliest first' }),
    ...estimateShape(stations),
  }).noUnknown();

export const diagnoseResult = ({ stations, causes }: Pick<KindNames, 'stations' | 'causes'>) =>
  object({
    causes: array(
      object({
        id: string().oneOf(causes).required(),
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
        causes: array(string().oneOf(causes).required()).required().meta({ description: 'One cause by itself or two together' }),
        probability: probability('Chance of just these'),
      })
        .noUnknown()
        .required(),
    )
      .required()
      .meta({ description: 'Likeliest first; the unlikeliest are left out' }),
    ...estimateShape(stations),
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
      again: boolean().oneOf([true]).meta({ description: 'It has been read, and stands against all the others' }),
    })
      .noUnknown()
      .required(),
  )
    .required()
    .meta({ description: 'What to read or try next, best first' }),
  checks: array(string().required()).required().meta({ description: 'The quick checks that would tell most of the cause, best first' }),
}).noUnknown();
