/** How an amount of work is told: once, as a length, or counted. */
export type UnitMeasure =
  /** How much goes without saying. */
  | { is: 'once' }
  /** Each so many millimetres; told as a length, with a word for the way it goes. */
  | { is: 'length'; eachMm: number; goes?: string }
  | { is: 'count'; one: string; other: string; inInches?: { one: string; other: string } };

/** Units of work by the name that records keep. */
export const UNITS = {
  hinge: { is: 'once' },
  leg: { is: 'once' },
  frame: { is: 'once' },
  slab: { is: 'once' },
  pin: { is: 'once' },
  lock: { is: 'once' },
  job: { is: 'once' },
  mm: { is: 'length', eachMm: 1 },
  'half millimetres': { is: 'length', eachMm: 0.5, goes: 'deeper' },
  'layers of 0.5 mm card': {
    is: 'count',
    one: 'layer of 0.5 mm card',
    other: 'layers of 0.5 mm card',
    inInches: { one: 'layer of 0.02 in card', other: 'layers of 0.02 in card' },
  },
  'goes of about 0.8 mm': {
    is: 'count',
    one: 'go of about 0.8 mm',
    other: 'goes of about 0.8 mm',
    inInches: { one: 'go of about 1/32 in', other: 'goes of about 1/32 in' },
  },
  'half turns': { is: 'count', one: 'half turn', other: 'half turns' },
  'quarter turns': { is: 'count', one: 'quarter turn', other: 'quarter turns' },
} as const satisfies Record<string, UnitMeasure>;

export type UnitName = keyof typeof UNITS;

/** How amounts in a unit are told; one that no table knows any more is counted in its own words. */
export function unitMeasure(unit: string): UnitMeasure {
  return (UNITS as Readonly<Record<string, UnitMeasure>>)[unit] ?? { is: 'count', one: unit, other: unit };
}
