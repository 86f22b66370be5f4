export { withoutAbsent } from './withoutAbsent';
export type { Field, Fields } from '@proper-swing/core/fields/field';
export type { Flat, ValueOf, ValuesOf } from '@proper-swing/core/fields/value';
