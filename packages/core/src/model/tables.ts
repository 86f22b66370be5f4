import type { Action, EffectKind } from './action';
import type { Cause } from './cause';
import type { Finding } from './finding';
import type { Moves, Share } from './moves';
import type { Names } from './names';
import type { Limits, ToleranceProfile } from './profile';
import type { Station } from './station';

/** One independent way in which sound doors differ, mm (standard deviation). */
export interface Spreading<N extends Names = Names> {
  why: string;
  sd: number;
  moves: Moves<N>;
}

/** A comparison a carpenter makes between gaps: the sum of the weighted stations, mm. */
export interface Sign<N extends Names = Names> {
  id: string;
  /** Of which part of the door it speaks. */
  part: string;
  combination: { readonly [S in N['station']]?: number };
  /** How it reads when clearly above nought, clearly below, and near it. */
  above: string;
  below: string;
  even: string;
  /** Whether nought is the natural value (tapers) or the profile's target is (single gaps). */
  compare: 'taper' | 'gap';
}

/** A figure judged beside the gaps: no setting of the places moves it much. */
export interface Side<N extends Names = Names> extends Limits {
  id: N['side'];
  title: string;
  weights: Moves<N>;
  /** What work on it changes. */
  worked: N['parameter'];
  /** Timber off this edge, at that place along it, widens it as well. */
  cutAt?: { edge: N['edge']; f: number };
  /** Judged when one of these has been read. */
  readAt: readonly N['station'][];
  /** Read with it where it has not been read: it has a part in the figure. */
  readAlso?: readonly N['station'][];
  /** Answers that say it is out: it is then read before anything is planned. */
  toldBy?: readonly SaidBy<N['finding']>[];
  /** Answers that say it is in order, where none says that it is out: what a hand has tried counts before what a level says. */
  clearedBy?: readonly SaidBy<N['finding']>[];
}

/** Answers to a check that say the same of a figure. */
export interface SaidBy<F extends string = string> {
  finding: F;
  answers: readonly string[];
}

/** An edge of the slab with the gap along it. */
export interface Edge<N extends Names = Names> {
  id: N['edge'];
  /** Whether its gap must be even from end to end. */
  isEven: boolean;
  /** Judged only when something on it was read, since nothing else tells; and then no wider than this counts as too wide, mm. */
  onlyWhenRead?: { maxMm: number };
}

/** A moving part that a fixed one can be brought to meet: a bolt and its strike. */
export interface Meeting<N extends Names = Names> {
  station: N['station'];
  /** What moves when the fixed part is moved. */
  parameter: N['parameter'];
  limits: Limits;
  /** As for a side. */
  toldBy?: readonly SaidBy<N['finding']>[];
  clearedBy?: readonly SaidBy<N['finding']>[];
}

/** What to read after work of one kind; the first row that fits holds. */
export interface RecheckRow<N extends Names = Names> {
  effects: readonly EffectKind[];
  /** For these pieces of work only. */
  actions?: readonly N['action'][];
  edge?: N['edge'];
  place?: N['place'];
  stations: readonly N['station'][];
  /** Read as well where they were read before: nobody is sent to a gap that has troubled no one. */
  ifReadBefore?: readonly N['station'][];
}

/** An answer that asks for a piece of work by itself. */
export interface AtOnce<N extends Names = Names> {
  finding: N['finding'];
  answer: string;
  action: N['action'];
}

/** Answers that ask for a piece of work by itself while nothing else is known. */
export interface AtOnceUnmeasured<N extends Names = Names> {
  said: SaidBy<N['finding']>;
  actions: readonly N['action'][];
}

/** Sentences of a plan in which a kind of door speaks of its own parts. */
export interface PlanPhrases {
  /** Nothing that was found brings the door inside its limits. */
  fallsShort: string;
}

/** What the eye and the hand make of a gap, mm. */
export interface Eye {
  /** A gap below this rubs or springs in use. */
  rubsBelowMm: number;
  /** Gaps of one edge that differ by more look uneven. */
  seesMm: number;
  /** An edge whose gap is on the whole so far beyond its limits is out of keeping with the others. */
  outOfKeepingMm: number;
}

/**
 * What a door is called: `free` when nothing rubs, it latches and stays where it is left; `even` when it is free and its gaps are even
 * to the eye; `book` when every gap is inside its profile.
 */
export type Verdict = 'free' | 'even' | 'book';

/** How far the tables of a kind of door are to be trusted. */
export interface Trust {
  /** Share of answers given at random: wrong or misunderstood, whatever the cause. */
  mistaken: number;
  /** Sizes of a fault by itself: a mixture of normals of one mean, each so many times as wide as usual; shares sum to one. */
  tails: readonly { share: number; spread: number }[];
  /** Of two faults at once each is supposed in one spread only: a mixture of each would be many times as many. */
  pairedSpread: number;
}

/** All of a kind of door that does not depend on the card of one. */
export interface DoorTables<N extends Names = Names> {
  name: string;
  parameters: readonly N['parameter'][];
  stations: readonly Station<N>[];
  /** The gaps in walking order; each may be uneven by itself. */
  walk: readonly N['station'][];
  /** Length a level spans where a station does not say, mm. */
  usualSpan: Share<N['figure']>;
  /** What a sound door is like, mm, and how sound doors differ. */
  sound: Moves<N>;
  spread: readonly Spreading<N>[];
  /** Unevenness of an edge or lining that no straight or bowed line follows, mm. */
  unevennessMm: number;
  edges: readonly Edge<N>[];
  sides: readonly Side<N>[];
  trust: Trust;
  eye: Eye;
  signs: readonly Sign<N>[];
  meeting: Meeting<N>;
  causes: readonly Cause<N>[];
  /** The cause that is none. */
  soundCause: N['cause'];
  findings: readonly Finding<N>[];
  /** What the customer is asked first; of its answers there may be several. */
  complaint: N['finding'];
  actions: readonly Action<N>[];
  /** What holds the places, put right: it counts as their own work. */
  holdingWork: readonly N['action'][];
  /** One unit down, all of the slab. */
  lowered: Moves<N>;
  /** What a place gives before it binds, mm, and off its line by how much it is worth saying, mm. */
  misfit: { allowedMm: number; saidFromMm: number };
  rechecks: readonly RecheckRow<N>[];
  /** What is done at once when it is found undone, before anything is measured. */
  atOnce: readonly AtOnce<N>[];
  /** What is done at once as long as too little is known to weigh it against other work: the first action of a row that is allowed. */
  atOnceUnmeasured: readonly AtOnceUnmeasured<N>[];
  /** What is looked at before timber is cut at a place. */
  lookFirst: readonly { action: N['action']; place: N['place']; finding: N['finding'] }[];
  /** Tries that show a door not to be free whatever its gaps say. */
  deniesFree: readonly SaidBy<N['finding']>[];
  /** What is done as well when it is found so, after the places have been set; it moves no gap. */
  asWell: readonly N['action'][];
  /** Edges across from one another: what one has too much of, both can share. */
  opposite: readonly (readonly [N['edge'], N['edge']])[];
  /** Texts of the cautions that actions name. */
  cautions: Readonly<Record<string, string>>;
  phrases: PlanPhrases;
}

/** Why an action is not allowed; one that is simply not there is no ruling to be told of. */
export interface Ruling {
  why: string;
  isObvious?: boolean;
}

/** What setting the places does to the slab. */
export interface PlaceLine {
  /** For each place, the state change for 1 mm there. */
  moves: readonly Float64Array[];
  /** `misfit[i][j]`: mm that place j is off the line of all when place i alone moves 1 mm. */
  misfit: readonly (readonly number[])[];
}

/** A kind of door: its tables, and what of it depends on the card of one door. */
export interface DoorKind<Card, N extends Names = Names> extends DoorTables<N> {
  /** Figures of a card that the tables name. */
  figures: (card: Card) => Readonly<Record<N['figure'], number>>;
  profileOf: (card: Card) => ToleranceProfile<N['edge']>;
  /** Names of the places, first to last. @throws DomainError when the card makes no sense */
  places: (card: Card) => readonly N['place'][];
  /** How the parameters follow the places; state changes of so many entries. */
  placeLine: (card: Card, size: number) => PlaceLine;
  /** Whether it has a moving part that meets a fixed one; it has unless said. */
  meets?: (card: Card) => boolean;
  hasCause: (id: N['cause'], card: Card) => boolean;
  hasFinding: (id: N['finding'], card: Card) => boolean;
  /** Whether there is anything to read at a station; there is unless said. */
  hasStation?: (id: N['station'], card: Card) => boolean;
  /** Whether a caution is for this door; it is unless said. */
  hasCaution?: (name: string, card: Card) => boolean;
  /** Why an action is not for this door. */
  forbids: (id: N['action'], card: Card) => Ruling | undefined;
  /** Why an action is left out at the wish of whoever keeps the door. */
  leavesOut: (id: N['action'], card: Card) => string | undefined;
  /** Whether a listing, a lock or the customer asks for every gap inside the profile; else free and even will do. */
  goesByTheBook: (card: Card) => boolean;
  /** On a door that is free and even a figure this far beyond the book is let stand, mm. */
  letStandMm: (card: Card) => number;
  /** What a unit of an action that sets the slab does on this door, mm, where its card says. */
  mmPerUnit?: (id: N['action'], card: Card) => number | undefined;
  /** What must be said before any advice on this door. */
  warnings: (card: Card) => readonly string[];
}
