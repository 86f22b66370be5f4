import { choleskyOf, dot } from '../numbers/gaussian';
import type { RandomStream } from '../numbers/seededRandom';
import type { Action } from './actions';
import type { Belief } from './belief';
import type { CauseId } from './causes';
import { gapChanges, gapsAt, isTrue, type GapBoard } from './gapsRound';
import { MOST_DRAWN, WATCHED_SD_MM, type SetPoint } from './setPoint';
import { SIDE_IDS, side, sideRow, type SideId } from './sides';
import { STATE_SIZE } from './stations';
import { planedOff, PLANING_SD_MM } from './planing';
import type { FoundPlan } from './searchPlan';

/** One door as it may be, drawn from the belief, with the chance of how each kind of work will turn out on it. */
export interface DrawnDoor {
  gaps: Float64Array;
  /** Figures beside the gaps, mm. */
  sides: Readonly<Record<SideId, number>>;
  /** What each cause at work adds to the board, mm; taking the cause away takes this away. */
  faults: ReadonlyMap<CauseId, Float64Array>;
  /** Standard normals for the errors of work: cures, hinges, planing, strike and sides. */
  luck: Float64Array;
}

/** Errors of work that one plan can have. */
const LUCK = 16;

/** Draws doors from the belief: a hypothesis by its probability, then its state. */
export function drawDoors(belief: Belief, board: GapBoard, random: RandomStream, count: number): DrawnDoor[] {
  const roots = belief.held.map(({ posterior }) => choleskyOf(posterior.cov, posterior.mean.length));
  return Array.from({ length: count }, () => {
    const h = pick(belief, random.uniform());
    const held = belief.held[h] ?? belief.held[0];
    const root = roots[h] ?? roots[0];
    if (held === undefined || root === undefined) throw new RangeError('A belief holds at least one hypothesis.');
    const state = draw(held.posterior.mean, root, random);
    const faults = new Map<CauseId, Float64Array>();
    held.hypothesis.directions.forEach((place, a) => {
      const direction = belief.space.directions[place];
      if (direction === undefined) return;
      const moved = gapChanges(board, belief.door, direction.along).map((change) => change * (state[STATE_SIZE + a] ?? 0));
      const known = faults.get(direction.cause.id);
      faults.set(direction.cause.id, known === undefined ? moved : known.map((mm, i) => mm + (moved[i] ?? 0)));
    });
    return {
      gaps: gapsAt(board, belief.door, state),
      sides: Object.fromEntries(SIDE_IDS.map((id) => [id, dot(sideRow(id, state.length).coefficients, state)])) as Record<SideId, number>,
      faults,
      luck: Float64Array.from({ length: LUCK }, () => random.normal()),
    };
  });
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
  return mean.map((m, i) => m + dot(root.subarray(i * n, i * n + i + 1), z.subarray(0, i + 1)));
}

/** A drawn door after its cures, before its hinges are set; watched work stops at its set point or as near as it can be drawn. */
export function cured(door: DrawnDoor, cures: readonly Action[], board: GapBoard, setPoints: readonly SetPoint[] = []): Float64Array {
  const gaps = Float64Array.from(door.gaps);
  cures.forEach(({ id: own, effect }, c) => {
    if (effect.kind !== 'cure') return;
    const luck = door.luck[c] ?? 0;
    const point = setPoints.find((each) => each.action === own);
    const watched = point === undefined ? -1 : board.stations.indexOf(point.station);
    const moved = effect.cures.reduce((sum, id) => sum + (door.faults.get(id)?.[watched] ?? 0), 0);
    const share =
      point === undefined || Math.abs(moved) < LEAST_MOVED_MM
        ? effect.share + effect.shareSd * luck
        : Math.max(0, Math.min(MOST_DRAWN, ((gaps[watched] ?? 0) - point.mm - WATCHED_SD_MM * luck) / moved));
    for (const id of effect.cures) {
      const fault = door.faults.get(id);
      if (fault === undefined) continue;
      for (let i = 0; i < gaps.length; i += 1) gaps[i] = (gaps[i] ?? 0) - share * (fault[i] ?? 0);
    }
  });
  return gaps;
}

/** A fault that moves the watched gap by less leaves nothing to watch, mm. */
const LEAST_MOVED_MM = 0.1;

/** What is done besides the hinges, by side: brought to its target with an error, mm, or held against so much more, mm. */
export type SideWork = Partial<Record<SideId, { leftSdMm: number } | { againstMm: number }>>;

/** Whether a plan makes a drawn door true to so many mm: gaps, bolt, and those of the sides that are judged. */
export function endsTrue(
  door: DrawnDoor,
  afterCures: Float64Array,
  plan: FoundPlan,
  work: SideWork,
  judged: ReadonlySet<SideId>,
  board: GapBoard,
  withinMm: number,
): boolean {
  for (const id of SIDE_IDS) {
    const done = work[id];
    if (!judged.has(id) && done === undefined) continue;
    const { min, max, target } = side(id);
    const more = done !== undefined && 'againstMm' in done ? done.againstMm : 0;
    const figure = done !== undefined && 'leftSdMm' in done ? target + done.leftSdMm * (door.luck[12] ?? 0) : door.sides[id];
    if (figure < min - more || figure > max + more) return false;
  }
  const gaps = Float64Array.from(afterCures);
  plan.hinges.forEach(({ changes, action: { effect } }, h) => {
    const sdShare = effect.kind === 'shift' || effect.kind === 'lower' ? effect.sdShare : 0;
    const times = 1 + sdShare * (door.luck[3 + h] ?? 0);
    for (let i = 0; i < gaps.length; i += 1) gaps[i] = (gaps[i] ?? 0) + (changes[i] ?? 0) * times;
  });
  for (const line of plan.planed) {
    const slip = PLANING_SD_MM * (door.luck[9] ?? 0);
    for (const i of board.onEdge[line.edge]) gaps[i] = (gaps[i] ?? 0) + planedOff(line, board.f[i] ?? 0) + slip;
  }
  // The strike goes to where the bolt then is, not to where it was foretold, if it reaches that far.
  if (plan.strike?.choice.action.effect.kind === 'strike' && Math.abs(gaps[board.bolt] ?? 0) <= plan.strike.choice.upToMm)
    gaps[board.bolt] = plan.strike.choice.action.effect.leftSdMm * (door.luck[11] ?? 0);
  return isTrue(board, gaps, withinMm);
}
