/** Any entry that can be corrected by a later one. */
export interface Correctable {
  id: string;
  supersedes?: string | null | undefined;
  withdrawn?: boolean | null | undefined;
}

/** The entries that stand: neither superseded by a later one nor withdrawn. */
export function standing<T extends Correctable>(entries: readonly T[]): T[] {
  const superseded = new Set(entries.flatMap(({ supersedes }) => supersedes ?? []));
  return entries.filter(({ id, withdrawn }) => !superseded.has(id) && withdrawn !== true);
}
