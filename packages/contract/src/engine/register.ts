import { formatLength, parseLength, type Denominator } from '@proper-swing/core';
import { SHEETS } from '../sheets';
import { check, type FieldError } from '../validate';
import { toJsonSchema, type JsonSchema } from '../jsonSchema';
import type { EngineFunction } from './engineFunction';
import { HINGED_FUNCTIONS } from './hingedFunctions';
import { parseLengthRequest, parseLengthResult, type ParseLengthRequest } from './lengthSchemas';
import { SLIDING_FUNCTIONS } from './slidingFunctions';

export type { EngineFunction } from './engineFunction';

/** What `describe` prints. */
export interface EngineDescription {
  name: string;
  title: string;
  request: JsonSchema;
  result: JsonSchema;
  example: { request: unknown; result: unknown };
}

/** A request that the engine will not take, with every faulty field. */
export class EngineRequestError extends Error {
  constructor(readonly errors: readonly FieldError[]) {
    super(errors.map(({ field, message }) => `${field}: ${message}`).join('\n'));
    this.name = 'EngineRequestError';
  }
}

export const ENGINE: readonly EngineFunction[] = [
  {
    name: 'length.parse',
    title: 'Read a length as the trade writes it',
    request: parseLengthRequest,
    result: parseLengthResult,
    example: { text: '2-1/4"' },
    run: ({ text, defaultUnit, signed, finest }: ParseLengthRequest) => {
      const length = parseLength(text, { field: 'text', ...(defaultUnit && { defaultUnit }), ...(signed !== undefined && { signed }) });
      return {
        ...length,
        asMm: formatLength(length.mm, { system: 'mm', decimals: 2 }),
        asInches: formatLength(length.mm, { system: 'in', finest: (finest ?? 32) as Denominator }),
      };
    },
  },
  ...HINGED_FUNCTIONS,
  ...SLIDING_FUNCTIONS,
  ...SHEETS,
];

export function engineFunction(name: string): EngineFunction | undefined {
  return ENGINE.find((each) => each.name === name);
}

/**
 * Checks a request and runs the function on it.
 *
 * @throws EngineRequestError naming the fields that are wrong; DomainError when the core finds the sense wrong
 */
export function runEngine({ request, run }: EngineFunction, input: unknown): unknown {
  const checked = check(request, input);
  if (!checked.ok) throw new EngineRequestError(checked.errors);
  return run(checked.value as never);
}

export function describeEngine(each: EngineFunction): EngineDescription {
  const { name, title, request, result, example } = each;
  return {
    name,
    title,
    request: toJsonSchema(request),
    result: toJsonSchema(result),
    example: { request: example, result: runEngine(each, example) },
  };
}
