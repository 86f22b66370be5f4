import { seededRandom } from '@proper-swing/core';
import { makeSlidingScenario, SLIDING_OWN, type SlidingTraits } from './makeSliding';
import { MOST_CYCLES, slideByTool, type SlidingCourse } from './slidingCourse';
import { slideByLadder } from './slidingLadder';
import { slideByOracle } from './slidingOracle';
import { isMade } from './slidingVerdict';

export interface WayFigures {
  doors: number;
  cycles: number;
  atFirst: number;
  never: number;
  steps: number;
}

export interface SlidingCorrections {
  ours: WayFigures;
  ladder: WayFigures;
  oracle: WayFigures;
  provedLoose: number;
  /** Told done though something that holds it is loose. */
  leftLoose: number;
  /** Sound panels, those of them that got any work, and those on which more was done than clean the track. */
  sound: { doors: number; worked: number; changed: number };
  byCause: ReadonlyMap<string, WayFigures>;
  millisPlan: number[];
}

const none = (): WayFigures => ({ doors: 0, cycles: 0, atFirst: 0, never: 0, steps: 0 });

function count(into: WayFigures, { madeAt, steps }: SlidingCourse): void {
  into.doors += 1;
  into.cycles += madeAt ?? MOST_CYCLES;
  into.steps += steps;
  if (madeAt === undefined) into.never += 1;
  else if (madeAt === 1) into.atFirst += 1;
}

/** Corrects panels of a world by the tool, by the trade's ladder, and by an oracle that knows the truth; curable is what the oracle mends. */
export function studySliding(
  seed: number,
  cases: number,
  world: SlidingTraits = SLIDING_OWN,
  clock: () => number = () => 0,
): SlidingCorrections {
  const found = {
    ours: none(),
    ladder: none(),
    oracle: none(),
    provedLoose: 0,
    leftLoose: 0,
    sound: { doors: 0, worked: 0, changed: 0 },
    byCause: new Map<string, WayFigures>(),
    millisPlan: [] as number[],
  };
  for (let n = 0; n < cases; n += 1) {
    const seedOf = (way: number) => seededRandom(seed * 2_000_003 + n * 11 + way);
    const scenario = makeSlidingScenario(seedOf(0), { twoFaults: world.twoFaults, sound: 0.15 }, world);
    const isMadeAlready = isMade(scenario.door);
    const isSound = scenario.causes[0] === 'runsWell';
    if (isMadeAlready !== isSound) continue;
    const ours = slideByTool(scenario, seedOf(1), clock);
    found.millisPlan.push(...ours.millis);
    if (ours.provedLoose) found.provedLoose += 1;
    if (ours.leftLoose) found.leftLoose += 1;
    if (isSound) {
      found.sound.doors += 1;
      if (ours.steps > 0) found.sound.worked += 1;
      if (ours.changes) found.sound.changed += 1;
      continue;
    }
    const oracle = slideByOracle(scenario, seedOf(3));
    if (oracle.madeAt === undefined) continue;
    count(found.ours, ours);
    count(found.oracle, oracle);
    count(found.ladder, slideByLadder(scenario, seedOf(2)));
    const [only, second] = scenario.causes;
    if (only !== undefined && second === undefined) {
      const row = found.byCause.get(only) ?? none();
      count(row, ours);
      found.byCause.set(only, row);
    }
  }
  return found;
}
