import type { AnsweredFinding, CauseId, FindingId, RandomStream, Reading, StationId } from '@proper-swing/core';
import { drawOne } from './draws';
import { readOff, type Tool } from './readOff';
import { TABLES_OWN } from './worldTraits';
import { boltLow, GAP_STATIONS, leanHalfOpen, poseOf, trueFigure, trueGap, type TrueDoor } from './trueDoor';

type ToolAt = Omit<Tool, 'sd'> & { sd: (door: TrueDoor) => number };

/** The world's instruments: their error and how finely they are read (common practice, no source). */
const GAUGE: ToolAt = { sd: () => 0.15, step: 0.1 };
const RULE: ToolAt = { sd: () => 0.4, step: 0.5 };
const TAPE: ToolAt = { sd: () => 0.8, step: 1 };
/** A door whose lean is hardly more than its pins hold creeps and stops, mm. */
const CREEPS_WITHIN_MM = 0.5;
const UPRIGHT: ToolAt = { sd: ({ opening }) => (0.5 * opening.h) / 1000, step: 0.5 };
const ACROSS: ToolAt = { sd: ({ opening }) => Math.max(0.3, (0.5 * opening.w) / 1000), step: 0.5 };

function toolFor(id: StationId): ToolAt {
  if (GAP_STATIONS.includes(id) || id === 'foot.swing' || id.startsWith('stop.')) return GAUGE;
  if (id.startsWith('plumb.')) return UPRIGHT;
  if (id.startsWith('level.')) return ACROSS;
  return id.startsWith('straight.') || id === 'bolt.low' ? RULE : TAPE;
}

/** Reads one station as a technician does: with the error of the tool, to its step, and a rub where there is no gap. */
export function takeReading(door: TrueDoor, id: StationId, random: RandomStream): Reading {
  const { sd, step } = toolFor(id);
  const isGap = GAP_STATIONS.includes(id) || id === 'foot.swing';
  const sort = isGap ? 'gap' : id.startsWith('stop.') ? 'between' : 'signed';
  return { station: id, ...readOff(trueFigure(door, id), { sd: sd(door), step }, sort, door.world, random) };
}

/** What a look or a try with the hand shows: the state of the door, seen with a person's errors. */
export function answerCheck(door: TrueDoor, causes: readonly CauseId[], id: FindingId, random: RandomStream): AnsweredFinding {
  return { finding: id, answer: LOOKS[id](door, causes, random) };
}

type Look = (door: TrueDoor, causes: readonly CauseId[], random: RandomStream) => string;

/** What is seen, when one answer is right and the others are mistakes: as many as people make in this world. */
const see = ({ world: { mistakes } }: TrueDoor, random: RandomStream, chances: Readonly<Record<string, number>>): string => {
  const right = Math.max(...Object.values(chances));
  return drawOne(
    random,
    Object.fromEntries(Object.entries(chances).map(([id, chance]) => [id, chance === right ? chance : mistakes * chance])),
  );
};

const bottomScrewsLook = {
  tight: { tight: 92, loose: 6, spinning: 2 },
  loose: { tight: 5, loose: 86, spinning: 9 },
  spinning: { tight: 6, loose: 14, someSpin: 30, spinning: 50 },
};

/** What came before, by what befell the door; the world's own shares. */
const BEFORE: Partial<Record<CauseId, Readonly<Record<string, number>>>> = {
  looseTopScrews: { blow: 16, building: 3, gradual: 76, always: 4, floor: 1 },
  strippedTopHoles: { blow: 22, building: 3, gradual: 70, always: 4, floor: 1 },
  neverFixed: { blow: 12, building: 6, gradual: 72, always: 9, floor: 1 },
  spreadKnuckles: { blow: 30, building: 2, gradual: 62, always: 5, floor: 1 },
  wornPins: { blow: 2, building: 2, gradual: 94, always: 1, floor: 1 },
  looseBottomScrews: { blow: 28, building: 4, gradual: 63, always: 4, floor: 1 },
  hingeBound: { blow: 2, building: 3, gradual: 16, always: 77, floor: 2 },
  frameRacked: { blow: 3, building: 58, gradual: 35, always: 3, floor: 1 },
  latchLegOut: { blow: 48, building: 18, gradual: 22, always: 10, floor: 2 },
  latchLegBowed: { blow: 8, building: 14, gradual: 40, always: 37, floor: 1 },
  hingeLegBowed: { blow: 3, building: 14, gradual: 42, always: 40, floor: 1 },
  headOut: { blow: 2, building: 50, gradual: 28, always: 18, floor: 2 },
  swollenSlab: { blow: 1, building: 5, gradual: 80, always: 12, floor: 2 },
  slabOversize: { blow: 1, building: 4, gradual: 14, always: 79, floor: 2 },
  floorHigh: { blow: 1, building: 10, gradual: 20, always: 11, floor: 58 },
  strikeOff: { blow: 4, building: 12, gradual: 36, always: 46, floor: 2 },
  strikeDepth: { blow: 5, building: 7, gradual: 34, always: 52, floor: 2 },
  hingeLineOut: { blow: 1, building: 22, gradual: 28, always: 46, floor: 3 },
  twistedOpening: { blow: 3, building: 20, gradual: 26, always: 49, floor: 2 },
  warpedSlab: { blow: 1, building: 4, gradual: 70, always: 24, floor: 1 },
  rottenFoot: { blow: 2, building: 3, gradual: 92, always: 2, floor: 1 },
  brokenLeg: { blow: 93, building: 1, gradual: 3, always: 2, floor: 1 },
};
const BEFORE_OTHERWISE = { blow: 7, building: 8, gradual: 60, always: 20, floor: 5 };

const LOOKS: Readonly<Record<FindingId, Look>> = {
  complaint: (door, _, random) => complaintOf(door, random),
  season: (door, causes, random) =>
    see(
      door,
      random,
      door.condition.swollen
        ? { worseWet: 86, same: 14 }
        : causes.includes('warpedSlab') || door.condition.painted
          ? { worseWet: 28, same: 72 }
          : { worseWet: 14, same: 86 },
    ),
  event: ({ world }, causes, random) => {
    const isMisremembered = world !== TABLES_OWN && random.uniform() < world.besideThePoint;
    return drawOne(random, (!isMisremembered && BEFORE[causes[0] ?? 'nothingWrong']) || BEFORE_OTHERWISE);
  },
  liftPlay: ({ condition }, _, random) => {
    const felt = condition.play + 0.25 * random.normal();
    return felt < 0.7 ? 'none' : felt < 1.9 ? 'some' : 'much';
  },
  topScrews: (door, _, random) =>
    see(
      door,
      random,
      {
        tight: { tight: 88, loose: 10, spinning: 2 },
        loose: { tight: 3, loose: 92, spinning: 5 },
        spinning: { tight: 3, loose: 13, someSpin: 30, spinning: 54 },
      }[door.condition.topScrews],
    ),
  bottomScrews: (door, _, random) => see(door, random, bottomScrewsLook[door.condition.bottomScrews]),
  topLeaves: (door, _, random) =>
    see(
      door,
      random,
      { sound: { parallel: 93, spread: 7 }, spread: { parallel: 11, spread: 89 }, worn: { parallel: 78, spread: 22 } }[
        door.condition.knuckles
      ],
    ),
  pins: (door, _, random) =>
    see(
      door,
      random,
      door.condition.knuckles === 'worn'
        ? { snug: 9, worn: 81, walks: 10 }
        : door.condition.knuckles === 'spread'
          ? { snug: 74, worn: 18, walks: 8 }
          : Math.abs(door.hingeLeg.bow) > 1.5
            ? { snug: 74, worn: 9, walks: 17 }
            : { snug: 89, worn: 8, walks: 3 },
    ),
  hingeSeat: (door, _, random) => {
    const loosened = door.condition.topScrews !== 'tight' || door.condition.bottomScrews !== 'tight';
    const seen = {
      flush: { flush: 88, deep: 7, proud: 5 },
      deep: { flush: 9, deep: 82, proud: 9 },
      proud: { flush: 9, deep: 8, proud: 83 },
    }[door.condition.leaf];
    return see(door, random, loosened && door.condition.leaf === 'flush' ? { flush: 64, deep: 3, proud: 33 } : seen);
  },
  // All hinges of this world carry, and none bends: nobody draws a tight pin by hand.
  middleScrews: () => 'tight',
  bottomHinge: () => 'firm',
  middlePin: () => 'tight',
  hingeLegFirm: (door, _, random) =>
    see(
      door,
      random,
      door.condition.legGives
        ? { firm: 12, gives: 88 }
        : door.condition.timber === 'soft'
          ? { firm: 72, gives: 28 }
          : { firm: 94, gives: 6 },
    ),
  springBack: (door, _, random) => {
    const least = Math.min(...(['hinge.top', 'hinge.mid', 'hinge.bottom'] as const).map((id) => trueGap(door, id)));
    return least + 0.35 * random.normal() < 0.35 || random.uniform() < 0.02 ? 'yes' : 'no';
  },
  firstContact: (door, _, random) => {
    if (random.uniform() < 0.1)
      return drawOne(random, { nothing: 3, latchTop: 1, latchMid: 1, latchBottom: 1, head: 1, hinge: 1, corner: 1, floor: 1 });
    const gaps: readonly [string, number][] = [
      ['latchTop', trueGap(door, 'latch.top')],
      ['latchMid', trueGap(door, 'latch.mid')],
      ['latchBottom', trueGap(door, 'latch.bottom')],
      ['head', Math.min(trueGap(door, 'head.latch'), trueGap(door, 'head.mid'))],
      ['hinge', Math.min(trueGap(door, 'hinge.top'), trueGap(door, 'hinge.bottom')) + 0.2],
      ['floor', trueGap(door, 'foot.latch')],
      ['corner', 4.4 - Math.abs(door.twist)],
    ];
    const [first] = gaps.map(([where, gap]) => [where, gap + 0.25 * random.normal()] as const).sort((a, b) => a[1] - b[1]);
    return first !== undefined && first[1] < 0.6 ? first[0] : 'nothing';
  },
  halfOpen: (door, _, random) => {
    const lean = leanHalfOpen(door) + 0.8 * random.normal();
    const beyond = Math.abs(lean) - door.condition.friction;
    if (beyond < 0) return random.uniform() < 0.93 ? 'stays' : 'closes';
    if (beyond < CREEPS_WITHIN_MM) return 'creeps';
    return lean > 0 ? 'opens' : 'closes';
  },
  floorDrag: (door, _, random) => {
    if (random.uniform() < 0.04) return 'shut';
    if (trueFigure(door, 'foot.swing') + 0.6 * random.normal() < 1) return 'partWay';
    return Math.min(trueGap(door, 'foot.latch'), trueGap(door, 'foot.hinge')) + 0.5 * random.normal() < 0.8 ? 'shut' : 'free';
  },
  latch: (door, _, random) => {
    const off = Math.abs(boltLow(door)) + 0.5 * random.normal();
    if (off > 5.6 || (door.condition.timber === 'split' && random.uniform() < 0.25)) return 'never';
    if (off > 2.1) return 'lift';
    const least = Math.min(...GAP_STATIONS.filter((id) => !id.startsWith('foot')).map((id) => trueGap(door, id)));
    if (door.stopGap + 0.15 * random.normal() < 0.05 || least + 0.3 * random.normal() < 0 || Math.abs(door.twist) + random.normal() > 5)
      return 'push';
    if (door.stopGap + 0.3 * random.normal() > 2.2 || (door.condition.timber === 'split' && random.uniform() < 0.3)) return 'rattles';
    return random.uniform() < 0.88 ? 'alone' : drawOne(random, { lift: 5, push: 4, rattles: 3 });
  },
  letsGo: (door, _, random) => {
    const pressed = door.stopGap + 0.15 * random.normal() < 0.05 || Math.abs(door.twist) + random.normal() > 5;
    const rubs =
      Math.min(trueGap(door, 'latch.top'), trueGap(door, 'latch.mid'), trueGap(door, 'latch.bottom')) + 0.2 * random.normal() < 0;
    return drawOne(random, pressed || rubs ? { freely: 45, tug: 55 } : { freely: 96, tug: 4 });
  },
  slabFlat: (door, _, random) => see(door, random, door.condition.warped ? { flat: 11, warped: 89 } : { flat: 95, warped: 5 }),
  edges: (door, _, random) => see(door, random, door.condition.swollen ? { sealed: 20, bare: 80 } : { sealed: 72, bare: 28 }),
  paint: (door, _, random) => see(door, random, door.condition.painted ? { thin: 8, thick: 92 } : { thin: 85, thick: 15 }),
  crack: (_, causes, random) => {
    const chance = Math.max(
      0.09,
      ...causes.map((id) => ({ frameRacked: 0.66, headOut: 0.48, neverFixed: 0.34, latchLegOut: 0.28, brokenLeg: 0.4 })[id as string] ?? 0),
    );
    return random.uniform() < chance ? 'crack' : 'none';
  },
  legSound: (door, _, random) =>
    see(
      door,
      random,
      { sound: { sound: 96, soft: 2.5, split: 1.5 }, soft: { sound: 7, soft: 91, split: 2 }, split: { sound: 6, soft: 2, split: 92 } }[
        door.condition.timber
      ],
    ),
  handle: (door, _, random) => {
    const miss = Math.max(door.keeps / 1.2, Math.abs(boltLow(door)) / 2, Math.abs(trueGap(door, 'latch.mid') - 5) / 1.6);
    if (random.uniform() < 0.06) return 'stiffOpen';
    return miss + 0.15 * random.normal() > 0.95 ? 'stiffShut' : 'easy';
  },
};

/** What bothers the customer most: every nuisance by how bad it is, and one complaint in ten is about something else. */
function complaintOf(door: TrueDoor, random: RandomStream): string {
  if (random.uniform() < door.world.besideThePoint)
    return drawOne(random, { other: 3, wontLatch: 2, rattles: 1, rubsLatchSide: 1, rubsHead: 1, dragsFloor: 1, swingsItself: 1 });
  const pose = poseOf(door);
  const lack = (id: Parameters<typeof trueGap>[1], needs: number) => Math.max(0, needs - trueGap(door, id, pose));
  const top = lack('latch.top', 1.2);
  const side = Math.max(lack('latch.mid', 1.2), lack('latch.bottom', 1.2), top * 0.6);
  const isLocked = door.card.hingeKind === 'adjustable';
  const nuisances: Readonly<Record<string, number>> = {
    rubsLatchTop: 2 * top,
    rubsLatchSide: 2 * side,
    rubsHead: 2.2 * Math.max(lack('head.latch', 1.2), lack('head.mid', 1.2), lack('head.hinge', 1.2)),
    dragsFloor: 1.6 * Math.max(0, 2 - trueFigure(door, 'foot.swing'), 2 - trueGap(door, 'foot.latch', pose)),
    wontLatch:
      Math.max(0, Math.abs(boltLow(door)) - 1.8) * (isLocked ? 0.5 : 1.1) +
      Math.max(0, 0.2 - door.stopGap) * 3 +
      Math.max(0, Math.abs(door.twist) - 3) * 0.8,
    springsBack:
      3 *
      Math.max(0, 0.6 - Math.min(trueGap(door, 'hinge.top', pose), trueGap(door, 'hinge.mid', pose), trueGap(door, 'hinge.bottom', pose))),
    sticksWhenWet: door.condition.swollen ? 1.8 * side : 0,
    rattles: Math.max(0, door.stopGap - 1.9) * 2.2,
    swingsItself: Math.max(0, Math.abs(leanHalfOpen(door)) - door.condition.friction) * 1.1,
    hardToLock: isLocked
      ? door.keeps * 1.4 + Math.abs(boltLow(door)) * 0.6 + Math.max(0, Math.abs(trueGap(door, 'latch.mid', pose) - 5) - 0.8)
      : 0,
    other: 0.5,
  };
  return drawOne(random, Object.fromEntries(Object.entries(nuisances).map(([id, weight]) => [id, weight ** door.world.nagging + 0.02])));
}
