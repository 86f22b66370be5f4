import { PLAN_OUTCOMES } from '@proper-swing/core';
import { array, boolean, number, object, string } from 'yup';
import { doubtfulReadings } from './diagnosisSchemas';
import { leftOver } from './leftOver';
import type { KindNames } from './kindNames';
import { mm, planedShape, probability } from './shapes';

const planShape = (names: KindNames) => {
  const { actions, findings, stations, places, placeKey, placeWord, plusIs } = names;
  const stationId = string().oneOf(stations).required().meta({ description: 'Station' });
  return object({
    aim: string().oneOf(['quickest', 'lasting', 'if that fails']).required(),
    steps: array(
      object({
        action: string().oneOf(actions).required(),
        title: string().required(),
        [placeKey]: string().oneOf(places),
        amount: number().required().meta({ description: 'How much, in the unit given' }),
        unit: string().required(),
        shiftMm: mm(`How far the slab moves at this ${placeWord}, + ${plusIs}`),
        planed: planedShape,
        until: object({ station: stationId, mm: mm('What it then reads').required() })
          .noUnknown()
          .default(undefined)
          .optional()
          .meta({ description: 'For work done by watching a gap: stop when it reads this' }),
        again: object({ station: stationId, readMm: mm('What was read after it').required(), wantedMm: mm('What is wanted').required() })
          .noUnknown()
          .default(undefined)
          .optional()
          .meta({ description: 'Why the same work at the same place comes again' }),
        minutes: number().required().meta({ description: 'Time it takes, minutes' }),
        parts: string(),
        how: array(string().required()).required().meta({ description: 'What to do, in order' }),
        cautions: array(string().required()).required(),
        stopIf: string().required(),
        recheck: array(stationId).required().meta({ description: 'What to read after it' }),
        lookAgain: array(string().oneOf(findings).required()).required().meta({ description: 'What to look at or try again after it' }),
      })
        .noUnknown()
        .required(),
    )
      .required()
      .meta({ description: 'From least to most invasive' }),
    minutes: number().required().meta({ description: 'Time of all steps, minutes' }),
    chances: object({
      free: probability('Chance that nothing rubs, it latches and stays where it is left'),
      even: probability('Chance that it is free and even to the eye'),
      book: probability('Chance that every gap is inside the profile'),
    })
      .noUnknown()
      .required()
      .meta({ description: 'At the first check' }),
    uncertainty: object({
      ifKnown: object({
        cause: probability('Chance of what the work is for, if the cause were known'),
        readings: probability('If every figure were known'),
        hand: probability('If the hand made no error'),
      })
        .noUnknown()
        .required(),
      reading: object({ station: stationId, chance: probability('Chance once it has been read') })
        .noUnknown()
        .default(undefined)
        .optional()
        .meta({ description: 'The reading that would raise the chance most' }),
    })
      .noUnknown()
      .required()
      .meta({ description: 'What keeps the plan from being sure' }),
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
    ...leftOver(names),
  }).noUnknown();
};

export const planResult = (names: KindNames) => {
  const { actions, causes, findings, stations, placeWord, aloneKey } = names;
  const stationId = string().oneOf(stations).required().meta({ description: 'Station' });
  return object({
    outcome: string().oneOf(PLAN_OUTCOMES).required(),
    binds: string()
      .oneOf(['free', 'even', 'book'])
      .required()
      .meta({ description: 'What work is for: free and even, or by the book where a listing, a lock or the customer asks' }),
    cause: object({
      id: string().oneOf(causes).required(),
      title: string().required(),
      probability: probability('Probability of the cause planned for'),
      isTreated: boolean()
        .oneOf([true])
        .meta({ description: 'It has been treated already: what is left of the work is for what it moved' }),
    })
      .noUnknown()
      .required(),
    plans: array(planShape(names).required()).required().min(1).max(3).meta({ description: 'One to three, the quickest first' }),
    [aloneKey]: object({
      can: boolean()
        .required()
        .meta({ description: `Whether setting each ${placeWord} can make the door true` }),
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
    lookAgain: array(string().oneOf(findings).required())
      .required()
      .meta({ description: 'What to look at again before heavy work is done for it' }),
    doubtful: doubtfulReadings(stations),
    tryAgain: array(string().oneOf(findings).required())
      .required()
      .meta({ description: 'Tries that tell whether all is in order beside the gaps, due since the slab was moved' }),
    ruledOut: array(
      object({ action: string().oneOf(actions).required(), title: string().required(), why: string().required() })
        .noUnknown()
        .required(),
    ).required(),
    advice: array(string().required()).required(),
  }).noUnknown();
};
