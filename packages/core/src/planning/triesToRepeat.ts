import type { Belief } from '../inference/belief';
import { believe } from '../inference/believe';
import type { Observations } from '../inference/observed';
import type { Side } from '../model/tables';
import type { Candidate } from './candidate';
import { sideOffBy } from './sideOffBy';
import { saidOf } from './sidesTold';

/**
 * Tries to make once more where all that is to be done is for what they are of: one answer alone says that it is out and the figures do
 * not, or the customer says so and the try does not. None once anything has been done.
 */
export function triesToRepeat(belief: Belief, observed: Observations, work: Candidate): string[] {
  const { model, done } = belief;
  if (done.length > 0) return [];
  const isSaid = saidOf(model, observed);
  const worked = sidesWorkedAlone(work);
  const madeTwice = new Set(observed.findings.filter(({ again }) => again === true).map(({ finding }) => finding));
  const isInDoubt = (side: Side) => {
    const told = new Set((side.toldBy ?? []).filter(isSaid).map(({ finding }) => finding)).size;
    return told > 0 && (side.clearedBy?.some(isSaid) === true || (told === 1 && !isOutByFigures(belief, observed, side)));
  };
  return model.tables.sides
    .filter((side) => worked.includes(side.id) && isInDoubt(side))
    .flatMap(({ clearedBy = [] }) => clearedBy.map(({ finding }) => finding))
    .filter((id) => !madeTwice.has(id) && model.findings.some((each) => each.id === id));
}

/** Whether a side is outside its limits, by more than it is uncertain by, by all but the answers that tell of it. */
function isOutByFigures({ model }: Belief, observed: Observations, { id, toldBy = [], min, target, max }: Side): boolean {
  const findings = observed.findings.filter(({ finding }) => !toldBy.some((said) => said.finding === finding));
  const { mean, variance } = sideOffBy(believe(model, { ...observed, findings }), id);
  const [figure, sd] = [target + mean, Math.sqrt(variance)];
  return figure < min - sd || figure > max + sd;
}

/** What stands beside the gaps and is worked on where nothing else is. */
function sidesWorkedAlone({ cures, sides, found }: Candidate): string[] {
  const isAlone = cures.length + found.settings.length + found.planed.length === 0 && found.strike === undefined;
  return isAlone ? sides.flatMap(({ action: { effect } }) => (effect.kind === 'set' || effect.kind === 'hold' ? effect.side : [])) : [];
}
