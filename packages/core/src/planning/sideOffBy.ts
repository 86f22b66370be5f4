import type { Belief } from '../inference/belief';
import { project, type Spread } from '../numbers/gaussian';
import { mixSpreads } from '../numbers/mixture';

/** How far a side is from its target, mm and mm². */
export function sideOffBy({ model, held }: Belief, side: string): Spread {
  const { target } = model.side(side);
  return mixSpreads(
    held.map(({ posterior, probability }) => {
      const { mean, variance } = project(posterior, model.sideRow(side, posterior.mean.length));
      return { mean: mean - target, variance, weight: probability };
    }),
  );
}
