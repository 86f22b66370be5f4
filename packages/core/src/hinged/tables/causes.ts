import { NO_PART, type Cause as AnyCause, type CauseForm as AnyForm, type FaultAxis as AnyAxis } from '../../model/cause';
import type { Moves as AnyMoves } from '../../model/moves';
import type { HingedDoor } from '../card/door';
import type { HingeKind, SlabKind } from '../card/doorKinds';
import type { TableNames } from '../geometry/tableNames';

type FaultAxis = AnyAxis<TableNames>;
type Moves = AnyMoves<TableNames>;
export type CauseForm = AnyForm<TableNames>;

interface CauseEntry extends Omit<AnyCause<TableNames>, 'id'> {
  /** Kinds of door that can have it; all unless said. */
  onlyFor?: { hingeKinds?: readonly HingeKind[]; slabKinds?: readonly SlabKind[] };
}

/** A reason for a hinged door's trouble. Sizes and shares are common practice, no source. */
export interface Cause extends CauseEntry {
  id: CauseId;
}

const TOP_OUT: Moves = { drop: 'topHingeOut.drop', hingeGap: 'topHingeOut.gap' };
const BOTTOM_OUT: Moves = { drop: 'bottomHingeOut.drop', hingeGap: 'bottomHingeOut.gap' };
const SCREWED: { hingeKinds: readonly HingeKind[] } = { hingeKinds: ['butt', 'ballBearing', 'cast'] };
/** Knuckles on a pin that wear and spread. */
const PINNED: { hingeKinds: readonly HingeKind[] } = { hingeKinds: ['butt', 'ballBearing', 'cast', 'faceFixed'] };
const ADJUSTABLE: { hingeKinds: readonly HingeKind[] } = { hingeKinds: ['adjustable'] };

const axis = (measure: string, mean: FaultAxis['mean'], sd: number, moves: Moves): FaultAxis => ({ measure, mean, sd, moves });
const one = (...axes: FaultAxis[]): CauseForm[] => [{ id: 'usual', share: 1, axes }];
/** The same fault one way or the other. */
const either = (ids: [string, string], measure: string, mean: number, sd: number, moves: Moves, ...more: FaultAxis[]): CauseForm[] => [
  { id: ids[0], share: 0.5, axes: [axis(measure, mean, sd, moves), ...more] },
  { id: ids[1], share: 0.5, axes: [axis(measure, -mean, sd, moves), ...more] },
];

/** A latch leg turned about its other end, which moves its middle by half as much. */
const turnedLeg = (ids: [string, string], middle: number): CauseForm[] =>
  either(
    ids,
    'lean of the latch leg',
    4.5,
    1.4,
    { latchLean: 1, sideRoom: middle },
    axis('leg moved sideways', 0, 0.5, { sideRoom: 1 }),
  ).map((form) => ({ ...form, share: form.share / 2 }));

/** What a slab also does when its top hinge lets go: it comes down a little with it. */
const SETTLED = axis('slab come down with the hinge', 0.3, 0.3, { headGap: 1 });

const TOO_WIDE = axis('too wide', 2.4, 0.7, { sideRoom: -1, slabWidth: 1 });
const tooTall = (mean: number, sd: number) => axis('too tall', mean, sd, { heightRoom: -1, slabHeight: 1, headGap: -1 });

const CAUSE_TABLE = {
  nothingWrong: {
    title: 'Nothing wrong',
    called: 'a sound door',
    says: 'The door hangs as a sound door does; what differs is the building.',
    // Of ten calls one is to a door that has nothing, or nothing that shows today.
    prior: 0.1,
    part: NO_PART,
    forms: [
      { id: 'usual', share: 0.9, axes: [] },
      // An opening wider than slab and limits together hangs as any other, and is shared out.
      {
        id: 'wideOpening',
        share: 0.1,
        axes: [axis('room to spare', 3, 1.2, { sideRoom: 1, hingeGap: 0.5 }), axis('shared out unevenly', 0, 0.8, { hingeGap: 1 })],
      },
    ],
    cures: [],
  },
  looseTopScrews: {
    title: 'Top hinge screws loose',
    called: 'loose top screws',
    says: 'The top hinge has pulled away from the leg and the slab turns about the bottom hinge.',
    prior: 0.1,
    part: 'topHinge',
    piece: 'screws',
    forms: one(axis('top hinge off the leg', 2.8, 1, TOP_OUT), SETTLED),
    harmsUnseen: true,
    cures: ['tighten', 'longScrew'],
  },
  strippedTopHoles: {
    title: 'Top hinge holes stripped',
    called: 'stripped holes',
    says: 'The screws of the top hinge no longer bite, so tightening will not hold.',
    prior: 0.07,
    part: 'topHinge',
    piece: 'screws',
    forms: one(axis('top hinge off the leg', 3.3, 1.2, TOP_OUT), SETTLED),
    harmsUnseen: true,
    cures: ['fillHoles', 'fillSlabHoles', 'longScrew'],
  },
  neverFixed: {
    title: 'Hinge leg never fixed to the framing',
    called: 'a hinge leg that gives',
    says: 'The leg hangs on nails and trim: its top has come away from the framing, and the door with it.',
    prior: 0.036,
    part: 'topHinge',
    piece: 'screws',
    forms: one(axis('top of the leg off the framing', 4.5, 1.5, { hingeLean: 1, drop: '1/r', sideRoom: -0.5 })),
    harmsUnseen: true,
    cures: ['longScrew', 'wedgeHingeLeg'],
    advice: 'A long screw at each hinge, with packers behind the leg, holds what nails do not.',
  },
  spreadKnuckles: {
    title: 'Top hinge knuckles spread',
    called: 'spread knuckles',
    says: 'The leaves of the top hinge have opened, so the barrel stands off although every screw is tight.',
    prior: 0.038,
    part: 'topHinge',
    piece: 'knuckles',
    forms: one(axis('top barrel off the leg', 2.2, 0.8, TOP_OUT)),
    onlyFor: PINNED,
    at: 'top',
    harmsUnseen: true,
    cures: ['bendKnuckles', 'replaceHinge'],
  },
  wornPins: {
    title: 'Pins and knuckles worn',
    called: 'worn pins',
    says: 'The hinges have worn: the slab has come down and leans out at the top.',
    prior: 0.038,
    part: 'topHinge',
    piece: 'knuckles',
    forms: one(axis('slab come down', 1.8, 0.6, { headGap: 1 }), axis('top hinge leaning out', 1.2, 0.5, TOP_OUT)),
    onlyFor: PINNED,
    harmsUnseen: true,
    cures: ['replaceHinge'],
  },
  looseBottomScrews: {
    title: 'Bottom hinge screws loose',
    called: 'loose bottom screws',
    says: 'The bottom hinge has come off the leg and the slab turns about the top hinge.',
    prior: 0.034,
    part: 'bottomHinge',
    forms: one(axis('bottom hinge off the leg', 2.4, 0.9, BOTTOM_OUT)),
    harmsUnseen: true,
    cures: ['tightenBottom', 'longScrewBottom'],
  },
  hingeBound: {
    title: 'Hinge bound',
    called: 'bound hinges',
    says: 'Leaves let in too deep or screw heads standing proud: the slab meets the leg before it is shut.',
    prior: 0.065,
    part: 'hingeSeat',
    forms: [
      { id: 'all', share: 0.6, axes: [axis('hinge gap lost', 'target.hinge', 0.5, { hingeGap: -1 })] },
      {
        id: 'top',
        share: 0.2,
        axes: [
          axis('top leaf too deep', 'target.hinge', 0.5, {
            drop: { times: -1, of: 'topHingeOut.drop' },
            hingeGap: { times: -1, of: 'topHingeOut.gap' },
          }),
        ],
      },
      {
        id: 'bottom',
        share: 0.2,
        axes: [
          axis('bottom leaf too deep', 'target.hinge', 0.5, {
            drop: { times: -1, of: 'bottomHingeOut.drop' },
            hingeGap: { times: -1, of: 'bottomHingeOut.gap' },
          }),
        ],
      },
    ],
    onlyFor: SCREWED,
    cures: ['seatScrews', 'shim', 'shimStrip'],
  },
  frameRacked: {
    title: 'Frame racked',
    called: 'a racked frame',
    says: 'Both legs lean the same way and the door has gone with the hinge leg, while the head stayed.',
    prior: 0.062,
    part: 'frame',
    forms: either(['toLatch', 'toHinges'], 'lean of both legs', 7.5, 2.2, { hingeLean: 1, latchLean: 1, drop: '1/r' }),
    cures: ['squareFrame'],
    advice: 'The lasting cure is to free the lining, wedge it square and fix it again. Hinges can only share out the gap.',
  },
  latchLegOut: {
    title: 'Latch leg out of plumb',
    called: 'a leaning latch leg',
    says: 'The latch leg has been kicked or has moved; the hinge side is as it should be.',
    prior: 0.062,
    part: 'latchLeg',
    // Kicked at its foot it turns about the head, sprung at its top about the floor.
    forms: [...turnedLeg(['topAway', 'topToward'], 0.5), ...turnedLeg(['footToward', 'footAway'], -0.5)],
    cures: ['wedgeLatchLeg'],
    advice: 'The lasting cure is to free the latch leg, wedge it plumb and fix it again.',
  },
  latchLegBowed: {
    title: 'Latch leg bowed',
    called: 'a bowed latch leg',
    says: 'The latch leg bellies, so the gap is tight or wide in the middle only.',
    prior: 0.034,
    part: 'latchLeg',
    forms: either(['away', 'toward'], 'belly of the latch leg', 3, 0.9, { latchBow: 1 }),
    cures: ['wedgeLatchLeg'],
    advice: 'The lasting cure is to free the leg at its middle, wedge it straight and fix it again.',
  },
  hingeLegBowed: {
    title: 'Hinge leg bowed',
    called: 'a bowed hinge leg',
    says: 'The hinge leg bellies between its hinges, so its gap is tight or wide in the middle.',
    prior: 0.032,
    part: 'hingeLeg',
    // The end hinges sit where about a third of the belly is.
    forms: either(['toLatch', 'away'], 'belly of the hinge leg', 3, 0.9, { hingeBow: 1, hingeGap: 0.4 }),
    cures: ['wedgeHingeLeg'],
    advice: 'The lasting cure is to wedge the leg straight behind its middle hinge.',
  },
  headOut: {
    title: 'Head out of level or bowed',
    called: 'a head that runs off',
    says: 'The head runs off or sags while the door hangs true to its legs.',
    prior: 0.062,
    part: 'head',
    forms: [
      { id: 'downAtLatch', share: 0.35, axes: [axis('tilt of the head', 4, 1.2, { headTilt: 1 })] },
      { id: 'upAtLatch', share: 0.35, axes: [axis('tilt of the head', -4, 1.2, { headTilt: 1 })] },
      { id: 'bowed', share: 0.3, axes: [axis('bow of the head', 2.8, 0.8, { headBow: 1 })] },
    ],
    cures: ['scribeHead', 'scribeRaise'],
    advice:
      'Hinges cannot cure a head that runs off: scribe the top of the slab, or re-set the head. A cut only widens: where the head runs up, the slab has to go up with it.',
  },
  swollenSlab: {
    title: 'Slab swollen',
    called: 'a swollen slab',
    says: 'The timber has taken up moisture and grown across its width.',
    prior: 0.066,
    part: 'slab',
    forms: one(axis('growth across the width', 3, 1, { sideRoom: -1, slabWidth: 1 })),
    onlyFor: { slabKinds: ['solidTimber', 'framed', 'hollowCore'] },
    cures: ['dryAndSeal'],
    advice: 'Let it dry and seal the bare edges first; measure again in the dry season before taking any timber off.',
    forbidsPlaning: 'A slab planed while swollen is too small when it dries.',
  },
  slabOversize: {
    title: 'Slab too large, or paint built up',
    called: 'a slab too large',
    says: 'The slab was never fitted close enough, or coats of paint have closed the gaps.',
    prior: 0.036,
    part: 'slab',
    forms: [
      { id: 'wide', share: 0.4, axes: [TOO_WIDE] },
      { id: 'both', share: 0.4, axes: [TOO_WIDE, tooTall(1.1, 0.5)] },
      { id: 'tall', share: 0.2, axes: [tooTall(1.9, 0.6)] },
    ],
    cures: ['planeLatch', 'planeHead'],
  },
  floorHigh: {
    title: 'Floor too high under the door',
    called: 'a floor that is too high',
    says: 'The floor or its covering is higher along the swing, or the sill under the shut door.',
    prior: 0.036,
    part: 'floor',
    forms: [
      { id: 'alongSwing', share: 0.8, axes: [axis('rise of the floor', 9, 4, { floorRise: 1 })] },
      { id: 'underDoor', share: 0.2, axes: [axis('floor or sill raised', 7.5, 2, { heightRoom: -1 })] },
    ],
    cures: ['trimFoot', 'planeFoot'],
  },
  strikeOff: {
    title: 'Strike too high or too low',
    called: 'a strike at the wrong height',
    says: 'The door hangs true and its bolt meets the strike above or below the hole.',
    prior: 0.036,
    part: 'strike',
    forms: either(['high', 'low'], 'strike off its height', 3.4, 1, { strike: 1 }),
    cures: ['fileStrike', 'moveStrike'],
  },
  strikeDepth: {
    title: 'Strike too far from the stop, or too near',
    called: 'a strike at the wrong depth',
    says: 'The bolt holds the slab off its stop so that it rattles, or so near that it must be pushed to latch.',
    prior: 0.036,
    part: 'strike',
    forms: [
      { id: 'rattles', share: 0.6, axes: [axis('slab off its stop', 2.4, 0.7, { stopGap: 1 })] },
      { id: 'tight', share: 0.4, axes: [axis('slab pressed to its stop', -1.5, 0.4, { stopGap: 1 })] },
    ],
    cures: ['bendTab', 'moveStrikeDepth'],
  },
  hingeLineOut: {
    title: 'Hinge line out of plumb across the wall',
    called: 'a leaning wall',
    says: 'The door swings by itself: the line through its hinges leans across the wall.',
    prior: 0.062,
    part: 'acrossWall',
    forms: either(['in', 'out'], 'lean across the wall', 8, 2.5, { acrossLean: 1 }),
    cures: ['bendPin', 'bendNextPin', 'throwHinge'],
    advice: 'A bent pin stops the swing by friction; bringing the hinge line plumb cures the lean.',
  },
  twistedOpening: {
    title: 'Opening twisted',
    called: 'a twisted opening',
    says: 'The legs are not in one plane: the slab is flat and meets its stop at one corner first.',
    prior: 0.033,
    part: 'plane',
    forms: either(['top', 'bottom'], 'corner off the stop', 6, 1.8, { twist: 1 }),
    cures: ['moveStop', 'throwForTwist'],
  },
  warpedSlab: {
    title: 'Slab warped',
    called: 'a warped slab',
    says: 'The slab has twisted: it meets its stop at one corner first, and the opening is in one plane.',
    prior: 0.033,
    part: 'plane',
    forms: either(['top', 'bottom'], 'corner off the stop', 6, 1.8, { twist: 1 }),
    cures: ['moveStop', 'throwForTwist'],
  },
  adjustersHeight: {
    title: 'Adjustable hinges out in height',
    called: 'hinges set too low',
    says: 'The height screw has worked down: the slab sits low and its bolts miss their keeps.',
    prior: 0.2,
    part: 'adjusters',
    forms: either(['low', 'high'], 'slab low', 2.8, 0.9, { headGap: 1 }),
    onlyFor: ADJUSTABLE,
    cures: ['turnHeight'],
  },
  adjustersSideways: {
    title: 'Adjustable hinges out sideways',
    called: 'hinges set too far over',
    says: 'The side screws have worked back: the locking gap is too wide, or tapers.',
    prior: 0.23,
    part: 'sideAdjusters',
    forms: [
      { id: 'all', share: 0.5, axes: [axis('slab toward the hinges', -2.8, 0.9, { hingeGap: 1 })] },
      { id: 'top', share: 0.3, axes: [axis('top hinge out', 2.8, 0.9, TOP_OUT)] },
      { id: 'bottom', share: 0.2, axes: [axis('bottom hinge out', 2.8, 0.9, BOTTOM_OUT)] },
    ],
    onlyFor: ADJUSTABLE,
    cures: ['turnSideways'],
  },
  keepsOut: {
    title: 'Keeps out',
    called: 'keeps that are out',
    says: 'The gaps are right, and the handle is stiff because the hooks do not meet their keeps freely.',
    prior: 0.1,
    part: 'keeps',
    forms: one(),
    onlyFor: ADJUSTABLE,
    harmsUnseen: true,
    cures: ['turnKeeps'],
  },
  rottenFoot: {
    title: 'Foot of a leg rotten',
    called: 'a rotten foot',
    says: 'The foot of the hinge leg is soft; where the rot has reached the hinge, the hinge has sunk in.',
    prior: 0.033,
    part: 'bottomHinge',
    // As a rule rot leaves the part that bears the hinge.
    forms: [
      { id: 'hingeSound', share: 0.6, axes: [] },
      { id: 'sunk', share: 0.4, axes: [axis('bottom hinge sunk in', -1.6, 0.7, BOTTOM_OUT)] },
    ],
    harmsUnseen: true,
    cures: ['repairFoot'],
    advice: 'Cut the soft wood out and patch the foot; hinges will not hold in it.',
  },
  brokenLeg: {
    title: 'Strike side broken in',
    called: 'a broken leg',
    says: 'The latch leg has split at the strike, by a kick or a forced entry.',
    prior: 0.033,
    part: 'latchLeg',
    forms: one(
      axis('leg sprung at the strike', 2, 1.2, { latchBow: 1 }),
      axis('leg moved sideways', 0.8, 1, { sideRoom: 1 }),
      axis('strike moved', 0, 1.5, { strike: 1 }),
    ),
    harmsUnseen: true,
    cures: ['repairLeg'],
    advice: 'Splice or replace the leg; until then the door must be secured by other means.',
  },
} as const satisfies Record<string, CauseEntry>;

export type CauseId = keyof typeof CAUSE_TABLE;

export const CAUSE_IDS = Object.keys(CAUSE_TABLE) as CauseId[];

export function cause(id: CauseId): Cause {
  return { id, ...CAUSE_TABLE[id] };
}

export const CAUSES: readonly Cause[] = CAUSE_IDS.map(cause);

/** Whether a door of this kind can have a cause. */
export function hasCause(id: CauseId, { hingeKind, slabKind }: Pick<HingedDoor, 'hingeKind' | 'slabKind'>): boolean {
  const { onlyFor } = cause(id);
  return (
    (onlyFor?.hingeKinds === undefined || onlyFor.hingeKinds.includes(hingeKind)) &&
    (onlyFor?.slabKinds === undefined || onlyFor.slabKinds.includes(slabKind))
  );
}
