import type { Belief } from '../inference/belief';
import { isSetAt, minutesOf, type Action } from '../model/action';
import type { Cause } from '../model/cause';
import type { Stepwise } from '../stepwise';
import { gapChanges, outsideBy, type GapBoard, type Guard } from './board';
import { candidate, nothingSet, DOES_WITHIN_MM, IRREVERSIBILITY_PRICE, type Candidate, type Trial } from './candidate';
import { meanBoard } from './drawnDoors';
import { allCured, cured } from './outcome';
import { bestAlike } from './equalPlans';
import { MOST_TURNS, searchInSteps } from './searchPlans';
import type { FoundPlan, SearchSpace, Setting } from './searchSpace';
import type { SideStep } from './steps';
import { SET_POINT_STEP_MM, type SetPoint } from './setPoint';
import { waysToTreat, type Way } from './ways';

/** Kept clear of a limit: this many standard deviations, and never less than this, mm. */
const GUARD_SDS = 0.8;
const GUARD_LEAST_MM = 0.1;
/** Plans of one set of cures that are tried on the drawn doors. */
const TRIED = 12;
/** So many tried on the drawn doors are some ten milliseconds. */
const TRIED_A_PIECE = 6;
/** What all searches of one plan turn over together, well under a second; hardly any plan needs it. */
const TURNS_OF_A_PLAN = 22_000;
const SHARE_OF_TURNS = 2 / 3;
const LEAST_TURNS = 100;
/** So many of the best are kept once half of that is gone, and of the ways after the first few: the fewer, the sooner the best are proved. */
const TRIED_LATE = 4;
const FIRST_WAYS = 6;
/** After so many ways there is something to begin with. */
const WAYS_TO_BEGIN_WITH = 2;
/** Set points that are searched on from, and doors they are compared on. */
const SET_POINTS_KEPT = 2;
/** Of more ways than this each has but one. */
const MANY_WAYS = 6;
const COMPARED_ON = 80;

/**
 * Every way to treat what is likely, each with its best settings, tried on the drawn doors; a way at a time.
 *
 * @param afterFirst done once the first ways have been tried and others have not
 */
export function* candidatesFor(
  belief: Belief,
  trial: Trial,
  allowed: readonly Action[],
  treat: readonly Cause[],
  maySet: (setting: Setting) => boolean = () => true,
  afterFirst?: (soFar: readonly Candidate[]) => void,
): Stepwise<Candidate[]> {
  const { drawn, board } = trial;
  const base = spaceFor(belief, trial, allowed, maySet);
  const planes = allowed.filter(({ effect }) => effect.kind === 'plane').map((action) => ({ action, price: priceOf(action, 1) }));
  const plainWays = waysToTreat(belief, allowed, treat);
  const kept = plainWays.length > MANY_WAYS ? 1 : SET_POINTS_KEPT;
  const ways = plainWays.flatMap((way) => setPointsFor(way, trial, kept).map((setPoints) => ({ ...way, setPoints })));
  const candidates: Candidate[] = [];
  const searched = new Map<string, Searched>();
  let turnsLeft = TURNS_OF_A_PLAN;
  for (const [i, way] of ways.entries()) {
    // Ways that differ in what is done beside the places only are searched for once.
    const key = JSON.stringify([way.cures.map(({ id }) => id), way.setPoints, way.mustUse, way.sides.filter(isCut)]);
    const { after, found } = searched.get(key) ?? (yield* searchFor(way, i));
    searched.set(key, { after, found });
    for (const [n, each] of found.entries()) {
      candidates.push(candidate(trial, { ...way, after }, each));
      if (n % TRIED_A_PIECE === TRIED_A_PIECE - 1) yield i / ways.length;
    }
    yield (i + 1) / ways.length;
    if (afterFirst && i + 1 === WAYS_TO_BEGIN_WITH && ways.length > WAYS_TO_BEGIN_WITH) afterFirst(candidates);
  }
  return candidates;

  /** The more searches have been long, the less the next may take: none takes all that is left. */
  function* search(space: SearchSpace, i: number): Stepwise<FoundPlan[]> {
    const most = Math.max(LEAST_TURNS, Math.min(MOST_TURNS, Math.round(turnsLeft * SHARE_OF_TURNS)));
    const left = { turns: most };
    const isEarly = i < FIRST_WAYS && turnsLeft > TURNS_OF_A_PLAN / 2;
    const steps = searchInSteps(space, isEarly ? TRIED : TRIED_LATE, left);
    for (let step = steps.next(); ; step = steps.next()) {
      if (step.done) {
        turnsLeft -= most - left.turns;
        return step.value;
      }
      yield i / ways.length;
    }
  }

  function* searchFor({ cures, setPoints, mustUse, sides }: Way & { setPoints: readonly SetPoint[] }, i: number): Stepwise<Searched> {
    const after = allCured(drawn, cures, board, setPoints, sides);
    const start = meanBoard(after);
    const space: SearchSpace = { ...base, start, guard: guardFrom(board, after, start), mustUse };
    const plain = yield* search(space, i);
    const needsTimber = plain.length === 0 || belief.done.length > 0 || plain.every(({ outside }) => outside > DOES_WITHIN_MM);
    const planed =
      needsTimber && planes.length > 0 ? (yield* search({ ...space, planes }, i)).filter(({ planed: lines }) => lines.length > 0) : [];
    // What treats the cause and sets nothing is always tried: it is the least work of all.
    const isBareTried = mustUse.length > 0 || plain.some(({ settings, strike }) => settings.length === 0 && strike === undefined);
    const alike = bestAlike(space);
    const isAlikeTried = alike === undefined || plain.some(({ settings }) => isSameSetting(settings, alike.settings));
    return { after, found: [...plain, ...planed, ...(isBareTried ? [] : [nothingSet(trial, start)]), ...(isAlikeTried ? [] : [alike])] };
  }
}

const isSameSetting = (one: readonly Setting[], other: readonly Setting[]) =>
  one.length === other.length &&
  one.every(({ action, where, amount }, i) => {
    const same = other[i];
    return same?.action === action && same.where === where && same.amount === amount;
  });

/** Whether work beside the places takes timber off, so that gaps follow it. */
const isCut = ({ action: { effect } }: SideStep) => effect.kind === 'set' && effect.cuts !== undefined;

/** The drawn doors after the cures of a way, and the best that can then be set. */
interface Searched {
  after: readonly Float64Array[];
  found: readonly FoundPlan[];
}

/** What may be searched whatever the way: the settings of each place and of the slab whole, and the strikes. */
function spaceFor(
  { model, learned }: Belief,
  { board, misfitNow }: Trial,
  allowed: readonly Action[],
  maySet: (setting: Setting) => boolean,
): Omit<SearchSpace, 'start' | 'guard' | 'mustUse'> {
  const settingsAt = (where: Setting['where'], move: Float64Array) => {
    const perMm = gapChanges(board, model, move);
    const place = where === 'whole' ? undefined : model.places[where];
    const here = allowed.filter((action) => isSetAt(action, place));
    return here.flatMap((action) => settingsOf(action, where, perMm, learned.get(action.id))).filter(maySet);
  };
  return {
    board,
    line: model.placeLine,
    misfitNow,
    misfitAllowedMm: model.tables.misfit.allowedMm,
    settings: [...model.placeLine.moves.map((move, place) => settingsAt(place, move)), settingsAt('whole', model.lowered)],
    planes: [],
    strikes: allowed.flatMap((action) =>
      action.effect.kind === 'strike' ? [{ action, upToMm: action.effect.upToMm, price: priceOf(action, 1) }] : [],
    ),
  };
}

/** An action in each of its amounts, at a place it is for. */
export function settingsOf(action: Action, where: Setting['where'], perMm: Float64Array, learned = 1): Setting[] {
  const { effect } = action;
  const kind = where === 'whole' ? 'lower' : 'shift';
  if (effect.kind !== kind) return [];
  return action.amounts.map((amount) => {
    const mm = amount * effect.mmPerUnit * learned;
    return {
      action,
      where,
      amount,
      shiftMm: where === 'whole' ? 0 : mm,
      changes: perMm.map((change) => change * mm),
      price: priceOf(action, amount),
    };
  });
}

/**
 * Where the watched work of a way may be stopped: as far as it goes, or at the gaps inside the limits that leave the drawn
 * doors least outside. Watched, the gap is known when the work is done, however little was known of the fault.
 */
function setPointsFor({ cures }: Way, { drawn, board }: Trial, kept: number): SetPoint[][] {
  const compared = drawn.slice(0, COMPARED_ON);
  const points = cures.flatMap(({ id, effect }): SetPoint[] => {
    const watched = effect.kind === 'cure' ? (effect.watched ?? []) : [];
    return watched.flatMap((station) => {
      const limit = board.limits[board.stations.indexOf(station)];
      if (limit === undefined) return [];
      const steps = Math.floor((limit.max - limit.min) / SET_POINT_STEP_MM);
      return Array.from({ length: steps + 1 }, (_, i) => ({ action: id, station, mm: limit.min + i * SET_POINT_STEP_MM }));
    });
  });
  const leaves = (point: SetPoint) => compared.reduce((sum, door) => sum + outsideBy(board, cured(door, cures, board, [point])), 0);
  const ranked = points.map((point) => ({ point, outside: leaves(point) })).sort((a, b) => a.outside - b.outside);
  return [[], ...ranked.slice(0, kept).map(({ point }) => [point])];
}

/** How well each figure, and the taper of each edge, is known: kept clear of the limits by that much. */
export function guardFrom(board: GapBoard, gaps: readonly Float64Array[], mean: Float64Array): Guard {
  const spread = (of: (each: Float64Array) => number, middle: number) =>
    Math.sqrt(gaps.reduce((sum, each) => sum + (of(each) - middle) ** 2, 0) / Math.max(1, gaps.length));
  return {
    stations: Float64Array.from(mean, (middle, i) => GUARD_LEAST_MM + GUARD_SDS * spread((each) => each[i] ?? 0, middle)),
    edges: board.evenEdges.map((edge) => {
      const [from, to] = [edge[0] ?? 0, edge[edge.length - 1] ?? 0];
      const taper = (each: Float64Array) => (each[from] ?? 0) - (each[to] ?? 0);
      return GUARD_LEAST_MM + GUARD_SDS * spread(taper, taper(mean));
    }),
  };
}

/** What work is reckoned at in a search: its minutes, and its premium for what is not undone. */
const priceOf = (action: Action, amount: number) => minutesOf(action, amount) + IRREVERSIBILITY_PRICE * action.irreversibility;
