import type { JsonSchema } from '@proper-swing/contract/openApi';
import fc, { type Arbitrary } from 'fast-check';

interface Described extends JsonSchema {
  type?: string | string[];
  enum?: unknown[];
  oneOf?: JsonSchema[];
  format?: string;
  pattern?: string;
  minimum?: number;
  maximum?: number;
  exclusiveMinimum?: number;
  exclusiveMaximum?: number;
  minLength?: number;
  maxLength?: number;
  minItems?: number;
  maxItems?: number;
  items?: JsonSchema;
  properties?: Record<string, JsonSchema>;
  required?: string[];
}

/** No list is made longer, whatever a schema lets it be. */
const LONGEST_LIST = 12;

/** Values that a JSON Schema of ours lets pass, its limits among them. */
export function arbitraryOf(schema: JsonSchema): Arbitrary<unknown> {
  const { type, enum: choices, oneOf } = schema as Described;
  if (choices !== undefined) return fc.constantFrom(...choices);
  if (oneOf !== undefined) return fc.oneof(...oneOf.map(arbitraryOf));
  const types = typeof type === 'string' ? [type] : (type ?? []);
  if (types.length === 0) return fc.jsonValue({ maxDepth: 2 });
  return fc.oneof(...types.map((each) => ofType(each, schema as Described)));
}

function ofType(type: string, schema: Described): Arbitrary<unknown> {
  switch (type) {
    case 'string':
      return textOf(schema);
    case 'integer':
      return fc.integer({ min: Math.ceil(lowest(schema, -1000)), max: Math.floor(highest(schema, 1000)) });
    case 'number':
      return numberOf(schema);
    case 'boolean':
      return fc.boolean();
    case 'array':
      return fc.array(arbitraryOf(schema.items ?? {}), {
        minLength: schema.minItems ?? 0,
        maxLength: Math.max(schema.minItems ?? 0, Math.min(schema.maxItems ?? LONGEST_LIST, LONGEST_LIST)),
      });
    case 'object':
      return objectOf(schema);
    default:
      return fc.constant(null);
  }
}

function textOf({ format, pattern, minLength = 0, maxLength = 80 }: Described): Arbitrary<string> {
  if (format === 'date-time') {
    const anyYear = { min: new Date('1990-01-01T00:00:00Z'), max: new Date('2090-01-01T00:00:00Z'), noInvalidDate: true };
    return fc.date(anyYear).map((date) => date.toISOString());
  }
  // The one pattern there is.
  if (pattern !== undefined) return fc.uuid({ version: 7 });
  const words = fc.constantFrom('3 mm', '1/8', 'rubs', 'Alder Court', 'a', 'ä’“', '0', 'true');
  return fc.oneof(words, fc.string({ minLength, maxLength, unit: 'grapheme' })).map((text) => text.slice(0, maxLength));
}

/** Round figures as a person gives them, the limits themselves, and any between. */
function numberOf(schema: Described): Arbitrary<number> {
  const [min, max] = [lowest(schema, -2000), highest(schema, 2000)];
  const within = (value: number) => Math.min(max, Math.max(min, value));
  const rounded = fc.integer({ min: 0, max: 40 }).map((halves) => within(Math.max(min, 0) + halves / 2));
  return fc.oneof(rounded, fc.constantFrom(min, max), fc.double({ min, max, noNaN: true }));
}

const lowest = ({ minimum, exclusiveMinimum }: Described, usual: number) => minimum ?? (exclusiveMinimum ?? usual - 1e-6) + 1e-6;
const highest = ({ maximum, exclusiveMaximum }: Described, usual: number) => maximum ?? (exclusiveMaximum ?? usual + 1e-6) - 1e-6;

function objectOf({ properties = {}, required = [] }: Described): Arbitrary<unknown> {
  const parts = Object.fromEntries(Object.entries(properties).map(([name, schema]) => [name, arbitraryOf(schema)]));
  return fc.record(parts, { requiredKeys: required, noNullPrototype: true });
}
