import { logNormalDensity, normalBelow } from '../../numbers/normal';
import { DomainError } from '../../errors';
import { instrumentSd } from '../../length/instruments';
import { toRadians } from '../../swing/axisTilt';
import { driftCures, type DriftCures } from './driftCures';
import { hingeFriction, USUAL_PIN, type FrictionTorque, type HingePin } from '../../swing/pinFriction';
import { letGo, ROUGHLY, swingForces, type LetGo, type SwingingDoor } from '../../swing/swingForces';

/** A door that may move by itself, and what was tried on it; lengths in mm. */
export interface DriftedDoor {
  slabWidthMm: number;
  slabHeightMm: number;
  thicknessMm: number;
  massKg: number;
  /** Hinge centres below the top of the slab, from the top down. */
  hingeHeightsMm: readonly number[];
  pin?: HingePin;
  pinProudMm?: number;
  opensToDeg: number;
  /** Level on the hinge leg in the plane of the hinges, over the slab's height: + when the top leans toward the room it opens into. */
  acrossMm?: number;
  /** Level on the hinge leg's face toward the slab: + when the top leans toward the latch. */
  alongMm?: number;
  /** Let go at an angle: what it did, and where it came to rest. */
  test?: { fromDeg: number; did: 'stays' | 'opens' | 'closes'; restDeg?: number };
  /** Pull at the latch edge that just moves it, each way, N. */
  pull?: { atDeg: number; toOpenN: number; toCloseN: number };
  /** Slab to stop at the latch side, latched: what a throw would change. */
  stop?: { topMm: number; bottomMm: number };
}

export interface Drift {
  /** Top against foot over the slab's height, + toward the room it opens into, mm. */
  lean: { acrossMm: number; sdMm: number; alongMm: number };
  friction: FrictionTorque;
  /** What the door does let go half open, by the likeliest lean and friction. */
  halfOpen: LetGo & { fromDeg: number };
  /** Gravity torque over the swing, + opens, N·m: as it hangs, and with the hinge line made plumb across the wall. */
  torque: { atDeg: number; nm: number; plumbNm: number }[];
  /** Angles between which it stays where it is put, degrees. */
  stays: { fromDeg: number; toDeg: number }[];
  /** Largest torque gravity makes in the swing, N·m. */
  mostTorqueNm: number;
  cures: DriftCures;
  /** What would tell more. */
  unsure: string[];
}

/** Leans of hinge lines nobody has read, top against foot, mm: one standard deviation (common practice, no source). */
const UNREAD_LEAN_SD_MM = 6;
const UNREAD_ALONG_SD_MM = 3;
/** What a hand-held balance tells, N, and how exactly an angle is seen, degrees (common practice, no source). */
const BALANCE_SD_N = 0.7;
const ANGLE_SD_DEG = 8;
/** No hinge turns with less friction than this, N·m: a balance that reads nought has read less than it can tell (common practice, no source). */
const LEAST_FRICTION_NM = 0.05;
/** How sharply a door that is about to move is seen to move, N·m (common practice, no source). */
const SEEN_NM = 0.03;
const TORQUE_STEP_DEG = 2.5;

const ACROSS_STEPS = 81;
const ALONG_STEPS = 7;
const FRICTION_STEPS = 25;
const WIDE_SDS = 3.5;
/** What is so much less likely than the likeliest, in logs, is not asked what it explains. */
const NEGLIGIBLE_LOG = 9;

/**
 * Lean and friction of a door from a level, from what it does let go, and from the pull that moves it: a grid over lean and
 * friction, each point weighed by how well it explains what was read. Then what gravity does over the swing, and both cures.
 *
 * @throws DomainError `drift.angles` when an angle lies outside the swing
 */
export function weighDrift(door: DriftedDoor): Drift {
  checkAngles(door);
  const { pinProudMm = 6, pin = USUAL_PIN, hingeHeightsMm } = door;
  const spacingMm = (hingeHeightsMm.at(-1) ?? 0) - (hingeHeightsMm[0] ?? 0);
  const prior = hingeFriction(door.massKg, door.slabWidthMm, spacingMm, pin);
  const levelSd = instrumentSd('spiritLevel', door.slabHeightMm);
  const swinging = (acrossMm: number, alongMm: number): SwingingDoor => ({
    massKg: door.massKg,
    slabWidthMm: door.slabWidthMm,
    thicknessMm: door.thicknessMm,
    pinProudMm,
    opensToDeg: door.opensToDeg,
    acrossMm,
    alongMm,
    overMm: door.slabHeightMm,
  });
  const across = gridOf(door.acrossMm ?? 0, door.acrossMm === undefined ? UNREAD_LEAN_SD_MM : levelSd, ACROSS_STEPS);
  const along = gridOf(door.alongMm ?? 0, door.alongMm === undefined ? UNREAD_ALONG_SD_MM : levelSd, ALONG_STEPS);
  const friction = frictionGrid(door, prior);
  const likeliest = [across, along, friction].reduce((sum, grid) => sum + Math.max(...grid.map(({ log }) => log)), 0);
  const sums = { weight: 0, across: 0, across2: 0, along: 0, friction: 0, friction2: 0 };
  for (const a of across) {
    for (const l of along) {
      const slab = swinging(a.value, l.value);
      const { torque } = swingForces(slab);
      for (const f of friction) {
        const log = a.log + l.log + f.log;
        if (log < likeliest - NEGLIGIBLE_LOG) continue;
        const weight = Math.exp(log + explains(door, slab, torque, f.value));
        sums.weight += weight;
        sums.across += weight * a.value;
        sums.across2 += weight * a.value ** 2;
        sums.along += weight * l.value;
        sums.friction += weight * f.value;
        sums.friction2 += weight * f.value ** 2;
      }
    }
  }
  if (!(sums.weight > 0))
    throw new DomainError('drift.contradiction', 'test', 'What the door did cannot be squared with its lean. Read the level again.');
  const mean = (sum: number) => sum / sums.weight;
  const sd = (sum: number, square: number) => Math.sqrt(Math.max(0, mean(square) - mean(sum) ** 2));
  const lean = { acrossMm: mean(sums.across), sdMm: sd(sums.across, sums.across2), alongMm: mean(sums.along) };
  const held: FrictionTorque = { meanNm: mean(sums.friction), sdNm: sd(sums.friction, sums.friction2) };
  const likely = swinging(lean.acrossMm, lean.alongMm);
  const { torque } = swingForces(likely);
  const plumb = swingForces({ ...likely, acrossMm: 0 }).torque;
  const curve = Array.from({ length: Math.floor(door.opensToDeg / TORQUE_STEP_DEG) + 1 }, (_, i) => i * TORQUE_STEP_DEG).map((atDeg) => ({
    atDeg,
    nm: torque(toRadians(atDeg)),
    plumbNm: plumb(toRadians(atDeg)),
  }));
  const fromDeg = door.test?.fromDeg ?? Math.min(45, door.opensToDeg / 2);
  return {
    lean,
    friction: held,
    halfOpen: { ...letGo(likely, held.meanNm, fromDeg), fromDeg },
    torque: curve,
    stays: stretches(curve, held.meanNm),
    mostTorqueNm: Math.max(...curve.map(({ nm }) => Math.abs(nm))),
    cures: driftCures({ swinging: likely, frictionNm: held.meanNm, hingeHeightsMm, pin, ...(door.stop && { stop: door.stop }) }),
    unsure: doubts(door, lean.sdMm),
  };
}

function checkAngles({ test, pull, opensToDeg }: DriftedDoor): void {
  const angles = [
    { field: 'test.fromDeg', deg: test?.fromDeg },
    { field: 'test.restDeg', deg: test?.restDeg },
    { field: 'pull.atDeg', deg: pull?.atDeg },
  ];
  for (const { field, deg } of angles) {
    if (deg !== undefined && !(deg >= 0 && deg <= opensToDeg))
      throw new DomainError('drift.angles', field, `The angle must lie between 0° and ${opensToDeg}°.`);
  }
}

interface GridPoint {
  value: number;
  log: number;
}

function gridOf(mean: number, sd: number, steps: number): GridPoint[] {
  return Array.from({ length: steps }, (_, i) => mean + sd * WIDE_SDS * ((2 * i) / (steps - 1) - 1)).map((value) => ({
    value,
    log: logNormalDensity(value, mean, sd * sd),
  }));
}

/** Friction is above nought and spreads by shares: normal in its logarithm. A pull both ways tells it outright. */
function frictionGrid({ pull, slabWidthMm }: DriftedDoor, { meanNm, sdNm }: FrictionTorque): GridPoint[] {
  const read = pull && Math.max(LEAST_FRICTION_NM, ((pull.toOpenN + pull.toCloseN) / 2) * (slabWidthMm / 1000));
  const share = read === undefined ? sdNm / meanNm : (BALANCE_SD_N * (slabWidthMm / 1000)) / read;
  return gridOf(Math.log(read ?? meanNm), Math.min(0.8, share), FRICTION_STEPS).map(({ value, log }) => ({
    value: Math.exp(value),
    log,
  }));
}

/** Log of how well a lean and a friction explain what was tried. */
function explains(
  { test, pull, slabWidthMm }: DriftedDoor,
  slab: SwingingDoor,
  torque: (angle: number) => number,
  friction: number,
): number {
  let log = 0;
  if (pull !== undefined) {
    // What opens it overcomes friction less what gravity gives; what closes it, friction and what gravity gives.
    const read = ((pull.toCloseN - pull.toOpenN) / 2) * (slabWidthMm / 1000);
    log += logNormalDensity(read, torque(toRadians(pull.atDeg)), ((BALANCE_SD_N * slabWidthMm) / 1000) ** 2 / 2);
  }
  if (test !== undefined) {
    const nm = torque(toRadians(test.fromDeg));
    const opens = normalBelow((nm - friction) / SEEN_NM);
    const closes = normalBelow((-nm - friction) / SEEN_NM);
    const chance = { opens, closes, stays: Math.max(0, 1 - opens - closes) }[test.did];
    log += Math.log(Math.max(chance, 1e-12));
    if (test.restDeg !== undefined && test.did !== 'stays' && chance > 0.05) {
      const { restDeg } = letGo(slab, friction, test.fromDeg, ROUGHLY);
      log += logNormalDensity(test.restDeg, restDeg, ANGLE_SD_DEG ** 2);
    }
  }
  return log;
}

/** Stretches of the swing in which gravity stays inside the friction. */
function stretches(curve: Drift['torque'], friction: number): Drift['stays'] {
  const found: Drift['stays'] = [];
  let open: { fromDeg: number; toDeg: number } | undefined;
  for (const { atDeg, nm } of curve) {
    if (Math.abs(nm) > friction) {
      open = undefined;
      continue;
    }
    if (open === undefined) {
      open = { fromDeg: atDeg, toDeg: atDeg };
      found.push(open);
    }
    open.toDeg = atDeg;
  }
  return found;
}

const SURE_ENOUGH_MM = 1.5;

function doubts(door: DriftedDoor, sdMm: number): string[] {
  return [
    ...(door.acrossMm === undefined
      ? [
          sdMm > SURE_ENOUGH_MM
            ? 'Put a level on the hinge leg in the plane of the hinges: without it the lean is a guess from what the door did.'
            : 'A level on the hinge leg in the plane of the hinges would confirm the lean.',
        ]
      : []),
    ...(door.alongMm === undefined
      ? ['Put a level on the hinge leg’s other face too: a lean there closes or opens the door as it swings.']
      : []),
    ...(door.pull === undefined ? ['A spring balance at the latch edge, pulled both ways, tells the friction itself.'] : []),
  ];
}
