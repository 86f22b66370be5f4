import {
  action,
  ACTIONS,
  cause,
  isForbiddenOn,
  type Action,
  type ActionId,
  type CauseId,
  type DoneStep,
  type RandomStream,
  type StationId,
} from '@proper-swing/core';
import { hingedModel } from '@proper-swing/core/hinged/hingedDoors';
import { hingedStep } from '@proper-swing/core/hinged/hingedPlan';
import { HOLDING_WORK } from '@proper-swing/core/hinged/tables/holdingWork';
import { evenGuard, gapBoard, gapChanges, outsideBy, type GapBoard } from '@proper-swing/core/planning/board';
import { searchPlans } from '@proper-swing/core/planning/searchPlans';
import type { FoundPlan, Setting } from '@proper-swing/core/planning/searchSpace';
import { stepsOf } from '@proper-swing/core/planning/steps';
import { asDone, judge, MOST_CYCLES, type Course } from './course';
import type { Scenario } from './makeDoor';
import { boltLow, copyDoor, poseOf, trueGap, type TrueDoor } from './trueDoor';
import { isDoorTrue } from './verdict';
import { carryOut } from './work';

/** Work that takes a cause away by itself; what sets hinges, planes or moves strikes is searched for. */
export const CURING: readonly Action['effect']['kind'][] = ['cure', 'set', 'hold', 'wait'];

/** Whether a cure is the one for what is wrong with this door; one that is always so is not named. */
const SERVES: Readonly<Partial<Record<ActionId, (door: TrueDoor) => boolean>>> = {
  // A head that runs up is followed by a slab hung higher; adjustable hinges raise it by their screw.
  scribeHead: ({ ails, card }) => ails.headLean >= 0 || card.hingeKind === 'adjustable',
  scribeRaise: ({ ails }) => ails.headLean < 0,
  seatScrews: ({ condition }) => condition.leaf === 'proud',
};

/** The first cure of each true cause that serves on this door. */
function cureTruth(door: TrueDoor, causes: readonly CauseId[], allowed: (id: ActionId) => boolean): DoneStep[] {
  return causes.flatMap((id): DoneStep[] => {
    const cures = cause(id).cures.filter((each) => allowed(each) && (SERVES[each]?.(door) ?? true));
    const cure = cures.find((each) => CURING.includes(action(each).effect.kind));
    return cure === undefined ? [] : [{ action: cure, amount: 1 }];
  });
}

const STEADY: RandomStream = { uniform: () => 0.9, normal: () => 0 };

const forbids = (each: Action, { card }: TrueDoor) => isForbiddenOn(each, card);

/** The steps of a plan found for the true gaps. */
const stepsFor = ({ card }: TrueDoor, found: FoundPlan) => stepsOf(hingedModel(card), { found }).map((step) => asDone(hingedStep(step)));

/** The exact best setting of the hinges for the true gaps, with timber off only if `mayPlane`. */
function setTruly(door: TrueDoor, mayPlane: boolean, guardMm: number): { found: FoundPlan | undefined; board: GapBoard } {
  const model = hingedModel(door.card);
  const board = gapBoard(model, new Set(['foot']));
  const pose = poseOf(door);
  const start = Float64Array.from(board.stations, (id) => (id === 'bolt.low' ? boltLow(door) : trueGap(door, id as StationId, pose)));
  const line = model.placeLine;
  const able = ACTIONS.filter((a) => !forbids(a, door));
  const price = (a: Action, amount: number) => a.minutes.first + a.minutes.each * Math.abs(amount) + 4 * a.irreversibility;
  const choices = (where: Setting['where'], move: Float64Array) =>
    able.flatMap((a): Setting[] => {
      const { effect } = a;
      if (effect.kind !== (where === 'whole' ? 'lower' : 'shift')) return [];
      return a.amounts.map((amount) => {
        const mm = amount * effect.mmPerUnit;
        return {
          action: a,
          where,
          amount,
          shiftMm: where === 'whole' ? 0 : mm,
          changes: gapChanges(board, model, move).map((each) => each * mm),
          price: price(a, amount),
        };
      });
    });
  const [found] = searchPlans(
    {
      board,
      start,
      line,
      guard: evenGuard(board, guardMm),
      mustUse: [],
      misfitNow: [],
      misfitAllowedMm: model.tables.misfit.allowedMm,
      settings: [...line.moves.map((move, place) => choices(place, move)), choices('whole', model.lowered)],
      planes: mayPlane ? able.filter(({ effect }) => effect.kind === 'plane').map((a) => ({ action: a, price: price(a, 1) })) : [],
      strikes: able.flatMap((a) => (a.effect.kind === 'strike' ? [{ action: a, upToMm: a.effect.upToMm, price: price(a, 1) }] : [])),
    },
    1,
  );
  return { found, board };
}

/** Whether the register's actions, done without error by someone who knows all, make the door true. */
export function canBeMadeTrue({ door, causes }: Scenario): boolean {
  const copy = copyDoor(door);
  const able = (id: ActionId) => ACTIONS.some((a) => a.id === id && !forbids(a, door));
  carryOut(copy, cureTruth(copy, causes, able), STEADY);
  const { found } = setTruly(copy, true, 0.1);
  if (found === undefined) return false;
  carryOut(copy, stepsFor(door, found), STEADY);
  return isDoorTrue(copy);
}

/** How far outside the best setting of hinges, and of what holds them, leaves the gaps, mm. */
export function bestByHinges({ door, causes }: Scenario): number {
  const held = copyDoor(door);
  carryOut(
    held,
    cureTruth(held, causes, (id) => HOLDING_WORK.includes(id)),
    STEADY,
  );
  const asItIs = setTruly(door, false, 0);
  const cured = setTruly(held, false, 0);
  return Math.min(...[asItIs, cured].map(({ found, board }) => (found === undefined ? Infinity : outsideBy(board, found.gaps))));
}

export function byOracle(scenario: Scenario, random: RandomStream): Course {
  const door = copyDoor(scenario.door);
  const able = (id: ActionId) => ACTIONS.some((a) => a.id === id && !forbids(a, door));
  const reached: Course['reached'] = {};
  let steps = 0;
  let cures = cureTruth(door, scenario.causes, able);
  for (let cycle = 1; cycle <= MOST_CYCLES; cycle += 1) {
    // It sees the cure's outcome before it sets the hinges, as nobody can.
    carryOut(door, cures, random);
    steps += cures.length;
    cures = [];
    const { found } = setTruly(door, true, 0.2);
    const settings = found === undefined ? [] : stepsFor(door, found);
    carryOut(door, settings, random);
    steps += settings.length;
    if (judge(door, reached, cycle)) break;
  }
  return { reached, steps };
}
