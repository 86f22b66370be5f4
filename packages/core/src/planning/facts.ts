import type { Belief } from '../inference/belief';
import { DOUBT_DECIDING_FROM_SD, doubtsOf } from '../inference/doubtful';
import { causeChances, expectAt } from '../inference/expectation';
import { oddOnEdge } from '../inference/oddOnEdge';
import type { Observations } from '../inference/observed';
import { isTreated } from '../inference/treated';
import type { Action, EffectKind } from '../model/action';
import type { Cause } from '../model/cause';
import type { DoorModel } from '../model/doorModel';
import { seededRandom } from '../numbers/seededRandom';
import type { Stepwise } from '../stepwise';
import { leftLoose, leftUndone, undoneSeenOnce } from './atOnce';
import { boardWithoutGaps, gapBoard, meetingAsIs, type GapBoard } from './board';
import { candidate, nothingSet, untreated, type Candidate, type Trial } from './candidate';
import { causesToTreat } from './causesToTreat';
import { isGoodAsItIs } from './choose';
import type { Correction, PlanOptions } from './correction';
import type { Before } from './decision';
import { drawDoors, meanBoard } from './drawnDoors';
import { misfitAfter } from './misfit';
import { once } from './once';
import { isAskedFor, rulingsOn } from './rulings';
import { causesOfSidesOut } from './sidesOut';
import { curesWhatIsInOrder, foundInOrder, isSideTold, sidesToldUnread, toldUntried, triesDenyingFree, triesDue } from './sidesTold';
import { looksNeeded, soleLooks } from './soleLooks';
import { edgesRead, heldSides, isFullyChecked, isGapRead, judgedSides, shiftsDone, unreadOf } from './soFar';

/** A gap less well known than this is measured before anything is planned by it, mm (standard deviation). */
const PLAN_UP_TO_SD_MM = 1.5;
const DRAWS = 240;
/** What does harm unseen is not left in doubt at such a chance. */
const IN_DOUBT_FROM = 0.2;
/** A cause as likely as this is suspected. */
const SUSPECTED_FROM = 0.5;

/** All that a decision goes by, worked out once. */
export interface Facts extends Before {
  observed: Observations;
  belief: Belief;
  board: GapBoard;
  trial: Trial;
  /** The door left as it is, and whether that will do. */
  leftAlone: Candidate;
  isGood: boolean;
  /** The causes that are treated, what may be done, and what was found undone. */
  treat: readonly Cause[];
  allowed: readonly Action[];
  undoneWork: readonly Action[];
  /** What is done before anything is measured. */
  atOnceWork: readonly Action[];
  /** More was found undone than what one look alone found so. */
  isSureOfUndone: boolean;
  /** Tried twice, or after work, it was not free, whatever its gaps say. */
  isDeniedFree: boolean;
  /** What is to be done as well, whatever else is. */
  asWell: readonly Action[];
  /** Stations that nobody has read since the work done last and that can be got to. */
  toRead: readonly string[];
  /** Readings to take again before the door is given up, or its frame or timber touched. */
  somewhatDoubtful: () => Stepwise<Correction['doubtful']>;
  /** What is told whatever is decided. */
  said: Pick<Correction, 'binds' | 'cause' | 'unknown' | 'doubtful' | 'tryAgain' | 'ruledOut'>;
}

/** All that a decision goes by, a piece at a time. */
export function* factsOf(observed: Observations, belief: Belief, { without = [], seed = 1, draws = DRAWS }: PlanOptions): Stepwise<Facts> {
  const { model } = belief;
  const rulings = rulingsOn(belief, without);
  const inOrder = foundInOrder(belief, observed);
  // Where only a side is told of and no gap was read, no gap is judged, and none worked on.
  const judgesGaps = isGapRead(model, observed) || !isSideTold(model, observed);
  const asLimited = judgesGaps ? gapBoard(model, edgesRead(model, observed)) : boardWithoutGaps(model);
  yield 0;
  const drawn = drawDoors(belief, asLimited, seededRandom(seed), draws);
  const board = inOrder.has(model.tables.meeting.station) ? meetingAsIs(asLimited, drawn) : asLimited;
  const trial: Trial = {
    model: judgesGaps ? model : { ...model, binds: 'free' },
    board,
    drawn,
    misfitNow: misfitAfter(model.placeLine, shiftsDone(belief)),
    beside: { sides: model.tables.sides, judged: judgedSides(model, observed), inOrder, work: heldSides(belief, observed) },
  };
  yield 0;
  const leftAlone = asItIs(trial);
  const isSuspected = causeChances(belief).some(({ id, probability }) => probability >= SUSPECTED_FROM && id !== model.tables.soundCause);
  const denying = triesDenyingFree(model, observed);
  // After work one try is enough: it was made to see what the work did.
  const isDeniedFree = denying.some(({ isOnce }) => !isOnce || belief.done.length > 0);
  const isGood = !isDeniedFree && isGoodAsItIs(leftAlone, model.letStandMm, isSuspected);
  const likely = causesToTreat(belief, isGood).filter((each) => !curesWhatIsInOrder(model, each, inOrder));
  const treat = isGood ? likely : [...likely, ...causesOfSidesOut(belief, trial, likely)];
  const allowed = allowedNow(belief, rulings);
  const undoneWork = leftUndone(belief, observed, allowed);
  const asWell = allowed.filter(({ id }) => model.tables.asWell.includes(id));
  const seenOnce = undoneSeenOnce(belief, observed);
  const isSureOfUndone = undoneWork.length > seenOnce.length;
  const needsNothing = treat.length === 0 && asWell.length === 0 && isGood && !isSureOfUndone && !isDeniedFree;
  const deniedOnce = denying.map(({ finding }) => finding);
  const unknown = readFirst(observed, belief, board);
  const atOnceWork = unknown.length > 0 ? [...new Set([...undoneWork, ...leftLoose(belief, observed, allowed)])] : undoneWork;
  const doubts = doubtsOf(observed, belief);
  function* doubtedFrom(sd?: number): Stepwise<Correction['doubtful']> {
    return (yield* doubts(sd)).filter(({ station }) => isPlannedBy(station, trial));
  }
  const doubtful = yield* doubtedFrom();
  return {
    ...{ observed, belief, board, trial, leftAlone, isGood, treat, allowed, undoneWork, atOnceWork, isSureOfUndone, isDeniedFree, asWell },
    toRead: unreadOf(model, observed),
    *somewhatDoubtful() {
      const odd = oddOnEdge(observed, belief, DOUBT_DECIDING_FROM_SD);
      const known = new Set(odd.map(({ station }) => station));
      return [...odd, ...(yield* doubtedFrom(DOUBT_DECIDING_FROM_SD)).filter(({ station }) => !known.has(station))];
    },
    looksToTakeAgain: once(() =>
      belief.done.length > 0
        ? []
        : [
            ...looksNeeded(belief, observed, treat),
            ...(needsNothing
              ? [
                  ...seenOnce,
                  ...toldUntried(model, observed),
                  ...deniedOnce,
                  ...soleLooks(belief, observed, harmingUnseen(model), IN_DOUBT_FROM),
                ]
              : []),
          ].filter((id) => observed.unreachable?.includes(id) !== true),
    ),
    unknown: unknown.length,
    doubted: doubtful.length,
    undone: atOnceWork.length,
    needsNothing,
    hasWorked: belief.done.length > 0,
    isFullyChecked: isFullyChecked(observed, board),
    said: {
      binds: trial.model.binds,
      cause: leadOf(belief, treat),
      unknown,
      doubtful,
      tryAgain: triesDue(model, observed),
      ruledOut: rulings.filter(({ isObvious }) => !isObvious).map(({ action, title, why }) => ({ action, title, why })),
    },
  };
}

/** What is to be read first: a side that was told of; else the gaps. Nobody is sent round all gaps for a door that only swings. */
function readFirst(observed: Observations, belief: Belief, board: GapBoard): Correction['unknown'] {
  const told = sidesToldUnread(belief.model, observed).map((station) => ({ station, sdMm: doubtAt(belief, station) }));
  return told.length > 0 ? told : littleKnown(belief, board, new Set([...(observed.unreachable ?? []), ...rubbing(observed)]));
}

/** Where the last reading was a rub: to read it again tells no more. */
function rubbing({ readings, rounds = [] }: Observations): string[] {
  const last = new Map([...readings, ...rounds.flatMap((round) => round.readings)].map((each) => [each.station, each]));
  return [...last.values()].flatMap((each) => ('rubs' in each ? [each.station] : []));
}

/** Whether a plan goes by what is read at a station: a gap, or a side that no try has found in order. */
function isPlannedBy(station: string, { board, beside: { sides, inOrder } }: Trial): boolean {
  return board.stations.includes(station) || sides.some(({ id, readAt }) => inOrder?.has(id) !== true && readAt.includes(station));
}

const harmingUnseen = ({ causes }: DoorModel) => causes.filter(({ harmsUnseen }) => harmsUnseen === true);

/** Work that is not done twice in one visit: where it did not serve once, something else will. */
const DONE_ONCE: readonly EffectKind[] = ['cure', 'set', 'hold', 'wait', 'strike'];

/** What is allowed, is asked for, and has not been done already. */
function allowedNow(belief: Belief, rulings: readonly { action: string }[]): Action[] {
  const { model, done } = belief;
  const spent = new Set(done.map(({ action }) => action).filter((id) => DONE_ONCE.includes(model.action(id).effect.kind)));
  return model.tables.actions.filter(
    (each) => !spent.has(each.id) && !rulings.some(({ action }) => action === each.id) && isAskedFor(belief, each),
  );
}

/** The likeliest cause of those that are still to be treated; of all where there is none. */
function leadOf(belief: Belief, treat: readonly Cause[]): Correction['cause'] {
  const chances = causeChances(belief);
  const lead = chances.find(({ id }) => treat.some((each) => each.id === id)) ?? chances[0];
  if (lead === undefined) throw new RangeError('A belief holds at least one hypothesis.');
  const cause = belief.model.cause(lead.id);
  return { id: lead.id, title: cause.title, probability: lead.probability, ...(isTreated(belief, cause) && { isTreated: true as const }) };
}

/** How well a figure is known, mm (standard deviation). */
const doubtAt = (belief: Belief, station: string) => Math.sqrt(expectAt(belief, station).variance);

/** Gaps of the board that are too little known to plan by and can be read; the bolt follows the slab and may wait. */
function littleKnown(belief: Belief, { stations, bolt }: GapBoard, tellNoMore: ReadonlySet<string>): Correction['unknown'] {
  return stations.flatMap((station, i) => {
    const sdMm = doubtAt(belief, station);
    return sdMm > PLAN_UP_TO_SD_MM && i !== bolt && !tellNoMore.has(station) ? [{ station, sdMm }] : [];
  });
}

/** The door left as it is, as a candidate among the others. */
function asItIs(trial: Trial): Candidate {
  return candidate(trial, untreated(trial), nothingSet(trial, meanBoard(trial.drawn.map((door) => door.gaps))));
}
