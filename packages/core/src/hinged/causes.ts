import type { ActionId } from './actions';
import type { Moves } from './moves';
import type { Spreading } from './healthy';

/** A reason for a door's trouble, as a carpenter would write it down. */
export interface Cause {
  id: CauseId;
  title: string;
  /** One sentence: what has happened to the door. */
  says: string;
  /** How often it is behind a call before anything is known; relative, common practice, no source. */
  prior: number;
  /** The fault as one magnitude in mm: usual size, its spread, and what moves with 1 mm of it. */
  fault?: { measure: string; mean: number; sd: number; moves: Moves };
  /** Further spread this cause brings. */
  spreads?: readonly Spreading[];
  /** Actions of which one must be in the plan before anything that only hides the fault. */
  cures: readonly ActionId[];
  /** Said instead of a plan, or beside it, when the hinges cannot cure this. */
  advice?: string;
  /** Slab may not be planed while this is the likely cause. */
  forbidsPlaning?: string;
}

const TOP_HINGE_OUT: Moves = { drop: 'topHingeOut.drop', hingeGap: 'topHingeOut.gap' };

const CAUSE_TABLE = {
  nothingWrong: {
    title: 'Nothing wrong',
    says: 'The door hangs as a sound door does; what differs is the building.',
    prior: 0.12,
    cures: [],
  },
  looseTopScrews: {
    title: 'Top hinge screws loose',
    says: 'The top hinge has pulled away from the leg and the slab turns about the bottom hinge.',
    prior: 0.2,
    fault: { measure: 'top hinge off the leg', mean: 3.2, sd: 1.4, moves: TOP_HINGE_OUT },
    cures: ['tighten', 'longScrew'],
  },
  strippedTopHoles: {
    title: 'Top hinge holes stripped',
    says: 'The screws of the top hinge no longer bite, so tightening will not hold.',
    prior: 0.13,
    fault: { measure: 'top hinge off the leg', mean: 3.8, sd: 1.6, moves: TOP_HINGE_OUT },
    cures: ['fillHoles', 'longScrew'],
  },
  spreadKnuckles: {
    title: 'Top hinge knuckles spread',
    says: 'The leaves of the top hinge have opened, so the barrel stands off although every screw is tight.',
    prior: 0.08,
    fault: { measure: 'top barrel off the leg', mean: 2.4, sd: 1, moves: TOP_HINGE_OUT },
    cures: ['bendKnuckles'],
  },
  hingeBound: {
    title: 'Hinge bound',
    says: 'Leaves let in too deep or screw heads standing proud: the slab meets the leg before it is shut.',
    prior: 0.1,
    fault: { measure: 'hinge gap lost', mean: 1.7, sd: 0.6, moves: { hingeGap: -1 } },
    cures: ['shim', 'shimStrip'],
  },
  frameRacked: {
    title: 'Frame racked',
    says: 'Both legs lean the same way and the door has gone with the hinge leg, while the head stayed.',
    prior: 0.1,
    fault: { measure: 'lean of both legs', mean: 0, sd: 9, moves: { hingeLean: 1, latchLean: 1, drop: '1/r' } },
    cures: [],
    advice: 'The lasting cure is to free the lining, wedge it square and fix it again. Hinges can only share out the gap.',
  },
  latchLegOut: {
    title: 'Latch leg out of plumb',
    says: 'The latch leg has been kicked or has moved; the hinge side is as it should be.',
    prior: 0.11,
    fault: { measure: 'lean of the latch leg', mean: 0, sd: 5, moves: { latchLean: 1 } },
    spreads: [{ why: 'the leg has moved sideways too', sd: 1.2, moves: { sideRoom: 1 } }],
    cures: [],
    advice: 'The lasting cure is to free the latch leg, wedge it plumb and fix it again.',
  },
  headOut: {
    title: 'Head out of level',
    says: 'The head runs off while the door hangs true to its legs.',
    prior: 0.06,
    fault: { measure: 'tilt of the head', mean: 0, sd: 5, moves: { headTilt: 1 } },
    cures: [],
    advice: 'Hinges cannot cure a head that runs off: scribe the top of the slab, or re-set the head.',
  },
  swollenSlab: {
    title: 'Slab swollen',
    says: 'The timber has taken up moisture and grown across its width.',
    prior: 0.1,
    fault: { measure: 'growth across the width', mean: 3, sd: 1.2, moves: { sideRoom: -1, slabWidth: 1 } },
    cures: [],
    advice: 'Let it dry and seal the bare edges first; measure again in the dry season before taking any timber off.',
    forbidsPlaning: 'A slab planed while swollen is too small when it dries.',
  },
} as const satisfies Record<string, Omit<Cause, 'id'>>;

export type CauseId = keyof typeof CAUSE_TABLE;

export const CAUSE_IDS = Object.keys(CAUSE_TABLE) as CauseId[];

export function cause(id: CauseId): Cause {
  return { id, ...CAUSE_TABLE[id] };
}

export const CAUSES: readonly Cause[] = CAUSE_IDS.map(cause);
