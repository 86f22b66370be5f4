import { EDGES, HINGE_NAMES, STATION_IDS } from '@proper-swing/core';
import { LARGEST_MM } from '@proper-swing/core/hinged/card/slab';
import { array, object, string, type InferType } from 'yup';
import { finite } from '../fields/schema';
import { HINGED_WORDS, hingedDoorSchema } from './hingedShapes';
import { leftOver } from './leftOver';
import { mm, planedEnds } from './shapes';

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
      hinge: string().oneOf(HINGE_NAMES).required(),
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
      ...planedEnds,
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
      station: string().oneOf(STATION_IDS).required().meta({ description: 'Station' }),
      beforeMm: mm('Gap now').required(),
      afterMm: mm('Gap with the setting').required(),
      verdict: string().oneOf(['rub', 'tight', 'right', 'wide']).required(),
    })
      .noUnknown()
      .required(),
  ).required(),
  ...leftOver(HINGED_WORDS),
}).noUnknown();
