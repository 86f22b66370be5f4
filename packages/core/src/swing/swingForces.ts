import { GRAVITY } from '../numbers/gravity';
import { axisTilt, toDegrees, toRadians, type AxisLean } from './axisTilt';

/** A slab on its hinges as a swinging mass; lengths in mm, mass in kg. */
export interface SwingingDoor extends AxisLean {
  massKg: number;
  slabWidthMm: number;
  thicknessMm: number;
  /** How far the pin stands in front of the face where the barrels show. */
  pinProudMm: number;
  opensToDeg: number;
}

/** Gravity on a door whose hinge line leans. Angles in radians, torque in N·m, energy in J. */
export interface SwingForces {
  /** + opens, − closes. */
  torque: (angle: number) => number;
  /** Against closed. */
  energy: (angle: number) => number;
  /** Moment of inertia about the pins, kg·m². */
  inertia: number;
}

/**
 * Gravity torque about a leaning hinge line: m·g times the change of height of the slab's centre, which lies half its width
 * from the pins and half its thickness behind its face; the uniform slab's inertia about the pins is m(w² + t²)/12 + m·d².
 *
 * Source: statics and dynamics of a rigid plate (parallel-axis theorem); heights by `axisTilt`.
 */
export function swingForces(door: SwingingDoor): SwingForces {
  const { along, across } = axisTilt(door);
  const x = door.slabWidthMm / 2000;
  const z = -(door.pinProudMm + door.thicknessMm / 2) / 1000;
  const weight = door.massKg * GRAVITY;
  const p = (angle: number) => x * Math.cos(angle) - z * Math.sin(angle);
  const q = (angle: number) => x * Math.sin(angle) + z * Math.cos(angle);
  const w = door.slabWidthMm / 1000;
  const t = door.thicknessMm / 1000;
  return {
    // dp/dθ = −q, dq/dθ = p; the height is −p·along − q·across.
    torque: (angle) => weight * (across * p(angle) - along * q(angle)),
    energy: (angle) => weight * (along * (p(0) - p(angle)) + across * (q(0) - q(angle))),
    inertia: door.massKg * ((w * w + t * t) / 12 + x * x + z * z),
  };
}

export interface LetGo {
  /** Where it comes to rest, degrees. */
  restDeg: number;
  moves: 'stays' | 'opens' | 'closes';
  /** Whether it is the stop that holds it there: shut, or open as far as it goes. */
  atStop: boolean;
  /** How fast the latch edge passes these angles on its first way, mm/s. */
  speeds: { atDeg: number; mmPerS: number }[];
  trend: 'none' | 'gathers' | 'slows' | 'steady';
}

const SPEED_STEP_DEG = 15;
/** A change of speed by less than this share reads as steady. */
const STEADY_SHARE = 0.1;
/** How closely a swing is followed: the step at which it is looked for where a door turns back, and how often it is let do so. */
interface Following {
  stepRad: number;
  /** A door that has swung so often hardly rubs: it will rest where gravity no longer moves it. */
  turns: number;
}

const CLOSELY: Following = { stepRad: toRadians(0.5), turns: 20 };
/** Good to what an eye tells of an angle. */
export const ROUGHLY: Following = { stepRad: toRadians(3), turns: 6 };
const HALVINGS = 24;

/**
 * A door let go at an angle: it moves when gravity beats the friction, runs until the work of friction has used up what
 * gravity gave, and rests there or swings back, until it stays or meets a stop. A stop takes all its speed.
 *
 * @param frictionNm torque of friction in the hinges, at rest and moving alike (Coulomb)
 */
export function letGo(door: SwingingDoor, frictionNm: number, fromDeg: number, closely = CLOSELY): LetGo {
  const forces = swingForces(door);
  const { torque, inertia } = forces;
  const from = toRadians(fromDeg);
  const first = torque(from);
  if (Math.abs(first) <= frictionNm) return { restDeg: fromDeg, moves: 'stays', atStop: false, speeds: [], trend: 'none' };
  const { firstTurn, angle, atStop } = swingsTo(forces, frictionNm, from, toRadians(door.opensToDeg), closely);
  const speeds = speedsBetween(from, firstTurn, givenFrom(forces, frictionNm, from), inertia, door.slabWidthMm);
  return { restDeg: toDegrees(angle), moves: first > 0 ? 'opens' : 'closes', atStop, speeds, trend: trendOf(speeds) };
}

/** Energy that gravity has given at an angle, less the work of friction on the way there, J. */
const givenFrom =
  ({ energy }: SwingForces, frictionNm: number, from: number) =>
  (at: number) =>
    energy(from) - energy(at) - frictionNm * Math.abs(at - from);

/** Where a door that moves turns back for the first time, and where it rests in the end. */
function swingsTo(
  forces: SwingForces,
  frictionNm: number,
  from: number,
  most: number,
  { stepRad, turns }: Following,
): { firstTurn: number; angle: number; atStop: boolean } {
  const { torque } = forces;
  let [before, angle, firstTurn] = [from, from, from];
  for (let turn = 0; Math.abs(torque(angle)) > frictionNm; turn += 1) {
    if (turn === turns) return { firstTurn, angle: bisect((at) => torque(at) * Math.sign(torque(before)), before, angle), atStop: false };
    const way = Math.sign(torque(angle));
    const stop = way > 0 ? most : 0;
    before = angle;
    angle = firstRest(givenFrom(forces, frictionNm, before), before, stop, way * stepRad);
    if (turn === 0) firstTurn = angle;
    // Against a stop that gravity presses it to, it stays.
    if (angle === stop && torque(angle) * way > -frictionNm) return { firstTurn, angle, atStop: true };
  }
  return { firstTurn, angle, atStop: angle === most || angle === 0 };
}

/** Where the energy given is used up, on the way to a stop; the stop when it is not. */
function firstRest(given: (at: number) => number, from: number, stop: number, step: number): number {
  let before = from;
  for (let at = from + step; (stop - at) * step > 0; at += step) {
    if (given(at) < 0) return bisect(given, before, at);
    before = at;
  }
  return given(stop) < 0 ? bisect(given, before, stop) : stop;
}

function bisect(given: (at: number) => number, from: number, to: number): number {
  let [moving, still] = [from, to];
  for (let i = 0; i < HALVINGS; i += 1) {
    const middle = (moving + still) / 2;
    if (given(middle) > 0) moving = middle;
    else still = middle;
  }
  return (moving + still) / 2;
}

function speedsBetween(
  from: number,
  to: number,
  given: (at: number) => number,
  inertia: number,
  widthMm: number,
): { atDeg: number; mmPerS: number }[] {
  const step = toRadians(SPEED_STEP_DEG) * Math.sign(to - from);
  const count = Math.floor(Math.abs(to - from) / Math.abs(step));
  return Array.from({ length: count }, (_, i) => from + step * (i + 1)).map((at) => ({
    atDeg: toDegrees(at),
    mmPerS: Math.sqrt((2 * Math.max(0, given(at))) / inertia) * widthMm,
  }));
}

function trendOf(speeds: LetGo['speeds']): LetGo['trend'] {
  const [first] = speeds;
  const last = speeds.at(-1);
  if (first === undefined || last === undefined || first === last) return speeds.length === 0 ? 'none' : 'steady';
  if (last.mmPerS > first.mmPerS * (1 + STEADY_SHARE)) return 'gathers';
  return last.mmPerS < first.mmPerS * (1 - STEADY_SHARE) ? 'slows' : 'steady';
}
