import { choleskyOf } from '../algebra/gaussian';
import type { RandomStream } from '../chance/seededRandom';
import type { Belief } from './belief';
import { gapsAt, outsideBy, type GapBoard } from './gapsRound';
import { planedOff, PLANING_SD_MM } from './planing';
import type { HingeLine } from './hingeLine';
import type { FoundPlan } from './searchPlan';

/**
 * Chance that a plan makes the door true at the first check: doors are drawn from the belief (a hypothesis by its
 * probability, then its posterior), the plan is carried out with each action's own error, and the gaps are judged.
 *
 * @param draws how many doors to draw; the standard error is at most 0.5/√draws
 * @returns share of draws inside the profile, 0 to 1
 */
export function chanceTrue(belief: Belief, plan: FoundPlan, board: GapBoard, line: HingeLine, random: RandomStream, draws: number): number {
  const roots = belief.held.map(({ posterior, hypothesis }) => choleskyOf(posterior.cov, hypothesis.size));
  let inside = 0;
  for (let i = 0; i < draws; i += 1) {
    const h = pick(belief, random.uniform());
    const held = belief.held[h];
    const root = roots[h];
    if (held === undefined || root === undefined) continue;
    const state = draw(held.posterior.mean, root, random);
    carryOutCure(state, held.hypothesis, plan, random);
    carryOutHinges(state, plan, line, random);
    const gaps = gapsAt(board, belief.door, state);
    for (const planed of plan.planed) {
      const slip = PLANING_SD_MM * random.normal();
      for (const j of board.onEdge[planed.edge]) gaps[j] = (gaps[j] ?? 0) + planedOff(planed, board.f[j] ?? 0) + slip;
    }
    if (outsideBy(board, gaps, 0) === 0) inside += 1;
  }
  return inside / draws;
}

function pick({ held }: Belief, u: number): number {
  let sum = 0;
  for (let i = 0; i < held.length; i += 1) {
    sum += held[i]?.probability ?? 0;
    if (u < sum) return i;
  }
  return 0;
}

function draw(mean: Float64Array, root: Float64Array, random: RandomStream): Float64Array {
  const n = mean.length;
  const z = Float64Array.from({ length: n }, () => random.normal());
  return mean.map((m, i) => {
    let sum = m;
    for (let k = 0; k <= i; k += 1) sum += (root[i * n + k] ?? 0) * (z[k] ?? 0);
    return sum;
  });
}

function carryOutCure(
  state: Float64Array,
  hypothesis: Belief['held'][number]['hypothesis'],
  { cure }: FoundPlan,
  random: RandomStream,
): void {
  if (cure?.action.effect.kind !== 'cure') return;
  const { cures, share, shareSd } = cure.action.effect;
  for (const [id, moves] of hypothesis.faultMoves) {
    if (!cures.includes(id)) continue;
    const taken = (state[hypothesis.faultIndex.get(id) ?? 0] ?? 0) * (share + shareSd * random.normal());
    addTo(state, moves, -taken);
  }
}

function carryOutHinges(state: Float64Array, { hinges }: FoundPlan, line: HingeLine, random: RandomStream): void {
  for (const { action, hinge, shiftMm } of hinges) {
    const move = line.moves[hinge];
    if (move === undefined || action.effect.kind !== 'shift') continue;
    addTo(state, move, shiftMm * (1 + action.effect.sdShare * random.normal()));
  }
}

function addTo(state: Float64Array, move: Float64Array, times: number): void {
  for (let i = 0; i < move.length; i += 1) state[i] = (state[i] ?? 0) + (move[i] ?? 0) * times;
}
