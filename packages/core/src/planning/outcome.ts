import type { Action } from '../model/action';
import { planedOff, PLANING_SD_MM } from '../model/planingLine';
import type { Eye, Side } from '../model/tables';
import type { GapBoard } from './board';
import { verdictsOn, type Verdicts } from './verdicts';
import type { DrawnDoor } from './drawnDoors';
import type { FoundPlan } from './searchSpace';
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
  const gaps = Float64Array.from(asDrawn);
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
    }
  });
  return gaps;
}

/** All drawn doors after the cures of a way. */
export function allCured(
  drawn: readonly DrawnDoor[],
  cures: readonly Action[],
  board: GapBoard,
  setPoints: readonly SetPoint[] = [],
): Float64Array[] {
  return drawn.map((door) => cured(door, cures, board, setPoints));
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
  const after = afterPlan(door, afterCures, plan, board);
  return sidesInside(door, beside.followsSettings === false ? afterCures : after, beside, board)
    ? verdictsOn(board, eye, after, withinMm)
    : NO_VERDICT;
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
function afterPlan({ errors }: DrawnDoor, afterCures: Float64Array, plan: FoundPlan, board: GapBoard): Float64Array {
  const gaps = Float64Array.from(afterCures);
  plan.settings.forEach(({ changes, action: { effect } }, k) => {
    const sdShare = effect.kind === 'shift' || effect.kind === 'lower' ? effect.sdShare : 0;
    const times = 1 + sdShare * errors.ofSetting(k);
    for (let i = 0; i < gaps.length; i += 1) gaps[i] = (gaps[i] ?? 0) + (changes[i] ?? 0) * times;
  });
  for (const line of plan.planed) {
    const slip = PLANING_SD_MM * errors.ofPlaning;
    for (const i of board.onEdge[line.edge] ?? []) gaps[i] = (gaps[i] ?? 0) + planedOff(line, board.f[i] ?? 0) + slip;
  }
  // The strike goes to where the bolt then is, not to where it was foretold, if it reaches that far.
  const strike = plan.strike?.choice;
  if (strike?.action.effect.kind === 'strike' && Math.abs(gaps[board.bolt] ?? 0) <= strike.upToMm) {
    gaps[board.bolt] = strike.action.effect.leftSdMm * errors.ofStrike;
  }
  return gaps;
}
