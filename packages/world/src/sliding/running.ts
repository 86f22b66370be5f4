import { between } from '../draws';
import type { RandomStream } from '@proper-swing/core';
import { footGap, hangsFree, hasWheel, leastRoom, poseOf, type TrueSliding, type WheelState } from './trueSliding';

/** What each thing adds to the pull, as a share of the panel's weight. The world's own; common practice, no source. */
export interface Drag {
  along: number;
  /** At a place of the travel only. */
  place: number;
  midway: number;
  /** Of what brakes all along, what grows with the weight on the wheels, and what does not. */
  ofWeight: number;
  besides: number;
}

const WHEEL_DRAG: Readonly<Record<WheelState, number>> = { sound: 0, stiff: 0.055, seized: 0.17, worn: 0.05, chipped: 0.012, odd: 0.025 };
const SOUND_DRAG = 0.03;

/** Gaps of which one below this scrapes, mm. */
const SCRAPES_BELOW_MM = 0.4;

/** What brakes a panel: wheels, dirt, strip, and whatever it scrapes on. */
export function dragOf(door: TrueSliding): Drag {
  const pose = poseOf(door);
  const wheels = (['lead', 'trail'] as const).reduce((sum, end) => sum + WHEEL_DRAG[door.wheels[end]], 0);
  const scrape = Math.max(0, SCRAPES_BELOW_MM - Math.min(footGap(door, 0.02, pose), footGap(door, 0.5, pose), footGap(door, 0.98, pose)));
  const room = hangsFree(door) ? Infinity : leastRoom(door);
  const grip = Math.min(0.3, 0.09 * Math.max(0, 0.5 - room));
  const gripsAlong = door.ails.headSag === 0;
  const ofWeight =
    wheels + 0.03 * door.dirt + 0.022 * door.trackWear + (door.offTrack === undefined ? 0 : 0.16) + Math.min(0.2, 0.05 * scrape);
  const besides =
    (door.strip === 'drags' ? 0.06 : 0) +
    (door.trim === 'tight' ? 0.07 : 0) +
    (door.bowed ? 0.06 : 0) +
    (gripsAlong ? grip : 0) +
    (door.pivots.guideWheel === 'out' ? 0.08 : 0);
  return {
    along: SOUND_DRAG + ofWeight + besides,
    ofWeight,
    besides,
    place: (door.spot?.is === 'burr' ? 0.02 : 0) + (door.spot?.is === 'bend' ? 0.13 : 0) + (door.fixing === undefined ? 0 : 0.12),
    midway: gripsAlong ? 0 : grip,
  };
}

/** A panel that is pulled along with less than this runs free. */
export const FREE_BELOW = 0.06;
const ROUGH_BELOW = 0.1;
const STIFF_BELOW = 0.2;

/** How the pull is found, with a hand's error. */
export function pullFelt(door: TrueSliding, random: RandomStream): 'free' | 'dirty' | 'stiff' | 'stuck' {
  const { along, place, midway } = dragOf(door);
  const felt = (along + 0.6 * Math.max(place, midway)) * Math.exp(0.18 * door.world.mistakes * random.normal());
  return felt < FREE_BELOW ? 'free' : felt < ROUGH_BELOW ? 'dirty' : felt < STIFF_BELOW ? 'stiff' : 'stuck';
}

/** What ticks: a wheel once a turn, a spot at its place. */
export function ticks(door: TrueSliding, random: RandomStream): 'none' | 'place' | 'even' {
  const wheel = hasWheel(door, 'chipped') || (hasWheel(door, 'worn') && random.uniform() < 0.18);
  const spot =
    door.spot?.is === 'burr' ||
    (door.spot?.is === 'bend' && random.uniform() < 0.55) ||
    (door.fixing !== undefined && random.uniform() < 0.35);
  if (wheel && spot) return random.uniform() < 0.5 ? 'even' : 'place';
  if (wheel) return 'even';
  if (spot) return 'place';
  return door.dirt > 0.8 && random.uniform() < 0.3 ? 'place' : 'none';
}

/** Where it sticks, by what brakes it most. */
export function sticks(door: TrueSliding, random: RandomStream): 'nowhere' | 'place' | 'along' | 'shut' | 'middle' {
  const { along, place, midway } = dragOf(door);
  const noise = () => Math.exp(0.25 * random.normal());
  const extra = (along - SOUND_DRAG) * noise();
  if (Math.max(extra, place, midway) < 0.025) return 'nowhere';
  if (place * noise() > extra && place > midway) return 'place';
  if (midway * noise() > extra) return 'middle';
  const isPatchy = door.dirt > 0.8 && extra < 0.09 && random.uniform() < 0.25;
  return isPatchy ? 'place' : random.uniform() < 0.05 ? 'shut' : 'along';
}

/** Half a turn of a screw here, with the hand's own error. */
export const turnedBy = (door: TrueSliding, halfTurns: number, random: RandomStream) =>
  halfTurns * door.halfTurn * between(random, 0.92, 1.08);
