import { placeOfWork, type ActionEffect } from '../model/action';
import type { DoorModel } from '../model/doorModel';
import { planedOff, PLANING_SD_MM } from '../model/planingLine';
import { addSpread, dot, widened, type Gaussian } from '../numbers/gaussian';
import { moveWithError, replaceFigure, takeShareAway, withFurther } from '../numbers/gaussianChanges';
import type { Belief, HeldHypothesis } from './belief';
import type { Hypothesis } from './hypotheses';
import type { DoneStep } from './observed';

/** How far watched work was drawn, as a share of all the way: one standard deviation. */
const STOPPED_SHARE_SD = 0.25;

/** One step on its way into a posterior. */
interface Working<K extends ActionEffect['kind']> {
  belief: Belief;
  hypothesis: Hypothesis;
  step: DoneStep;
  effect: Extract<ActionEffect, { kind: K }>;
  /** Changed in place. */
  state: Gaussian;
  /** Where the error of this step stands. */
  errorAt: number;
}

type Works = { [K in ActionEffect['kind']]: (working: Working<K>) => void };

/** What each kind of work does to a posterior. */
const WORKS: Works = {
  shift: moveByAmount,
  lower: moveByAmount,
  cure: ({ belief, hypothesis, effect, state }) => {
    for (const { sd, moves } of effect.unsettles ?? []) addSpread(state.cov, belief.model.direction(moves, state.mean.length), sd * sd);
    hypothesis.directions.forEach((place, k) => {
      const direction = belief.space.directions[place];
      if (direction === undefined || !effect.cures.includes(direction.cause.id)) return;
      const magnitudeAt = belief.model.layout.magnitudeAt(k);
      const along = widened(direction.along, state.mean.length);
      const magnitude = state.mean[magnitudeAt] ?? 0;
      if (effect.cuts !== undefined) leaveWidest(belief.model, along, effect, magnitude);
      along[magnitudeAt] = 1;
      takeShareAway(state, along, magnitudeAt, effect.share);
      // Watched work is stopped where it serves, which the readings after it tell.
      const shareSd = effect.watched ? STOPPED_SHARE_SD : effect.shareSd;
      addSpread(state.cov, along, (shareSd * magnitude) ** 2 + effect.leftSdMm ** 2);
    });
  },
  plane: ({ belief: { model }, step, effect, state }) => {
    const cut = step.planed ?? { fromMm: step.amount, toMm: step.amount };
    const slip = new Float64Array(state.mean.length);
    for (const id of model.tables.walk) {
      const { edge, f = 0 } = model.station(id);
      const at = model.layout.unevennessAt(id);
      if (edge !== effect.edge || at === undefined) continue;
      state.mean[at] = (state.mean[at] ?? 0) + planedOff(cut, f);
      slip[at] = 1;
    }
    for (const { id, worked, cutAt } of model.tables.sides) {
      if (cutAt?.edge !== effect.edge) continue;
      const place = model.layout.parameterAt(worked);
      const own = model.sideRow(id).coefficients[place] ?? 0;
      if (own !== 0) state.mean[place] = (state.mean[place] ?? 0) + planedOff(cut, cutAt.f) / own;
    }
    addSpread(state.cov, slip, PLANING_SD_MM ** 2);
  },
  strike: ({ belief: { model }, effect, state }) => {
    const { station, parameter } = model.tables.meeting;
    const { coefficients, offset } = model.row(station, state.mean.length);
    const place = model.layout.parameterAt(parameter);
    const follow = coefficients.slice();
    follow[place] = (follow[place] ?? 0) + 1;
    replaceFigure(state, place, follow, offset, effect.leftSdMm);
  },
  set: ({ belief: { model }, step, effect, state }) => {
    if (effect.cuts !== undefined) {
      for (const at of unevennessOn(model, effect.cuts)) state.mean[at] = (state.mean[at] ?? 0) + Math.abs(step.amount);
    }
    // What is worked on becomes whatever brings the side to its target.
    const { worked, target } = model.side(effect.side);
    const place = model.layout.parameterAt(worked);
    const { coefficients } = model.sideRow(effect.side, state.mean.length);
    const own = coefficients[place] ?? 0;
    const share = own === 0 ? 1 : own;
    const follow = coefficients.map((each) => -each / share);
    follow[place] = (follow[place] ?? 0) + 1;
    replaceFigure(state, place, follow, target / share, effect.leftSdMm);
  },
  hold: () => undefined,
  wait: () => undefined,
  unknown: ({ belief, step, effect, state }) => {
    addSpread(state.cov, widened(unitMove(belief.model, step, 'shift'), state.mean.length), effect.movesSdMm ** 2);
  },
};

/**
 * What a fault of one millimetre does, less what stays of it when timber comes off an edge, in place: the gaps of the edge are left as wide
 * as the widest, and the slab goes up by as much where it is raised.
 *
 * @param magnitude of the fault, for which way it goes
 */
function leaveWidest(
  model: DoorModel,
  along: Float64Array,
  { cuts, raises }: Extract<ActionEffect, { kind: 'cure' }>,
  magnitude: number,
): void {
  const { tables, lowered, station, row } = model;
  const onEdge = tables.walk.filter((id) => station(id).edge === cuts);
  const moved = onEdge.map((id) => dot(row(id, along.length).coefficients, along));
  const widest = magnitude > 0 ? Math.max(0, ...moved) : Math.min(0, ...moved);
  for (const at of unevennessOn(model, cuts)) along[at] = (along[at] ?? 0) - widest;
  if (raises) lowered.forEach((change, i) => (along[i] = (along[i] ?? 0) + widest * change));
}

/** Where the unevenness of an edge's gaps stands in a state: what timber off that edge changes, and nothing else. */
const unevennessOn = ({ tables, layout, station }: DoorModel, edge: string | undefined): number[] =>
  tables.walk.filter((id) => station(id).edge === edge).flatMap((id) => layout.unevennessAt(id) ?? []);

/** The posterior of a hypothesis after work; behind it stands, for each step, by what share it did more than expected. */
export function afterWork(belief: Belief, { hypothesis, posterior }: HeldHypothesis, done: readonly DoneStep[]): Gaussian {
  const before = posterior.mean.length;
  const state = withFurther(posterior, done.length);
  done.forEach((step, k) => {
    const { effect } = belief.model.action(step.action);
    const work = WORKS[effect.kind] as (working: Working<ActionEffect['kind']>) => void;
    work({ belief, hypothesis, step, effect, state, errorAt: before + k });
  });
  return state;
}

function moveByAmount({ belief, step, effect, state, errorAt }: Working<'shift'> | Working<'lower'>): void {
  const size = state.mean.length;
  const times = belief.learned.get(step.action) ?? 1;
  const change = widened(unitMove(belief.model, step, effect.kind), size).map((each) => each * step.amount * effect.mmPerUnit * times);
  state.cov[errorAt * size + errorAt] = effect.sdShare ** 2;
  moveWithError(state, change, errorAt);
}

function unitMove({ lowered, places, placeLine, layout, action }: DoorModel, step: DoneStep, kind: 'shift' | 'lower'): Float64Array {
  if (kind === 'lower') return lowered;
  return placeLine.moves[places.indexOf(placeOfWork(action(step.action), step.place) ?? '')] ?? new Float64Array(layout.size);
}
