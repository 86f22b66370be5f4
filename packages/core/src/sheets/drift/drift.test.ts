import { GRAVITY } from '../../numbers/gravity';
import { seededRandom } from '../../numbers/seededRandom';
import { ACCESS_LIMITS } from '../../swing/accessLimits';
import { toRadians } from '../../swing/axisTilt';
import { weighDrift, type DriftedDoor } from './drift';
import { bendFor, hingeFriction, mostFromOnePin } from '../../swing/pinFriction';
import { letGo, ROUGHLY, swingForces, type SwingingDoor } from '../../swing/swingForces';
import { axisOf, cross, dotOf, onClosedDoor, turned } from '../../swing/turnedPoint.fixture';

const random = seededRandom(9);
const between = (from: number, to: number) => from + (to - from) * random.uniform();

const randomDoor = (): SwingingDoor => ({
  massKg: between(12, 60),
  slabWidthMm: between(600, 1100),
  thicknessMm: between(35, 70),
  pinProudMm: between(2, 12),
  opensToDeg: between(85, 170),
  alongMm: between(-8, 8),
  acrossMm: between(-12, 12),
  overMm: between(1950, 2300),
});

const centreOf = (door: SwingingDoor) => {
  const axis = axisOf(door.alongMm, door.acrossMm, door.overMm);
  return { axis, closed: onClosedDoor(door.slabWidthMm / 2000, -(door.pinProudMm + door.thicknessMm / 2) / 1000, axis) };
};

/** Torque of gravity about the axis from the force itself: r × F along the axis, opening counted +. */
function torqueByVectors(door: SwingingDoor, angle: number): number {
  const { axis, closed } = centreOf(door);
  const torque = cross(turned(closed, axis, angle), [0, -door.massKg * GRAVITY, 0]);
  return -dotOf(axis, torque);
}

/** The door let go, by steps of time: semi-implicit Euler with dry friction, nothing of energies. */
function byTimeSteps(door: SwingingDoor, frictionNm: number, fromDeg: number): number {
  const w = door.slabWidthMm / 1000;
  const t = door.thicknessMm / 1000;
  // Sum of m·r² over strips of the plate, for an inertia that is not the formula's.
  const strips = 400;
  let inertia = 0;
  for (let i = 0; i < strips; i += 1) {
    const x = (w * (i + 0.5)) / strips;
    const z = door.pinProudMm / 1000 + t / 2;
    inertia += (door.massKg / strips) * (x * x + z * z + (t * t) / 12);
  }
  const most = toRadians(door.opensToDeg);
  const step = 0.001;
  let [angle, speed] = [toRadians(fromDeg), 0];
  for (let i = 0; i < 400_000; i += 1) {
    const torque = torqueByVectors(door, angle);
    if (speed === 0 && Math.abs(torque) <= frictionNm) return angle;
    const way = speed === 0 ? Math.sign(torque) : Math.sign(speed);
    const next = speed + ((torque - way * frictionNm) / inertia) * step;
    speed = next * way < 0 ? 0 : next;
    angle += speed * step;
    if (angle <= 0 || angle >= most) {
      angle = angle <= 0 ? 0 : most;
      const held = torqueByVectors(door, angle) * (angle === 0 ? -1 : 1) > -frictionNm;
      if (held) return angle;
      speed = 0;
    }
  }
  return angle;
}

describe('gravity on a leaning door', () => {
  it('torque is r × F about the axis, for 500 random doors', () => {
    let worst = 0;
    for (let i = 0; i < 500; i += 1) {
      const door = randomDoor();
      const angle = toRadians(between(0, 170));
      worst = Math.max(worst, Math.abs(swingForces(door).torque(angle) - torqueByVectors(door, angle)));
    }
    expect(worst).toBeLessThan(1e-9);
  });

  it('energy is the torque summed over the angle', () => {
    const door = randomDoor();
    const { torque, energy } = swingForces(door);
    const steps = 2000;
    const end = toRadians(80);
    let work = 0;
    for (let i = 0; i < steps; i += 1) work += torque(((i + 0.5) / steps) * end) * (end / steps);
    expect(energy(0) - energy(end)).toBeCloseTo(work, 6);
  });

  it('rests where steps of time bring it to rest, for 60 random doors, within a degree', () => {
    const moves = new Map<string, number>();
    for (let i = 0; i < 60; i += 1) {
      const door = randomDoor();
      const friction = between(0.05, 0.5);
      const from = between(20, door.opensToDeg - 10);
      const { restDeg, moves: did } = letGo(door, friction, from);
      moves.set(did, (moves.get(did) ?? 0) + 1);
      expect(Math.abs(restDeg - (byTimeSteps(door, friction, from) * 180) / Math.PI)).toBeLessThan(1);
    }
    expect([...moves.keys()].sort()).toEqual(['closes', 'opens', 'stays']);
  });

  it('is as fast on its way as the energy of steps of time', () => {
    const door: SwingingDoor = { ...randomDoor(), massKg: 30, slabWidthMm: 800, opensToDeg: 90, acrossMm: 12, alongMm: 0 };
    const { speeds } = letGo(door, 0.1, 20);
    expect(speeds.length).toBeGreaterThan(2);
    // Work of the torque less friction, summed over small angles, is ½·I·ω².
    const { inertia } = swingForces(door);
    for (const { atDeg, mmPerS } of speeds) {
      const steps = 4000;
      const span = toRadians(atDeg - 20);
      let work = 0;
      for (let i = 0; i < steps; i += 1) work += (torqueByVectors(door, toRadians(20) + ((i + 0.5) / steps) * span) - 0.1) * (span / steps);
      expect(mmPerS).toBeCloseTo(Math.sqrt((2 * work) / inertia) * 800, 2);
    }
  });

  it('a door that leans away from the latch opens, one that leans toward it shuts, and the plumb angle divides them', () => {
    const door = { ...randomDoor(), acrossMm: 0, opensToDeg: 90, pinProudMm: 0, thicknessMm: 0 };
    expect(letGo({ ...door, alongMm: 8 }, 0.02, 45)).toMatchObject({ moves: 'closes', atStop: true });
    expect(letGo({ ...door, alongMm: -8 }, 0.02, 45)).toMatchObject({ moves: 'opens', atStop: true });
    // tan θ = across ÷ along, where gravity pulls neither way.
    const both = { ...door, alongMm: 6, acrossMm: 6 };
    expect(swingForces(both).torque(toRadians(45))).toBeCloseTo(0, 4);
  });

  it('a door that hardly rubs rests in the end where gravity no longer moves it, however roughly it is followed', () => {
    const door: SwingingDoor = { ...randomDoor(), opensToDeg: 170, alongMm: 1, acrossMm: 12 };
    const rests = [letGo(door, 0.002, 20), letGo(door, 0.002, 20, ROUGHLY)];
    for (const { restDeg, atStop } of rests) {
      expect([atStop, Math.abs(swingForces(door).torque(toRadians(restDeg))) < 0.01]).toEqual([false, true]);
    }
  });

  it('followed roughly it rests within what an eye tells of an angle', () => {
    const apart = Array.from({ length: 60 }, () => {
      const [door, friction, from] = [randomDoor(), between(0.1, 0.6), between(10, 80)];
      return Math.abs(letGo(door, friction, from).restDeg - letGo(door, friction, from, ROUGHLY).restDeg);
    });
    expect(Math.max(...apart)).toBeLessThan(1);
  });

  it('a plumb door stays anywhere', () => {
    const plumb = { ...randomDoor(), alongMm: 0, acrossMm: 0 };
    expect(letGo(plumb, 0.01, 45)).toEqual({ restDeg: 45, moves: 'stays', atStop: false, speeds: [], trend: 'none' });
  });
});

const DOOR: DriftedDoor = {
  slabWidthMm: 762,
  slabHeightMm: 1981,
  thicknessMm: 44,
  massKg: 28,
  hingeHeightsMm: [165, 990, 1750],
  opensToDeg: 90,
};

describe('lean and friction from what was tried', () => {
  it('takes the level’s lean, and what the door did makes it surer or moves it', () => {
    const read = weighDrift({ ...DOOR, acrossMm: -7, alongMm: 0 });
    expect(read.lean.acrossMm).toBeCloseTo(-7, 1);
    const tried = weighDrift({ ...DOOR, acrossMm: -7, alongMm: 0, test: { fromDeg: 45, did: 'closes' } });
    expect(tried.lean.sdMm).toBeLessThanOrEqual(read.lean.sdMm + 0.01);
    expect(tried.halfOpen.moves).toBe('closes');
    expect(tried.halfOpen.restDeg).toBeLessThan(45);
  });

  it('a door that opens by itself leans toward the room, without any level', () => {
    expect(weighDrift({ ...DOOR, test: { fromDeg: 45, did: 'opens' } }).lean.acrossMm).toBeGreaterThan(3);
    expect(weighDrift({ ...DOOR, test: { fromDeg: 45, did: 'closes' } }).lean.acrossMm).toBeLessThan(-3);
    expect(Math.abs(weighDrift({ ...DOOR, test: { fromDeg: 45, did: 'stays' } }).lean.acrossMm)).toBeLessThan(1);
  });

  it('finds the lean and friction of doors of a known make from level, balance and test', () => {
    for (let i = 0; i < 25; i += 1) {
      const acrossMm = between(-10, 10);
      const frictionNm = between(0.1, 0.5);
      const slab: SwingingDoor = { ...DOOR, pinProudMm: 6, acrossMm, alongMm: 1, overMm: 1981 };
      const nm = swingForces(slab).torque(toRadians(45));
      const pull = { atDeg: 45, toOpenN: (frictionNm - nm) / 0.762, toCloseN: (frictionNm + nm) / 0.762 };
      const { lean, friction } = weighDrift({ ...DOOR, alongMm: 1, acrossMm: acrossMm + 0.5, pull });
      expect(Math.abs(lean.acrossMm - acrossMm)).toBeLessThan(1);
      // A balance of 0.7 N at 762 mm tells 0.4 N·m each way; the pins’ own figure draws it in.
      expect(Math.abs(friction.meanNm - frictionNm)).toBeLessThan(0.2);
    }
  });

  it('names what would tell more, and nothing when all was tried', () => {
    expect(weighDrift(DOOR).unsure).toHaveLength(3);
    expect(weighDrift({ ...DOOR, acrossMm: 3, alongMm: 0, pull: { atDeg: 45, toOpenN: 0.2, toCloseN: 0.9 } }).unsure).toEqual([]);
  });

  it('a balance that reads nought has read less than it can tell: next to nothing more and the same friction', () => {
    const pulled = (newton: number) => weighDrift({ ...DOOR, pull: { atDeg: 45, toOpenN: newton, toCloseN: newton } }).friction.meanNm;
    expect(pulled(1e-90)).toBeCloseTo(pulled(0), 12);
    expect(pulled(0)).toBeGreaterThan(0.01);
  });

  it('refuses an angle outside the swing', () => {
    expect(() => weighDrift({ ...DOOR, test: { fromDeg: 120, did: 'stays' } })).toThrow('between 0° and 90°');
  });
});

describe('both cures', () => {
  const drifting: DriftedDoor = {
    ...DOOR,
    acrossMm: 9,
    alongMm: 0,
    test: { fromDeg: 45, did: 'opens' },
    stop: { topMm: 0.5, bottomMm: 0.5 },
  };

  it('the throw that makes it plumb leaves a door that stays put', () => {
    const { cures, lean } = weighDrift(drifting);
    const [first] = cures.geometry;
    // Lean over the hinges' spacing: 1585 of 1981 mm.
    expect(first?.mm).toBeCloseTo((Math.abs(lean.acrossMm) * (1750 - 165)) / 1981, 6);
    const after = weighDrift({ ...DOOR, acrossMm: 0, alongMm: 0 });
    expect(after.halfOpen.moves).toBe('stays');
    expect(cures.geometry.map(({ hinge }) => hinge).sort()).toEqual(['bottom', 'top']);
  });

  it('a top that leans into the room goes back toward the stop, or the bottom comes out', () => {
    const ways = new Map(weighDrift(drifting).cures.geometry.map((each) => [each.hinge, each.toward]));
    expect(ways.get('top')).toBe('stop');
    expect(ways.get('bottom')).toBe('room');
  });

  it('thrown by what it says and read again, the door stays put by either hinge; by the least throw too', () => {
    const { cures, lean } = weighDrift(drifting);
    for (const mm of [cures.geometry[0]?.mm ?? 0, cures.leastThrowMm + 0.3]) {
      const acrossMm = lean.acrossMm - (mm * 1981) / (1750 - 165);
      const after = weighDrift({ ...DOOR, acrossMm, alongMm: 0, test: { fromDeg: 45, did: 'stays' } });
      expect(after.halfOpen.moves).toBe('stays');
      expect(after.cures.friction.wantedNm).toBeLessThan(0.15);
    }
  });

  it('mirrored about plumb, opens for closes, the throw is as long the other way', () => {
    const thin = { ...DOOR, thicknessMm: 1, pinProudMm: -0.5 };
    const into = weighDrift({ ...thin, acrossMm: 9, alongMm: 0, test: { fromDeg: 45, did: 'opens' } });
    const away = weighDrift({ ...thin, acrossMm: -9, alongMm: 0, test: { fromDeg: 45, did: 'closes' } });
    expect(away.lean.acrossMm).toBeCloseTo(-into.lean.acrossMm, 6);
    expect(away.cures.geometry[0]?.mm).toBeCloseTo(into.cures.geometry[0]?.mm ?? 0, 6);
    expect(away.cures.friction.pins.map(({ bendMm }) => bendMm)).toEqual(
      into.cures.friction.pins.map(({ bendMm }) => expect.closeTo(bendMm, 6) as number),
    );
  });

  it('what a throw does to the stop is a turn about the other hinge', () => {
    const top = weighDrift(drifting).cures.geometry.find(({ hinge }) => hinge === 'top');
    const turn = (top?.mm ?? 0) / (1750 - 165);
    expect(top?.stopTopMm).toBeCloseTo(0.5 - turn * (1750 - 0.05 * 1981), 6);
    expect(top?.stopBottomMm).toBeCloseTo(0.5 - turn * (1750 - 0.95 * 1981), 6);
  });

  it('the least throw leaves just enough for friction to hold', () => {
    const { cures, friction, lean } = weighDrift(drifting);
    expect(cures.leastThrowMm).toBeGreaterThan(0);
    expect(cures.leastThrowMm).toBeLessThan(cures.geometry[0]?.mm ?? 0);
    const left = lean.acrossMm - (cures.leastThrowMm * 1981) / (1750 - 165);
    const { torque } = swingForces({ ...DOOR, pinProudMm: 6, acrossMm: left, alongMm: lean.alongMm, overMm: 1981 });
    const most = Math.max(...Array.from({ length: 19 }, (_, i) => Math.abs(torque(toRadians(i * 5)))));
    expect(most * 1.3).toBeCloseTo(friction.meanNm, 3);
  });

  it('pins are bent top first, until they hold against the largest torque', () => {
    const { cures, friction, mostTorqueNm } = weighDrift(drifting);
    expect(cures.friction.pins[0]?.hinge).toBe('top');
    const added = cures.friction.pins.reduce((sum, { addsNm }) => sum + addsNm, 0);
    expect(friction.meanNm + added).toBeGreaterThan(mostTorqueNm);
    expect(cures.friction.leavesLeanMm).toBeGreaterThan(5);
    expect(weighDrift({ ...DOOR, acrossMm: 0, alongMm: 0 }).cures.friction.pins).toEqual([]);
  });

  it('a pin is a beam on two supports: 48·E·I/L³, and bent further adds in step', () => {
    // Roark/Shigley, simply supported beam, central load: I of 6.4 mm round is 82.35 mm⁴.
    const stiffness = (48 * 200_000 * 82.355) / 100 ** 3;
    const [half, whole] = [bendFor(0.1), bendFor(0.2)];
    expect((whole.bendMm - half.bendMm) * stiffness).toBeCloseTo((0.1 * 1000) / (0.2 * 6.4), 1);
    expect(mostFromOnePin()).toBeGreaterThan(0.2);
  });

  it('friction of hinges follows the pull of the weight: m·g·w/(2·spacing) on two pins and the weight on the washers', () => {
    const pull = (28 * GRAVITY * 762) / (2 * 1585);
    expect(hingeFriction(28, 762, 1585).meanNm).toBeCloseTo((0.2 * (2 * pull * 3.2 + 28 * GRAVITY * 6.4)) / 1000, 9);
  });
});

describe('what accessibility rules ask, shown as information', () => {
  // 2010 ADA Standards for Accessible Design, §404 (from memory).
  it.each([
    ['openingForce', 5 * 4.448, 'N', '§404.2.9'],
    ['closerTime', 5, 's', '§404.2.8.1'],
    ['springTime', 1.5, 's', '§404.2.8.2'],
    ['clearWidth', 815, 'mm', '§404.2.3'],
    ['threshold', 13, 'mm', '§404.2.5'],
  ] as const)('%s', (id, value, unit, section) => {
    const limit = ACCESS_LIMITS.find((each) => each.id === id);
    expect(limit?.value).toBeCloseTo(value, 1);
    expect(limit).toMatchObject({ unit });
    expect(limit?.source).toContain(section);
  });
});
