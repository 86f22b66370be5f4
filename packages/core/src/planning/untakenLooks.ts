import { causeChances } from '../inference/expectation';
import type { Belief } from '../inference/belief';
import { looksTaken, type Observations } from '../inference/observed';
import type { Cause } from '../model/cause';
import { toldBy } from './lookAgain';

/** A cause as likely as this is worked on without another look. */
const SURE_FROM = 0.85;
/** A check whose answers differ by this share between a fault at work and none says whether it is there. */
const TELLS_FROM = 0.5;
/** One that takes longer is no quick look, minutes. */
const QUICK_MINUTES = 2;
const MOST_LOOKS = 2;

/** Quick looks and tries that nobody has made and that would tell whether these causes are at work, as long as that is not sure; most telling first. */
export function untakenLooks(belief: Belief, observed: Observations, causes: readonly Cause[]): string[] {
  const taken = looksTaken(observed);
  const chances = new Map(causeChances(belief).map(({ id, probability }) => [id, probability]));
  const unsure = causes.filter(({ id }) => (chances.get(id) ?? 0) < SURE_FROM);
  return belief.model.findings
    .filter(({ id, stage, minutes }) => stage !== 'listen' && minutes <= QUICK_MINUTES && !taken.has(id))
    .map((each) => ({ id: each.id, tells: Math.max(0, ...unsure.map((cause) => toldBy(each, cause.id))) }))
    .filter(({ tells }) => tells >= TELLS_FROM)
    .sort((a, b) => b.tells - a.tells)
    .slice(0, MOST_LOOKS)
    .map(({ id }) => id);
}
