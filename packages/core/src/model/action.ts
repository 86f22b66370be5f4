import type { Moves, Share } from './moves';
import type { Names } from './names';
import type { SaidBy } from './tables';

/** What an action does to the door. */
export type ActionEffect<N extends Names = Names> =
  /** Takes the fault away: this share of it, with this uncertainty, and leaves so much by chance, mm. */
  | {
      kind: 'cure';
      cures: readonly N['cause'][];
      share: number;
      shareSd: number;
      leftSdMm: number;
      /** Gaps of which one can be watched while it is done: the work is stopped where the plan wants it. */
      watched?: readonly N['station'][];
      /** It is done by taking timber off this edge of the slab: its gaps only widen, all of them to the widest. */
      cuts?: N['edge'];
      /** The slab is then raised by as much as the widest gap was too wide. */
      raises?: true;
      /** What was put in stands where it stands: the door is moved so, by so much by chance whatever the fault was, mm (standard deviation). */
      unsettles?: readonly { sd: number; moves: Moves<N> }[];
    }
  /** Moves the slab at one place, by so many mm a unit. */
  | {
      kind: 'shift';
      mmPerUnit: number;
      sdShare: number;
      /** The places that have what is set; all unless said. */
      places?: readonly N['place'][];
      /** The gap that is watched while it is done: it is set to that, not by its units. */
      watched?: N['station'];
    }
  /** Lowers the slab as a whole by so many mm a unit. */
  | { kind: 'lower'; mmPerUnit: number; sdShare: number }
  /** Takes timber off an edge of the slab. */
  | { kind: 'plane'; edge: N['edge'] }
  /** Brings the strike to the bolt, for a bolt that is off by no more than this, mm. */
  | { kind: 'strike'; upToMm: number; leftSdMm: number }
  /** Brings one figure beside the gaps to where it should be, within so much, mm; by timber off an edge, all along alike, or by so much of it at one place. */
  | { kind: 'set'; side: N['side']; cures: readonly N['cause'][]; leftSdMm: number; cuts?: N['edge']; leverage?: Share<N['figure']> }
  /** Holds the door by friction against so much more of a figure beside the gaps, mm. */
  | { kind: 'hold'; side: N['side']; cures: readonly N['cause'][]; againstMm: number }
  /** Changes nothing that can be gauged today. */
  | { kind: 'wait'; cures: readonly N['cause'][] }
  /** Whatever it was: it may have moved the slab at its place, by so much, one standard deviation, mm. */
  | { kind: 'unknown'; movesSdMm: number };

export type EffectKind = ActionEffect['kind'];

/** Something a technician can do, with its limits, price and steps. */
export interface Action<N extends Names = Names> {
  id: N['action'];
  /** Place in the order from least to most invasive; the strike comes last, since it follows the slab. */
  order: number;
  title: string;
  unit: string;
  effect: ActionEffect<N>;
  /** The place it is done at, where that is always the same one. */
  at?: N['place'];
  /** It is work only where one of these was found. */
  whenFound?: SaidBy<N['finding']>;
  /** It is no work where one of these was found: the fault is elsewhere. */
  notWhenFound?: SaidBy<N['finding']>;
  /** It is work only once this has been done. */
  after?: N['action'];
  /** Units a plan may use at one place; negative is the other way. */
  amounts: readonly number[];
  minutes: { first: number; each: number };
  /** 0 is undone at once, 5 is never undone. */
  irreversibility: number;
  /** Chance that it still holds in two years, 0 to 1 (common practice, no source). */
  holds: number;
  parts?: string;
  steps: readonly string[];
  /** Cautions by name; the tables of the kind have their texts. */
  cautions: readonly string[];
  stopIf: string;
}

/** Minutes for an amount: the first unit, and each further one. */
export function minutesOf({ minutes }: Pick<Action, 'minutes'>, amount: number): number {
  return minutes.first + minutes.each * (Math.abs(amount) - 1);
}

/** Whether a setting is done at a place. */
export function isSetAt({ effect }: Pick<Action, 'effect'>, place: string | undefined): boolean {
  return effect.kind !== 'shift' || effect.places === undefined || (place !== undefined && effect.places.includes(place));
}

/** The place that work was done at, which goes without saying where it is always the same one. */
export function placeOfWork({ effect, at }: Pick<Action, 'effect' | 'at'>, said: string | undefined): string | undefined {
  const [only, another] = effect.kind === 'shift' ? (effect.places ?? []) : [];
  return said ?? at ?? (another === undefined ? only : undefined);
}

/** Whether it puts in what stands where it stands: it is gauged before it is set, by screws of its own. */
export const putsInNew = ({ effect }: Pick<Action, 'effect'>): boolean => effect.kind === 'cure' && effect.unsettles !== undefined;

/** Whether it moves the slab, at one place or whole, rather than take something away or bring a part to it. */
export function setsSlab({ effect }: Pick<Action, 'effect'>): boolean {
  return effect.kind === 'shift' || effect.kind === 'lower';
}
