import type { SlabKind, HingeKind } from './door';
import type { CautionId } from './cautions';
import type { CauseId } from './causes';
import type { EdgeId } from './profiles';

export type ActionId = 'tighten' | 'fillHoles' | 'longScrew' | 'shim' | 'shimStrip' | 'bendKnuckles' | 'planeLatch' | 'planeHead';

/** What an action does to the door. */
export type ActionEffect =
  /** Takes the fault away: this share of it, with this uncertainty. */
  | { kind: 'cure'; cures: readonly CauseId[]; share: number; shareSd: number }
  /** Moves the slab at one hinge, + toward the latch, by so many mm a unit. */
  | { kind: 'shift'; mmPerUnit: number; sdShare: number }
  /** Takes timber off an edge of the slab. */
  | { kind: 'plane'; edge: EdgeId };

/** Something a technician can do, with its limits, price and steps. */
export interface Action {
  id: ActionId;
  /** Place in the order from least to most invasive. */
  order: number;
  title: string;
  unit: string;
  effect: ActionEffect;
  /** Units a plan may use at one hinge; negative is away from the latch. */
  amounts: readonly number[];
  minutes: { first: number; each: number };
  /** 0 is undone at once, 5 is never undone. */
  irreversibility: number;
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

const ACTION_TABLE: Readonly<Record<ActionId, Omit<Action, 'id'>>> = {
  tighten: {
    order: 1,
    title: 'Tighten the hinge screws',
    unit: 'hinge',
    effect: { kind: 'cure', cures: ['looseTopScrews'], share: 0.92, shareSd: 0.08 },
    amounts: [1],
    minutes: { first: 5, each: 0 },
    irreversibility: 0,
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
    effect: { kind: 'cure', cures: ['strippedTopHoles', 'looseTopScrews'], share: 0.95, shareSd: 0.06 },
    amounts: [1],
    minutes: { first: 20, each: 0 },
    irreversibility: 1,
    parts: 'hardwood slivers or dowel, wood glue',
    forbidden: { fireRated: true, why: 'Fixings of a fire door are as its certificate says.' },
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
    effect: { kind: 'cure', cures: ['looseTopScrews', 'strippedTopHoles'], share: 1, shareSd: 0.1 },
    amounts: [1],
    minutes: { first: 8, each: 0 },
    irreversibility: 1,
    parts: 'one screw 64–76 mm (2-1/2 to 3 in), head to match',
    forbidden: { fireRated: true, why: 'Fixings of a fire door are as its certificate says.' },
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
    parts: 'packing card',
    forbidden: {
      fireRated: true,
      hingeKinds: ['adjustable'],
      why: 'Not behind adjustable hinges, nor on a fire door outside its certificate.',
    },
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
    parts: 'packing card',
    forbidden: {
      fireRated: true,
      hingeKinds: ['adjustable'],
      why: 'Not behind adjustable hinges, nor on a fire door outside its certificate.',
    },
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
    parts: 'sealer or paint for the bare edge',
    forbidden: {
      fireRated: true,
      slabKinds: ['composite', 'steel', 'glazed'],
      why: 'A fire door, a composite, steel or glazed door is not planed.',
    },
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
    parts: 'sealer or paint for the bare edge',
    forbidden: {
      fireRated: true,
      slabKinds: ['composite', 'steel', 'glazed'],
      why: 'A fire door, a composite, steel or glazed door is not planed.',
    },
    steps: [
      'Take the slab down and mark the line from the offsets.',
      'Plane from both ends toward the middle, so the stile does not break out.',
      'Seal the top edge before it goes back.',
    ],
    cautions: ['support', 'eyes', 'dust', 'oldPaint'],
    stopIf: 'The top rail shows its joint or a hollow core: stop.',
  },
};

export const ACTION_IDS = Object.keys(ACTION_TABLE) as ActionId[];

export function action(id: ActionId): Action {
  return { id, ...ACTION_TABLE[id] };
}

export const ACTIONS: readonly Action[] = ACTION_IDS.map(action);
