export type { Field, Fields } from './field';
export type { Flat, ValueOf, ValuesOf } from './value';
