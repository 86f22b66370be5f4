import { cpus } from 'node:os';
import { parseArgs } from 'node:util';
import { HINGE_KINDS, PROFILE_IDS, SLAB_KINDS, WALKING_ORDER, type HingedDoor, type Observed, type Reading } from '../src';
import { planningOf } from '../src/engine';
import { seededRandom, type RandomStream } from '../src/numbers/seededRandom';
import { PLANNING_WORDS } from '../src/planning/planningWords';

/**
 * npm run bench:plans -- --doors 40 --seed 1: plans of random doors, gaps all over the place and four of twelve rubbing. Processor time, the
 * longest piece between two at which others have their turn, and how many were proved the best. Printed, not judged.
 */
const { values } = parseArgs({ options: { doors: { type: 'string', default: '40' }, seed: { type: 'string', default: '1' } } });
const doors = Number(values.doors);
const random = seededRandom(Number(values.seed));
const HEIGHTS = [
  [165, 1750],
  [165, 990, 1750],
  [165, 600, 1200, 1750],
];

function randomDoor(hingeHeightsMm: number[], random: RandomStream): Observed {
  const oneOf = <T>(list: readonly T[]): T => list[Math.floor(random.uniform() * list.length)] as T;
  const door: HingedDoor = {
    ...{ slabWidthMm: 762, slabHeightMm: 1981, hingeHeightsMm, fireRated: random.uniform() < 0.1 },
    ...{ hingeKind: oneOf(HINGE_KINDS), slabKind: oneOf(SLAB_KINDS), profile: oneOf(PROFILE_IDS) },
  };
  const rubs = new Set(Array.from({ length: 4 }, () => oneOf(WALKING_ORDER)));
  const readings = WALKING_ORDER.map((station): Reading => {
    const mm = Math.max(0, Math.round((3 + 2.2 * random.normal()) * 2) / 2);
    return rubs.has(station) ? { station, rubs: true } : { station, mm };
  });
  return { door, readings, findings: [] };
}

/** Planned before anything is measured: a server that has run for a while, not one whose code is yet to be compiled. */
const WARM_UP = 8;

const processor = () => {
  const { user, system } = process.cpuUsage();
  return (user + system) / 1000;
};

function timed(observed: Observed) {
  const [begun, at] = [processor(), performance.now()];
  const work = planningOf(observed);
  let longest = 0;
  for (;;) {
    const from = performance.now();
    const step = work.next();
    longest = Math.max(longest, performance.now() - from);
    if (step.done) {
      // The process has threads that compile and tidy up, the machine has other work: the plan's own thread took no more than either.
      const millis = Math.min(processor() - begun, performance.now() - at);
      return { millis, longest, isProved: !step.value.advice.includes(PLANNING_WORDS.bestFound) };
    }
  }
}

process.stdout.write(`${cpus()[0]?.model ?? ''}, Node.js ${process.versions.node}; ${doors} doors each\n`);
process.stdout.write(
  `${'hinges'.padEnd(10)}${['median ms', 'slowest ms', 'piece ms', 'proved best'].map((head) => head.padStart(12)).join('')}\n`,
);
const others = seededRandom(Number(values.seed) + 1_000_003);
HEIGHTS.forEach((heights) => Array.from({ length: WARM_UP }, () => timed(randomDoor(heights, others))));
for (const heights of HEIGHTS) {
  const found = Array.from({ length: doors }, () => timed(randomDoor(heights, random)));
  const sorted = found.map(({ millis }) => millis).sort((a, b) => a - b);
  const figures = [sorted[Math.floor(sorted.length / 2)] ?? 0, sorted.at(-1) ?? 0, Math.max(...found.map(({ longest }) => longest))];
  const proved = found.filter(({ isProved }) => isProved).length / found.length;
  process.stdout.write(
    `${String(heights.length).padEnd(10)}${figures.map((ms) => ms.toFixed(0).padStart(12)).join('')}${`${(100 * proved).toFixed(1)} %`.padStart(12)}\n`,
  );
}
