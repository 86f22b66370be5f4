import { ValidationError, type Schema } from 'yup';

/** One fault of an input: where, and what to do about it. */
export interface FieldError {
  field: string;
  message: string;
}

export type Checked<T> = { ok: true; value: T } | { ok: false; errors: FieldError[] };

/**
 * Checks an input against a schema without changing it: nothing is coerced, so "3" is not 3. No input at all is judged as
 * an empty one, so that the missing fields are named.
 *
 * @returns the value, or every fault with its field
 */
export function check<T>(schema: Schema<T>, input: unknown): Checked<T> {
  try {
    return { ok: true, value: schema.validateSync(input ?? {}, { strict: true, abortEarly: false }) };
  } catch (error) {
    if (!(error instanceof ValidationError)) throw error;
    const faults = error.inner.length > 0 ? error.inner : [error];
    return { ok: false, errors: faults.flatMap(fieldErrors) };
  }
}

/** yup names the object that holds unknown keys; a person wants the keys. */
function fieldErrors({ type, path = '', message, params }: ValidationError): FieldError[] {
  if (type === 'noUnknown' && typeof params?.['unknown'] === 'string') {
    return params['unknown']
      .split(', ')
      .map((key) => ({ field: path === '' ? key : `${path}.${key}`, message: `${key} is not known here` }));
  }
  return [{ field: path === '' ? '(body)' : path, message }];
}
