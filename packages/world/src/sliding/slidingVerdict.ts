import { dragOf, FREE_BELOW } from './running';
import {
  footGap,
  hangsFree,
  hasWheel,
  hookLow,
  isBifold,
  isRolling,
  jambGap,
  leastRoom,
  poseOf,
  roomAbove,
  type TrueSliding,
} from './trueSliding';

const RUBS_BELOW_MM = 0.4;
/** A taper at the jamb that the eye sees, and how far a hook may be off its keep, mm. */
const EYE_MM = 2.4;
export const HOOK_MM = 3.3;

/** It runs free over the full travel, nothing scrapes or ticks, and what holds it is sound. */
export function runsFree(door: TrueSliding): boolean {
  const { along, place, midway } = dragOf(door);
  const pose = poseOf(door);
  const clears = [0.02, 0.5, 0.98].every((f) => footGap(door, f, pose) >= RUBS_BELOW_MM);
  const chipped = hasWheel(door, 'chipped');
  return (
    Math.max(along, place + 0.03, midway + 0.03) < FREE_BELOW && clears && !chipped && door.spot === undefined && door.guide === 'holds'
  );
}

/** The most room above either end, with the head as it is, mm. */
export const mostRoom = (door: TrueSliding): number => {
  const pose = poseOf(door);
  return Math.max(roomAbove(door, 0.05, pose), roomAbove(door, 0.95, pose));
};

/** It stands beside its track, or can be lifted out of it. */
export const liftsOut = (door: TrueSliding): boolean =>
  door.offTrack !== undefined || (isRolling(door) && mostRoom(door) >= door.liftsOutFrom);

/** It cannot be lifted or knocked off what it runs on, and what holds it holds. */
export function isCaptured(door: TrueSliding): boolean {
  const holds = door.clip === 'home' && door.hangers === 'tight';
  const { corners, brackets, guideWheel, leafHinges } = door.pivots;
  const stands = corners === 'firm' && brackets === 'fast' && guideWheel === 'runs' && leafHinges === 'tight';
  return holds && stands && !liftsOut(door);
}

/** Its closing edge meets the jamb evenly, the hook finds its keep, and the head holds it nowhere. */
export function isTrueSliding(door: TrueSliding): boolean {
  const pose = poseOf(door);
  const gaps = [0.05, 0.5, 0.95].map((f) => jambGap(door, f, pose));
  return (
    Math.max(...gaps) - Math.min(...gaps) <= EYE_MM &&
    (isBifold(door) || Math.abs(hookLow(door, pose)) <= HOOK_MM) &&
    (hangsFree(door) || leastRoom(door) > 0.2)
  );
}

export const isMade = (door: TrueSliding): boolean => runsFree(door) && isCaptured(door) && isTrueSliding(door);
