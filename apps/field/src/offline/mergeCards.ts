import { OF_WRITING, recordKind, type RecordBodies, type RecordKind } from '@proper-swing/contract';
import { groupOf, type Field } from '@proper-swing/core/fields/field';
import { replaceEqualDeep } from '@tanstack/react-query';

export type Card = Extract<RecordBodies[RecordKind], { revision: number }>;
export type CardKind = 'sites' | 'doors' | 'calls';

/** A field that two devices changed, each otherwise. */
export interface TwoWays {
  /** Where it stands in the card: its name, or its group's name and its own. */
  path: readonly string[];
  /** What it is, in the words of the record's description. */
  says: string;
  field: Field;
  ours: unknown;
  theirs: unknown;
}

export interface Merged {
  /** Their card with what only we changed; where both did, with ours. */
  card: Card;
  conflicts: readonly TwoWays[];
}

/**
 * Brings two changes of one card together, field by field, and in a group of fields each by itself.
 *
 * @param base what both were made from; where nobody knows, every difference is two ways
 * @param ours as it stands on this device
 * @param theirs as it stands at the server
 */
export function mergeCards(kind: CardKind, base: Card | undefined, ours: Card, theirs: Card): Merged {
  const conflicts: TwoWays[] = [];
  let card = theirs;
  for (const { path, says, field } of pathsOf(kind, ours)) {
    const [was, here, there] = [base, ours, theirs].map((each) => each && valueAt(each, path));
    if (isSame(here, there) || (base !== undefined && isSame(was, here))) continue;
    card = withValue(card, path, here);
    if (base === undefined || !isSame(was, there)) conflicts.push({ path, says, field, ours: here, theirs: there });
  }
  return { card, conflicts };
}

/** A card with another value at one of its fields. */
export function withValue(card: Card, [name = '', ...within]: readonly string[], value: unknown): Card {
  const fields = card as unknown as Record<string, unknown>;
  const [inner] = within;
  const put = inner === undefined ? value : { ...(fields[name] as object), [inner]: value };
  return { ...fields, [name]: put } as unknown as Card;
}

function pathsOf(kind: CardKind, card: Card): Pick<TwoWays, 'path' | 'says' | 'field'>[] {
  return Object.entries(recordKind(kind)?.fields ?? {}).flatMap(([name, field]) => {
    if (OF_WRITING.has(name)) return [];
    const group = groupOf(field, card);
    if (group === undefined) return [{ path: [name], says: field.says ?? name, field }];
    return Object.entries(group.fields).map(([inner, within]) => ({ path: [name, inner], says: within.says ?? inner, field: within }));
  });
}

function valueAt(card: Card, path: readonly string[]): unknown {
  return path.reduce<unknown>((value, name) => (value as Record<string, unknown> | null | undefined)?.[name], card);
}

/** What is left out, null and a flag that is down are one and the same. */
function isSame(a: unknown, b: unknown): boolean {
  const plain = (value: unknown) => (value === undefined || value === false ? null : value);
  return replaceEqualDeep(plain(a), plain(b)) === plain(a);
}
