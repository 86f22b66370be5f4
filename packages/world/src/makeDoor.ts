import { type CauseId, type HingedDoor, profileOf, type RandomStream } from '@proper-swing/core';
import { GAP_STATIONS, NO_AILS, trueFigure, type TrueDoor } from './trueDoor';

const between = ({ uniform }: RandomStream, from: number, to: number) => from + (to - from) * uniform();
const sign = ({ uniform }: RandomStream) => (uniform() < 0.5 ? -1 : 1);

/** Kinds of door that the world hangs, with how often. Sizes of the trade; common practice, no source. */
const KINDS: readonly { share: number; card: Omit<HingedDoor, 'slabWidthMm' | 'slabHeightMm' | 'hingeHeightsMm'>; hinges: 2 | 3 | 4 }[] = [
  { share: 0.5, hinges: 3, card: { hingeKind: 'butt', slabKind: 'solidTimber', fireRated: false, profile: 'interiorTimber' } },
  { share: 0.15, hinges: 2, card: { hingeKind: 'butt', slabKind: 'hollowCore', fireRated: false, profile: 'interiorTimber' } },
  { share: 0.15, hinges: 3, card: { hingeKind: 'ballBearing', slabKind: 'framed', fireRated: false, profile: 'exteriorTimber' } },
  { share: 0.2, hinges: 3, card: { hingeKind: 'adjustable', slabKind: 'composite', fireRated: false, profile: 'compositeMultipoint' } },
];
const SIZES = [
  [610, 1981],
  [686, 1981],
  [762, 1981],
  [838, 1981],
  [864, 2032],
  [926, 2040],
] as const;

/** A sound door in an ordinary building. Its spreads are the world's own. */
export function makeSoundDoor(random: RandomStream): TrueDoor {
  const { normal, uniform } = random;
  const pick = uniform();
  let sum = 0;
  const kind = KINDS.find(({ share }) => (sum += share) > pick) ?? KINDS[0];
  const [w, h] = SIZES[Math.floor(uniform() * SIZES.length)] ?? SIZES[2];
  if (kind === undefined) throw new RangeError('the world has no kinds of door');
  const top = Math.round(between(random, 145, 185));
  const bottom = h - Math.round(between(random, 215, 265));
  const hingeHeightsMm = Array.from({ length: kind.hinges }, (_, i) => Math.round(top + ((bottom - top) * i) / (kind.hinges - 1)));
  const card: HingedDoor = { ...kind.card, slabWidthMm: w, slabHeightMm: h, hingeHeightsMm };
  const { edges } = profileOf(card);
  const together = 1.4 * normal();
  const turned = 0.6 * normal();
  const r = h / w;
  const slab = { w: w + 0.6 * normal(), h: h + 0.6 * normal() };
  const seat = edges.hinge.target + 0.3 * normal();
  const hangs = edges.head.target + 0.45 * normal();
  return {
    card,
    slab,
    opening: {
      w: slab.w + edges.hinge.target + edges.latch.target + 0.5 * normal(),
      h: slab.h + edges.head.target + edges.foot.target + between(random, -2, 6),
    },
    hingeLeg: { lean: together + r * turned + 0.55 * normal(), bow: 0.3 * normal() },
    latchLeg: { lean: together + r * turned + 0.5 * normal(), bow: 0.3 * normal() },
    head: { lean: turned + 0.5 * normal(), bow: 0.25 * normal() },
    floor: { lean: 1.6 * normal(), bow: 0.6 * normal() },
    hinges: hingeHeightsMm.map((y) => ({ y, off: seat + 0.15 * normal() })),
    hangs,
    wavy: Object.fromEntries(GAP_STATIONS.map((id) => [id, 0.2 * normal()])),
    trimmed: { latch: { from: 0, to: 0 }, head: { from: 0, to: 0 }, foot: { from: 0, to: 0 } },
    strike: 0.6 * normal(),
    stopGap: Math.max(0.1, 1 + 0.35 * normal()),
    twist: 0.8 * normal(),
    acrossLean: 1.4 * normal(),
    floorRise: 1.3 * normal(),
    keeps: 0.4 * Math.abs(normal()),
    condition: {
      topScrews: 'tight',
      bottomScrews: 'tight',
      knuckles: 'sound',
      legGives: false,
      leaf: 'flush',
      warped: false,
      swollen: false,
      painted: false,
      timber: 'sound',
      play: Math.abs(0.25 * normal()),
      friction: between(random, 2.2, 4.2),
    },
    ails: { ...NO_AILS },
    yields: { card: between(random, 0.45, 0.55), halfTurn: between(random, 0.43, 0.57), bend: between(random, 0.6, 1) },
    setFor: hangs,
  };
}

interface WorldFault {
  /** How often it comes, relative. */
  often: number;
  place: string;
  onlyFor?: (door: TrueDoor) => boolean;
  befall: (door: TrueDoor, random: RandomStream) => void;
}

const topHinge = (door: TrueDoor, mm: number) => {
  const [first] = door.hinges;
  if (first) first.off += mm;
};
const bottomHinge = (door: TrueDoor, mm: number) => {
  const last = door.hinges[door.hinges.length - 1];
  if (last) last.off += mm;
};
const pullTop = (door: TrueDoor, out: number, down: number) => {
  topHinge(door, out);
  door.hangs += down;
  door.ails.topPulled += out;
  door.ails.settled += down;
};
const pullBottom = (door: TrueDoor, out: number) => {
  bottomHinge(door, out);
  door.ails.bottomPulled += out;
};
const moveLatchLeg = (door: TrueDoor, by: { lean: number; bow: number; aside: number }) => {
  door.latchLeg.lean += by.lean;
  door.latchLeg.bow += by.bow;
  door.opening.w += by.aside;
  door.ails.latchLean += by.lean;
  door.ails.latchBow += by.bow;
  door.ails.latchAside += by.aside;
};
const screwed = (door: TrueDoor) => door.card.hingeKind !== 'adjustable';
const timber = (door: TrueDoor) => door.card.slabKind !== 'composite';

/** What can befall a door, and how much. The sizes are drawn evenly between limits, not as the engine supposes them. */
export const WORLD_FAULTS: Readonly<Record<Exclude<CauseId, 'nothingWrong'>, WorldFault>> = {
  looseTopScrews: {
    often: 3,
    place: 'topHinge',
    befall: (door, random) => {
      pullTop(door, between(random, 1.2, 4.6), between(random, 0, 0.7));
      door.condition.topScrews = 'loose';
      door.condition.play += between(random, 0.6, 3);
    },
  },
  strippedTopHoles: {
    often: 2,
    place: 'topHinge',
    befall: (door, random) => {
      pullTop(door, between(random, 1.4, 5.2), between(random, 0, 0.8));
      door.condition.topScrews = 'spinning';
      door.condition.play += between(random, 1, 4);
    },
  },
  neverFixed: {
    often: 1,
    place: 'topHinge',
    befall: (door, random) => {
      const off = between(random, 2.2, 7);
      // The foot of the leg stays: it opens like a pair of compasses.
      door.hingeLeg.lean += off;
      door.opening.w -= off / 2;
      door.hingeLeg.bow += between(random, -0.6, 0.2);
      door.ails.legSprung += off;
      door.condition.legGives = true;
      door.condition.play += between(random, 0.4, 2);
    },
  },
  spreadKnuckles: {
    often: 1,
    place: 'topHinge',
    onlyFor: screwed,
    befall: (door, random) => {
      pullTop(door, between(random, 1, 3.5), 0);
      door.condition.knuckles = 'spread';
      door.condition.play += between(random, 0, 1.4);
    },
  },
  wornPins: {
    often: 1,
    place: 'topHinge',
    onlyFor: screwed,
    befall: (door, random) => {
      pullTop(door, between(random, 0.4, 2), between(random, 0.9, 2.8));
      door.condition.knuckles = 'worn';
      door.condition.play += between(random, 0.8, 3);
    },
  },
  looseBottomScrews: {
    often: 1,
    place: 'bottomHinge',
    befall: (door, random) => {
      pullBottom(door, between(random, 1.1, 3.9));
      door.condition.bottomScrews = 'loose';
      door.condition.play += between(random, 0.2, 1.6);
    },
  },
  hingeBound: {
    often: 2,
    place: 'hingeSeat',
    onlyFor: screwed,
    befall: (door, random) => {
      // Bound means that there is next to nothing left between slab and leg.
      const where = random.uniform();
      const bound = where < 0.6 ? door.hinges : where < 0.8 ? door.hinges.slice(0, 1) : door.hinges.slice(-1);
      for (const hinge of bound) hinge.off = between(random, -0.6, 0.5);
      door.condition.leaf = random.uniform() < 0.7 ? 'deep' : 'proud';
    },
  },
  frameRacked: {
    often: 2,
    place: 'frame',
    befall: (door, random) => {
      const lean = sign(random) * between(random, 3.8, 11.5);
      door.hingeLeg.lean += lean;
      door.latchLeg.lean += lean + between(random, -0.6, 0.6);
      door.ails.racked += lean;
    },
  },
  latchLegOut: {
    often: 2,
    place: 'latchLeg',
    befall: (door, random) => {
      moveLatchLeg(door, { lean: sign(random) * between(random, 2.3, 7), bow: 0, aside: 0.7 * random.normal() });
    },
  },
  latchLegBowed: {
    often: 1,
    place: 'latchLeg',
    befall: (door, random) => {
      moveLatchLeg(door, { lean: 0, bow: sign(random) * between(random, 1.6, 4.6), aside: 0 });
    },
  },
  hingeLegBowed: {
    often: 1,
    place: 'hingeLeg',
    befall: (door, random) => {
      const belly = sign(random) * between(random, 1.6, 4.6);
      door.hingeLeg.bow += belly;
      door.ails.hingeBow += belly;
    },
  },
  headOut: {
    often: 2,
    place: 'head',
    befall: (door, random) => {
      const isTilt = random.uniform() < 0.7;
      door.ails.headLean = isTilt ? sign(random) * between(random, 2.1, 6.2) : 0;
      door.ails.headBow = isTilt ? 0 : between(random, 1.6, 4.2);
      door.head.lean += door.ails.headLean;
      door.head.bow += door.ails.headBow;
    },
  },
  swollenSlab: {
    often: 2,
    place: 'slab',
    onlyFor: timber,
    befall: (door, random) => {
      door.slab.w += between(random, 1.5, 4.7);
      door.condition.swollen = true;
    },
  },
  slabOversize: {
    often: 1,
    place: 'slab',
    befall: (door, random) => {
      const tall = between(random, 0.3, 1.9);
      door.slab.w += between(random, 1.3, 3.5);
      door.slab.h += tall;
      door.hangs -= tall;
      door.condition.painted = random.uniform() < 0.55;
    },
  },
  floorHigh: {
    often: 1,
    place: 'floor',
    befall: (door, random) => {
      // A rise that nobody's door reaches is no fault.
      door.floorRise += trueFigure(door, 'foot.swing') + between(random, -0.8, 3.5);
    },
  },
  strikeOff: {
    often: 1,
    place: 'strike',
    befall: (door, random) => {
      door.strike += sign(random) * between(random, 2, 5.2);
    },
  },
  strikeDepth: {
    often: 1,
    place: 'strike',
    befall: (door, random) => {
      door.stopGap += random.uniform() < 0.6 ? between(random, 1.3, 3.8) : -between(random, 0.9, 2.1);
    },
  },
  hingeLineOut: {
    often: 2,
    place: 'acrossWall',
    befall: (door, random) => {
      door.acrossLean += sign(random) * between(random, 4.5, 12.5);
    },
  },
  twistedOpening: {
    often: 1,
    place: 'plane',
    befall: (door, random) => {
      door.twist += sign(random) * between(random, 3.2, 9.2);
    },
  },
  warpedSlab: {
    often: 1,
    place: 'plane',
    befall: (door, random) => {
      door.twist += sign(random) * between(random, 3.2, 9.2);
      door.condition.warped = true;
    },
  },
  adjustersHeight: {
    often: 6,
    place: 'adjusters',
    onlyFor: (door) => !screwed(door),
    befall: (door, random) => {
      door.hangs += sign(random) * between(random, 1.4, 4.3);
    },
  },
  adjustersSideways: {
    often: 7,
    place: 'adjusters',
    onlyFor: (door) => !screwed(door),
    befall: (door, random) => {
      const out = between(random, 1.4, 4.3);
      const where = random.uniform();
      if (where < 0.5) door.hinges.forEach((hinge) => (hinge.off -= out));
      else if (where < 0.8) topHinge(door, out);
      else bottomHinge(door, out);
    },
  },
  keepsOut: {
    often: 3,
    place: 'keeps',
    onlyFor: (door) => !screwed(door),
    befall: (door, random) => {
      door.keeps = between(random, 1.2, 3);
    },
  },
  rottenFoot: {
    often: 1,
    place: 'bottomHinge',
    befall: (door, random) => {
      pullBottom(door, -between(random, 0.5, 2.8));
      door.condition.timber = 'soft';
      door.condition.bottomScrews = random.uniform() < 0.7 ? 'spinning' : 'loose';
    },
  },
  brokenLeg: {
    often: 1,
    place: 'latchLeg',
    befall: (door, random) => {
      moveLatchLeg(door, { lean: 0, bow: between(random, 0, 4), aside: 0.8 + 0.9 * random.normal() });
      door.strike += 1.4 * random.normal();
      door.condition.timber = 'split';
    },
  },
};

export interface Scenario {
  door: TrueDoor;
  causes: CauseId[];
}

export interface WorldOptions {
  /** Share of doors with two faults. */
  twoFaults: number;
  /** Share of doors with none. */
  sound: number;
}

/** One door with what has befallen it. */
export function makeScenario(random: RandomStream, { twoFaults, sound }: WorldOptions): Scenario {
  const door = makeSoundDoor(random);
  const draw = random.uniform();
  if (draw < sound) return { door, causes: ['nothingWrong'] };
  const first = drawFault(door, random, []);
  const second = draw < sound + twoFaults ? drawFault(door, random, [WORLD_FAULTS[first].place]) : undefined;
  const causes = second === undefined ? [first] : [first, second];
  for (const id of causes) WORLD_FAULTS[id].befall(door, random);
  return { door, causes };
}

type FaultId = keyof typeof WORLD_FAULTS;

function drawFault(door: TrueDoor, random: RandomStream, taken: readonly string[]): FaultId {
  const able = (Object.keys(WORLD_FAULTS) as FaultId[]).filter((id) => {
    const { onlyFor, place } = WORLD_FAULTS[id];
    return (onlyFor?.(door) ?? true) && !taken.includes(place);
  });
  let at = random.uniform() * able.reduce((sum, id) => sum + WORLD_FAULTS[id].often, 0);
  for (const id of able) {
    at -= WORLD_FAULTS[id].often;
    if (at < 0) return id;
  }
  return able[able.length - 1] ?? 'looseTopScrews';
}
