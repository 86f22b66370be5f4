import type { DoneStep, HingedDoor, RandomStream, StationId } from '@proper-swing/core';
import type { WorldTraits } from './worldTraits';

/** A member of the opening: how it leans (top minus bottom, or latch end lower) and bellies at its middle, mm. */
export interface Member {
  lean: number;
  bow: number;
}

/** A hinge of the made-up world: its place below the top of the slab, and how far it holds the slab off the leg, mm. */
export interface TrueHinge {
  y: number;
  off: number;
  /** What heads that stand proud take from it, mm. */
  proud?: number;
}

/** Timber taken off an edge, mm at its two ends. */
export interface Trimmed {
  from: number;
  to: number;
  /** So much more at the middle than straight from end to end: what was scribed to a bow. */
  bow?: number;
}

/**
 * A door of the scenario world as it really is. Nothing here knows the linear model, the causes' priors or the likelihoods
 * of the engine: shapes are curves, the slab is turned by a rotation matrix, gaps are distances from point to curve.
 */
export interface TrueDoor {
  /** As the technician's card has it. */
  card: HingedDoor;
  slab: { w: number; h: number };
  opening: { w: number; h: number };
  hingeLeg: Member;
  latchLeg: Member;
  head: Member;
  floor: Member;
  hinges: TrueHinge[];
  /** Head to the hinge corner of the slab, mm. */
  hangs: number;
  /** Local waviness where each gap is read, mm. */
  wavy: Partial<Record<StationId, number>>;
  trimmed: { latch: Trimmed; head: Trimmed; foot: Trimmed };
  strike: number;
  stopGap: number;
  twist: number;
  acrossLean: number;
  floorRise: number;
  keeps: number;
  condition: Condition;
  /** What faults have added, so that work can take it away again, mm. */
  ails: Ails;
  /** What a layer of card, half a turn and a go of the wrench really do on this door, mm. */
  yields: { card: number; halfTurn: number; bend: number };
  /** Where the bolt was when its strike was cut, mm below the head. */
  boltHung: number;
  /** The world it hangs in. */
  world: WorldTraits;
}

export interface Ails {
  topPulled: number;
  middlePulled: number;
  settled: number;
  bottomPulled: number;
  legSprung: number;
  hingeBow: number;
  worn: number;
  racked: number;
  latchLean: number;
  latchBow: number;
  latchAside: number;
  headLean: number;
  headBow: number;
}

export const NO_AILS: Ails = {
  topPulled: 0,
  middlePulled: 0,
  settled: 0,
  bottomPulled: 0,
  legSprung: 0,
  hingeBow: 0,
  worn: 0,
  racked: 0,
  latchLean: 0,
  latchBow: 0,
  latchAside: 0,
  headLean: 0,
  headBow: 0,
};

/** What can be seen and felt. */
export interface Condition {
  topScrews: 'tight' | 'loose' | 'spinning';
  bottomScrews: 'tight' | 'loose' | 'spinning';
  knuckles: 'sound' | 'spread' | 'worn';
  legGives: boolean;
  leaf: 'flush' | 'deep' | 'proud';
  warped: boolean;
  swollen: boolean;
  painted: boolean;
  timber: 'sound' | 'soft' | 'split';
  /** How far the latch edge can be lifted, mm. */
  play: number;
  /** Friction of the pins as the lean it holds, mm over the height. */
  friction: number;
}

const NEAR = 0.05;
const PLACES: Partial<Record<StationId, readonly [edge: 'hinge' | 'head' | 'latch' | 'foot', f: number]>> = {
  'hinge.top': ['hinge', NEAR],
  'hinge.mid': ['hinge', 0.5],
  'hinge.bottom': ['hinge', 1 - NEAR],
  'head.hinge': ['head', NEAR],
  'head.mid': ['head', 0.5],
  'head.latch': ['head', 1 - NEAR],
  'latch.top': ['latch', NEAR],
  'latch.mid': ['latch', 0.5],
  'latch.bottom': ['latch', 1 - NEAR],
  'foot.hinge': ['foot', NEAR],
  'foot.mid': ['foot', 0.5],
  'foot.latch': ['foot', 1 - NEAR],
};

export const GAP_STATIONS = Object.keys(PLACES) as StationId[];

interface Point {
  x: number;
  y: number;
}

/** How the slab hangs: the line through its hinges, each as stiff as the next but the middle ones, which have some play. */
export interface Pose {
  angle: number;
  /** From the slab's own coordinates (across, down from its upper hinge corner) to the opening's. */
  place: (across: number, down: number) => Point;
}

const MIDDLE_STIFFNESS = 0.5;

export function poseOf(door: TrueDoor): Pose {
  const { slab, hinges, hangs } = door;
  const points = hinges.map(({ y, off }, i) => ({
    down: y,
    x: legAt(door, door.hingeLeg, hangs + y) + off,
    weight: i === 0 || i === hinges.length - 1 ? 1 : MIDDLE_STIFFNESS,
  }));
  const total = points.reduce((sum, { weight }) => sum + weight, 0);
  const mean = (of: (point: (typeof points)[number]) => number) => points.reduce((sum, point) => sum + point.weight * of(point), 0) / total;
  const [xs, ys] = [mean(({ x }) => x), mean(({ down }) => down)];
  const slope =
    points.reduce((sum, { weight, x, down }) => sum + weight * (x - xs) * (down - ys), 0) /
    points.reduce((sum, { weight, down }) => sum + weight * (down - ys) ** 2, 0);
  const angle = -Math.atan(slope);
  const [sin, cos] = [Math.sin(angle), Math.cos(angle)];
  const middle = { x: xs + slope * (slab.h / 2 - ys), y: hangs + (slab.h / 2) * cos };
  return {
    angle,
    place: (across, down) => ({
      x: middle.x + across * cos - (down - slab.h / 2) * sin,
      y: middle.y + across * sin + (down - slab.h / 2) * cos,
    }),
  };
}

/** Where a leg's face is at a height below the head, from its place when plumb and straight. */
function legAt({ opening }: TrueDoor, { lean, bow }: Member, y: number): number {
  const f = y / opening.h;
  return lean * (0.5 - f) + bow * 4 * f * (1 - f);
}

function levelAt({ opening }: TrueDoor, { lean, bow }: Member, x: number): number {
  const f = x / opening.w;
  return lean * f + bow * 4 * f * (1 - f);
}

/** The gap at a station, mm: from the slab's edge square to it until the opening is met. Below nought they overlap. */
export function trueGap(door: TrueDoor, id: StationId, pose: Pose = poseOf(door)): number {
  const at = PLACES[id];
  if (at === undefined) throw new RangeError(`${id} is no gap`);
  const [edge, f] = at;
  const { slab, opening, trimmed } = door;
  const across = { x: Math.cos(pose.angle), y: Math.sin(pose.angle) };
  const down = { x: -Math.sin(pose.angle), y: Math.cos(pose.angle) };
  const off = (cut: Trimmed) => cut.from + (cut.to - cut.from) * f + (cut.bow ?? 0) * 4 * f * (1 - f);
  const ways = {
    hinge: {
      from: pose.place(0, f * slab.h),
      along: { x: -across.x, y: -across.y },
      beyond: (p: Point) => legAt(door, door.hingeLeg, p.y) - p.x,
    },
    latch: {
      from: pose.place(slab.w - off(trimmed.latch), f * slab.h),
      along: across,
      beyond: (p: Point) => p.x - opening.w - legAt(door, door.latchLeg, p.y),
    },
    head: {
      from: pose.place(f * slab.w, off(trimmed.head)),
      along: { x: -down.x, y: -down.y },
      beyond: (p: Point) => levelAt(door, door.head, p.x) - p.y,
    },
    foot: {
      from: pose.place(f * slab.w, slab.h - off(trimmed.foot)),
      along: down,
      beyond: (p: Point) => p.y - opening.h - floorAt(door, p.x),
    },
  };
  return distance(ways[edge]) + (door.wavy[id] ?? 0);
}

/** The floor runs as the head does, but its crown comes up. */
function floorAt(door: TrueDoor, x: number): number {
  return levelAt(door, { lean: door.floor.lean, bow: -door.floor.bow }, x);
}

/** Distance along a ray until `beyond` is nought, by the secant method. */
function distance({ from, along, beyond }: { from: Point; along: Point; beyond: (p: Point) => number }): number {
  const at = (t: number) => beyond({ x: from.x + along.x * t, y: from.y + along.y * t });
  let [t0, t1] = [0, 1];
  let [g0, g1] = [at(t0), at(t1)];
  for (let i = 0; i < 6 && Math.abs(g1 - g0) > 1e-12; i += 1) {
    const next = t1 - (g1 * (t1 - t0)) / (g1 - g0);
    [t0, g0] = [t1, g1];
    [t1, g1] = [next, at(next)];
  }
  return t1;
}

/** Anything a technician can put a gauge, level or tape to, mm, without its error. */
export function trueFigure(door: TrueDoor, id: StationId): number {
  if (PLACES[id] !== undefined) return trueGap(door, id);
  const { slab, opening, hingeLeg, latchLeg, head, floor } = door;
  const width = (f: number) => opening.w + legAt(door, latchLeg, f * opening.h) - legAt(door, hingeLeg, f * opening.h);
  const height = (f: number) => opening.h + floorAt(door, f * opening.w) - levelAt(door, head, f * opening.w);
  const corner = poseOf(door).place(slab.w, slab.h - door.trimmed.foot.to);
  const figures: Partial<Record<StationId, () => number>> = {
    'plumb.hinge': () => hingeLeg.lean,
    'plumb.latch': () => latchLeg.lean,
    'level.head': () => head.lean,
    'level.floor': () => floor.lean,
    'straight.hinge': () => hingeLeg.bow,
    'straight.latch': () => latchLeg.bow,
    'width.top': () => width(NEAR),
    'width.mid': () => width(0.5),
    'width.bottom': () => width(1 - NEAR),
    'height.hinge': () => height(NEAR),
    'height.mid': () => height(0.5),
    'height.latch': () => height(1 - NEAR),
    'slab.width': () => slab.w,
    'slab.height': () => slab.h,
    'bolt.low': () => boltLow(door),
    'plumb.across': () => door.acrossLean,
    'stop.top': () => Math.max(0, door.stopGap + door.twist / 2),
    'stop.bottom': () => Math.max(0, door.stopGap - door.twist / 2),
    'foot.swing': () => opening.h - corner.y - door.floorRise + door.trimmed.foot.to,
  };
  const figure = figures[id];
  if (figure === undefined) throw new RangeError(`${id} cannot be read in this world`);
  return figure();
}

/** How far the bolt sits below its strike, mm. */
export function boltLow(door: TrueDoor): number {
  const latchCorner = poseOf(door).place(door.slab.w, 0);
  return latchCorner.y - door.boltHung - door.strike;
}

/**
 * How the hinge line leans as gravity on a door half open feels it, mm over the slab's height: the lean across the wall opens it,
 * the lean toward the latch in the wall's plane closes it, half open alike. + opens.
 */
export function leanHalfOpen(door: TrueDoor): number {
  return door.acrossLean - door.slab.h * Math.sin(poseOf(door).angle);
}

/** A copy that work can be tried on. */
export function copyDoor(door: TrueDoor): TrueDoor {
  return {
    ...door,
    slab: { ...door.slab },
    opening: { ...door.opening },
    hingeLeg: { ...door.hingeLeg },
    latchLeg: { ...door.latchLeg },
    head: { ...door.head },
    floor: { ...door.floor },
    hinges: door.hinges.map((hinge) => ({ ...hinge })),
    trimmed: { latch: { ...door.trimmed.latch }, head: { ...door.trimmed.head }, foot: { ...door.trimmed.foot } },
    condition: { ...door.condition },
    ails: { ...door.ails },
  };
}

/** What a piece of work does to a door, in place. */
export type Work = (door: TrueDoor, step: DoneStep, random: RandomStream) => void;
