import { standing, type Correctable } from './standing';

/** An entry that tells what it was written after. */
export interface Sequenced extends Correctable {
  after?: string | null | undefined;
}

const inOrder = (a: string, b: string) => (a < b ? -1 : Number(a > b));

/** In the order they were written: ids begin with the moment. */
export function byWriteOrder(a: { id: string }, b: { id: string }): number {
  return inOrder(a.id, b.id);
}

/**
 * Where entries of a call belong in the sequence of its work, as text that sorts.
 *
 * An entry belongs at the moment it was written, but never before what its writer knew of already: two devices' clocks need not
 * agree. A correction keeps the place of what it corrects.
 *
 * @param entries all that was written on the call, of any kind
 * @returns for an entry, a key to sort and to compare by
 */
export function sequenceOf(entries: readonly Sequenced[]): (entry: Sequenced) => string {
  const byId = new Map(entries.map((entry) => [entry.id, entry]));
  const kept = new Map<string, string>();
  const asked = new Set<string>();
  const keyOf = (entry: Sequenced): string => {
    const known = kept.get(entry.id);
    if (known !== undefined) return known;
    // What names itself, however far round, belongs where it was written.
    if (asked.has(entry.id)) return entry.id;
    asked.add(entry.id);
    const corrected = byId.get(entry.supersedes ?? '');
    const before = byId.get(entry.after ?? '');
    const key = corrected !== undefined ? keyOf(corrected) : laterOf(entry.id, before && keyOf(before));
    asked.delete(entry.id);
    kept.set(entry.id, key);
    return key;
  };
  return keyOf;
}

function laterOf(id: string, before: string | undefined): string {
  return before === undefined || before < id ? id : `${before}.${id}`;
}

/** The entries that stand, each in the place of the first it corrects. */
export function standingInSequence<T extends Sequenced>(entries: readonly T[], keyOf: (entry: Sequenced) => string): T[] {
  return standing(entries)
    .map((entry) => ({ entry, key: keyOf(entry) }))
    .sort((a, b) => inOrder(a.key, b.key) || byWriteOrder(a.entry, b.entry))
    .map(({ entry }) => entry);
}
