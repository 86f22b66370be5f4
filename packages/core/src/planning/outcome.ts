import type { Action } from '../model/action';
import { planedOff, PLANING_SD_MM } from '../model/planingLine';
import type { Eye, Side } from '../model/tables';
import type { GapBoard } from './board';
import { verdictsOn, type Verdicts } from './verdicts';
import type { DrawnDoor } from './drawnDoors';
import type { FoundPlan } from './searchSpace';
import type { SideStep } from './steps';
import { MOST_DRAWN, WATCHED_SD_MM, type SetPoint } from './setPoint';

/** A fault that moves the watched gap by less leaves nothing to watch, mm. */
const LEAST_MOVED_MM = 0.1;

/** Moved by no more, a side that was in order still is, mm. */
const NOT_FELT_MM = 0.5;

/** A drawn door after its cures, before its places are set; watched work stops at its set point or as near as it can be drawn. */
export function cured(
  { gaps: asDrawn, faults, errors }: DrawnDoor,
  cures: readonly Action[],
  board: GapBoard,
  setPoints: readonly SetPoint[] = [],
): Float64Array {
  const gaps = asDrawn.slice();
  cures.forEach(({ id: own, effect }, k) => {
    if (effect.kind !== 'cure') return;
    const error = errors.ofCure(k);
    const point = setPoints.find((each) => each.action === own);
    const watched = point === undefined ? -1 : board.stations.indexOf(point.station);
    const moved = effect.cures.reduce((sum, id) => sum + (faults.get(id)?.[watched] ?? 0), 0);
    const share =
      point === undefined || Math.abs(moved) < LEAST_MOVED_MM
        ? effect.share + effect.shareSd * error
        : Math.max(0, Math.min(MOST_DRAWN, ((gaps[watched] ?? 0) - point.mm - WATCHED_SD_MM * error) / moved));
    for (const id of effect.cures) {
      const fault = faults.get(id);
      if (fault === undefined) continue;
      for (let i = 0; i < gaps.length; i += 1) gaps[i] = (gaps[i] ?? 0) - share * (fault[i] ?? 0);
      if (effect.cuts !== undefined)
        widen(gaps, board, effect.cuts, { byMm: share * widestOf(fault, board, effect.cuts), raises: effect.raises });
    }
    board.standsAnew[own]?.forEach((oneSd, end) => addTo(gaps, oneSd, errors.ofStanding(end)));
  });
  return gaps;
}

/** By how much a fault has widened the widest gap of an edge, mm; nought when it only narrows. */
const widestOf = (fault: Float64Array, { onEdge }: GapBoard, edge: string) =>
  Math.max(0, ...(onEdge[edge] ?? []).map((i) => fault[i] ?? 0));

/** Timber comes off all along an edge, and the slab goes up by as much where it is raised, in place. */
function widen(
  gaps: Float64Array,
  { onEdge, lowered }: GapBoard,
  edge: string,
  { byMm, raises = false }: { byMm: number; raises?: boolean | undefined },
): void {
  for (const i of onEdge[edge] ?? []) gaps[i] = (gaps[i] ?? 0) + byMm;
  if (raises) for (let i = 0; i < gaps.length; i += 1) gaps[i] = (gaps[i] ?? 0) - byMm * (lowered[i] ?? 0);
}

/** All drawn doors after the cures of a way. */
export function allCured(
  drawn: readonly DrawnDoor[],
  cures: readonly Action[],
  board: GapBoard,
  setPoints: readonly SetPoint[] = [],
  sides: readonly SideStep[] = [],
): Float64Array[] {
  const cuts = sides.flatMap(({ action: { effect }, mm }) => (effect.kind === 'set' && effect.cuts ? [{ edge: effect.cuts, mm }] : []));
  return drawn.map((door) => {
    const gaps = cured(door, cures, board, setPoints);
    for (const { edge, mm } of cuts) widen(gaps, board, edge, { byMm: Math.abs(mm) });
    return gaps;
  });
}

/** What is done beside the places, by side: brought to its target with an error, mm, or held against so much more, mm. */
export type SideWork = Readonly<Record<string, { leftSdMm: number } | { againstMm: number }>>;

/** Beside the gaps: the sides, which of them are judged, and what is done about them. */
export interface SidesJudged {
  sides: readonly Side[];
  judged: ReadonlySet<string>;
  /** Those that a try has found in order, whatever a level says: they stay so unless they are moved further out. None unless said. */
  inOrder?: ReadonlySet<string>;
  work: SideWork;
  /**
   * Whether settings count for the sides: where they cure what brought the slab out. Else no gap is set for what stands beside it: a door is
   * not hung crooked to stop its swinging.
   */
  followsSettings?: boolean;
}

/** What a drawn door is called after a plan; nothing when what stands beside the gaps is not in order. */
export function endsAs(
  door: DrawnDoor,
  afterCures: Float64Array,
  plan: FoundPlan,
  beside: SidesJudged,
  board: GapBoard,
  eye: Eye,
  withinMm: number,
): Verdicts<boolean> {
  const follows = beside.followsSettings !== false || plan.planed.length > 0;
  if (!follows && !sidesInside(door, afterCures, beside, board)) return NO_VERDICT;
  const after = afterPlan(door, afterCures, plan, beside.sides, board);
  return follows && !sidesInside(door, after, beside, board) ? NO_VERDICT : verdictsOn(board, eye, after, withinMm);
}

export const NO_VERDICT: Verdicts<boolean> = { free: false, even: false, book: false };

/** The figures of the sides, which stand behind those of the stations. */
export const sidesBehind = ({ stations }: GapBoard, figures: Float64Array) => figures.subarray(stations.length);

function sidesInside(
  { gaps, errors }: DrawnDoor,
  after: Float64Array,
  { sides, judged, inOrder, work }: SidesJudged,
  board: GapBoard,
): boolean {
  const figures = sidesBehind(board, after);
  const asFound = sidesBehind(board, gaps);
  return sides.every(({ id, min, max, target }, k) => {
    const done = work[id];
    if (!judged.has(id) && done === undefined) return true;
    const figure = done !== undefined && 'leftSdMm' in done ? target + done.leftSdMm * errors.ofSide : (figures[k] ?? 0);
    if (inOrder?.has(id) !== true) return isHeldInside({ min, max }, figure, done);
    const own = asFound[k] ?? 0;
    return isHeldInside({ min: Math.min(min, own - NOT_FELT_MM), max: Math.max(max, own + NOT_FELT_MM) }, figure, done);
  });
}

/** Whether the figure of a side is inside its limits, or outside by no more than it is held against. */
export function isHeldInside({ min, max }: Pick<Side, 'min' | 'max'>, figure: number, done: SideWork[string] | undefined): boolean {
  const more = done !== undefined && 'againstMm' in done ? done.againstMm : 0;
  return figure >= min - more && figure <= max + more;
}

/** The board of a drawn door once the places are set, timber is off and the strike has been moved, each with its error. */
function afterPlan(
  { errors }: DrawnDoor,
  afterCures: Float64Array,
  plan: FoundPlan,
  sides: readonly Side[],
  board: GapBoard,
): Float64Array {
  const gaps = afterCures.slice();
  for (let k = 0; k < plan.settings.length; k += 1) {
    const setting = plan.settings[k];
    if (setting === undefined) break;
    const {
      changes,
      action: { effect },
    } = setting;
    const sdShare = effect.kind === 'shift' || effect.kind === 'lower' ? effect.sdShare : 0;
    addTo(gaps, changes, 1 + sdShare * errors.ofSetting(k));
  }
  for (const line of plan.planed) {
    const slip = PLANING_SD_MM * errors.ofPlaning;
    for (const i of board.onEdge[line.edge] ?? []) gaps[i] = (gaps[i] ?? 0) + planedOff(line, board.f[i] ?? 0) + slip;
    sides.forEach(({ cutAt }, k) => {
      const i = board.stations.length + k;
      if (cutAt?.edge === line.edge) gaps[i] = (gaps[i] ?? 0) + planedOff(line, cutAt.f) + slip;
    });
  }
  // The strike goes to where the bolt then is, not to where it was foretold, if it reaches that far.
  const strike = plan.strike?.choice;
  if (strike?.action.effect.kind === 'strike' && Math.abs(gaps[board.bolt] ?? 0) <= strike.upToMm) {
    gaps[board.bolt] = strike.action.effect.leftSdMm * errors.ofStrike;
  }
  return gaps;
}

function addTo(gaps: Float64Array, changes: Float64Array, times: number): void {
  for (let i = 0; i < gaps.length; i += 1) gaps[i] = (gaps[i] ?? 0) + (changes[i] ?? 0) * times;
}
