import { boolean, number, object, string, type InferType } from 'yup';

const UNITS = ['mm', 'cm', 'm', 'in', 'ft'] as const;

export const parseLengthRequest = object({
  text: string().required().max(60).meta({ description: 'A length as typed, such as 3.5, 1/8 or 6\' 8 1/2"' }),
  defaultUnit: string().oneOf(UNITS).meta({ description: 'Unit of a bare number; mm unless said' }),
  signed: boolean().meta({ description: 'Whether a leading minus is allowed' }),
  finest: number().oneOf([2, 4, 8, 16, 32, 64]).meta({ description: 'Finest fraction of an inch to print; 32 unless said' }),
}).noUnknown();

export type ParseLengthRequest = InferType<typeof parseLengthRequest>;

export const parseLengthResult = object({
  mm: number().required().meta({ description: 'The length, mm' }),
  unit: string().oneOf(UNITS).required().meta({ description: 'The unit it was meant in' }),
  typed: string().required().meta({ description: 'The text as typed' }),
  asMm: string().required().meta({ description: 'Written in millimetres' }),
  asInches: string().required().meta({ description: 'Written in inches and a fraction' }),
}).noUnknown();
