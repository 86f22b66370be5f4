import { ACTION_IDS, type ActionId } from './actionIds';
import { FRAME_ACTIONS } from './frameActions';
import { HINGE_ACTIONS } from './hingeActions';
import { SLAB_ACTIONS } from './slabActions';
import { STRIKE_ACTIONS } from './strikeActions';
import type { HingedDoor, HingeKind, HingeName, SlabKind } from './door';
import type { SideId } from './sides';
import type { CautionId } from './cautions';
import type { CauseId } from './causes';
import type { EdgeId } from './profiles';
import type { StationId } from './stations';

/** What an action does to the door. */
export type ActionEffect =
  /** Takes the fault away: this share of it, with this uncertainty, and leaves so much by chance, mm. */
  | {
      kind: 'cure';
      cures: readonly CauseId[];
      share: number;
      shareSd: number;
      leftSdMm: number;
      /** Gaps of which one can be watched while it is done: the work is stopped where the plan wants it. */
      watched?: readonly StationId[];
    }
  /** Moves the slab at one hinge, + toward the latch, by so many mm a unit. */
  | { kind: 'shift'; mmPerUnit: number; sdShare: number }
  /** Lowers the slab by so many mm a unit, at the hinge that carries its height. */
  | { kind: 'lower'; mmPerUnit: number; sdShare: number }
  /** Takes timber off an edge of the slab. */
  | { kind: 'plane'; edge: EdgeId }
  /** Brings the strike to the bolt, for a bolt that is off by no more than this, mm. */
  | { kind: 'strike'; upToMm: number; leftSdMm: number }
  /** Brings one figure beside the gaps to where it should be, within so much, mm. */
  | { kind: 'set'; side: SideId; cures: readonly CauseId[]; leftSdMm: number }
  /** Holds the door by friction against a lean of so much more, mm over its height. */
  | { kind: 'hold'; side: SideId; cures: readonly CauseId[]; againstMm: number }
  /** Changes nothing that can be gauged today. */
  | { kind: 'wait'; cures: readonly CauseId[] };

/** Something a technician can do, with its limits, price and steps. */
export interface Action {
  id: ActionId;
  /** Place in the order from least to most invasive; the strike comes last, since it follows the slab. */
  order: number;
  title: string;
  unit: string;
  effect: ActionEffect;
  /** The hinge it is done at, where that is always the same one. */
  at?: HingeName;
  /** Units a plan may use at one hinge; negative is away from the latch. */
  amounts: readonly number[];
  minutes: { first: number; each: number };
  /** 0 is undone at once, 5 is never undone. */
  irreversibility: number;
  /** Chance that it still holds in two years, 0 to 1 (common practice, no source). */
  holds: number;
  parts?: string;
  forbidden: { hingeKinds?: readonly HingeKind[]; slabKinds?: readonly SlabKind[]; fireRated?: boolean; why: string };
  steps: readonly string[];
  cautions: readonly CautionId[];
  stopIf: string;
}

/** Whether a door is of a kind that an action is not for. */
export function isForbiddenOn({ forbidden }: Action, door: Pick<HingedDoor, 'fireRated' | 'hingeKind' | 'slabKind'>): boolean {
  return (
    (forbidden.fireRated === true && door.fireRated) ||
    forbidden.hingeKinds?.includes(door.hingeKind) === true ||
    forbidden.slabKinds?.includes(door.slabKind) === true
  );
}

const ACTION_TABLE: Readonly<Record<ActionId, Omit<Action, 'id'>>> = {
  ...HINGE_ACTIONS,
  ...STRIKE_ACTIONS,
  ...SLAB_ACTIONS,
  ...FRAME_ACTIONS,
};

export function action(id: ActionId): Action {
  return { id, ...ACTION_TABLE[id] };
}

export const ACTIONS: readonly Action[] = ACTION_IDS.map(action);

/** The action that takes timber off an edge. */
export function planingOf(edge: EdgeId): Action {
  const found = ACTIONS.find(({ effect }) => effect.kind === 'plane' && effect.edge === edge);
  if (found === undefined) throw new RangeError(`Nothing takes timber off the ${edge} edge.`);
  return found;
}
