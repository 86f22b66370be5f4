import type { ActionId, CauseId, RandomStream } from '@proper-swing/core';
import { between, sign } from './draws';
import { trueFigure, type TrueDoor, type Work } from './trueDoor';

interface WorldFault {
  /** How often it comes, relative. */
  often: number;
  place: string;
  onlyFor?: (door: TrueDoor) => boolean;
  befall: (door: TrueDoor, random: RandomStream) => void;
  /** Work that mends this fault and no other, with the errors of a careful hand. */
  mendedBy?: Readonly<Partial<Record<ActionId, Work>>>;
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
    mendedBy: {
      squareFrame: (door, _, random) => {
        const back = between(random, 0.93, 1.02) * door.ails.racked;
        door.hingeLeg.lean -= back + 0.3 * random.normal();
        door.latchLeg.lean -= back + 0.3 * random.normal();
        door.ails.racked = 0;
      },
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
    mendedBy: {
      scribeHead: (door, _, random) => {
        const share = between(random, 0.92, 1.02);
        door.head.lean -= share * door.ails.headLean + 0.2 * random.normal();
        door.head.bow -= share * door.ails.headBow + 0.15 * random.normal();
        door.ails.headLean = door.ails.headBow = 0;
      },
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
    mendedBy: {
      throwHinge: (door, _, { normal }) => {
        door.acrossLean = 0.8 * normal();
      },
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
    mendedBy: {
      turnKeeps: (door) => {
        door.keeps = 0.3;
      },
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
