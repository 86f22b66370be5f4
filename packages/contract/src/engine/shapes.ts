import { number, object } from 'yup';
import { finite } from '../fields/schema';

/** A length, mm. */
export const mm = (description: string) => number().meta({ description: `${description}, mm` });

export const probability = (description: string) =>
  number()
    .required()
    .min(0)
    .max(1)
    .meta({ description: `${description}, 0 to 1` });

/** Timber off at the two ends of an edge. */
export const planedEnds = {
  fromMm: mm('Timber off at the head or hinge end').required().test(finite).min(0).max(500),
  toMm: mm('Timber off at the other end').required().test(finite).min(0).max(500),
};

export const planedShape = object(planedEnds).noUnknown().default(undefined).optional();
