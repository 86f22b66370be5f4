import type { RandomStream } from '@proper-swing/core';
import type { DoneStep } from '@proper-swing/core/inference/observed';
import { isActionFor } from '@proper-swing/core/sliding/tables/actions';
import { cause, type CauseId } from '@proper-swing/core/sliding/tables/causes';
import type { Befallen } from '../doorWorld';
import { MOST_CYCLES, type SlidingCourse } from './slidingCourse';
import { isMade } from './slidingVerdict';
import { carryOutSliding, topWheelsByEye } from './slidingWork';
import { copySliding, isBifold, isRolling, type End, type TrueSliding } from './trueSliding';

/** Knows what befell it: mends that, then turns the screws to the jamb with what half a turn does here. */
export function slideByOracle({ door: asFound, causes }: Befallen<TrueSliding>, random: RandomStream): SlidingCourse {
  const door = copySliding(asFound);
  const isTurn = (id: string) => ['turnScrew', 'turnHanger', 'turnPivot', 'setTopPivot'].includes(id);
  const settings = settingsOf(door);
  for (const id of causes) {
    const cures = cause(id as CauseId).cures.filter((each) => isActionFor(each, door.card.kind));
    const own = cures.find((each) => !isTurn(each));
    if (own !== undefined) carryOutSliding(door, [{ action: own, amount: own === 'setTopWheels' ? topWheelsByEye(door) : 1 }], random);
  }
  for (let cycle = 1; cycle <= MOST_CYCLES; cycle += 1) {
    carryOutSliding(door, takenBack(door, settings), random);
    if (isMade(door)) return { madeAt: cycle, steps: 0, provedLoose: false, changes: true, millis: [] };
    const best = bestSettings(door, settings);
    carryOutSliding(door, best, random);
    if (isMade(door)) return { madeAt: cycle, steps: 0, provedLoose: false, changes: true, millis: [] };
    carryOutSliding(door, [{ action: 'moveKeep', amount: 1 }], random);
  }
  return { madeAt: undefined, steps: 0, provedLoose: false, changes: true, millis: [] };
}

/** The two things that a panel is set by. */
function settingsOf(door: TrueSliding): readonly [Pick<DoneStep, 'action' | 'place'>, Pick<DoneStep, 'action' | 'place'>] {
  if (isBifold(door)) return [{ action: 'turnPivot' }, { action: 'setTopPivot' }];
  const action = isRolling(door) ? 'turnScrew' : 'turnHanger';
  return [
    { action, place: 'lead' },
    { action, place: 'trail' },
  ];
}

/** What takes back what the faults moved, as near as half turns and millimetres come. */
function takenBack(door: TrueSliding, [one, other]: ReturnType<typeof settingsOf>): DoneStep[] {
  const { rise, pivots } = door.ails;
  if (isBifold(door)) {
    const steps = [
      { ...one, amount: -Math.round(pivots.rise / door.halfTurn) },
      { ...other, amount: -Math.round(pivots.top) },
    ];
    pivots.rise = pivots.top = 0;
    return steps;
  }
  const turns = (end: End) => Math.round(rise[end] / door.halfTurn);
  const steps = [
    { ...one, amount: turns('lead') },
    { ...other, amount: turns('trail') },
  ];
  for (const end of ['lead', 'trail'] as const) rise[end] -= turns(end) * door.halfTurn;
  return steps;
}

function bestSettings(door: TrueSliding, [one, other]: ReturnType<typeof settingsOf>): DoneStep[] {
  const still: RandomStream = { uniform: () => 0.5, normal: () => 0 };
  for (let reach = 0; reach <= 8; reach += 1)
    for (let first = -reach; first <= reach; first += 1)
      for (let second = -reach; second <= reach; second += 1) {
        const tried = copySliding(door);
        const steps = [
          { ...one, amount: first },
          { ...other, amount: second },
        ];
        carryOutSliding(tried, [...steps, { action: 'moveKeep', amount: 1 }], still);
        if (isMade(tried)) return steps;
      }
  return [];
}
