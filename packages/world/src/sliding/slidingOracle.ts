import type { RandomStream } from '@proper-swing/core';
import type { DoneStep } from '@proper-swing/core/inference/observed';
import { action } from '@proper-swing/core/sliding/tables/actions';
import { cause, type CauseId } from '@proper-swing/core/sliding/tables/causes';
import type { Befallen } from '../doorWorld';
import { MOST_CYCLES, type SlidingCourse } from './slidingCourse';
import { isMade } from './slidingVerdict';
import { carryOutSliding, topWheelsByEye } from './slidingWork';
import { copySliding, isRolling, type TrueSliding } from './trueSliding';

/** Knows what befell it: mends that, then turns the screws to the jamb with what half a turn does here. */
export function slideByOracle({ door: asFound, causes }: Befallen<TrueSliding>, random: RandomStream): SlidingCourse {
  const door = copySliding(asFound);
  const isTurn = (id: string) => id === 'turnScrew' || id === 'turnHanger';
  const turnAction = isRolling(door) ? 'turnScrew' : 'turnHanger';
  for (const id of causes) {
    const cures = cause(id as CauseId).cures.filter((each) => action(each).onlyFor?.includes(door.card.kind) !== false);
    const own = cures.find((each) => !isTurn(each));
    if (own !== undefined) carryOutSliding(door, [{ action: own, amount: own === 'setTopWheels' ? topWheelsByEye(door) : 1 }], random);
  }
  for (let cycle = 1; cycle <= MOST_CYCLES; cycle += 1) {
    for (const place of ['lead', 'trail'] as const) {
      const halfTurns = Math.round(door.ails.rise[place] / door.halfTurn);
      if (halfTurns !== 0) carryOutSliding(door, [{ action: turnAction, place, amount: halfTurns }], random);
      door.ails.rise[place] -= halfTurns * door.halfTurn;
    }
    if (isMade(door)) return { madeAt: cycle, steps: 0, provedLoose: false, changes: true, millis: [] };
    const best = bestTurns(door, turnAction);
    carryOutSliding(door, best, random);
    if (isMade(door)) return { madeAt: cycle, steps: 0, provedLoose: false, changes: true, millis: [] };
    carryOutSliding(door, [{ action: 'moveKeep', amount: 1 }], random);
  }
  return { madeAt: undefined, steps: 0, provedLoose: false, changes: true, millis: [] };
}

function bestTurns(door: TrueSliding, turnAction: 'turnScrew' | 'turnHanger'): DoneStep[] {
  const still: RandomStream = { uniform: () => 0.5, normal: () => 0 };
  for (let reach = 0; reach <= 8; reach += 1)
    for (let lead = -reach; lead <= reach; lead += 1)
      for (let trail = -reach; trail <= reach; trail += 1) {
        const tried = copySliding(door);
        const steps = [
          { action: turnAction, place: 'lead', amount: lead },
          { action: turnAction, place: 'trail', amount: trail },
        ];
        carryOutSliding(tried, [...steps, { action: 'moveKeep', amount: 1 }], still);
        if (isMade(tried)) return steps;
      }
  return [];
}
