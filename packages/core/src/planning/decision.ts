import type { Action } from '../model/action';
import { DOES_WITHIN_MM, share, type Candidate } from './candidate';
import type { PlanOutcome } from './correction';

/** Below this chance of a free door nothing is called a cure, and no hinge is touched while something is left to find out. */
const FREE_FLOOR = 0.5;
/** A cause as likely as this is known well enough to act on. */
export const KNOWN_FROM = 0.5;

/** What is known before anything is searched for. */
export interface Before {
  /** Gaps too little known to plan by. */
  unknown: number;
  /** Readings that stand against all the others. */
  doubted: number;
  /** Work found undone. */
  undone: number;
  /** As it is it will do, and no cause asks for work. */
  needsNothing: boolean;
  hasWorked: boolean;
  isFullyChecked: boolean;
  /**
   * Looks that alone make something likely that does harm unseen, on a door that needs nothing else, and those without which nothing can be
   * done; none once anything has been done.
   */
  looksToTakeAgain: () => string[];
}

/** The plans chosen, the first of them, and the door left as it is. */
interface Weighed {
  chosen: readonly Candidate[];
  first: Candidate;
  leftAlone: Candidate;
}

/** What is known once every way has been tried. */
export interface After extends Weighed {
  /** The first plan does what was found undone. */
  isUndone: boolean;
  isWaiting: boolean;
  hasWorked: boolean;
  isFullyChecked: boolean;
  /** Chance of the likeliest cause, and whether a check that would tell more is still to be made. */
  leadChance: number;
  /** Tried twice, or after work, it was not free, whatever its gaps say. */
  isDeniedFree: boolean;
  looksLeft: () => boolean;
  /** Readings that stand somewhat against the others: enough to look twice before the door is given up. */
  somewhatDoubted: number;
  /** Looks on which alone the heavy work of the first plan rests. */
  soleLooks: () => number;
  /** Looks untaken that may find what needs no cutting, where the first plan cuts at a place. */
  looksBeforeCutting: () => number;
  /** Quick looks that nobody has made, which would tell whether what the heavy work of the first plan is for is there. */
  untakenLooks: () => number;
  /** Tries to make once more, where all that the first plan does is for what they are of. */
  triesToRepeat: () => number;
}

/** A rule of the trade: what is said when it holds. */
export interface DecisionRule<S> {
  outcome: PlanOutcome;
  because: string;
  holds: (situation: S) => boolean;
}

/** In the order in which a carpenter would give them; the first that holds decides, and nothing is searched for. */
export const RULES_BEFORE: readonly DecisionRule<Before>[] = [
  {
    outcome: 'at once',
    because: 'What is loose is made to hold before anything is measured: every gap may change.',
    holds: ({ undone, unknown }) => undone > 0 && unknown > 0,
  },
  {
    outcome: 'measure first',
    because: 'Nothing is planned by a gap that nobody has read.',
    holds: ({ unknown }) => unknown > 0,
  },
  {
    outcome: 'read again',
    because: 'A gauge slips oftener than a door does what no other reading shows: it is read twice before a hinge is touched for it.',
    holds: ({ doubted, undone }) => doubted > 0 && undone === 0,
  },
  {
    outcome: 'look again',
    because:
      'A good door is not left with a soft foot or a loose screw in doubt for want of a second look, nor worked on for the first; and no leg is spliced that nobody has looked at.',
    holds: ({ looksToTakeAgain, undone, needsNothing }) => (undone === 0 || needsNothing) && looksToTakeAgain().length > 0,
  },
  {
    outcome: 'true',
    because: 'A door that is free and even is left alone.',
    holds: ({ needsNothing, hasWorked }) => needsNothing && !hasWorked,
  },
  {
    outcome: 'done',
    because: 'Free and even with every gap gauged again: prove it, and stop.',
    holds: ({ needsNothing, isFullyChecked }) => needsNothing && isFullyChecked,
  },
  {
    outcome: 'check all round',
    because: 'Free and even by what was read since: gauge it all round before anything more is done.',
    holds: ({ needsNothing }) => needsNothing,
  },
];

const hasWork = ({ found, cures, sides }: Candidate) =>
  cures.length + sides.length + found.settings.length + found.planed.length > 0 || found.strike !== undefined;

/** Work that frees or wedges the frame takes at least this long, minutes. */
const HEAVY_FROM_MINUTES = 45;

export const isHeavyWork = ({ minutes }: Pick<Action, 'minutes'>) => minutes.first >= HEAVY_FROM_MINUTES;

const isHeavy = ({ cures, found }: Candidate) => found.planed.length > 0 || cures.some(isHeavyWork);

/** Work that treats no cause betters a door by so much more of a chance, or by so many mm less outside. */
const BETTERS_BY = 0.05;
const BETTERS_BY_MM = 0.5;

function betters({ first, leftAlone }: Weighed): boolean {
  const treats = first.cures.length + first.sides.length > 0;
  const isLikelier = share(first.isTrue) >= share(leftAlone.isTrue) + BETTERS_BY;
  return treats || isLikelier || leftAlone.found.outside - first.found.outside >= BETTERS_BY_MM;
}

function fallsShort(after: Weighed): boolean {
  const { chosen, first } = after;
  return (
    !hasWork(first) ||
    !betters(after) ||
    chosen.every(({ found, verdict, isTrue }) => found.outside > DOES_WITHIN_MM && (verdict === 'book' || share(isTrue) < FREE_FLOOR))
  );
}

/** The door is given up, or its frame or timber touched: not for a reading that only somewhat fits. */
export const restsOnReadings = (after: Weighed): boolean => fallsShort(after) || isHeavy(after.first);

/** In order; the last always holds. */
export const RULES_AFTER: readonly DecisionRule<After>[] = [
  {
    outcome: 'at once',
    because: 'What is loose is tightened before anything is set: half a minute, and every gap may change.',
    holds: ({ isUndone }) => isUndone,
  },
  {
    outcome: 'wait',
    because: 'A swollen slab dries before it is cut or set.',
    holds: ({ isWaiting }) => isWaiting,
  },
  {
    outcome: 'find out first',
    because: 'A door that was tried twice and is not free is neither left alone nor given up: what stands in its way is looked for.',
    holds: ({ isDeniedFree, first }) => isDeniedFree && !hasWork(first),
  },
  {
    outcome: 'check all round',
    because: 'Nothing better is to be had than to leave it and gauge it all round.',
    holds: ({ first, leftAlone, hasWorked, isFullyChecked }) =>
      hasWorked && !isFullyChecked && !hasWork(first) && share(leftAlone.isTrue) >= FREE_FLOOR,
  },
  {
    outcome: 'done',
    because: 'Every gap has been gauged since, and there is nothing better to be had.',
    holds: ({ first, leftAlone, hasWorked }) => hasWorked && !hasWork(first) && share(leftAlone.isTrue) >= FREE_FLOOR,
  },
  {
    outcome: 'find out first',
    because: 'Under the floor, with the cause open and something left to look at, no hinge is touched.',
    holds: ({ first, leadChance, looksLeft }) => first.chances.free < FREE_FLOOR && leadChance < KNOWN_FROM && looksLeft(),
  },
  {
    outcome: 'read again',
    because:
      'No door is given up, nor its frame or timber touched, for a reading that only somewhat fits the others: it is read twice first.',
    holds: (situation) => restsOnReadings(situation) && situation.somewhatDoubted > 0,
  },
  {
    outcome: 'look again',
    because: 'No frame is opened and no foot cut out for one look: an eye slips oftener than that, and it costs half a minute.',
    holds: ({ soleLooks }) => soleLooks() > 0,
  },
  {
    outcome: 'look again',
    because: 'Nothing is taken apart for what nobody has looked at, as long as half a minute would show whether it is so.',
    holds: ({ untakenLooks }) => untakenLooks() > 0,
  },
  {
    outcome: 'look again',
    because:
      'No pin is taken out for what was felt once, nor for what the customer told and a try did not show: trying again takes ten seconds.',
    holds: ({ triesToRepeat }) => triesToRepeat() > 0,
  },
  {
    outcome: 'look again',
    because: 'No recess is cut while half a minute’s look may find what needs no cutting.',
    holds: ({ looksBeforeCutting }) => looksBeforeCutting() > 0,
  },
  {
    outcome: 'falls short',
    because: 'Nothing that is allowed brings this door where it should be.',
    holds: fallsShort,
  },
  {
    outcome: 'cures',
    because: 'The cause is treated and the door is likely free.',
    holds: ({ first }) => !first.hidesCause && first.chances.free >= FREE_FLOOR,
  },
  {
    outcome: 'helps',
    because: 'It is better for it, and no more is promised.',
    holds: () => true,
  },
];

/** The rule that decides; none when none holds. */
export function decide<S>(rules: readonly DecisionRule<S>[], situation: S): DecisionRule<S> | undefined {
  return rules.find(({ holds }) => holds(situation));
}
