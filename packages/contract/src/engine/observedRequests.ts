import { INSTRUMENT_IDS } from '@proper-swing/core';
import { LARGEST_MM } from '@proper-swing/core/hinged/card/slab';
import { array, boolean, number, object, string, type Schema } from 'yup';
import { finite } from '../fields/schema';
import type { KindNames } from './kindNames';
import { planedShape } from './shapes';

/** What an engine function of a kind of door is asked with: its card, what was read and answered, and work done since. */
export function observedRequests(
  { stations, findings, actions, places, placeKey, placeWord, readingFaults }: KindNames,
  door: Schema<object>,
) {
  const readingSchema = object({
    station: string().oneOf(stations).required().meta({ description: 'Where it was read' }),
    mm: number().test(finite).min(-LARGEST_MM).max(LARGEST_MM).meta({ description: 'The figure, mm; leave it out for a rub' }),
    rubs: boolean().oneOf([true]).meta({ description: 'The slab touches here: a gap of nought or less' }),
    instrument: string().oneOf(INSTRUMENT_IDS).meta({ description: 'What it was read with; the usual one for the station unless said' }),
    stepMm: number().test(finite).min(0).max(10).meta({ description: 'To what step it was read off, mm' }),
    again: boolean().oneOf([true]).meta({ description: 'Taken again and found so: it is not doubted' }),
  })
    .noUnknown()
    .test('figureOrRub', '${path} needs either mm or rubs', (reading) => (reading.mm === undefined) !== (reading.rubs === undefined))
    .test('sense', '${path} makes no sense', function (reading) {
      const { station, mm, rubs } = reading as { station?: string; mm?: number; rubs?: boolean };
      const [fault] = station === undefined ? [] : readingFaults({ station, mm, rubs: rubs === true });
      return (
        fault === undefined ||
        this.createError({ path: `${this.path}.${fault.field}`, message: `${this.path}.${fault.field}: ${fault.message}` })
      );
    });

  const findingSchema = object({
    finding: string().oneOf(findings).required().meta({ description: 'Which check' }),
    answer: string().required().max(40).meta({ description: 'Which of its answers' }),
    again: boolean().oneOf([true]).meta({ description: 'Looked at again and found so' }),
  }).noUnknown();

  const roundSchema = object({
    done: array(
      object({
        action: string().oneOf(actions).required().meta({ description: 'What was done' }),
        [placeKey]: string()
          .oneOf(places)
          .meta({ description: `At which ${placeWord}` }),
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
    door,
    readings: array(readingSchema.required()).required().max(200).meta({ description: 'Any readings, in any order, or none' }),
    findings: array(findingSchema.required()).required().max(40).meta({ description: 'Answers to checks, or none' }),
    unreachable: array(
      string()
        .oneOf([...stations, ...findings])
        .required(),
    )
      .max(60)
      .meta({ description: 'Where no gauge or level can be got to, and what cannot be looked at or tried: nobody is asked for it again' }),
    rounds: array(roundSchema.required()).max(20).meta({ description: 'Work done since, with the readings after it, in order' }),
  };

  const diagnose = object(observedShape).noUnknown();
  const plan = object({
    ...observedShape,
    without: array(string().oneOf(actions).required()).max(20).meta({ description: 'Actions not wanted today' }),
    seed: number().integer().min(0).meta({ description: 'Seed of the chance; the same seed gives the same figures' }),
  }).noUnknown();
  return { diagnose, plan };
}
