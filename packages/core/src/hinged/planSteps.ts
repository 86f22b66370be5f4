import type { ActionId } from './actions';
import { CAUTIONS } from './cautions';
import type { HingeName, PlacedHinge } from './door';
import type { FoundPlan } from './searchPlan';
import { action } from './actions';
import type { PlaningLine } from './planing';

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
  minutes: number;
  parts?: string;
  how: readonly string[];
  cautions: string[];
  stopIf: string;
}

/** The steps of a found plan from least to most invasive, from the top hinge down. */
export function stepsOf(found: FoundPlan, hinges: readonly PlacedHinge[]): PlannedStep[] {
  const steps: PlannedStep[] = [];
  // The causes known so far are all at the top hinge.
  if (found.cure) steps.push(step(found.cure.action.id, 1, { hinge: 'top' }));
  for (const { action: a, hinge, amount, shiftMm } of found.hinges) {
    const placed = hinges[hinge];
    steps.push(step(a.id, amount, { shiftMm, ...(placed && { hinge: placed.name }) }));
  }
  for (const line of found.planed) steps.push(planingStep(line));
  return steps.sort((a, b) => action(a.action).order - action(b.action).order);
}

function planingStep({ edge, fromMm, toMm }: PlaningLine): PlannedStep {
  return step(edge === 'head' ? 'planeHead' : 'planeLatch', Math.max(fromMm, toMm), { planed: { fromMm, toMm } });
}

function step(id: ActionId, amount: number, more: Partial<PlannedStep>): PlannedStep {
  const { title, unit, minutes, parts, steps, cautions, stopIf, effect } = action(id);
  const extra = effect.kind === 'shift' ? minutes.each * (Math.abs(amount) - 1) : 0;
  return {
    action: id,
    title,
    amount,
    unit,
    minutes: minutes.first + extra,
    how: steps,
    cautions: cautions.map((c) => CAUTIONS[c]),
    stopIf,
    ...(parts !== undefined && { parts }),
    ...more,
  };
}
