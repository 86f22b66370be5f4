import type { Belief } from './belief';

/** A belief in which single causes have just these chances, and nothing else has any. */
export const withChances = (belief: Belief, chances: Readonly<Record<string, number>>): Belief => ({
  ...belief,
  chances: Float64Array.from(belief.space.hypotheses, ({ causes: [first, ...more] }) =>
    more.length > 0 ? 0 : (chances[first?.id ?? ''] ?? 0),
  ),
});
