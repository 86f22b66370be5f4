import { flag, id, instant, number, optional, text, type Faults, type Fields } from '@proper-swing/core/fields/field';
import type { ValuesOf } from '@proper-swing/core/fields/value';

/** Cards describe things that stay; a correction is a new revision. */
const CARD = {
  id: id('Made on the device that wrote it'),
  revision: number('Counts up with each correction, from 1', { from: 1, whole: true }),
  writtenAt: instant('When it was written'),
  madeFrom: optional(instant('When the revision that was corrected was written: another one is not corrected by it')),
} as const;

/** What every entry tells of its own writing. */
const WRITTEN = {
  id: id('Made on the device that wrote it'),
  writtenAt: instant('When it was written'),
  device: optional(text('The device it was written on', { longest: 40 })),
  after: optional(id('The last entry of the call that was known when it was written')),
} as const;

/** Fields that tell of the writing of a record and not of the door. */
export const OF_WRITING: ReadonlySet<string> = new Set([...Object.keys(CARD), ...Object.keys(WRITTEN)]);

/** Entries are written once; a correction is a new entry that names the one it supersedes. */
const CORRECTABLE = {
  ...WRITTEN,
  go: optional(id('What was written with one act has one of these')),
  supersedes: optional(id('The entry this one corrects')),
  withdrawn: optional(flag('Takes the superseded entry back and puts nothing in its place')),
} as const;

/** A kind of record: all that server, sync, pages and the API's description need to know of it. */
export interface RecordDescription<K extends string = string, F extends Fields = Fields> {
  kind: K;
  title: string;
  /** Table it is kept in. */
  table: string;
  /** Cards take revisions; entries are written once. */
  manner: 'card' | 'entry';
  fields: F;
  /** Field that names the parent, and the parent's kind. */
  parent?: { field: string; kind: string };
  /** Fields that name an entry of the same call, with its kind; what an entry corrects is always of its own. */
  names?: Readonly<Record<string, string>>;
  /** Further fields that lists are sorted or searched by. */
  indexed?: readonly string[];
  /** Rows that are few among many and are asked for by themselves: those whose field is none of these. */
  few?: { name: string; sortedBy: string; field: string; notOneOf: readonly string[] };
  /** What rows written before got in a column that came later, for one that must be filled. */
  filledWith?: Readonly<Record<string, string>>;
  /** Name in a call's record: of the card itself, or of the list of entries. */
  inCall?: string;
  faults?: Faults;
}

/** The type of a record of a kind. */
export type BodyOf<D> = D extends { fields: infer F } ? ValuesOf<F> : never;

type Own<K extends string> = { kind: K; title: string; table: string; fields: Fields; parent?: { field: string; kind: string } } & Pick<
  RecordDescription,
  'indexed' | 'few' | 'inCall' | 'filledWith' | 'faults' | 'names'
>;

export const card = <const K extends string, const D extends Own<K>>(own: D) =>
  ({ ...own, manner: 'card', fields: { ...CARD, ...own.fields } as typeof CARD & D['fields'] }) as const;

export const entry = <const K extends string, const D extends Own<K>>(own: D) =>
  ({ ...own, manner: 'entry', fields: { ...CORRECTABLE, ...own.fields } as typeof CORRECTABLE & D['fields'] }) as const;

/** An entry that nothing corrects. */
export const plainEntry = <const K extends string, const D extends Own<K>>(own: D) =>
  ({ ...own, manner: 'entry', fields: { ...WRITTEN, ...own.fields } as typeof WRITTEN & D['fields'] }) as const;
