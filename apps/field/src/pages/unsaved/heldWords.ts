import { OF_WRITING, recordKind, type RecordKind } from '@proper-swing/contract';
import { groupOf, type Field, type Fields } from '@proper-swing/core/fields/field';
import { format } from 'date-fns/format';

/** One thing that a record holds, in words. */
export interface Held {
  says: string;
  value: string;
}

/** All that a record holds, as a person reads it; what is empty is left out. */
export function heldWords(kind: RecordKind, body: object, length: (mm: number) => string): Held[] {
  return ofGroup(recordKind(kind)?.fields ?? {}, body as Readonly<Record<string, unknown>>, length);
}

function ofGroup(fields: Fields, body: Readonly<Record<string, unknown>>, length: (mm: number) => string): Held[] {
  return Object.entries(fields).flatMap(([name, field]) => {
    const value = body[name];
    if (OF_WRITING.has(name) || isName(field) || value === undefined || value === null || value === '') return [];
    const group = groupOf(field, body);
    if (group !== undefined) return ofGroup(group.fields, value as Readonly<Record<string, unknown>>, length);
    return [{ says: saysOf(name, field), value: valueWords(field, value, length) }];
  });
}

/** Names another record: nothing a person reads. */
const isName = (field: Field): boolean => field.is === 'text' && field.form === 'uuid';

/** What a field is: the first part of its description. */
const saysOf = (name: string, { says = name }: Field): string => says.split(/[;:]/)[0] ?? name;

/** One value as a person reads it. */
export function valueWords(field: Field | undefined, value: unknown, length: (mm: number) => string): string {
  if (value === undefined || value === null || value === '') return 'nothing';
  if (typeof value === 'boolean') return value ? 'yes' : 'no';
  if (Array.isArray(value)) return value.map((each) => valueWords(field?.is === 'list' ? field.of : undefined, each, length)).join(', ');
  if (typeof value === 'object') {
    const held = ofGroup(field?.is === 'group' ? field.fields : {}, value as Readonly<Record<string, unknown>>, length);
    return held.map((each) => `${each.says}: ${each.value}`).join('; ');
  }
  if (typeof value === 'number') return field?.is === 'number' && field.unit === 'mm' ? length(value) : String(value);
  if (typeof value !== 'string') return JSON.stringify(value);
  if (field?.is === 'text' && field.form === 'instant') return format(value, 'd MMM yyyy HH:mm');
  return field?.is === 'choice' ? idWords(value) : value;
}

/** `latch.bottom`, `solidTimber`: latch bottom, solid timber. */
const idWords = (id: string): string =>
  id
    .replace(/[.-]/g, ' ')
    .replace(/([a-z])([A-Z])/g, '$1 $2')
    .toLowerCase();
