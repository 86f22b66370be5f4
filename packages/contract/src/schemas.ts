// The checks of records: kept apart so that a page that only names and shows does not load them.
export { toJsonSchema, type JsonSchema } from './jsonSchema';
export { recordSchema } from './record/schemas';
export { check, type Checked, type FieldError } from './validate';
