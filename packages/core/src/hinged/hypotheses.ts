import { addSpread, type Gaussian } from '../algebra/gaussian';
import { CAUSES, cause, type Cause, type CauseId } from './causes';
import { profileOf, type HingedDoor } from './door';
import { HEALTHY_SPREAD, type Spreading } from './healthy';
import { moveVector } from './moves';
import { PARAMETER_COUNT, parameterIndex } from './parameters';

/**
 * A supposition about a door: which causes are at work and what the door would then be like. The vector holds the
 * parameters and, behind them, the magnitude in mm of each cause that has one, so that a cure can take just that away.
 */
export interface Hypothesis {
  causes: readonly Cause[];
  logPrior: number;
  /** Place of each cause's magnitude in the vector. */
  faultIndex: ReadonlyMap<CauseId, number>;
  /** Direction in which 1 mm of the magnitude moves the parameters. */
  faultMoves: ReadonlyMap<CauseId, Float64Array>;
  prior: Gaussian;
  size: number;
}

/** Every single cause as a hypothesis, with prior weights that sum to one. */
export function singleHypotheses(door: HingedDoor): Hypothesis[] {
  const total = CAUSES.reduce((sum, { prior }) => sum + prior, 0);
  return CAUSES.map((each) => suppose(door, [each.id], Math.log(each.prior / total)));
}

/** Builds the supposition that just these causes are at work. */
export function suppose(door: HingedDoor, causeIds: readonly CauseId[], logPrior: number): Hypothesis {
  const causes = causeIds.map(cause);
  const withFault = causes.filter((c) => c.fault !== undefined);
  const size = PARAMETER_COUNT + withFault.length;
  const prior = healthyPrior(door, size);
  const faultIndex = new Map<CauseId, number>();
  const faultMoves = new Map<CauseId, Float64Array>();

  causes.forEach(({ spreads = [] }) => addSpreads(prior, spreads, door, size));
  withFault.forEach(({ id, fault }, i) => {
    if (fault === undefined) return;
    const place = PARAMETER_COUNT + i;
    const moves = moveVector(fault.moves, door, size);
    faultIndex.set(id, place);
    faultMoves.set(id, moves);
    const along = Float64Array.from(moves);
    along[place] = 1;
    along.forEach((share, j) => {
      prior.mean[j] = (prior.mean[j] ?? 0) + share * fault.mean;
    });
    addSpread(prior.cov, along, fault.sd * fault.sd);
  });
  return { causes, logPrior, faultIndex, faultMoves, prior, size };
}

function healthyPrior(door: HingedDoor, size: number): Gaussian {
  const { edges } = profileOf(door);
  const mean = new Float64Array(size);
  mean[parameterIndex('hingeGap')] = edges.hinge.target;
  mean[parameterIndex('headGap')] = edges.head.target;
  mean[parameterIndex('sideRoom')] = edges.hinge.target + edges.latch.target;
  mean[parameterIndex('heightRoom')] = edges.head.target + edges.foot.target;
  const prior = { mean, cov: new Float64Array(size * size) };
  addSpreads(prior, HEALTHY_SPREAD, door, size);
  return prior;
}

function addSpreads(prior: Gaussian, spreads: readonly Spreading[], door: HingedDoor, size: number): void {
  for (const { sd, moves } of spreads) addSpread(prior.cov, moveVector(moves, door, size), sd * sd);
}
