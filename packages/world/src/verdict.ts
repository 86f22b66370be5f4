import { EVEN_EDGES, profileOf, station } from '@proper-swing/core';
import { boltLow, GAP_STATIONS, leanHalfOpen, poseOf, trueFigure, trueGap, type TrueDoor } from './trueDoor';

/** What a true door is judged by, in the order in which each takes more than the one before. */
export const VERDICTS = ['free', 'even', 'book'] as const;
export type Verdict = (typeof VERDICTS)[number];

/** A gauge cannot tell less, mm. */
const LENIENCE_MM = 0.15;
/** A gap below this rubs or springs in use, mm. */
const RUBS_BELOW_MM = 0.4;
/** A taper that the eye begins to see, and how far beyond its limits an edge is out of keeping, mm. */
const EYE_MM = 1.6;
const OUT_OF_KEEPING_MM = 1.2;

/** Nothing rubs or springs, the foot clears through the swing, it latches by itself and stays where it is left. */
export function isFree(door: TrueDoor): boolean {
  const pose = poseOf(door);
  return GAP_STATIONS.every((id) => trueGap(door, id, pose) >= RUBS_BELOW_MM) && worksBeside(door);
}

/** Free, each gap even to the eye along its edge, and no edge out of keeping. */
export function isEven(door: TrueDoor): boolean {
  const { edges } = profileOf(door.card);
  return (
    isFree(door) &&
    EVEN_EDGES.every((edge) => {
      const gaps = gapsOn(door, edge);
      const mean = gaps.reduce((sum, gap) => sum + gap, 0) / gaps.length;
      const { min, max } = edges[edge];
      const isInKeeping = mean >= min - OUT_OF_KEEPING_MM && mean <= max + OUT_OF_KEEPING_MM;
      return isInKeeping && Math.max(...gaps) - Math.min(...gaps) <= EYE_MM;
    })
  );
}

/** Whether the door is true: every gap inside its profile and even, the bolt, the stop, the swing and the floor in order. */
export function isDoorTrue(door: TrueDoor): boolean {
  const { edges, evenWithin } = profileOf(door.card);
  const pose = poseOf(door);
  for (const id of GAP_STATIONS) {
    const { edge } = station(id);
    if (edge === undefined) continue;
    const gap = trueGap(door, id, pose);
    // A foot gap too wide is closed with a threshold or a brush, not by hanging the door.
    if (gap < edges[edge].min - LENIENCE_MM || (edge !== 'foot' && gap > edges[edge].max + LENIENCE_MM)) return false;
  }
  const isEvenEnough = EVEN_EDGES.every((edge) => {
    const gaps = gapsOn(door, edge);
    return Math.max(...gaps) - Math.min(...gaps) <= evenWithin + LENIENCE_MM;
  });
  return isEvenEnough && worksBeside(door);
}

/** Whether there is nothing to do: it is true, and nothing that holds it is loose, worn, soft or split. */
export function isSound(door: TrueDoor): boolean {
  const { topScrews, bottomScrews, knuckles, legGives, timber } = door.condition;
  const holds = topScrews === 'tight' && bottomScrews === 'tight' && knuckles === 'sound' && !legGives && timber === 'sound';
  return holds && isDoorTrue(door);
}

const HOLDS: Readonly<Record<Verdict, (door: TrueDoor) => boolean>> = { free: isFree, even: isEven, book: isDoorTrue };

/** Whether a verdict holds of a door. */
export const holds = (verdict: Verdict, door: TrueDoor) => HOLDS[verdict](door);

function gapsOn(door: TrueDoor, edge: string): number[] {
  const pose = poseOf(door);
  return GAP_STATIONS.flatMap((id) => (station(id).edge === edge ? [trueGap(door, id, pose)] : []));
}

function worksBeside(door: TrueDoor): boolean {
  return (
    Math.abs(boltLow(door)) <= 2 &&
    Math.abs(leanHalfOpen(door)) <= Math.max(3.5, door.condition.friction) &&
    Math.abs(door.twist) <= 3 &&
    door.stopGap >= 0 &&
    door.stopGap <= 2.3 &&
    (door.card.hingeKind !== 'adjustable' || door.keeps <= 1) &&
    trueFigure(door, 'foot.swing') >= 0.5
  );
}
