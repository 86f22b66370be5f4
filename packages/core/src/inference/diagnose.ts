import type { DoorModel } from '../model/doorModel';
import type { Belief } from './belief';
import { believedLately } from './believedLately';
import type { Diagnosis, Estimate, ExpectedGap } from './diagnosis';
import { doubtfulReadings } from './doubtful';
import { weighEvidence } from './evidence';
import { causeChances, expectAt, suppositionChances } from './expectation';
import type { Observations } from './observed';

/** Of causes less likely than this only the weightiest evidence is told: nobody reads all of it for all of them. */
const UNLIKELY_BELOW = 0.02;
const FEW = 3;

/** Suppositions less likely than this are not told. */
const WORTH_TELLING = 0.02;

/**
 * Estimates every gap and the chance of every cause, from whatever was read.
 *
 * @throws DomainError when a reading or a finding makes no sense
 */
export function estimate(model: DoorModel, observed: Observations): Estimate {
  const belief = believedLately(model, observed);
  return {
    causes: causeChances(belief).map(({ id, probability }) => ({ id, title: model.cause(id).title, probability })),
    expected: expectedGaps(belief),
    doubtful: doubtfulReadings(observed, belief),
  };
}

/**
 * Names the likely causes of a door's trouble, and estimates every gap round it, from whatever was read.
 *
 * Any subset of readings will do, including none; then the answer is what doors in general are like.
 *
 * @throws DomainError when a reading or a finding makes no sense
 */
export function diagnose(model: DoorModel, observed: Observations): Diagnosis {
  const belief = believedLately(model, observed);
  const evidence = weighEvidence(belief);
  const causes = causeChances(belief).map(({ id, probability }) => {
    const { title, says, advice } = model.cause(id);
    const own = evidence.get(id) ?? { for: [], against: [] };
    const shown = probability >= UNLIKELY_BELOW ? own : { for: own.for.slice(0, FEW), against: own.against.slice(0, FEW) };
    return { id, title, says, probability, ...shown, ...(advice !== undefined && { advice }) };
  });
  return {
    causes,
    suppositions: suppositionChances(belief).filter(({ probability }) => probability >= WORTH_TELLING),
    expected: expectedGaps(belief),
    doubtful: doubtfulReadings(observed, belief),
  };
}

function expectedGaps(belief: Belief): ExpectedGap[] {
  return belief.model.tables.stations.map(({ id }) => {
    const { mean, variance } = expectAt(belief, id);
    return { station: id, meanMm: mean, sdMm: Math.sqrt(variance) };
  });
}
