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

const SCAN = toRadians(0.25);
const SPEED_STEP_DEG = 15;
/** A change of speed by less than this share reads as steady. */
const STEADY_SHARE = 0.1;
const MOST_TURNS = 50;

/**
 * A door let go at an angle: it moves when gravity beats the friction, runs until the work of friction has used up what
 * gravity gave, and rests there or swings back, until it stays or meets a stop. A stop takes all its speed.
 *
 * @param frictionNm torque of friction in the hinges, at rest and moving alike (Coulomb)
 */
export function letGo(door: SwingingDoor, frictionNm: number, fromDeg: number): LetGo {
  const { torque, energy, inertia } = swingForces(door);
  const most = toRadians(door.opensToDeg);
  let angle = toRadians(fromDeg);
  const first = torque(angle);
  if (Math.abs(first) <= frictionNm) return { restDeg: fromDeg, moves: 'stays', atStop: false, speeds: [], trend: 'none' };
  const opens = first > 0;
  const speeds: LetGo['speeds'] = [];
  let atStop = false;
  for (let turn = 0; turn < MOST_TURNS && Math.abs(torque(angle)) > frictionNm; turn += 1) {
    const way = Math.sign(torque(angle));
    const from = angle;
    const given = (at: number) => energy(from) - energy(at) - frictionNm * Math.abs(at - from);
    const stop = way > 0 ? most : 0;
    angle = firstRest(given, from, stop, way);
    if (turn === 0) speeds.push(...speedsBetween(from, angle, given, inertia, door.slabWidthMm));
    atStop = angle === stop;
    // Against a stop that gravity presses it to, it stays.
    if (atStop && torque(angle) * way > -frictionNm) break;
  }
  return {
    restDeg: toDegrees(angle),
    moves: opens ? 'opens' : 'closes',
    atStop,
    speeds,
    trend: trendOf(speeds),
  };
}

/** Where the energy given is used up, on the way to a stop; the stop when it is not. */
function firstRest(given: (at: number) => number, from: number, stop: number, way: number): number {
  let before = from;
  for (let at = from + way * SCAN; (stop - at) * way > 0; at += way * SCAN) {
    if (given(at) < 0) return bisect(given, before, at);
    before = at;
  }
  return given(stop) < 0 ? bisect(given, before, stop) : stop;
}

function bisect(given: (at: number) => number, from: number, to: number): number {
  let [moving, still] = [from, to];
  for (let i = 0; i < 50; i += 1) {
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
