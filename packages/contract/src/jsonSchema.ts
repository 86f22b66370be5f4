import type { Schema, SchemaDescription, SchemaFieldDescription } from 'yup';

/** A JSON Schema (draft 2020-12) as a plain object. */
export type JsonSchema = Record<string, unknown>;

/** What a schema may carry for people and for the JSON Schema: unit and meaning. */
export interface SchemaMeta {
  description?: string;
  format?: string;
  /** Strings only: a regular expression the JSON Schema should state. */
  pattern?: string;
  /** What it may be, one of several. */
  oneOf?: readonly Schema[];
}

declare module 'yup' {
  // eslint-disable-next-line @typescript-eslint/no-empty-object-type -- the way yup lets meta be typed
  interface CustomSchemaMetadata extends SchemaMeta {}
}

/** The JSON Schema that says what a yup schema accepts. */
export function toJsonSchema(schema: Schema): JsonSchema {
  return describe(schema.describe());
}

function describe(field: SchemaFieldDescription): JsonSchema {
  if (!('nullable' in field)) return {};
  const description = field as SchemaDescription & {
    fields?: Record<string, SchemaFieldDescription>;
    innerType?: SchemaFieldDescription | SchemaFieldDescription[];
  };
  const meta = description.meta ?? {};
  return {
    ...typeOf(description),
    ...(description.label !== undefined && { title: description.label }),
    ...(meta.description !== undefined && { description: meta.description }),
    ...(meta.format !== undefined && { format: meta.format }),
    ...(meta.pattern !== undefined && { pattern: meta.pattern }),
    ...(meta.oneOf !== undefined && { oneOf: meta.oneOf.map(toJsonSchema) }),
    ...(description.oneOf.length > 0 && { enum: description.nullable ? [...description.oneOf, null] : description.oneOf }),
    ...limitsOf(description),
    ...objectParts(description),
    ...arrayParts(description),
  };
}

const JSON_TYPES: Readonly<Record<string, string>> = {
  string: 'string',
  number: 'number',
  boolean: 'boolean',
  object: 'object',
  array: 'array',
};

function typeOf({ type, nullable, tests }: SchemaDescription): JsonSchema {
  const name = tests.some((test) => test.name === 'integer') ? 'integer' : JSON_TYPES[type];
  if (name === undefined) return {};
  return { type: nullable ? [name, 'null'] : name };
}

/** How yup's tests are called in a JSON Schema, by type. */
const LIMITS: Readonly<Record<string, Readonly<Record<string, readonly [string, string]>>>> = {
  number: { min: ['minimum', 'min'], max: ['maximum', 'max'] },
  string: { min: ['minLength', 'min'], max: ['maxLength', 'max'] },
  array: { min: ['minItems', 'min'], max: ['maxItems', 'max'] },
};

function limitsOf({ type, tests }: SchemaDescription): JsonSchema {
  const names = LIMITS[type] ?? {};
  const limits: JsonSchema = {};
  for (const { name, params = {} } of tests) {
    const limit = name === undefined ? undefined : names[name];
    if (limit === undefined) continue;
    const [key, param] = limit;
    const strict = name === 'min' ? params['more'] : params['less'];
    if (strict !== undefined) limits[name === 'min' ? 'exclusiveMinimum' : 'exclusiveMaximum'] = strict;
    else limits[key] = params[param];
  }
  return limits;
}

function objectParts(description: SchemaDescription & { fields?: Record<string, SchemaFieldDescription> }): JsonSchema {
  const { fields } = description;
  if (description.type !== 'object' || fields === undefined) return {};
  const required = Object.entries(fields).flatMap(([name, field]) => ('optional' in field && !field.optional ? [name] : []));
  return {
    properties: Object.fromEntries(Object.entries(fields).map(([name, field]) => [name, describe(field)])),
    ...(required.length > 0 && { required }),
    additionalProperties: false,
  };
}

function arrayParts(description: SchemaDescription & { innerType?: SchemaFieldDescription | SchemaFieldDescription[] }): JsonSchema {
  const { innerType } = description;
  if (description.type !== 'array' || innerType === undefined || Array.isArray(innerType)) return {};
  return { items: describe(innerType) };
}
