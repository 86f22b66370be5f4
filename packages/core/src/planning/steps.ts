import { minutesOf, setsSlab, type Action } from '../model/action';
import type { DoorModel } from '../model/doorModel';
import { shareOf } from '../model/moves';
import type { Names } from '../model/names';
import type { DoorTables } from '../model/tables';
import { lookAgainAfter } from './lookAgain';
import type { FoundPlan } from './searchSpace';
import type { SetPoint } from './setPoint';

/** One step of a plan, ready to be shown, done and logged. */
export interface PlannedStep<N extends Names = Names> {
  action: N['action'];
  title: string;
  place?: N['place'];
  /** In units of the action; for planing the greater depth, mm. */
  amount: number;
  unit: string;
  /** How far the slab moves at this place, mm. */
  shiftMm?: number;
  /** For planing: timber off at the two ends of the edge, mm. */
  planed?: { fromMm: number; toMm: number };
  /** For work done by watching a gap: stop when it reads this, mm. */
  until?: { station: N['station']; mm: number };
  minutes: number;
  parts?: string;
  how: readonly string[];
  cautions: string[];
  stopIf: string;
  /** Why the same work at the same place comes again: what was read after it, and what is wanted, mm. */
  again?: { station: N['station']; readMm: number; wantedMm: number };
  /** The readings that tell best, afterwards, whether it did what it should. */
  recheck: N['station'][];
  /** The checks that tell best, afterwards, whether what it cures is gone. */
  lookAgain: N['finding'][];
}

/** Work beside the places, with how far it goes, mm. */
export interface SideStep {
  action: Action;
  mm: number;
}

/** What a plan does: cures with their set points, what was searched for, and work beside the places. */
export interface PlannedWork {
  found: FoundPlan;
  cures?: readonly Action[];
  setPoints?: readonly SetPoint[];
  sides?: readonly SideStep[];
}

/**
 * The steps of a plan: the cause first, then from least to most invasive, the end places before those between.
 *
 * @param readBefore stations read on this door, for what is read again after a step
 */
export function stepsOf(
  model: DoorModel,
  { found, cures = [], setPoints = [], sides = [] }: PlannedWork,
  readBefore: readonly string[] = [],
): PlannedStep[] {
  const step = (id: string, amount: number, more: Partial<PlannedStep> = {}) => makeStep(model, id, amount, more, readBefore);
  const at = ({ at: place }: Action) => (place === undefined ? {} : { place });
  const steps = [
    ...cures.map((cure) => {
      const point = setPoints.find(({ action }) => action === cure.id);
      return step(cure.id, 1, { ...at(cure), ...(point && { until: { station: point.station, mm: point.mm } }) });
    }),
    ...found.settings.map(({ action, where, amount, shiftMm }) => {
      const place = where === 'whole' ? undefined : model.places[where];
      return step(action.id, amount, place === undefined ? at(action) : { shiftMm, place });
    }),
    ...found.planed.map(({ edge, fromMm, toMm }) =>
      step(planingOf(model.tables, edge).id, Math.max(fromMm, toMm), { planed: { fromMm, toMm } }),
    ),
    ...(found.strike ? [step(found.strike.choice.action.id, toHalf(found.strike.mm))] : []),
    ...sides.map(({ action, mm }) => step(action.id, amountBeside(model, action, mm), at(action))),
  ];
  const rank = ({ action: id, place }: PlannedStep) => ({
    // What is done as well goes by where the places have come to.
    phase: model.tables.asWell.includes(id) ? 1 : phaseOf(model.action(id)),
    order: model.action(id).order,
    place: placeRank(model, place),
  });
  return steps.sort((a, b) => {
    const [one, other] = [rank(a), rank(b)];
    return one.phase - other.phase || one.order - other.order || one.place - other.place;
  });
}

/** What takes the cause away comes before what sets the door by it, unless it cuts: a cut waits until all else is set. */
function phaseOf({ effect, irreversibility }: Action): number {
  return effect.kind === 'wait' || (effect.kind === 'cure' && irreversibility < CUTS_FROM) ? 0 : 1;
}

/** Work as hard to undo as this is a cut. */
const CUTS_FROM = 5;

/** The end places set the line; those between are brought to it. */
function placeRank({ places }: DoorModel, place: string | undefined): number {
  if (place === undefined || place === places[0]) return 0;
  return place === places[places.length - 1] ? 1 : 2;
}

/** How much is done beside the places, at the place where it is done. */
function amountBeside({ figures }: DoorModel, { amounts, effect }: Action, mm: number): number {
  if (amounts.length > 0) return 1;
  return toHalf(mm * (effect.kind === 'set' && effect.leverage !== undefined ? shareOf(effect.leverage, figures) : 1));
}

const toHalf = (mm: number) => Math.round(mm * 2) / 2;

/** The action that takes timber off an edge. @throws RangeError when there is none */
export function planingOf({ actions }: Pick<DoorTables, 'actions'>, edge: string): Action {
  const found = actions.find(({ effect }) => effect.kind === 'plane' && effect.edge === edge);
  if (found === undefined) throw new RangeError(`Nothing takes timber off the ${edge} edge.`);
  return found;
}

/** The readings that tell best whether an action did what it should, of what was read before some more. */
export function recheckAfter(
  { actions, sides, rechecks }: Pick<DoorTables, 'actions' | 'sides' | 'rechecks'>,
  id: string,
  place?: string,
  readBefore: readonly string[] = [],
): string[] {
  const effect = actions.find((each) => each.id === id)?.effect;
  if (effect === undefined) throw new RangeError(`There is no action "${id}".`);
  if (effect.kind === 'set') return [...(sides.find((side) => side.id === effect.side)?.readAt ?? [])];
  const row = rechecks.find(
    (each) =>
      each.effects.includes(effect.kind) &&
      (each.actions === undefined || each.actions.includes(id)) &&
      (each.edge === undefined || (effect.kind === 'plane' && effect.edge === each.edge)) &&
      (each.place === undefined || each.place === place),
  );
  return [...(row?.stations ?? []), ...(row?.ifReadBefore ?? []).filter((station) => readBefore.includes(station))];
}

function makeStep(model: DoorModel, id: string, amount: number, more: Partial<PlannedStep>, readBefore: readonly string[]): PlannedStep {
  const action = model.action(id);
  const { title, unit, parts, steps, cautions, stopIf } = action;
  return {
    action: id,
    title,
    amount,
    unit,
    minutes: minutesOf(action, setsSlab(action) ? amount : 1),
    how: steps,
    cautions: cautions.filter(model.hasCaution).map((name) => model.tables.cautions[name] ?? name),
    stopIf,
    recheck: recheckAfter(model.tables, id, more.place, readBefore),
    lookAgain: lookAgainAfter(model, id),
    ...(parts !== undefined && { parts }),
    ...more,
  };
}
