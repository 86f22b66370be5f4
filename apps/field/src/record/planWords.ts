import { unitMeasure, type PlanAim, type PlanOutcome } from '@proper-swing/core';
import { putsInNew, setsSlab, type EffectKind } from '@proper-swing/core/model/action';
import { isTry } from '@proper-swing/core/model/finding';
import {
  action,
  AS_WELL,
  cause,
  movesGaps,
  finding,
  HANDBOOKS,
  placeSays,
  station,
  type ActionId,
  type Correction,
  type DoorKindId,
  type PlaceId,
  type Plan,
  type PlannedStep,
} from '@proper-swing/core/doors';
import type { Door } from '@proper-swing/contract';
import type { LengthWords } from '../design/lengthWords';
import { pluralOf } from '../design/plural';
import { likelihood } from './likelihood';
import { percent } from './percent';
import { capital } from '../design/capital';

/** Whether so much of a unit goes without saying. */
export function isDoneOnce(unit: string): boolean {
  return unitMeasure(unit).is === 'once';
}

/** `2 layers of 0.5 mm card`, `1.5 mm deeper`; nothing for what is done once. Which way it goes is said elsewhere. */
export function measuredWords(amount: number, unit: string, { withUnit, unit: system }: LengthWords): string {
  const measure = unitMeasure(unit);
  const size = Math.abs(amount);
  switch (measure.is) {
    case 'once':
      return '';
    case 'length':
      return [withUnit(size * measure.eachMm), ...(measure.goes === undefined ? [] : [measure.goes])].join(' ');
    case 'count':
      return `${size} ${pluralOf(size, (system === 'in' && measure.inInches) || measure)}`;
  }
}

/** Which way, for work that goes either way: of an amount above nought, and below. */
const WAYS: Readonly<Partial<Record<ActionId, readonly [string, string]>>> = {
  turnHeight: ['down', 'up'],
  turnScrew: ['up', 'down'],
  turnHanger: ['up', 'down'],
  turnPivot: ['up', 'down'],
  setTopPivot: ['toward the closing jamb', 'toward their own jamb'],
  setTopWheels: ['more room above', 'less room above'],
  throwHinge: ['into the room', 'toward the stop'],
  throwForTwist: ['into the room', 'toward the stop'],
  // The wrench sits on the knuckles of the door's leaf: eased toward the door they bring the slab toward its hinges.
  bendKnuckles: [', knuckles toward the leg', ', knuckles toward the door'],
  shim: ['', 'taken out'],
  shimStrip: ['', 'taken out'],
  turnSideways: ['toward the latch', 'toward the hinges'],
};

/** Which way an amount goes, of work that goes either way: `up`. */
export const wayOf = (action: ActionId, amount: number): string => WAYS[action]?.[amount > 0 ? 0 : 1] ?? '';

/** How much and which way, without a sign: `2 layers of 0.5 mm card taken out`. */
export function wayWords(action: ActionId, amount: number, unit: string, words: LengthWords): string {
  const measured = measuredWords(amount, unit, words);
  const way = measured === '' ? '' : wayOf(action, amount);
  return way === '' ? measured : `${measured}${way.startsWith(',') ? '' : ' '}${way}`;
}

/** Whether work goes either way. */
export const goesBothWays = (action: ActionId): boolean => WAYS[action] !== undefined;

/** How much, as it is said at the door: `2 layers of 0.5 mm card`, `3.5 mm at the top to nothing at the foot`. */
export function amountWords({ action, amount, unit, planed }: PlannedStep, words: LengthWords): string {
  if (planed) {
    const { withUnit, bare } = words;
    const [from, to] = action === 'planeHead' || action === 'planeFoot' ? ['hinge end', 'latch end'] : ['top', 'foot'];
    return `${planed.fromMm === 0 ? 'nothing' : bare(planed.fromMm)} at the ${from}, ${planed.toMm === 0 ? 'nothing' : withUnit(planed.toMm)} at the ${to}`;
  }
  return wayWords(action, amount, unit, words);
}

/** When to stop work that is done by watching a gap: `Stop when the hinge gap, top reads 2 mm.` */
export function untilWords({ until }: PlannedStep, { withUnit }: LengthWords): string {
  return until === undefined ? '' : `Stop when the ${station(until.station).title.toLowerCase()} reads ${withUnit(until.mm)}.`;
}

/** Why the same work comes again: `Again: the hinge gap, top read 2.4 after it; 1.8 mm is wanted.` */
export function againWords({ again }: PlannedStep, { bare, withUnit }: LengthWords): string {
  if (again === undefined) return '';
  return `Again: the ${station(again.station).title.toLowerCase()} read ${bare(again.readMm)} after it; ${withUnit(again.wantedMm)} is wanted.`;
}

/** Where and which way: `top hinge: slab 1.1 mm toward the latch`. */
export function placeWords({ place, shiftMm, unit }: PlannedStep, { withUnit }: LengthWords): string {
  const at = place === undefined ? '' : placeSays(place);
  // What is moved by the millimetre has been told how far.
  if (shiftMm === undefined || place === undefined || unitMeasure(unit).is === 'length') return at;
  const { slab, more, less } = MOVES_AT[place] ?? (isOfPanel(place) ? PANEL_MOVES : SLAB_MOVES);
  return `${at}: ${slab} ${withUnit(Math.abs(shiftMm))} ${shiftMm > 0 ? more : less}`;
}

const SCREWS: readonly ActionId[] = ['turnScrew', 'turnHanger', 'turnPivot'];

/** Which way a screw of a panel is turned, as far as anyone has written it down; nothing for other work. */
export function senseWords({ action, amount }: PlannedStep, door: Door): string {
  if (!SCREWS.includes(action) || door.kind !== 'sliding') return '';
  const { liftsBy } = door.make;
  if (liftsBy == null) return 'Which way lifts is not on its card: turn a quarter, look, and put it on.';
  const other = liftsBy === 'clockwise' ? 'anticlockwise' : 'clockwise';
  return `${capital(liftsBy)} lifts: turn ${amount > 0 ? liftsBy : other}.`;
}

/** Which way the slab goes at a hinge, and the panel at one of its ends. */
const SLAB_MOVES = { slab: 'slab', more: 'toward the latch', less: 'toward the hinges' };
const PANEL_MOVES = { slab: 'panel', more: 'up', less: 'down' };
/** Places at which something else than the whole of it is moved. */
const MOVES_AT: Readonly<Partial<Record<PlaceId, typeof SLAB_MOVES>>> = {
  footPivot: { slab: 'leaves', more: 'up', less: 'down' },
};
const isOfPanel = (place: PlaceId) => HANDBOOKS.sliding.places[place] !== undefined;

/** From this chance on something is promised; a plan less likely than this to do it at once is said to need a second go. */
const LIKELY = 0.5;

function isWhole(plan: Plan | undefined): boolean {
  return plan !== undefined && plan.outside.length === 0 && plan.uneven.length === 0;
}

const FREES_ONLY: readonly EffectKind[] = ['cure', 'hold'];

/** Whether a plan only frees the door: what is done leaves every gap as it is. */
const movesNoGap = (plan: Plan | undefined): boolean =>
  plan !== undefined &&
  plan.steps.length > 0 &&
  plan.steps.every(({ action: id }) => FREES_ONLY.includes(action(id).effect.kind) && !movesGaps(id));

/** The outcome in one line. */
export function outcomeWords(correction: Correction, kind: DoorKindId): string {
  return OUTCOMES[correction.outcome](correction, KIND_WORDS[kind]);
}

const minutesOf = ({ plans }: Correction) => Math.round(plans[0]?.minutes ?? 0);
const sentences = (...said: readonly (string | false)[]) => said.filter((each) => each !== false).join(' ');

/** Sentences of a plan that name parts of a kind of door. */
interface KindWords {
  aloneCannot: string;
  notTouched: string;
  noneCan: string;
  waits: string;
}

const KIND_WORDS: Readonly<Record<DoorKindId, KindWords>> = {
  hinged: {
    aloneCannot: 'The hinges alone cannot do it.',
    notTouched: 'Find out more before a hinge is touched.',
    noneCan: 'Hinges and plane cannot make this door true. Leave the hinges as they are.',
    waits: 'Nothing is cut or set today: the slab has to dry first.',
  },
  sliding: {
    aloneCannot: 'Its screws alone cannot do it.',
    notTouched: 'Find out more before a screw is turned.',
    noneCan: 'Rollers and what can be mended on site do not make this door run and meet. Leave its screws as they are.',
    waits: 'Nothing is set today.',
  },
};

const OUTCOMES: Readonly<Record<PlanOutcome, (correction: Correction, words: KindWords) => string>> = {
  'measure first': () => 'Too little is known to plan by. Take the readings below first.',
  'read again': () => 'A reading stands against all the others. Take it again before anything is done for it.',
  'look again': ({ lookAgain }) =>
    lookAgain.some((id) => isTry(finding(id)))
      ? 'Before anything is done, try this, and take your time: it all rests on it.'
      : 'Before anything is begun, look here, and look well: much rests on it.',
  'at once': (correction) => {
    const minutes = minutesOf(correction);
    return movesNoGap(correction.plans[0])
      ? `Do this first, about ${minutes} minutes: nothing else can be judged while it is so. Then try it again.`
      : `Make what is loose hold first, about ${minutes} minutes. Then gauge again: every gap may have changed.`;
  },
  true: () => 'Free and even as it stands. Leave it alone.',
  done: () => 'Free and even as gauged. Nothing more to do: prove it.',
  'check all round': () => 'Nothing more is to be done by what is known. Gauge it all round, then prove it.',
  cures: (correction, { aloneCannot }) => {
    const { plans, binds, settingAlone } = correction;
    const { chances } = plans[0] ?? {};
    const minutes = minutesOf(correction);
    if (plans[0]?.steps.every(({ action }) => AS_WELL.includes(action)) === true)
      return `Puts right what was found, in about ${minutes} minutes. No gap is set by it: gauge beside it afterwards.`;
    if (binds !== 'free' && movesNoGap(plans[0])) return `Should put it right, in about ${minutes} minutes. No gap is moved by it.`;
    return sentences(
      binds !== 'free' && isWhole(plans[0]) && (chances?.book ?? 0) >= LIKELY
        ? `Brings every gap inside its limits, in about ${minutes} minutes.`
        : binds === 'book'
          ? `Brings every gap inside its limits or within a few tenths of them, in about ${minutes} minutes.`
          : `Leaves the door free${binds !== 'free' && (chances?.even ?? 0) >= LIKELY ? ' and even' : ''}, in about ${minutes} minutes${binds === 'free' ? '. No gap was read, and none is touched.' : '; some gaps may stay a little beyond the book.'}`,
      !settingAlone.can && plans[0]?.steps.some(({ action: id }) => !setsSlab(action(id))) === true && aloneCannot,
      plans[0]?.steps.some(({ action: id }) => putsInNew(action(id))) === true &&
        'It stands anew after that: gauge it again, and the next plan sets it.',
      (chances?.[binds] ?? 1) < LIKELY && 'Expect a second go: check after each step, and the next plan will be closer.',
    );
  },
  helps: (correction) => `Makes it better, in about ${minutesOf(correction)} minutes; no more is promised. Check after each step.`,
  'find out first': (_, { notTouched }) => `The cause is still open, and no likely work would free the door. ${notTouched}`,
  wait: (_, { waits }) => waits,
  'falls short': ({ plans }, { noneCan }) =>
    (plans[0]?.steps.length ?? 0) === 0 ? noneCan : 'This is the best that can be done here; some gaps stay outside their limits.',
};

/** What a plan promises at the first check, in a word and a chance: of plans side by side the same, and of gaps only where one moves them. */
export function promiseWords({ chances }: Plan, beside: readonly Plan[], binds: Correction['binds']): string {
  const promised = beside.every(movesNoGap) ? 'free' : binds;
  return `${VERDICT_SHORT[promised]} ${percent(chances[promised])}`;
}

const VERDICT_SHORT: Readonly<Record<Correction['binds'], string>> = { free: 'free', even: 'even', book: 'by the book' };

/** Outcomes that promise nothing of a door: it is not known well enough, or nothing is done to it today. */
const PROMISES_NOTHING: readonly PlanOutcome[] = ['measure first', 'read again', 'look again', 'wait'];

/** Outcomes that name no cause: there is nothing to treat. */
const NEEDS_NOTHING: readonly PlanOutcome[] = ['true', 'done', 'check all round'];

/** What the work is for; nothing where that has been treated, nor where what is loose is made to hold before it. */
function forWords(steps: Plan['steps'], { outcome, cause: lead }: Correction, chance: string): string | false {
  const isBeforeIt = outcome === 'at once' && !steps.some(({ action: work }) => cause(lead.id).cures.includes(work));
  return !NEEDS_NOTHING.includes(outcome) && lead.isTreated === undefined && !isBeforeIt && `For: ${lead.title.toLowerCase()}${chance}.`;
}

/** What a plan is for and the chances of all three verdicts, as it stands or at the first check; only the cause of a door that waits. */
export function chancesWords({ chances: { free, even, book }, steps, holds }: Plan, correction: Correction): string {
  const { outcome, binds } = correction;
  const lead = forWords(steps, correction, ` (${percent(correction.cause.probability)})`);
  if (outcome === 'wait') return sentences(lead);
  if (PROMISES_NOTHING.includes(outcome)) return '';
  // Of gaps that nobody has read nothing is promised.
  const ofGaps = binds === 'free' ? 'no gap was read' : `even ${percent(even)}, by the book ${percent(book)}`;
  const when = steps.length === 0 ? 'As it stands' : 'At the first check';
  return sentences(
    lead,
    `${when} free ${percent(free)}, ${ofGaps}; still so in two years ${percent(holds)}.`,
    steps.length > 0 && 'Check after every step.',
  );
}

/** What it is for and how likely it is to do it at the first check, without a figure: `For loose screws. Free: almost sure. Even: likely.` */
export function chancesInWords({ chances: { free, even, book }, steps }: Plan, correction: Correction): string {
  const { outcome, binds } = correction;
  const lead = forWords(steps, correction, `, ${likelihood(correction.cause.probability)}`);
  if (outcome === 'wait') return sentences(lead);
  const again = steps.length > 0 && even < LIKELY && binds !== 'free' ? ', a second go is likely' : '';
  return sentences(
    lead,
    `Free: ${likelihood(free)}.`,
    binds === 'free' ? 'No gap was read.' : `Even: ${likelihood(even)}${again}.`,
    binds === 'book' && `By the book: ${likelihood(book)}.`,
  );
}

/** Whether what is left of the gaps is worth telling: not of a door that waits, or of which too little is known. */
export function tellsRemainder({ outcome, unknown }: Correction): boolean {
  return unknown.length === 0 && !PROMISES_NOTHING.includes(outcome);
}

/** A chance raised by less is not worth a word. */
const WORTH_SAYING = 0.05;

/** What keeps a plan from being sure, by what its chance would be: `Would be 92 % with the cause known, 88 % with a steady hand.` */
export function uncertaintyWords({ chances, uncertainty: { ifKnown } }: Plan, binds: Correction['binds']): string {
  const raised = [
    { chance: ifKnown.cause, by: 'with the cause known' },
    { chance: ifKnown.readings, by: 'with every figure known' },
    { chance: ifKnown.hand, by: 'with a steady hand' },
  ].filter(({ chance }) => chance >= chances[binds] + WORTH_SAYING);
  if (raised.length === 0) return '';
  const said = raised.sort((a, b) => b.chance - a.chance).map(({ chance, by }) => `${percent(chance)} ${by}`);
  return `${capital(VERDICT_SHORT[binds])} would be ${said.join(', ')}.`;
}

/** The reading that would raise the chance most: `Read the strike height first: even 88 %`. */
export function surerByWords({ uncertainty: { reading } }: Plan, binds: Correction['binds']): string {
  if (reading === undefined) return '';
  return `To be surer, read: ${station(reading.station).title.toLowerCase()} (${VERDICT_SHORT[binds]} ${percent(reading.chance)})`;
}

export const AIM_WORDS: Readonly<Record<PlanAim, string>> = { quickest: 'Quickest', lasting: 'Lasting', 'if that fails': 'If that fails' };
