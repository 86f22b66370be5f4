import { ACTION_IDS, type ActionId } from './actionIds';
import type { HingeKind, HingeName, SlabKind } from './door';
import type { SideId } from './sides';
import type { CautionId } from './cautions';
import type { CauseId } from './causes';
import type { EdgeId } from './profiles';

/** What an action does to the door. */
export type ActionEffect =
  /** Takes the fault away: this share of it, with this uncertainty, and leaves so much by chance, mm. */
  | { kind: 'cure'; cures: readonly CauseId[]; share: number; shareSd: number; leftSdMm: number }
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

/** One layer of thin packing card, mm (common practice, no source). */
const CARD_MM = 0.5;
/** A 10–13 mm strip near the barrel of a 38 mm leaf: barrel axis over strip centre, about 40 / 19 (common practice, no source). */
const STRIP_LEVERAGE = 2.1;
/** One go with the wrench, mm: 1/16 in is the most at a time; half of that can be judged (common practice, no source). */
const BEND_MM = 0.8;

/** Half a turn of a side or height screw of an adjustable hinge (common practice, no source). */
const HALF_TURN_MM = 0.5;

const FIRE_FIXINGS = { fireRated: true, why: 'Fixings of a fire door are as its certificate says.' };
const FIRE_OR_ADJUSTABLE = {
  fireRated: true,
  hingeKinds: ['adjustable'],
  why: 'Not behind adjustable hinges, nor on a fire door outside its certificate.',
} as const;
const NOT_ADJUSTABLE = { hingeKinds: ['butt', 'ballBearing', 'cast'], why: 'These hinges have no such screw.' } as const;
const FRAME_OF_FIRE_DOOR = { fireRated: true, why: 'The frame of a fire door is packed only as its certificate says.' };
const NO_TIMBER_OFF = {
  fireRated: true,
  slabKinds: ['composite', 'steel', 'glazed'],
  why: 'A fire door, a composite, steel or glazed door is not planed.',
} as const;

const ACTION_TABLE: Readonly<Record<ActionId, Omit<Action, 'id'>>> = {
  tighten: {
    order: 1,
    title: 'Tighten the hinge screws',
    unit: 'hinge',
    effect: { kind: 'cure', cures: ['looseTopScrews'], share: 0.93, shareSd: 0.05, leftSdMm: 0.15 },
    amounts: [1],
    minutes: { first: 5, each: 0 },
    irreversibility: 0,
    holds: 0.6,
    at: 'top',
    forbidden: { why: '' },
    steps: [
      'Lift the latch edge with a wedge until the head gap is even.',
      'Turn every screw of the hinge up by hand, leg side first.',
      'Take the wedge out and look at the head gap.',
    ],
    cautions: ['pinch'],
    stopIf: 'A screw keeps turning: the hole is stripped. Fill it or use a long screw.',
  },
  fillHoles: {
    order: 2,
    title: 'Fill the stripped holes',
    unit: 'hinge',
    effect: { kind: 'cure', cures: ['strippedTopHoles', 'looseTopScrews'], share: 0.95, shareSd: 0.04, leftSdMm: 0.15 },
    amounts: [1],
    minutes: { first: 20, each: 0 },
    irreversibility: 1,
    holds: 0.85,
    at: 'top',
    parts: 'hardwood slivers or dowel, wood glue',
    forbidden: FIRE_FIXINGS,
    steps: [
      'Wedge the door under the latch edge.',
      'Take one screw out at a time.',
      'Glue hardwood slivers into the hole and break them off flush.',
      'Drive the screw by hand; do the next.',
    ],
    cautions: ['support'],
    stopIf: 'The timber behind is split or soft: the leg needs repair.',
  },
  longScrew: {
    order: 3,
    title: 'Long screw into the framing',
    unit: 'hinge',
    effect: { kind: 'cure', cures: ['looseTopScrews', 'strippedTopHoles', 'neverFixed'], share: 0.97, shareSd: 0.04, leftSdMm: 0.2 },
    amounts: [1],
    minutes: { first: 8, each: 0 },
    irreversibility: 1,
    holds: 0.96,
    at: 'top',
    parts: 'one screw 64–76 mm (2-1/2 to 3 in), head to match',
    forbidden: FIRE_FIXINGS,
    steps: [
      'Wedge the door under the latch edge.',
      'Take out the screw nearest the stop: that hole lies over the framing.',
      'Drive the long screw, angled slightly to the framing; the last turns by hand.',
      'Watch the gap at the hinge: stop when it is even with the hinge below.',
    ],
    cautions: ['support', 'cables'],
    stopIf: 'The screw spins without drawing: it has missed the framing.',
  },
  shim: {
    order: 4,
    title: 'Shim behind the full leaf',
    unit: 'layers of 0.5 mm card',
    effect: { kind: 'shift', mmPerUnit: CARD_MM, sdShare: 0.12 },
    amounts: [1, 2, 3, 4],
    minutes: { first: 12, each: 0.5 },
    irreversibility: 1,
    holds: 0.95,
    parts: 'packing card',
    forbidden: FIRE_OR_ADJUSTABLE,
    steps: [
      'Wedge the door; loosen the leaf on the leg.',
      'Cut card to the full size of the leaf.',
      'Slip it in, tighten, test the swing.',
    ],
    cautions: ['support', 'pinch'],
    stopIf: 'The leaf rocks on the card: re-seat it before tightening.',
  },
  shimStrip: {
    order: 4,
    title: 'Shim strip near the barrel',
    unit: 'layers of 0.5 mm card',
    effect: { kind: 'shift', mmPerUnit: CARD_MM * STRIP_LEVERAGE, sdShare: 0.2 },
    amounts: [1, 2, 3, 4],
    minutes: { first: 10, each: 0.5 },
    irreversibility: 1,
    holds: 0.9,
    parts: 'packing card',
    forbidden: FIRE_OR_ADJUSTABLE,
    steps: [
      'Wedge the door. Loosen the screws near the stop by about 3 mm and the outer ones by 6 mm.',
      'Cut strips 10–13 mm wide, as tall as the leaf.',
      'Slip them in beside the barrel, tighten, test the swing.',
    ],
    cautions: ['support', 'pinch'],
    stopIf: 'The screws no longer reach: use longer ones.',
  },
  bendKnuckles: {
    order: 5,
    title: 'Bend the knuckles',
    unit: 'goes of about 0.8 mm',
    effect: { kind: 'shift', mmPerUnit: BEND_MM, sdShare: 0.35 },
    amounts: [-3, -2, -1, 1, 2, 3],
    minutes: { first: 10, each: 4 },
    irreversibility: 2,
    holds: 0.75,
    forbidden: {
      hingeKinds: ['ballBearing', 'cast', 'adjustable'],
      slabKinds: ['glazed'],
      fireRated: true,
      why: 'Not for cast, ball-bearing or adjustable hinges, a fire door, or near glass.',
    },
    steps: [
      'Block the door; drive the pin up until it clears the knuckles of the slab’s leaf.',
      'Set the wrench on those knuckles, adjustable jaw on the side they should go.',
      'Bend every knuckle of that leaf alike, a little at a time; drop the pin and check.',
    ],
    cautions: ['support', 'pinch'],
    stopIf: 'A knuckle cracks or the pin will not go home: replace the hinge.',
  },
  planeLatch: {
    order: 7,
    title: 'Plane the latch edge',
    unit: 'mm',
    effect: { kind: 'plane', edge: 'latch' },
    amounts: [],
    minutes: { first: 35, each: 0 },
    irreversibility: 5,
    holds: 0.97,
    parts: 'sealer or paint for the bare edge',
    forbidden: NO_TIMBER_OFF,
    steps: [
      'Mark the line from the offsets, waste side hatched.',
      'Plane to the line, bevelled toward the closing side; keep short of it and check.',
      'Ease the edges; seal the bare timber the same day.',
    ],
    cautions: ['eyes', 'dust', 'oldPaint'],
    stopIf: 'The line is reached and it still rubs: measure again before cutting more.',
  },
  planeHead: {
    order: 8,
    title: 'Plane the top of the slab',
    unit: 'mm',
    effect: { kind: 'plane', edge: 'head' },
    amounts: [],
    minutes: { first: 40, each: 0 },
    irreversibility: 5,
    holds: 0.97,
    parts: 'sealer or paint for the bare edge',
    forbidden: NO_TIMBER_OFF,
    steps: [
      'Take the slab down and mark the line from the offsets.',
      'Plane from both ends toward the middle, so the stile does not break out.',
      'Seal the top edge before it goes back.',
    ],
    cautions: ['support', 'eyes', 'dust', 'oldPaint'],
    stopIf: 'The top rail shows its joint or a hollow core: stop.',
  },
  tightenBottom: {
    order: 1,
    title: 'Tighten the bottom hinge screws',
    unit: 'hinge',
    effect: { kind: 'cure', cures: ['looseBottomScrews'], share: 0.93, shareSd: 0.05, leftSdMm: 0.15 },
    at: 'bottom',
    amounts: [1],
    minutes: { first: 5, each: 0 },
    irreversibility: 0,
    holds: 0.6,
    forbidden: { why: '' },
    steps: [
      'Wedge the door so that its weight is off the bottom hinge.',
      'Turn every screw up by hand, leg side first.',
      'Take the wedge out and look at the foot of the latch gap.',
    ],
    cautions: ['pinch'],
    stopIf: 'A screw keeps turning: the hole is stripped, or the foot of the leg is soft.',
  },
  longScrewBottom: {
    order: 3,
    title: 'Long screw at the bottom hinge',
    unit: 'hinge',
    effect: { kind: 'cure', cures: ['looseBottomScrews'], share: 0.97, shareSd: 0.04, leftSdMm: 0.2 },
    at: 'bottom',
    amounts: [1],
    minutes: { first: 8, each: 0 },
    irreversibility: 1,
    holds: 0.96,
    parts: 'one screw 64–76 mm (2-1/2 to 3 in), head to match',
    forbidden: FIRE_FIXINGS,
    steps: [
      'Wedge the door under the latch edge.',
      'Take out the screw nearest the stop and drive the long one into the framing, the last turns by hand.',
      'Stop when the gap at the hinge is even with the one above.',
    ],
    cautions: ['support', 'cables'],
    stopIf: 'The screw spins without drawing: it has missed the framing, or the timber is soft.',
  },
  replaceHinge: {
    order: 6,
    title: 'Replace the worn hinge',
    unit: 'hinge',
    effect: { kind: 'cure', cures: ['spreadKnuckles', 'wornPins'], share: 0.98, shareSd: 0.03, leftSdMm: 0.2 },
    at: 'top',
    amounts: [1],
    minutes: { first: 25, each: 0 },
    irreversibility: 2,
    holds: 0.97,
    parts: 'hinge of the same size, leaf and corner; all of one kind on a door',
    forbidden: {
      fireRated: true,
      hingeKinds: ['adjustable'],
      why: 'Hinges of a fire door are as its certificate says; adjustable hinges are changed as a set.',
    },
    steps: [
      'Block the door so that it cannot drop.',
      'Change one hinge at a time, the top one first; carry its place over with a knife line.',
      'One screw first, test the swing, then the rest.',
    ],
    cautions: ['support', 'pinch'],
    stopIf: 'The new leaf does not fill its recess: pack or deepen before the screws go in.',
  },
  deepen: {
    order: 6,
    title: 'Let the leaf in deeper',
    unit: 'half millimetres',
    effect: { kind: 'shift', mmPerUnit: -0.5, sdShare: 0.2 },
    amounts: [1, 2, 3, 4],
    minutes: { first: 18, each: 1 },
    irreversibility: 3,
    holds: 0.96,
    forbidden: {
      fireRated: true,
      hingeKinds: ['adjustable'],
      slabKinds: ['steel'],
      why: 'Not for adjustable hinges, a steel frame or a fire door.',
    },
    steps: [
      'Block the door; take the leaf off the leg.',
      'Score round the recess and pare it down evenly, a shaving at a time.',
      'Refit the leaf and test.',
    ],
    cautions: ['support', 'eyes'],
    stopIf: 'The recess breaks out at the front: stop and pack it instead.',
  },
  turnSideways: {
    order: 1,
    title: 'Turn the side screw',
    unit: 'half turns',
    effect: { kind: 'shift', mmPerUnit: HALF_TURN_MM, sdShare: 0.1 },
    amounts: [-8, -7, -6, -5, -4, -3, -2, -1, 1, 2, 3, 4, 5, 6, 7, 8],
    minutes: { first: 3, each: 0.3 },
    irreversibility: 0,
    holds: 0.9,
    forbidden: NOT_ADJUSTABLE,
    steps: [
      'Loosen the locking screw, if there is one.',
      'Turn the side screw a half turn at a time and watch the locking gap.',
      'Do all three hinges alike unless the gap tapers; lock again.',
    ],
    cautions: ['pinch'],
    stopIf: 'The screw comes up hard: its travel is used up. Do not force it.',
  },
  turnHeight: {
    order: 1,
    title: 'Turn the height screw',
    unit: 'half turns',
    effect: { kind: 'lower', mmPerUnit: HALF_TURN_MM, sdShare: 0.1 },
    at: 'middle',
    amounts: [-8, -7, -6, -5, -4, -3, -2, -1, 1, 2, 3, 4, 5, 6, 7, 8],
    minutes: { first: 4, each: 0.3 },
    irreversibility: 0,
    holds: 0.9,
    forbidden: NOT_ADJUSTABLE,
    steps: [
      'Take the weight of the door on a lever or wedge.',
      'Turn the height screw of the middle hinge a half turn at a time.',
      'Let the weight down and read the foot and head gaps.',
    ],
    cautions: ['support', 'pinch'],
    stopIf: 'The screw comes up hard: its travel is used up. Do not force it.',
  },
  turnKeeps: {
    order: 4,
    title: 'Set the keeps, centre first',
    unit: 'lock',
    effect: { kind: 'wait', cures: ['keepsOut'] },
    amounts: [1],
    minutes: { first: 15, each: 0 },
    irreversibility: 0,
    holds: 0.9,
    forbidden: NOT_ADJUSTABLE,
    steps: [
      'The centre keep first, to take out the bounce.',
      'Then the hook keeps; an eccentric cam at most a quarter turn before trying again.',
      'Try the handle after each.',
    ],
    cautions: ['security'],
    stopIf: 'A cam has come to its end: never turn it right round.',
  },
  fileStrike: {
    order: 12,
    title: 'File the strike',
    unit: 'mm',
    effect: { kind: 'strike', upToMm: 3.2, leftSdMm: 0.4 },
    amounts: [],
    minutes: { first: 12, each: 0 },
    irreversibility: 2,
    holds: 0.95,
    forbidden: { fireRated: true, why: 'The strike of a fire door is as its certificate says.' },
    steps: ['Colour the bolt, close the door, read the mark.', 'File the side of the hole that the mark shows, a little at a time.'],
    cautions: ['eyes'],
    stopIf: 'More than about 2 mm has to go: move the strike instead.',
  },
  moveStrike: {
    order: 12,
    title: 'Move the strike',
    unit: 'mm',
    effect: { kind: 'strike', upToMm: 15, leftSdMm: 0.4 },
    amounts: [],
    minutes: { first: 20, each: 0 },
    irreversibility: 3,
    holds: 0.95,
    parts: 'hardwood plugs, filler',
    forbidden: { fireRated: true, why: 'The strike of a fire door is as its certificate says.' },
    steps: [
      'Colour the bolt, close the door, read the mark.',
      'Mark the new outline, pare the recess, plug the old holes.',
      'One screw, try the latch, then the rest.',
    ],
    cautions: ['security'],
    stopIf: 'The new screw holes break into the old: plug and let the glue cure.',
  },
  bendTab: {
    order: 5,
    title: 'Bend the strike’s tab',
    unit: 'mm',
    effect: { kind: 'set', side: 'offStop', cures: ['strikeDepth'], leftSdMm: 0.35 },
    amounts: [],
    minutes: { first: 5, each: 0 },
    irreversibility: 0,
    holds: 0.85,
    forbidden: { why: '' },
    steps: [
      'Bend the tab in the strike toward the stop for a rattle, away for a push, a little at a time.',
      'Close it with one finger and try to rattle it.',
    ],
    cautions: ['pinch'],
    stopIf: 'The tab has no more to give: move the strike.',
  },
  moveStrikeDepth: {
    order: 6,
    title: 'Move the strike in or out',
    unit: 'mm',
    effect: { kind: 'set', side: 'offStop', cures: ['strikeDepth'], leftSdMm: 0.4 },
    amounts: [],
    minutes: { first: 20, each: 0 },
    irreversibility: 3,
    holds: 0.96,
    parts: 'hardwood plugs, filler',
    forbidden: { fireRated: true, why: 'The strike of a fire door is as its certificate says.' },
    steps: ['Mark where the flat of the bolt lies with the slab on its stop.', 'Move the strike to it, plug the old holes.'],
    cautions: ['security'],
    stopIf: 'The lining splits: glue it before going on.',
  },
  bendPin: {
    order: 3,
    title: 'Bend a pin for friction',
    unit: 'pin',
    effect: { kind: 'hold', side: 'swingsItself', cures: ['hingeLineOut'], againstMm: 5 },
    at: 'top',
    amounts: [1],
    minutes: { first: 8, each: 0 },
    irreversibility: 1,
    holds: 0.55,
    forbidden: {
      fireRated: true,
      hingeKinds: ['adjustable', 'ballBearing', 'cast'],
      why: 'Not for adjustable, ball-bearing or cast hinges, nor where a closer must shut the door.',
    },
    steps: [
      'Close the door; drive the top pin out.',
      'Bend it slightly over a block and drive it back.',
      'Let go half open; do the second if it still moves.',
    ],
    cautions: ['support', 'eyes'],
    stopIf: 'The pin does not go home: straighten it a little. The lean stays; only friction holds the door.',
  },
  throwHinge: {
    order: 6,
    title: 'Throw a hinge across the leg',
    unit: 'mm',
    effect: { kind: 'set', side: 'swingsItself', cures: ['hingeLineOut'], leftSdMm: 0.8 },
    amounts: [],
    minutes: { first: 35, each: 0 },
    irreversibility: 3,
    holds: 0.97,
    forbidden: {
      fireRated: true,
      hingeKinds: ['adjustable'],
      slabKinds: ['steel'],
      why: 'Not for adjustable hinges, a steel frame or a fire door.',
    },
    steps: [
      'Block the door; take the leaf off the leg at one end hinge.',
      'Move it across the leg’s face by the amount shown; plug the old holes.',
      'Check the stop and the latch: both move with it.',
    ],
    cautions: ['support'],
    stopIf: 'The slab no longer meets its stop: move the stop too.',
  },
  throwForTwist: {
    order: 6,
    title: 'Throw a hinge to meet the stop',
    unit: 'mm',
    effect: { kind: 'set', side: 'inPlane', cures: ['twistedOpening', 'warpedSlab'], leftSdMm: 0.8 },
    amounts: [],
    minutes: { first: 35, each: 0 },
    irreversibility: 3,
    holds: 0.95,
    forbidden: {
      fireRated: true,
      hingeKinds: ['adjustable'],
      slabKinds: ['steel'],
      why: 'Not for adjustable hinges, a steel frame or a fire door.',
    },
    steps: [
      'Read both corners against the stop.',
      'Throw the hinge at the corner that stands off by about half of it; test.',
      'Let go half open: throwing a hinge may start a drift.',
    ],
    cautions: ['support'],
    stopIf: 'The door begins to drift: share the rest with the stop.',
  },
  moveStop: {
    order: 5,
    title: 'Move the stop to the slab',
    unit: 'mm',
    effect: { kind: 'set', side: 'inPlane', cures: ['twistedOpening', 'warpedSlab'], leftSdMm: 0.6 },
    amounts: [],
    minutes: { first: 25, each: 0 },
    irreversibility: 2,
    holds: 0.9,
    parts: 'brads, filler, paint',
    forbidden: {
      fireRated: true,
      hingeKinds: ['adjustable'],
      why: 'The stop of a fire door carries its seal; the rebate of a composite frame cannot be moved.',
    },
    steps: ['Close the door to its latch; scribe the stop’s new line off the slab.', 'Ease the stop off, refix it to the line.'],
    cautions: ['oldPaint'],
    stopIf: 'The stop is part of the leg: plane its face instead, or refer on.',
  },
  trimFoot: {
    order: 8,
    title: 'Take some off the foot of the slab',
    unit: 'mm',
    effect: { kind: 'set', side: 'clearsFloor', cures: ['floorHigh'], leftSdMm: 1 },
    amounts: [],
    minutes: { first: 40, each: 0 },
    irreversibility: 5,
    holds: 0.95,
    parts: 'sealer for the bare edge',
    forbidden: NO_TIMBER_OFF,
    steps: [
      'Mark the highest place of the floor on the slab, half open, and add the clearance.',
      'Take the slab down; cut along a straightedge, the face scored first.',
      'Seal the cut before it goes back.',
    ],
    cautions: ['support', 'eyes', 'dust'],
    stopIf: 'The cut would pass the solid rail of a hollow slab: stop and re-block.',
  },
  wedgeLatchLeg: {
    order: 9,
    title: 'Free the latch leg and wedge it plumb',
    unit: 'leg',
    effect: { kind: 'cure', cures: ['latchLegOut', 'latchLegBowed'], share: 0.97, shareSd: 0.04, leftSdMm: 0.35 },
    amounts: [1],
    minutes: { first: 60, each: 0 },
    irreversibility: 3,
    holds: 0.96,
    parts: 'packers, screws, filler, paint',
    forbidden: FRAME_OF_FIRE_DOOR,
    steps: [
      'Score the paint, ease the casing off, cut the fixings of the leg.',
      'Wedge it plumb and straight with packers at top, lock and foot; read the latch gap at each.',
      'Fix through the packers; refit the casing.',
    ],
    cautions: ['eyes', 'oldPaint', 'cables', 'security'],
    stopIf: 'The leg is split or soft: it needs repair, not wedges.',
  },
  wedgeHingeLeg: {
    order: 9,
    title: 'Pack and fix the hinge leg to the framing',
    unit: 'leg',
    effect: { kind: 'cure', cures: ['neverFixed', 'hingeLegBowed'], share: 0.97, shareSd: 0.04, leftSdMm: 0.35 },
    amounts: [1],
    minutes: { first: 50, each: 0 },
    irreversibility: 3,
    holds: 0.97,
    parts: 'packers, long screws, filler, paint',
    forbidden: FRAME_OF_FIRE_DOOR,
    steps: [
      'Wedge the door; ease the casing off.',
      'Packers behind each hinge, two and two, until the leg is straight and plumb.',
      'Long screws through the leaves into the framing; refit the casing.',
    ],
    cautions: ['support', 'oldPaint', 'cables'],
    stopIf: 'There is no framing to screw to: stop and refer.',
  },
  squareFrame: {
    order: 10,
    title: 'Wedge the lining square',
    unit: 'frame',
    effect: { kind: 'cure', cures: ['frameRacked'], share: 0.96, shareSd: 0.04, leftSdMm: 0.4 },
    amounts: [1],
    minutes: { first: 120, each: 0 },
    irreversibility: 3,
    holds: 0.9,
    parts: 'packers, screws, filler, paint',
    forbidden: FRAME_OF_FIRE_DOOR,
    steps: [
      'Casing off both sides; cut the fixings.',
      'Wedge the hinge leg plumb, then the latch leg by the gap; check the diagonals.',
      'Fix through the packers; hang, test, refit the casing.',
    ],
    cautions: ['support', 'oldPaint', 'cables', 'structure'],
    stopIf: 'The wall itself is moving, or the crack is fresh: stop and refer.',
  },
  scribeHead: {
    order: 8,
    title: 'Scribe the top of the slab to the head',
    unit: 'slab',
    effect: { kind: 'cure', cures: ['headOut'], share: 0.95, shareSd: 0.04, leftSdMm: 0.3 },
    amounts: [1],
    minutes: { first: 50, each: 0 },
    irreversibility: 5,
    holds: 0.95,
    parts: 'sealer for the bare edge',
    forbidden: NO_TIMBER_OFF,
    steps: [
      'Start from the higher side: wedge the slab up until it touches, measure the gap at the other end.',
      'Mark that much down at the touching end, to nothing at the other; follow the bow.',
      'Cut, lower to the gap wanted, seal the edge.',
    ],
    cautions: ['support', 'eyes', 'dust'],
    stopIf: 'The head keeps dropping, or cracks run from its corner: structure. Stop and refer.',
  },
  dryAndSeal: {
    order: 2,
    title: 'Let it dry, seal the bare edges, come back',
    unit: 'slab',
    effect: { kind: 'wait', cures: ['swollenSlab'] },
    amounts: [1],
    minutes: { first: 30, each: 0 },
    irreversibility: 0,
    holds: 0.85,
    parts: 'sealer',
    forbidden: { why: '' },
    steps: [
      'Find the bare edge and the source of the wet; stop it.',
      'Let the slab dry in a heated, aired room.',
      'Seal all six faces; measure again in the dry season before any timber comes off.',
    ],
    cautions: ['oldPaint', 'dust'],
    stopIf: 'The slab is delaminated or rotten: it needs replacing.',
  },
  repairFoot: {
    order: 10,
    title: 'Patch the foot of the leg',
    unit: 'leg',
    effect: { kind: 'cure', cures: ['rottenFoot'], share: 0.97, shareSd: 0.05, leftSdMm: 0.4 },
    at: 'bottom',
    amounts: [1],
    minutes: { first: 150, each: 0 },
    irreversibility: 4,
    holds: 0.93,
    parts: 'treated stock, packers, adhesive, brads, sealant, paint',
    forbidden: FRAME_OF_FIRE_DOOR,
    steps: [
      'Support the door. Cut square above all soft wood; leave the sound inner part.',
      'Fit the patch on packers to the old face; bottom cut at the pitch of the threshold.',
      'Glue, pin, caulk, paint; rehang the bottom hinge in sound timber.',
    ],
    cautions: ['support', 'eyes', 'oldPaint'],
    stopIf: 'The rot runs behind the framing: stop and refer.',
  },
  repairLeg: {
    order: 10,
    title: 'Splice or replace the broken leg',
    unit: 'leg',
    effect: { kind: 'cure', cures: ['brokenLeg'], share: 0.95, shareSd: 0.05, leftSdMm: 0.4 },
    amounts: [1],
    minutes: { first: 120, each: 0 },
    irreversibility: 4,
    holds: 0.95,
    parts: 'lining stock, packers, screws, strike, filler, paint',
    forbidden: FRAME_OF_FIRE_DOOR,
    steps: [
      'Cut the broken length out; scribe the new piece to width.',
      'Pack, screw to the framing, trim; transfer latch and deadbolt by the bolt’s mark.',
      'Chisel the strike; try the lock before filling.',
    ],
    cautions: ['eyes', 'cables', 'security'],
    stopIf: 'The door cannot be locked tonight: secure it before leaving.',
  },
};

export function action(id: ActionId): Action {
  return { id, ...ACTION_TABLE[id] };
}

export const ACTIONS: readonly Action[] = ACTION_IDS.map(action);
