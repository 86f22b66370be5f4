import type { RandomStream } from '@proper-swing/core';
import type { DoneStep } from '@proper-swing/core/inference/observed';
import { PROFILES } from '@proper-swing/core/sliding/card/profiles';
import type { ActionId } from '@proper-swing/core/sliding/names/actionIds';
import { between } from '../draws';
import { turnedBy } from './running';
import { hookLow, isBifold, isRolling, leastRoom, poseOf, roomAbove, type End, type Moved, type TrueSliding } from './trueSliding';

type Work = (door: TrueSliding, step: DoneStep, random: RandomStream) => void;

const ENDS = ['lead', 'trail'] as const;

/** Room that a screen is left with where it bound, mm. */
const BACKED_OFF_TO_MM = 0.5;

/** What top wheels are moved by that are set by eye, until the screen can just not be lifted out, mm. */
export function topWheelsByEye(door: TrueSliding): number {
  return PROFILES.screen.edges.head.target - Math.min(roomAbove(door, 0.05), roomAbove(door, 0.95));
}

/** Raises an end: on rollers it stands higher, hung its hanger is shorter. */
export const raise = (door: TrueSliding, end: End, mm: number) => {
  door.rise[end] += isRolling(door) ? mm : -mm;
};

const turn: Work = (door, { place, amount }, random) => {
  const end = place === 'trail' ? 'trail' : 'lead';
  if (door.screws[end] === 'dead') return;
  const mm = turnedBy(door, amount, random);
  raise(door, end, isRolling(door) ? Math.min(mm, Math.max(0, roomAbove(door, end === 'lead' ? 0.05 : 0.95, poseOf(door)))) : mm);
};

/** New wheels or hangers stand about where the old ones stood when they were sound. */
const newWheels: Work = (door, _, random) => {
  for (const end of ENDS) {
    const was = door.wheels[end];
    const isOut = was === 'worn' || was === 'odd' || door.screws[end] === 'dead';
    if (isOut) raise(door, end, door.ails.rise[end] + 0.8 * random.normal());
    else raise(door, end, 0.8 * random.normal());
    if (isOut) door.ails.rise[end] = 0;
    door.wheels[end] = 'sound';
    door.screws[end] = 'moves';
  }
};

/** A pivot goes back to where it stood before what held it let go. */
const putBack = (door: TrueSliding, moved: Moved, errsMm: number, random: RandomStream) => {
  for (const way of ['rise', 'top', 'foot'] as const) {
    if (moved[way] === 0) continue;
    door.pivots[way] -= moved[way] + errsMm * random.normal();
    moved[way] = 0;
  }
};

const backUp =
  (set: (door: TrueSliding) => void, errsMm: number): Work =>
  (door, _, random) => {
    for (const end of ENDS) {
      if (Math.abs(door.ails.rise[end]) < 0.01) continue;
      raise(door, end, door.ails.rise[end] + errsMm * random.normal());
      door.ails.rise[end] = 0;
    }
    set(door);
  };

/** A share of what a fault moved is taken back. */
const nearly = (random: RandomStream) => between(random, 0.85, 1.05);

const WORKS: Readonly<Record<ActionId, Work>> = {
  cleanTrack: (door, _, random) => (door.dirt = between(random, 0, 0.2)),
  reseat: (door, step, random) => {
    if (door.offTrack === undefined) return;
    backUp(() => (door.offTrack = undefined), 0.4)(door, step, random);
  },
  fitClip: (door, step, random) => {
    if (door.clip === 'home') return;
    backUp(() => (door.clip = 'home'), 0.8)(door, step, random);
  },
  fileBurr: (door) => {
    if (door.spot?.is === 'burr') door.spot = undefined;
  },
  refitStrip: (door) => (door.strip = 'lies'),
  refitGuide: (door) => (door.guide = 'holds'),
  setTopWheels: (door, { amount }, random) => {
    if (door.card.kind !== 'screen') return;
    door.clearH += amount + 0.35 * random.normal();
    door.ails.room = 0;
    // It is run over its travel, and where it binds they are backed off a little.
    door.clearH += Math.max(0, BACKED_OFF_TO_MM - leastRoom(door));
  },
  turnScrew: turn,
  turnHanger: turn,
  turnPivot: (door, { amount }, random) => {
    door.pivots.rise += turnedBy(door, amount, random);
  },
  setTopPivot: (door, { amount }, random) => {
    door.pivots.top += amount * between(random, 0.9, 1.1) + 0.3 * random.normal();
  },
  reblockPivot: (door, _, random) => {
    if (door.pivots.corners === 'firm') return;
    putBack(door, door.ails.pivots.corner, 0.8, random);
    door.pivots.corners = 'firm';
  },
  refixBracket: (door, _, random) => {
    if (door.pivots.brackets === 'fast') return;
    putBack(door, door.ails.pivots.bracket, 0.8, random);
    door.pivots.brackets = 'fast';
  },
  refitGuideWheel: (door) => (door.pivots.guideWheel = 'runs'),
  tightenLeafHinges: (door, _, random) => {
    door.pivots.leafSag = Math.max(0, door.pivots.leafSag - door.ails.pivots.leafSag + 0.4 * random.normal());
    door.ails.pivots.leafSag = 0;
    door.pivots.leafHinges = 'tight';
  },
  moveKeep: (door, _, random) => (door.keepOver -= hookLow(door) + 0.6 * random.normal()),
  lubricateWheels: (door, _, random) => {
    for (const end of ENDS) if (door.wheels[end] === 'stiff' && random.uniform() < 0.93) door.wheels[end] = 'sound';
  },
  straightenTrack: (door, _, random) => {
    if (door.spot?.is === 'bend' && random.uniform() < 0.85) door.spot = undefined;
  },
  resetHanger: (door, step, random) => {
    if (door.hangers === 'tight') return;
    backUp(() => (door.hangers = 'tight'), 1)(door, step, random);
  },
  replaceHangers: newWheels,
  replaceRollers: newWheels,
  squarePanel: (door, _, random) => {
    door.panel.shear -= door.ails.shear * nearly(random);
    door.ails.shear = 0;
    door.corner = 'tight';
  },
  coverTrack: (door) => {
    for (const end of ENDS) raise(door, end, door.trackWear);
    door.trackWear = 0;
    door.spot = undefined;
  },
  shortenFixing: (door) => (door.fixing = undefined),
  easeTrim: (door) => (door.trim = 'clear'),
  liftHead: (door, _, random) => {
    door.other.belly += door.ails.headSag * nearly(random);
    door.ails.headSag = 0;
  },
  levelTrack: (door, _, random) => {
    const share = nearly(random);
    door.track.tilt -= door.ails.track * share;
    door.track.belly -= door.ails.trackBelly * share;
    door.ails.track = door.ails.trackBelly = 0;
  },
  squareOpening: (door, _, random) => {
    door.jamb.lean -= door.ails.jamb * nearly(random);
    door.ails.jamb = 0;
  },
  straightenSlab: (door) => (door.bowed = false),
  trimSlab: (door, _, random) => {
    const mm = Math.max(0, door.ails.floor + 0.6 * random.normal());
    door.clearH += mm;
    if (isBifold(door)) door.pivots.rise += mm;
    door.ails.floor = 0;
  },
  workOnPanel: () => undefined,
};

/** Does work on a true panel, with a hand's error. */
export function carryOutSliding(door: TrueSliding, steps: readonly DoneStep[], random: RandomStream): void {
  for (const step of steps) WORKS[step.action as ActionId](door, step, random);
}
