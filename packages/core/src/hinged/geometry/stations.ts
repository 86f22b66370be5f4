import type { Names } from '../../model/names';
import type { Station as AnyStation } from '../../model/station';
import type { EdgeId } from '../card/profiles';
import type { FigureName } from './cardFigures';
import type { ParameterId } from './parameters';

interface StationNames extends Names {
  parameter: ParameterId;
  figure: FigureName;
  edge: EdgeId;
}

type StationEntry = Omit<AnyStation<StationNames>, 'id'>;

export type Station = AnyStation<StationNames & { station: StationId }>;

/** Places along an edge: 5 % in from each end, where a gauge still reads the gap and not the corner's round. */
const NEAR = 0.05;
const MIDDLE = 0.5;
const FAR = 0.95;

/** A bow's share at f: 1 at the middle, nil at the ends. */
const belly = (f: number) => 4 * f * (1 - f);

const hingeStation = (title: string, f: number): StationEntry => ({
  title,
  kind: 'gap',
  edge: 'hinge',
  f,
  instrument: 'gauge',
  minutes: 0.25,
  howTo: 'Door closed. Slide the gauge between slab edge and leg, clear of the leaves.',
  weights: { hingeGap: 1, drop: { times: 0.5 - f, of: 'r' }, hingeLean: -(0.5 - f), hingeBow: -belly(f) },
});

const headStation = (title: string, f: number): StationEntry => ({
  title,
  kind: 'gap',
  edge: 'head',
  f,
  instrument: 'gauge',
  minutes: 0.25,
  howTo: 'Door closed. Gauge between the top of the slab and the head.',
  weights: { headGap: 1, drop: f, headTilt: -f, headBow: -belly(f) },
});

const latchStation = (title: string, f: number): StationEntry => ({
  title,
  kind: 'gap',
  edge: 'latch',
  f,
  instrument: 'gauge',
  minutes: 0.25,
  howTo: 'Door closed, not pushed. Gauge between slab edge and latch leg.',
  weights: { sideRoom: 1, hingeGap: -1, latchLean: 0.5 - f, drop: { times: -(0.5 - f), of: 'r' }, latchBow: belly(f) },
});

const footStation = (title: string, f: number): StationEntry => ({
  title,
  kind: 'gap',
  edge: 'foot',
  f,
  instrument: 'gauge',
  minutes: 0.25,
  howTo: 'Door closed. Gauge or packers between the slab and the finished floor or threshold.',
  weights: { heightRoom: 1, headGap: -1, floorTilt: f, drop: -f, floorBow: -belly(f) },
});

const widthStation = (title: string, f: number): StationEntry => ({
  title,
  kind: 'opening',
  f,
  instrument: 'tape',
  minutes: 0.5,
  howTo: 'Leg to leg, square across, inside the rebate where the slab sits.',
  offset: 'slabWidthMm',
  weights: {
    sideRoom: 1,
    slabWidth: 1,
    latchLean: 0.5 - f,
    hingeLean: -(0.5 - f),
    latchBow: belly(f),
    hingeBow: -belly(f),
  },
});

const heightStation = (title: string, f: number): StationEntry => ({
  title,
  kind: 'opening',
  f,
  instrument: 'tape',
  minutes: 0.5,
  howTo: 'Head to finished floor. Say so in a note when the floor will change.',
  offset: 'slabHeightMm',
  weights: { heightRoom: 1, slabHeight: 1, floorTilt: f, headTilt: -f, floorBow: -belly(f), headBow: -belly(f) },
});

/** Source of the weights: small-angle kinematics of a rigid slab in a bowed opening, derived in docs/decisions/0004. */
const STATION_TABLE = {
  'hinge.top': hingeStation('Hinge gap, top', NEAR),
  'hinge.mid': hingeStation('Hinge gap, middle', MIDDLE),
  'hinge.bottom': hingeStation('Hinge gap, bottom', FAR),
  'head.hinge': headStation('Head gap, hinge end', NEAR),
  'head.mid': headStation('Head gap, middle', MIDDLE),
  'head.latch': headStation('Head gap, latch end', FAR),
  'latch.top': latchStation('Latch gap, top', NEAR),
  'latch.mid': latchStation('Latch gap, middle', MIDDLE),
  'latch.bottom': latchStation('Latch gap, bottom', FAR),
  'foot.hinge': footStation('Foot gap, hinge end', NEAR),
  'foot.mid': footStation('Foot gap, middle', MIDDLE),
  'foot.latch': footStation('Foot gap, latch end', FAR),
  'plumb.hinge': {
    title: 'Hinge leg, plumb',
    kind: 'lean',
    instrument: 'spiritLevel',
    minutes: 0.5,
    howTo: 'Level on the leg’s face toward the slab. + when the top leans toward the latch.',
    span: 'slabHeightMm',
    weights: { hingeLean: 1 },
  },
  'plumb.latch': {
    title: 'Latch leg, plumb',
    kind: 'lean',
    instrument: 'spiritLevel',
    minutes: 0.5,
    howTo: 'Level on the leg’s face toward the slab. + when the top leans away from the hinges.',
    span: 'slabHeightMm',
    weights: { latchLean: 1 },
  },
  'level.head': {
    title: 'Head, level',
    kind: 'lean',
    instrument: 'spiritLevel',
    minutes: 0.5,
    howTo: 'Level under the head. + when the latch end is lower.',
    weights: { headTilt: 1 },
  },
  'level.floor': {
    title: 'Floor, level',
    kind: 'lean',
    instrument: 'spiritLevel',
    minutes: 0.5,
    howTo: 'Level on the floor in the opening. + when the latch end is lower.',
    weights: { floorTilt: 1 },
  },
  'straight.hinge': {
    title: 'Hinge leg, straight',
    kind: 'bow',
    instrument: 'rule',
    minutes: 0.8,
    howTo: 'Straightedge down the leg, rule at the middle. + when it bellies toward the latch.',
    weights: { hingeBow: 1 },
  },
  'straight.latch': {
    title: 'Latch leg, straight',
    kind: 'bow',
    instrument: 'rule',
    minutes: 0.8,
    howTo: 'Straightedge down the leg, rule at the middle. + when it bellies away from the hinges.',
    weights: { latchBow: 1 },
  },
  'width.top': widthStation('Opening width, top', NEAR),
  'width.mid': widthStation('Opening width, middle', MIDDLE),
  'width.bottom': widthStation('Opening width, bottom', FAR),
  'height.hinge': heightStation('Opening height, hinge side', NEAR),
  'height.mid': heightStation('Opening height, middle', MIDDLE),
  'height.latch': heightStation('Opening height, latch side', FAR),
  'slab.width': {
    title: 'Slab width',
    kind: 'slab',
    instrument: 'tape',
    minutes: 0.5,
    howTo: 'Across the slab at the lock.',
    offset: 'slabWidthMm',
    weights: { slabWidth: 1 },
  },
  'slab.height': {
    title: 'Slab height',
    kind: 'slab',
    instrument: 'tape',
    minutes: 0.5,
    howTo: 'Top to bottom of the slab.',
    offset: 'slabHeightMm',
    weights: { slabHeight: 1 },
  },
  'bolt.low': {
    title: 'Bolt below strike',
    kind: 'bolt',
    instrument: 'rule',
    minutes: 1,
    howTo: 'Colour the bolt, close the door, read the mark. + when the bolt sits low in the strike.',
    offset: { times: -1, of: 'target.head' },
    weights: { headGap: 1, drop: 1, strike: -1 },
  },
  'plumb.across': {
    title: 'Hinge leg, plumb across the wall',
    kind: 'lean',
    instrument: 'spiritLevel',
    minutes: 0.5,
    howTo: 'Level on the leg’s other face, in the plane of the hinges. + when the top leans toward the room the door opens into.',
    span: 'slabHeightMm',
    weights: { acrossLean: 1 },
  },
  'stop.top': {
    title: 'Slab to stop, top of the latch side',
    kind: 'stop',
    instrument: 'gauge',
    minutes: 0.3,
    howTo: 'Door latched, not pushed. Gauge between the face of the slab and the stop, near the top.',
    weights: { stopGap: 1, twist: 0.5 },
  },
  'stop.bottom': {
    title: 'Slab to stop, foot of the latch side',
    kind: 'stop',
    instrument: 'gauge',
    minutes: 0.3,
    howTo: 'Door latched, not pushed. Gauge between the face of the slab and the stop, near the foot.',
    weights: { stopGap: 1, twist: -0.5 },
  },
  'foot.swing': {
    title: 'Foot gap, latch end, half open',
    kind: 'gap',
    instrument: 'gauge',
    minutes: 0.4,
    howTo: 'Door half open. Packers or gauge between the latch corner of the slab and the floor.',
    weights: { heightRoom: 1, headGap: -1, drop: -1, floorRise: -1 },
  },
} as const satisfies Record<string, StationEntry>;

export type StationId = keyof typeof STATION_TABLE;

export const STATION_IDS = Object.keys(STATION_TABLE) as StationId[];

/** Everything that can be read on a hinged door, in the order it is told. */
export const STATIONS: readonly Station[] = STATION_IDS.map((id) => ({ id, ...STATION_TABLE[id] }));

const BY_ID = new Map(STATIONS.map((each) => [each.id, each]));

export function station(id: StationId): Station {
  const found = BY_ID.get(id);
  if (found === undefined) throw new RangeError(`There is no station "${id}".`);
  return found;
}

/** The twelve gaps round the door in walking order: up the latch side, across the head, down the hinges, along the foot. */
export const WALKING_ORDER: readonly StationId[] = [
  'latch.bottom',
  'latch.mid',
  'latch.top',
  'head.latch',
  'head.mid',
  'head.hinge',
  'hinge.top',
  'hinge.mid',
  'hinge.bottom',
  'foot.hinge',
  'foot.mid',
  'foot.latch',
];

/** What can be read besides the gaps, in the order it is handy. */
export const FURTHER_STATIONS: readonly StationId[] = STATION_IDS.filter((id) => !WALKING_ORDER.includes(id));
