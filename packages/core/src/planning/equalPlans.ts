import { outsideBy } from './board';
import { misfitAfter, offLineBeyond } from './misfit';
import { GUARD_PRICE, movedPlaces, OUTSIDE_PRICE, type FoundPlan, type SearchSpace, type Setting } from './searchSpace';

/**
 * The best of doing the same at every place; none where no work is for them all, or none of it is what must be used. A search by price may
 * find a dozen patchworks before it, that gain a tenth of a millimetre.
 */
export function bestAlike(space: SearchSpace): FoundPlan | undefined {
  const places = space.settings.slice(0, space.line.misfit.length);
  const alike = (places[0] ?? []).flatMap((first) => {
    const able = places.filter((choices) => choices.some(({ action }) => action.id === first.action.id));
    const same = able.flatMap(
      (choices) => choices.find(({ action, amount }) => action.id === first.action.id && amount === first.amount) ?? [],
    );
    return same.length > 1 && same.length === able.length && isWanted(space, same) ? [asPlan(space, same)] : [];
  });
  return alike.sort((a, b) => a.price - b.price)[0];
}

function isWanted({ mustUse }: SearchSpace, settings: readonly Setting[]): boolean {
  return mustUse.length === 0 || settings.some(({ action }) => mustUse.some((wanted) => wanted.action === action.id));
}

function asPlan({ start, board, line, misfitNow, misfitAllowedMm, guard }: SearchSpace, settings: readonly Setting[]): FoundPlan {
  const gaps = start.map((gap, i) => settings.reduce((sum, { changes }) => sum + (changes[i] ?? 0), gap));
  const misfit = misfitAfter(line, movedPlaces(settings), misfitNow);
  const outside = offLineBeyond(misfit, misfitAllowedMm) + outsideBy(board, gaps);
  const work = settings.reduce((sum, { price }) => sum + price, 0);
  return {
    ...{ settings, gaps, misfit, outside },
    planed: [],
    price: work + OUTSIDE_PRICE * outside + GUARD_PRICE * outsideBy(board, gaps, guard),
  };
}
