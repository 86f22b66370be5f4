import type { RandomStream } from '@proper-swing/core';
import type { AnsweredFinding, Reading } from '@proper-swing/core/inference/observed';
import type { FindingId } from '@proper-swing/core/sliding/tables/findings';
import type { CauseId } from '@proper-swing/core/sliding/tables/causes';
import type { Befallen } from '../doorWorld';
import { drawOne } from '../draws';
import { readOff, type Tool } from '../readOff';
import { dragOf, pullFelt, sticks, ticks } from './running';
import { HOOK_MM, mostRoom } from './slidingVerdict';
import {
  GAPS,
  hasWheel,
  hookLow,
  isBifold,
  isRolling,
  jambGap,
  leastRoom,
  poseOf,
  roomAbove,
  footGap,
  trueFigure,
  type TrueSliding,
  type WheelState,
} from './trueSliding';

/** The world's instruments (common practice, no source). */
function toolFor(door: TrueSliding, station: string): Tool {
  const { panel, openingW } = door;
  if (station.startsWith('foot') || station.startsWith('jamb')) return { sd: 0.18, step: 0.1 };
  if (station.startsWith('level')) return { sd: (0.5 * openingW) / 1000, step: 0.5 };
  if (station.startsWith('plumb')) return { sd: (0.5 * panel.h) / 1000, step: 0.5 };
  if (station.startsWith('rack')) return { sd: 0.9, step: 1 };
  return { sd: 0.45, step: 0.5 };
}

/** Reads one station as a technician does: with the error of the tool, to its step, and a rub where there is no gap. */
export function readSliding(door: TrueSliding, station: string, random: RandomStream): Reading {
  const sort = GAPS.includes(station) ? 'gap' : station.startsWith('engage') ? 'between' : 'signed';
  return { station, ...readOff(trueFigure(door, station), toolFor(door, station), sort, door.world, random) };
}

type Look = (door: TrueSliding, causes: readonly string[], random: RandomStream) => string;

/** What is seen when one answer is right: the others are mistakes, as many as people make in this world. */
const see = (
  { world: { mistakes } }: TrueSliding,
  random: RandomStream,
  right: string,
  wrong: Readonly<Record<string, number>>,
): string => {
  const missed = Object.values(wrong).reduce((sum, each) => sum + each, 0) * mistakes;
  return random.uniform() * 100 < missed ? drawOne(random, wrong) : right;
};

/** From what troubles most down. */
const WORSE: readonly WheelState[] = ['seized', 'chipped', 'worn', 'odd', 'stiff', 'sound'];

const seeWheels: Look = (door, _, random) => {
  const { lead, trail } = door.wheels;
  const state = WORSE.find((each) => each === lead || each === trail) ?? 'sound';
  if (state === 'sound')
    return see(door, random, door.dirt > 0.8 && random.uniform() < 0.3 ? 'stiff' : 'spin', { stiff: 12, wobbles: 4, odd: 2 });
  if (state === 'stiff') return see(door, random, 'stiff', { spin: 12, seized: 5, wobbles: 4 });
  if (state === 'seized') return see(door, random, 'seized', { stiff: 9, spin: 4 });
  if (state === 'worn') return see(door, random, 'wobbles', { stiff: 11, spin: 7, chipped: 4 });
  if (state === 'chipped') return see(door, random, 'chipped', { spin: 12, wobbles: 5 });
  return see(door, random, 'odd', { spin: 18, stiff: 5 });
};

const turnScrews: Look = (door, _, random) => {
  const ends = ['lead', 'trail'] as const;
  if (ends.some((end) => door.screws[end] === 'dead')) return see(door, random, 'nothing', { move: 7, fast: 3 });
  const isHeld = hasWheel(door, 'worn') || hasWheel(door, 'seized');
  return see(door, random, isHeld && random.uniform() < 0.15 ? 'fast' : 'move', { nothing: 4, fast: 4 });
};

function seeTrack(door: TrueSliding, random: RandomStream): string {
  const seen = door.spot?.is === 'burr' ? 'burr' : door.spot?.is === 'bend' ? 'bent' : door.trackWear > 0.6 ? 'worn' : 'clean';
  const isDirty = door.dirt > 0.8;
  if (seen !== 'clean') return see(door, random, isDirty && random.uniform() < 0.4 ? 'dirty' : seen, { clean: 10, dirty: 9 });
  if (isDirty) return see(door, random, 'dirty', { clean: 6, burr: 1 });
  const looksBent = Math.abs(door.track.belly) > 3 && random.uniform() < 0.25;
  return see(door, random, looksBent ? 'bent' : 'clean', { dirty: 16, worn: 2, burr: 1 });
}

/** What troubles most, with how much. */
function nuisances(door: TrueSliding): Record<string, number> {
  const pose = poseOf(door);
  const { pivots } = door;
  const { along, place, midway } = dragOf(door);
  const scrape = Math.max(0, 1.2 - Math.min(footGap(door, 0.02, pose), footGap(door, 0.98, pose)));
  const taper = Math.abs(jambGap(door, 0.02, pose) - jambGap(door, 0.98, pose));
  const slack = isRolling(door) ? Math.max(0, roomAbove(door, 0.5, pose) - 0.6 * door.liftsOutFrom) : 0;
  const chipped = hasWheel(door, 'chipped');
  return {
    stiff: Math.max(0, (Math.max(along, place, midway) - 0.045) / 0.05),
    scrapes: 1.1 * scrape,
    jumps:
      (door.offTrack === undefined ? 0 : 3) +
      (pivots.guideWheel === 'out' ? 1.6 : 0) +
      (pivots.corners === 'loose' ? 0.7 : 0) +
      0.7 * slack +
      (chipped ? 0.5 : 0) +
      (door.spot?.is === 'bend' ? 0.8 : 0),
    ticks: (chipped ? 1.6 : 0) + (door.spot?.is === 'burr' ? 1.6 : 0) + (door.spot?.is === 'bend' ? 0.5 : 0),
    gap: Math.max(0, (taper - 2) / 2.2),
    lock: isBifold(door) ? 0 : Math.max(0, (Math.abs(hookLow(door, pose)) - 2.5) / 1.8),
    swings:
      (door.guide === 'lost' ? 2.2 : 0) +
      (pivots.guideWheel === 'out' ? 1 : 0) +
      (pivots.brackets === 'loose' ? 0.6 : 0) +
      (door.bowed ? 0.5 : 0) +
      0.1 * slack,
    none: 0.25,
  };
}

const LOOKS: Readonly<Record<FindingId, Look>> = {
  trouble: (door, _, random) => {
    const { besideThePoint, nagging } = door.world;
    const all = nuisances(door);
    if (random.uniform() < besideThePoint) return drawOne(random, Object.fromEntries(Object.keys(all).map((id) => [id, 1])));
    return drawOne(random, Object.fromEntries(Object.entries(all).map(([id, weight]) => [id, weight ** nagging])));
  },
  began: (door, causes, random) => {
    if (random.uniform() < door.world.besideThePoint) return 'always';
    return drawOne(random, BEGAN[(causes[0] ?? 'runsWell') as CauseId] ?? { slowly: 40, knock: 10, afterWork: 15, always: 35 });
  },
  pull: (door, _, random) => pullFelt(door, random),
  where: (door, _, random) => sticks(door, random),
  lifted: (door, _, random) => {
    const { ofWeight, besides } = dragOf(door);
    const isFelt = ofWeight > besides && ofWeight * Math.exp(0.25 * random.normal()) > 0.03;
    return isFelt ? see(door, random, 'easier', { same: 11 }) : see(door, random, 'same', { easier: 9 });
  },
  marked: (door, _, random) => {
    const isSlid = hasWheel(door, 'seized') || (door.offTrack !== undefined && random.uniform() < 0.4);
    return isSlid ? see(door, random, 'stays', { round: 9 }) : see(door, random, 'round', { stays: 6 });
  },
  rocked: (door, _, random) => {
    const rocks = hasWheel(door, 'worn') || ((hasWheel(door, 'chipped') || hasWheel(door, 'odd')) && random.uniform() < 0.15);
    return rocks ? see(door, random, 'rocks', { firm: 9 }) : see(door, random, 'firm', { rocks: 6 });
  },
  screwStops: (door, _, random) =>
    door.screws.lead === 'dead' || door.screws.trail === 'dead'
      ? see(door, random, 'endless', { stops: 10 })
      : see(door, random, 'stops', { endless: 5 }),
  hangerGives: (door, _, random) =>
    door.clip !== 'home' || door.hangers === 'slipped' ? see(door, random, 'gives', { firm: 8 }) : see(door, random, 'firm', { gives: 5 }),
  oiled: (door, _, random) => {
    const helps =
      hasWheel(door, 'stiff') ||
      (hasWheel(door, 'worn') && random.uniform() < 0.25) ||
      (hasWheel(door, 'seized') && random.uniform() < 0.15);
    return helps ? see(door, random, 'easier', { same: 11 }) : see(door, random, 'same', { easier: 8 });
  },
  backedOff: (door, _, random) =>
    leastRoom(door) < 0.4 && door.ails.headSag === 0 ? see(door, random, 'easier', { same: 8 }) : see(door, random, 'same', { easier: 7 }),
  trackFelt: (door, _, random) => {
    const felt = door.spot?.is === 'burr' ? 'proud' : door.spot?.is === 'bend' ? 'bent' : door.trackWear > 0.5 ? 'flat' : 'true';
    return felt === 'true' ? see(door, random, felt, { flat: 3, bent: 4, proud: 3 }) : see(door, random, felt, { true: 10, bent: 3 });
  },
  wiped: (door, _, random) =>
    door.dirt * Math.exp(0.25 * random.normal()) > 0.6
      ? see(door, random, 'easier', { same: 11 })
      : see(door, random, 'same', { easier: 8 }),
  tick: (door, _, random) => see(door, random, ticks(door, random), { none: 4, place: 3, even: 2 }),
  liftOut: (door, _, random) => {
    const comesOut = isRolling(door) && (door.offTrack !== undefined || mostRoom(door) >= door.liftsOutFrom);
    return comesOut ? see(door, random, 'out', { held: 2 }) : see(door, random, 'held', { out: 2 });
  },
  locks: (door, _, random) =>
    Math.abs(hookLow(door)) + 0.3 * random.normal() > HOOK_MM ? see(door, random, 'no', { yes: 2 }) : see(door, random, 'yes', { no: 2 }),
  shutContact: (door, _, random) => {
    const pose = poseOf(door);
    const off = jambGap(door, 0.02, pose) - jambGap(door, 0.98, pose) + 0.7 * random.normal();
    return see(door, random, off > 2.3 ? 'foot' : off < -2.3 ? 'top' : 'even', { even: 3, top: 1, foot: 1 });
  },
  track: (door, _, random) => seeTrack(door, random),
  seat: (door, _, random) => (door.offTrack ? see(door, random, 'off', { on: 4 }) : see(door, random, 'on', { off: 2 })),
  strip: (door, _, random) => (door.strip === 'drags' ? see(door, random, 'drags', { lies: 9 }) : see(door, random, 'lies', { drags: 6 })),
  corner: (door, _, random) =>
    door.corner === 'open' ? see(door, random, 'open', { tight: 13 }) : see(door, random, 'tight', { open: 4 }),
  headRub: (door, _, random) => {
    const isShut = roomAbove(door, 0.5, poseOf(door)) < 0.5;
    if (leastRoom(door) >= 0.5) return see(door, random, 'play', { middle: 4, nowhere: 2 });
    return isShut && door.ails.headSag === 0
      ? see(door, random, 'nowhere', { middle: 5, play: 5 })
      : see(door, random, 'middle', { play: 9, nowhere: 7 });
  },
  guide: (door, _, random) => (door.guide === 'lost' ? see(door, random, 'lost', { holds: 4 }) : see(door, random, 'holds', { lost: 4 })),
  faceRub: (door, _, random) => {
    const right = door.fixing !== undefined ? 'line' : door.trim === 'tight' ? 'trim' : door.bowed ? 'middle' : 'none';
    return see(door, random, right, { none: 6, trim: 5, middle: 3, line: 1 });
  },
  slabStraight: (door, _, random) =>
    door.bowed ? see(door, random, 'bowed', { straight: 8 }) : see(door, random, 'straight', { bowed: 5 }),
  corners: (door, _, random) =>
    door.pivots.corners === 'loose' ? see(door, random, 'loose', { firm: 8 }) : see(door, random, 'firm', { loose: 5 }),
  brackets: (door, _, random) =>
    door.pivots.brackets === 'loose' ? see(door, random, 'loose', { fast: 7 }) : see(door, random, 'fast', { loose: 5 }),
  gives: (door, _, random) => {
    const { corners, brackets, leafHinges } = door.pivots;
    const loose = [
      ...(corners === 'loose' ? ['corner'] : []),
      ...(brackets === 'loose' ? ['bracket'] : []),
      ...(leafHinges === 'loose' ? ['joint'] : []),
    ];
    const right = loose[Math.floor(random.uniform() * loose.length)] ?? 'nothing';
    return see(door, random, right, { ...{ nothing: 9, corner: 3, bracket: 3, joint: 3 }, [right]: 0 });
  },
  guideWheel: (door, _, random) =>
    door.pivots.guideWheel === 'out' ? see(door, random, 'out', { runs: 5 }) : see(door, random, 'runs', { out: 4 }),
  leafHinges: (door, _, random) =>
    door.pivots.leafHinges === 'loose' ? see(door, random, 'loose', { tight: 8 }) : see(door, random, 'tight', { loose: 5 }),
  wheels: seeWheels,
  screws: turnScrews,
  clip: (door, _, random) =>
    door.clip === 'home'
      ? see(door, random, 'home', { missing: 3, wrong: 4 })
      : see(door, random, door.clip, { home: 6, wrong: 4, missing: 4 }),
  hangers: (door, _, random) =>
    door.hangers === 'slipped' ? see(door, random, 'slipped', { tight: 8 }) : see(door, random, 'tight', { slipped: 5 }),
};

/** How it began, by what befell the panel; the world's own shares. */
const BEGAN: Partial<Record<CauseId, Readonly<Record<string, number>>>> = {
  rollersWorn: { slowly: 80, afterWork: 2, always: 18 },
  wheelStiff: { slowly: 75, always: 22, afterWork: 3 },
  rollerSeized: { slowly: 60, knock: 6, always: 30, afterWork: 4 },
  wheelFlat: { slowly: 45, knock: 25, always: 30 },
  wrongRoller: { afterWork: 70, always: 25, slowly: 5 },
  screwDead: { slowly: 35, knock: 20, afterWork: 20, always: 25 },
  trackDirty: { slowly: 62, afterWork: 20, always: 18 },
  trackBurr: { knock: 45, slowly: 14, afterWork: 15, always: 26 },
  trackBent: { knock: 58, slowly: 8, afterWork: 14, always: 20 },
  trackWorn: { slowly: 82, always: 18 },
  headSag: { slowly: 70, afterWork: 8, always: 22 },
  openingRacked: { slowly: 55, afterWork: 10, always: 33, knock: 2 },
  topWheelsHard: { afterWork: 58, slowly: 6, always: 34, knock: 2 },
  topWheelsSlack: { slowly: 36, knock: 14, afterWork: 24, always: 26 },
  panelRacked: { knock: 40, slowly: 28, always: 24, afterWork: 8 },
  offTrack: { knock: 72, slowly: 7, afterWork: 8, always: 13 },
  nutBacked: { slowly: 66, knock: 4, afterWork: 8, always: 22 },
  hangerSlipped: { knock: 38, slowly: 28, afterWork: 5, always: 29 },
  slabLong: { afterWork: 68, always: 26, slowly: 6 },
  fixingThrough: { afterWork: 80, always: 18, slowly: 2 },
  trimTight: { afterWork: 48, always: 40, slowly: 12 },
  pivotLow: { slowly: 55, afterWork: 15, always: 26, knock: 4 },
  topPivotOff: { slowly: 35, afterWork: 22, always: 32, knock: 11 },
  pivotLoose: { slowly: 48, knock: 28, always: 18, afterWork: 6 },
  bracketLoose: { slowly: 30, knock: 38, always: 22, afterWork: 10 },
  guideWheelOut: { knock: 45, slowly: 26, always: 26, afterWork: 3 },
  leafHinge: { slowly: 70, knock: 8, always: 22 },
  guideLost: { knock: 42, slowly: 25, afterWork: 8, always: 25 },
};

/** What a look or a try with the hand shows: the state of the panel, seen with a person's errors. */
export function answerSliding({ door, causes }: Befallen<TrueSliding>, finding: string, random: RandomStream): AnsweredFinding {
  return { finding, answer: LOOKS[finding as FindingId](door, causes, random) };
}
