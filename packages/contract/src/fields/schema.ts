import {
  array,
  boolean,
  mixed,
  number,
  object,
  string,
  type AnyObject,
  type MixedSchema,
  type ObjectSchema,
  type Schema,
  type TestFunction,
} from 'yup';
import type { Faults, Field, Fields } from '@proper-swing/core/fields/field';

const UUID_V7 = /^[0-9a-f]{8}-[0-9a-f]{4}-7[0-9a-f]{3}-[89ab][0-9a-f]{3}-[0-9a-f]{12}$/;
const INSTANT = /^\d{4}-\d{2}-\d{2}T\d{2}:\d{2}:\d{2}(\.\d{1,3})?Z$/;

/** No number that is none: neither NaN nor infinite. */
export const finite = {
  name: 'finite',
  message: '${path} must be a finite number',
  test: (value: number | null | undefined) => value == null || Number.isFinite(value),
};

/** The check of an object with these fields and no others. */
export function schemaOf(fields: Fields, faults?: Faults): ObjectSchema<AnyObject> {
  const shape = object(Object.fromEntries(Object.entries(fields).map(([name, field]) => [name, fieldSchema(field)]))).noUnknown();
  return faults === undefined ? shape : shape.test('sense', senseTest(shape, faults));
}

/** The check of one field. */
export function fieldSchema(field: Field): Schema {
  const plain = plainSchema(field) as MixedSchema;
  if (field.optional) return plain.nullable().optional().default(undefined) as Schema;
  if (field.omittable) return plain.optional().default(undefined);
  if (field.nullable) return plain.nullable().defined() as Schema;
  // An empty text is a text: only what must be named may not be left empty.
  return (field.is === 'text' && !field.named && field.form === undefined ? plain.defined() : plain.required()) as Schema;
}

function plainSchema(field: Field): Schema {
  const unit = field.is === 'number' && field.unit !== undefined ? `, ${field.unit}` : '';
  const meta = field.says === undefined ? {} : { description: `${field.says}${unit}` };
  switch (field.is) {
    case 'text':
      return textSchema(field).meta({
        ...meta,
        ...(field.form === 'uuid' && { pattern: UUID_V7.source }),
        ...(field.form === 'instant' && { format: 'date-time' }),
      });
    case 'number': {
      let made = number().test(finite);
      if (field.whole) made = made.integer();
      if (field.from !== undefined) made = made.min(field.from);
      if (field.above !== undefined) made = made.moreThan(field.above);
      if (field.to !== undefined) made = made.max(field.to);
      return made.meta(meta);
    }
    case 'choice':
      return (
        field.of.every((each) => typeof each === 'number') ? number().oneOf(field.of) : string().oneOf(field.of as readonly string[])
      ).meta(meta);
    case 'flag':
      return (field.mustBe ? boolean().oneOf([true]) : boolean()).meta(meta);
    case 'list': {
      let shape = array(fieldSchema(field.of));
      if (field.least !== undefined) shape = shape.min(field.least);
      if (field.most !== undefined) shape = shape.max(field.most);
      return (field.faults === undefined ? shape : shape.test('sense', senseTest(shape, field.faults))).meta(meta);
    }
    case 'group':
      return schemaOf(field.fields, field.faults).default(undefined).meta(meta) as unknown as Schema;
    case 'variant': {
      const schemas = new Map(Object.entries(field.of).map(([name, one]) => [name, plainSchema(one)]));
      return mixed()
        .when([field.by], ([chosen], self) => (schemas.get(chosen as string) as MixedSchema | undefined)?.required() ?? self)
        .meta({ ...meta, oneOf: [...schemas.values()] });
    }
  }
}

function textSchema({ form, named, longest }: Extract<Field, { is: 'text' }>) {
  if (form === 'uuid') return string().matches(UUID_V7, '${path} must be a UUID of version 7, in lower case');
  if (form === 'instant') {
    return string()
      .matches(INSTANT, { message: '${path} must be a UTC instant such as 2026-03-02T08:30:00Z' })
      .test('exists', '${path} is no date of the calendar', isOnCalendar);
  }
  const limited = longest === undefined ? string() : string().max(longest);
  return named ? limited.trim().min(1, '${path} must not be empty') : limited;
}

/** Neither a 13th month nor a 30 February, which would be taken for the 2 March. */
function isOnCalendar(value: string | null | undefined): boolean {
  if (value == null) return true;
  const moment = new Date(value);
  return !Number.isNaN(moment.getTime()) && moment.toISOString().slice(0, 10) === value.slice(0, 10);
}

/** What is absent or of another shape has no sense to be judged: it is refused field by field. */
function senseTest(shape: Schema, faults: Faults): TestFunction {
  return (value: unknown, { createError, path }) => {
    if (value == null || !shape.isValidSync(value, { strict: true })) return true;
    const [fault] = faults(value as never);
    if (fault === undefined) return true;
    const at = [path, fault.field].filter((part) => part !== '').join('.');
    return createError({ path: at, message: `${at}: ${fault.message}` });
  };
}
