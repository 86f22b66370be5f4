import { project, type Spread } from '../numbers/gaussian';
import { mixSpreads } from '../numbers/mixture';
import type { Belief, HeldHypothesis } from './belief';
import { suppositionKey } from './hypotheses';

/** Chance that each cause is at work, alone or with another, likeliest first. */
export function causeChances({ space, chances }: Belief): { id: string; probability: number }[] {
  const sums = new Map<string, number>();
  space.hypotheses.forEach(({ causes }, i) => {
    for (const { id } of causes) sums.set(id, (sums.get(id) ?? 0) + (chances[i] ?? 0));
  });
  return [...sums]
    .map(([id, probability]) => ({ id, probability: Math.min(1, probability) }))
    .sort((a, b) => b.probability - a.probability);
}

/** Chances by set of causes, whatever their form, likeliest first; all of them, and they sum to one. */
export function suppositionChances({ space, chances }: Belief): { causes: string[]; probability: number }[] {
  const sums = new Map<string, { causes: string[]; probability: number }>();
  space.hypotheses.forEach((hypothesis, i) => {
    const key = suppositionKey(hypothesis);
    const known = sums.get(key) ?? { causes: hypothesis.causes.map(({ id }) => id), probability: 0 };
    known.probability = Math.min(1, known.probability + (chances[i] ?? 0));
    sums.set(key, known);
  });
  return [...sums.values()].sort((a, b) => b.probability - a.probability);
}

/** What is expected at a station, over all held hypotheses: mean in mm and variance in mm². */
export function expectAt(belief: Belief, station: string): Spread {
  return mixSpreads(belief.held.map((held) => ({ ...expectUnder(belief, held, station), weight: held.probability })));
}

/** What is expected at a station under one hypothesis. */
export function expectUnder({ model }: Belief, { posterior }: HeldHypothesis, station: string): Spread {
  return project(posterior, model.row(station, posterior.mean.length));
}
