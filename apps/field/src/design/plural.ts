const RULES = new Intl.PluralRules('en');

/** The form of a word for so many: one, or any other number. Signs do not count. */
export function pluralOf(count: number, { one, other }: { one: string; other: string }): string {
  return RULES.select(Math.abs(count)) === 'one' ? one : other;
}
