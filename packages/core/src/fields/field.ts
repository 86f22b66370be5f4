/**
 * A field of what crosses a wire, as plain data: from it come the type, the check, the column, the JSON Schema. Nothing here
 * knows a checking library, so that pages can import it.
 */
export type Field = (TextField | NumberField | ChoiceField | FlagField | ListField | GroupField | VariantField) & Presence;

interface Presence {
  /** What it is, for people who read the API. */
  says?: string;
  /** Must be there, and may be null. */
  nullable?: true;
  /** May be absent, or null. */
  optional?: true;
  /** May be absent; never null. */
  omittable?: true;
}

export interface TextField {
  is: 'text';
  longest?: number;
  /** Must have something in it besides blanks. */
  named?: true;
  form?: 'uuid' | 'instant';
}

export interface NumberField {
  is: 'number';
  from?: number;
  to?: number;
  /** Must be above this. */
  above?: number;
  whole?: true;
  unit?: string;
}

/** One of a few words or numbers. */
export interface ChoiceField {
  is: 'choice';
  of: readonly (string | number)[];
}

export interface FlagField {
  is: 'flag';
  /** Never down. */
  mustBe?: true;
}

export interface ListField {
  is: 'list';
  of: Field;
  least?: number;
  most?: number;
  faults?: Faults;
}

export interface GroupField {
  is: 'group';
  fields: Fields;
  faults?: Faults;
}

/** A group whose fields depend on a choice that stands beside it. */
export interface VariantField {
  is: 'variant';
  /** Name of the choice. */
  by: string;
  of: Readonly<Record<string, GroupField & { says: string }>>;
}

export type Fields = Readonly<Record<string, Field>>;

/** What is wrong with a value whose parts are each right; asked only then. Fields are paths within the value, '' the value itself. */
export type Faults = (value: never) => readonly { field: string; message: string }[];

export const text = <const M extends object>(says: string, more: M) => ({ is: 'text', says, ...more }) as const;
export const named = (says: string, longest = 120) => text(says, { longest, named: true });
export const id = (says: string) => text(says, { form: 'uuid' });
export const instant = (says: string) => text(says, { form: 'instant' });
export const number = <const M extends object>(says: string, more: M) => ({ is: 'number', says, ...more }) as const;
export const lengthMm = (says: string, from: number, to: number) => number(says, { from, to, unit: 'mm' });
export const choice = <const C extends readonly (string | number)[]>(says: string, of: C) => ({ is: 'choice', says, of }) as const;
export const flag = (says: string) => ({ is: 'flag', says }) as const;
export const list = <const F, const M extends object>(says: string, of: F, more: M) => ({ is: 'list', says, of, ...more }) as const;
export const group = <const G, const M extends object>(says: string, fields: G, more: M) =>
  ({ is: 'group', says, fields, ...more }) as const;
export const variant = <const B extends string, const G>(says: string, by: B, of: G) => ({ is: 'variant', says, by, of }) as const;
export const optional = <const F>(field: F) => ({ ...field, optional: true }) as const;
export const omittable = <const F>(field: F) => ({ ...field, omittable: true }) as const;
export const nullable = <const F>(field: F) => ({ ...field, nullable: true }) as const;

/** The group that a field holds in a record: its own, or that of the choice beside it. */
export function groupOf(field: Field, body: Readonly<Record<string, unknown>>): GroupField | undefined {
  if (field.is === 'variant') return field.of[String(body[field.by])];
  return field.is === 'group' ? field : undefined;
}
