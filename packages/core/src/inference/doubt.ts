import type { Belief, HeldHypothesis } from './belief';
import { suppositionKey } from './hypotheses';
import type { Cause } from '../model/cause';

/** Hypotheses that matter for a look ahead. */
const LOOKED_AT = 16;

/** Hypotheses of the same causes, whatever their form. */
export interface Supposed {
  causes: readonly Cause[];
  weight: number;
}

/** The likeliest hypotheses and the suppositions they belong to, for a look ahead. */
export interface Lookout {
  looked: readonly HeldHypothesis[];
  /** Of the hypotheses; they sum to one. */
  weights: readonly number[];
  groups: readonly Supposed[];
  /** The group of each hypothesis. */
  groupOf: readonly number[];
  /** Doubt about the causes for chances of the groups, nats. */
  doubt: (chances: readonly number[]) => number;
  /** Doubt as it stands, nats. */
  now: number;
}

export function lookoutOf(belief: Belief): Lookout {
  const looked = belief.held.slice(0, LOOKED_AT);
  const total = looked.reduce((sum, { probability }) => sum + probability, 0);
  const weights = looked.map(({ probability }) => probability / total);
  const keys = [...new Set(looked.map(({ hypothesis }) => suppositionKey(hypothesis)))];
  const groupOf = looked.map(({ hypothesis }) => keys.indexOf(suppositionKey(hypothesis)));
  const groups = keys.map((_, g): Supposed => ({
    causes: looked[groupOf.indexOf(g)]?.hypothesis.causes ?? [],
    weight: weights.reduce((sum, weight, h) => sum + (groupOf[h] === g ? weight : 0), 0),
  }));
  const doubt = doubtOver(groups);
  return { looked, weights, groups, groupOf, doubt, now: doubt(groups.map(({ weight }) => weight)) };
}

/**
 * The doubt that is left, in nats, for chances of the groups: the entropies of every cause being at work or not, summed. What
 * parts two pairs that share their likelier cause counts for little; what parts one cause from another counts twice.
 */
export function doubtOver(groups: readonly Supposed[]): (chances: readonly number[]) => number {
  const ids = [...new Set(groups.flatMap(({ causes }) => causes.map(({ id }) => id)))];
  const withCause = ids.map((id) => groups.flatMap(({ causes }, g) => (causes.some((each) => each.id === id) ? [g] : [])));
  return (chances) => withCause.reduce((sum, own) => sum + binaryEntropy(own.reduce((all, g) => all + (chances[g] ?? 0), 0)), 0);
}

/** Entropy of a thing that is so with chance p, nats. */
function binaryEntropy(p: number): number {
  return p <= 0 || p >= 1 ? 0 : -p * Math.log(p) - (1 - p) * Math.log(1 - p);
}
