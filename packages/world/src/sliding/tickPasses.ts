import type { RandomStream } from '@proper-swing/core';
import type { HeardTicks } from '@proper-swing/core/sheets';
import { between } from '../draws';

/** What a made-up panel ticks of, and what was heard of it. */
export interface TickCase {
  truth: 'track' | 'wheel' | 'both' | 'twoWheels';
  isHard: boolean;
  /** Distances of the ticks of each wheel that ticks, mm; places of the spots. */
  turnsMm: readonly number[];
  spotsMm: readonly number[];
  heard: HeardTicks;
}

const PASSES = 3;
const SD_MM = 5;
const MISSED = 0.2;
const FALSE_SHARE = 0.05;
const SLIP = 0.02;

/** A panel that ticks, heard in three passes: positions off by 5 mm, one tick in five missed; hard ones also false ticks, slip, short travel. */
export function drawTicks(random: RandomStream, isHard: boolean): TickCase {
  const draw = random.uniform();
  const truth = !isHard
    ? draw < 0.5
      ? 'track'
      : 'wheel'
    : draw < 0.35
      ? 'track'
      : draw < 0.7
        ? 'wheel'
        : draw < 0.85
          ? 'both'
          : 'twoWheels';
  const travelMm = Math.round(isHard ? between(random, 380, 1000) : between(random, 620, 1100));
  const turn = Math.PI * between(random, 18, 45);
  const turnsMm = truth === 'track' ? [] : truth === 'twoWheels' ? [turn, turn * between(random, 1.04, 1.12)] : [turn];
  const spotCount = truth === 'track' ? (random.uniform() < 0.7 ? 1 : 2) : truth === 'both' ? 1 : 0;
  const spotsMm = Array.from({ length: spotCount }, () => between(random, 0.06, 0.94) * travelMm);
  const passes = Array.from({ length: PASSES }, () => {
    const real = [
      ...spotsMm,
      ...turnsMm.flatMap((each) => lattice(random, each * (isHard ? 1 + SLIP * between(random, -1, 1) : 1), travelMm)),
    ];
    const heard = real.filter(() => random.uniform() >= MISSED).map((x) => x + SD_MM * random.normal());
    const wrong = isHard ? real.filter(() => random.uniform() < FALSE_SHARE).map(() => random.uniform() * travelMm) : [];
    return {
      atMm: [...heard, ...wrong]
        .filter((x) => x >= 0 && x <= travelMm)
        .map((x) => Math.round(x))
        .sort((a, b) => a - b),
    };
  });
  return { truth, isHard, turnsMm, spotsMm, heard: { travelMm, passes, sdMm: SD_MM } };
}

/** Where a wheel ticks in one pass; it stands anyhow when the pass begins. */
function lattice(random: RandomStream, turnMm: number, travelMm: number): number[] {
  const first = random.uniform() * turnMm;
  return Array.from({ length: Math.floor((travelMm - first) / turnMm) + 1 }, (_, i) => first + i * turnMm);
}
