import { type ActionId, type DoneStep, type HingeName, type RandomStream, type StationId } from '@proper-swing/core';
import { between } from './draws';
import { WORLD_FAULTS } from './faults';
import { boltLow, copyDoor, GAP_STATIONS, poseOf, trueFigure, trueGap, type TrueDoor, type TrueHinge, type Work } from './trueDoor';

const HINGE_PLACES: Readonly<Record<HingeName, (count: number) => number>> = {
  top: () => 0,
  upper: () => 1,
  middle: () => 1,
  lower: (count) => count - 2,
  bottom: (count) => count - 1,
};

function hingeOf(door: TrueDoor, name: HingeName = 'top'): TrueHinge {
  const hinge = door.hinges[HINGE_PLACES[name](door.hinges.length)];
  if (hinge === undefined) throw new RangeError(`no ${name} hinge`);
  return hinge;
}

function drawIn(door: TrueDoor, share: number): void {
  const { ails } = door;
  hingeOf(door, 'top').off -= share * ails.topPulled;
  door.hangs -= share * ails.settled;
  door.hinges.slice(1, -1).forEach((hinge) => (hinge.off -= share * ails.middlePulled));
  ails.topPulled *= 1 - share;
  ails.middlePulled *= 1 - share;
  ails.settled *= 1 - share;
}

function drawInBottom(door: TrueDoor, share: number): void {
  hingeOf(door, 'bottom').off -= share * door.ails.bottomPulled;
  door.ails.bottomPulled *= 1 - share;
}

function bringLegBack(door: TrueDoor, share: number): void {
  door.hingeLeg.lean -= share * door.ails.legSprung;
  door.opening.w += (share * door.ails.legSprung) / 2;
  door.ails.legSprung *= 1 - share;
}

/** A screw draws a leaf no further than this, as a share of the way back. */
const MOST_DRAWN = 1.03;

/** How far a screw is drawn by someone who watches a gap and stops when the gauge says so, with the error of the gauge. */
function shareUntil(
  door: TrueDoor,
  { station: at, mm }: NonNullable<DoneStep['until']>,
  draw: (door: TrueDoor, share: number) => void,
  { normal }: RandomStream,
): number {
  const aim = mm + 0.2 * normal();
  const gapAt = (share: number) => {
    const copy = copyDoor(door);
    draw(copy, share);
    return trueGap(copy, at, poseOf(copy));
  };
  const way = Math.sign(gapAt(MOST_DRAWN) - gapAt(0));
  const isShort = (share: number) => way * (aim - gapAt(share)) > 0;
  if (!isShort(0)) return 0;
  if (isShort(MOST_DRAWN)) return MOST_DRAWN;
  let [low, high] = [0, MOST_DRAWN];
  for (let i = 0; i < 20; i += 1) {
    const middle = (low + high) / 2;
    if (isShort(middle)) low = middle;
    else high = middle;
  }
  return low;
}

const shiftBy =
  (mm: (door: TrueDoor, random: RandomStream) => number): Work =>
  (door, { hinge, amount }, random) => {
    hingeOf(door, hinge).off += amount * mm(door, random);
  };

const moveStrike: Work = (door, _, random) => {
  door.strike += boltLow(door) - 0.35 * random.normal();
};

const bendPin: Work = ({ condition }) => {
  condition.friction += 6;
};

const planeOff =
  (edge: keyof TrueDoor['trimmed']): Work =>
  ({ trimmed }, { planed, amount }, { normal }) => {
    const slip = 0.25 * normal();
    trimmed[edge].from += Math.max(0, (planed?.fromMm ?? amount) + slip);
    trimmed[edge].to += Math.max(0, (planed?.toMm ?? amount) + slip);
  };

/** What work does to a door of the world, with the errors of a careful hand, where it mends more than one fault. */
const WORK = {
  tighten: (door, _, random) => {
    const { condition } = door;
    if (condition.topScrews === 'loose') drawIn(door, between(random, 0.86, 1));
    else if (condition.topScrews === 'spinning') drawIn(door, between(random, 0, 0.15));
    if (condition.topScrews === 'loose') condition.topScrews = 'tight';
  },
  fillHoles: (door, _, random) => {
    if (door.condition.topScrews === 'tight') return;
    drawIn(door, between(random, 0.9, 1));
    door.condition.topScrews = 'tight';
  },
  longScrew: (door, { until }, random) => {
    const draw = (each: TrueDoor, share: number) => {
      if (each.condition.topScrews !== 'tight') drawIn(each, share);
      if (each.condition.legGives) bringLegBack(each, share);
    };
    if (until) draw(door, shareUntil(door, until, draw, random));
    else {
      if (door.condition.topScrews !== 'tight') drawIn(door, between(random, 0.9, 1.03));
      if (door.condition.legGives) bringLegBack(door, between(random, 0.88, 1.03));
    }
    door.condition.topScrews = 'tight';
    door.condition.legGives = false;
  },
  tightenBottom: (door, _, random) => {
    if (door.condition.bottomScrews !== 'loose' || door.condition.timber === 'soft') return;
    drawInBottom(door, between(random, 0.86, 1));
    door.condition.bottomScrews = 'tight';
  },
  longScrewBottom: (door, { until }, random) => {
    if (door.condition.bottomScrews !== 'loose' || door.condition.timber === 'soft') return;
    drawInBottom(door, until ? shareUntil(door, until, drawInBottom, random) : between(random, 0.9, 1.03));
    door.condition.bottomScrews = 'tight';
  },
  replaceHinge: (door, _, random) => {
    if (door.condition.knuckles === 'sound') return;
    drawIn(door, between(random, 0.94, 1.02));
    hingeOf(door, 'top').off += 0.15 * random.normal();
    door.condition.knuckles = 'sound';
  },
  shim: shiftBy((door, { normal }) => door.yields.card * (1 + 0.06 * normal())),
  shimStrip: shiftBy((door, { normal }) => 1.85 * door.yields.card * (1 + 0.12 * normal())),
  deepen: shiftBy((_, { normal }) => -0.5 * (1 + 0.18 * normal())),
  bendKnuckles: (door, step, random) => {
    hingeOf(door, step.hinge).off += step.amount * door.yields.bend * (1 + 0.2 * random.normal());
    if (door.condition.knuckles === 'spread') door.condition.knuckles = 'sound';
  },
  turnSideways: shiftBy((door, { normal }) => door.yields.halfTurn * (1 + 0.04 * normal())),
  turnHeight: (door, { amount }, { normal }) => {
    door.hangs += amount * door.yields.halfTurn * (1 + 0.04 * normal());
  },
  // In this world no screw spins in the door's edge.
  fillSlabHoles: () => undefined,
  // A middle hinge that holds again, and a stronger one below, moved no gap.
  // No door of this world is hung anew.
  fitFullHeight: () => undefined,
  holdMiddle: () => undefined,
  stiffenBottom: () => undefined,
  // A middle hinge that was off the line of the others moved no gap.
  bringToLine: () => undefined,
  // No slab of this world is new.
  planeHinge: () => undefined,
  reglueBlock: () => undefined,
  sealFaces: () => undefined,
  hangSlab: () => undefined,
  // Nor does one of it have a damaged jamb beyond what a plan mends.
  fillLeg: () => undefined,
  replaceLeg: () => undefined,
  letInStrike: () => undefined,
  coatRepair: () => undefined,
  // What is told in words is not the tool's to plan.
  otherWork: () => undefined,
  // Pressure on the seal changes nothing that this world gauges.
  turnPressure: () => undefined,
  fileStrike: (door, step, random) => {
    if (Math.abs(boltLow(door)) <= 3.2) moveStrike(door, step, random);
  },
  moveStrike,
  bendTab: (door, _, { normal }) => {
    door.stopGap = 1 + 0.3 * normal();
  },
  moveStrikeDepth: (door, _, { normal }) => {
    door.stopGap = 1 + 0.35 * normal();
  },
  bendPin,
  bendNextPin: bendPin,
  throwForTwist: (door, _, { normal }) => {
    door.twist = 0.8 * normal();
  },
  moveStop: (door, _, { normal }) => {
    door.twist = 0.6 * normal();
  },
  trimFoot: (door) => {
    const cut = Math.max(0, 3 - trueFigure(door, 'foot.swing'));
    door.trimmed.foot.from += cut;
    door.trimmed.foot.to += cut;
  },
  wedgeLatchLeg: (door, _, random) => {
    const { ails } = door;
    const share = between(random, 0.92, 1.02);
    door.latchLeg.lean -= share * ails.latchLean + 0.25 * random.normal();
    door.latchLeg.bow -= share * ails.latchBow + 0.2 * random.normal();
    door.opening.w -= share * ails.latchAside + 0.2 * random.normal();
    ails.latchLean = ails.latchBow = ails.latchAside = 0;
  },
  wedgeHingeLeg: (door, _, random) => {
    if (door.condition.legGives) bringLegBack(door, between(random, 0.94, 1.02));
    door.hingeLeg.bow -= between(random, 0.92, 1.02) * door.ails.hingeBow;
    door.ails.hingeBow = 0;
    door.condition.legGives = false;
  },
  planeLatch: planeOff('latch'),
  planeHead: planeOff('head'),
  planeFoot: planeOff('foot'),
  dryAndSeal: () => undefined,
  repairFoot: (door, _, random) => {
    if (door.condition.timber !== 'soft') return;
    drawInBottom(door, between(random, 0.92, 1.02));
    door.condition.timber = 'sound';
    door.condition.bottomScrews = 'tight';
  },
  repairLeg: (door, step, random) => {
    WORK.wedgeLatchLeg(door, step, random);
    if (door.condition.timber === 'split') door.condition.timber = 'sound';
  },
} satisfies Readonly<Partial<Record<ActionId, Work>>>;

const EVERY_WORK: Readonly<Partial<Record<ActionId, Work>>> = {
  ...WORK,
  ...Object.fromEntries(Object.values(WORLD_FAULTS).flatMap(({ mendedBy = {} }) => Object.entries(mendedBy))),
};

/**
 * Carries steps out on a door of the world, in place.
 *
 * @throws RangeError for work that this world does not know
 */
export function carryOut(door: TrueDoor, steps: readonly DoneStep[], random: RandomStream): void {
  for (const step of steps) {
    const work = EVERY_WORK[step.action];
    if (work === undefined) throw new RangeError(`no one in this world knows how to ${step.action}`);
    work(door, step, random);
  }
}

/** What is read after work: every gap, and what tells of bolt, stop and swing. */
export const CHECKED: readonly StationId[] = [...GAP_STATIONS, 'bolt.low', 'stop.top', 'stop.bottom', 'foot.swing'];
