import { action, planingOf } from './actions';
import type { ActionId } from './actionIds';
import { CAUTIONS } from './cautions';
import type { HingeName, PlacedHinge } from './door';
import type { Action } from './actions';
import type { PlaningLine } from './planing';
import type { FoundPlan } from './searchPlan';
import type { SetPoint } from './setPoint';
import { side } from './sides';
import { lookAgainAfter } from './treated';
import type { FindingId } from './findings';
import type { StationId } from './stations';

/** One step of a plan, ready to be shown, done and logged. */
export interface PlannedStep {
  action: ActionId;
  title: string;
  hinge?: HingeName;
  /** In units of the action; for planing the greater depth, mm. */
  amount: number;
  unit: string;
  /** How far the slab moves at this hinge, mm, + toward the latch. */
  shiftMm?: number;
  /** For planing: timber off at the two ends of the edge, mm. */
  planed?: { fromMm: number; toMm: number };
  /** For work done by watching a gap: stop when it reads this, mm. */
  until?: { station: StationId; mm: number };
  minutes: number;
  parts?: string;
  how: readonly string[];
  cautions: string[];
  stopIf: string;
  /** The readings that tell best, afterwards, whether it did what it should. */
  recheck: StationId[];
  /** The checks that tell best, afterwards, whether what it cures is gone. */
  lookAgain: FindingId[];
}

/** Work beside the hinges, with how far it goes, mm. */
export interface SideStep {
  action: Action;
  mm: number;
}

/** The steps of a found plan: the cause first, then from least to most invasive, from the top hinge down. */
export function stepsOf(
  found: FoundPlan,
  cures: readonly Action[],
  sides: readonly SideStep[],
  hinges: readonly PlacedHinge[],
  setPoints: readonly SetPoint[] = [],
): PlannedStep[] {
  const steps: PlannedStep[] = [];
  for (const { id, at } of cures) {
    const point = setPoints.find((each) => each.action === id);
    steps.push(step(id, 1, { ...(at && { hinge: at }), ...(point && { until: { station: point.station, mm: point.mm } }) }));
  }
  for (const { action: a, hinge, amount, shiftMm } of found.hinges) {
    const placed = hinges[hinge];
    steps.push(step(a.id, amount, placed ? { shiftMm, hinge: placed.name } : a.at && { hinge: a.at }));
  }
  for (const line of found.planed) steps.push(planingStep(line));
  if (found.strike) steps.push(step(found.strike.choice.action.id, toHalf(found.strike.mm)));
  for (const { action: a, mm } of sides) steps.push(step(a.id, a.amounts.length > 0 ? 1 : toHalf(mm), a.at && { hinge: a.at }));
  return steps.sort((a, b) => phaseOf(a) - phaseOf(b) || action(a.action).order - action(b.action).order || placeOf(a) - placeOf(b));
}

/** What takes the cause away comes before what sets the door by it, unless it cuts: a cut waits until all else is set. */
function phaseOf({ action: id }: PlannedStep): number {
  const { effect, irreversibility } = action(id);
  return effect.kind === 'wait' || (effect.kind === 'cure' && irreversibility < 5) ? 0 : 1;
}

/** The end hinges set the line; those between are brought to it. */
const placeOf = ({ hinge }: PlannedStep) => (hinge === undefined || hinge === 'top' ? 0 : hinge === 'bottom' ? 1 : 2);

const toHalf = (mm: number) => Math.round(mm * 2) / 2;

function planingStep({ edge, fromMm, toMm }: PlaningLine): PlannedStep {
  return step(planingOf(edge).id, Math.max(fromMm, toMm), { planed: { fromMm, toMm } });
}

/** After moving a hinge, the gaps at its own end tell the shift and those across the slab tell the turn. */
const RECHECK: Readonly<Record<Action['effect']['kind'], readonly StationId[]>> = {
  cure: ['hinge.top', 'latch.top', 'head.latch'],
  shift: ['hinge.top', 'latch.top', 'head.latch'],
  lower: ['head.latch', 'bolt.low', 'foot.latch'],
  plane: ['latch.top', 'latch.mid', 'latch.bottom'],
  strike: ['bolt.low'],
  set: [],
  hold: ['plumb.across'],
  wait: ['latch.mid', 'slab.width'],
};

/** The readings that tell best whether an action did what it should. */
export function recheckAfter(id: ActionId, hinge?: HingeName): StationId[] {
  const { effect } = action(id);
  if (effect.kind === 'plane' && effect.edge === 'head') return ['head.hinge', 'head.mid', 'head.latch'];
  if ((effect.kind === 'shift' || effect.kind === 'cure') && hinge === 'bottom') return ['hinge.bottom', 'latch.bottom', 'head.latch'];
  if (effect.kind === 'set') return [...side(effect.side).readAt];
  return [...RECHECK[effect.kind]];
}

function step(id: ActionId, amount: number, more: Partial<PlannedStep> = {}): PlannedStep {
  const a = action(id);
  const { title, unit, minutes, parts, steps, cautions, stopIf, effect } = a;
  const extra = effect.kind === 'shift' || effect.kind === 'lower' ? minutes.each * (Math.abs(amount) - 1) : 0;
  return {
    action: id,
    title,
    amount,
    unit,
    minutes: minutes.first + extra,
    how: steps,
    cautions: cautions.map((c) => CAUTIONS[c]),
    stopIf,
    recheck: recheckAfter(id, more.hinge),
    lookAgain: lookAgainAfter(id),
    ...(parts !== undefined && { parts }),
    ...more,
  };
}
