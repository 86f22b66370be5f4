import type { ActionId, RandomStream } from '@proper-swing/core';
import type { FaultOf } from './befall';
import { between, sign } from './draws';
import { trueFigure, type TrueDoor, type TrueHinge, type Work } from './trueDoor';
import type { FaultId } from './worldTraits';

interface WorldFault extends FaultOf<TrueDoor> {
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
const pullMiddle = (door: TrueDoor, mm: number) => {
  door.hinges.slice(1, -1).forEach((hinge) => (hinge.off += mm));
  door.ails.middlePulled += mm;
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
/** Hinges brought so near that the slab meets the leg, by leaves let in too deep or by heads that stand proud. */
const bind = (door: TrueDoor, hinges: readonly TrueHinge[], off: readonly number[], by: 'deep' | 'proud') => {
  hinges.forEach((hinge, i) => {
    const to = off[i] ?? hinge.off;
    if (by === 'proud') hinge.proud = hinge.off - to;
    hinge.off = to;
  });
  door.condition.leaf = by;
};
const moveLatchLeg = (door: TrueDoor, by: { lean: number; bow: number; aside: number }) => {
  door.latchLeg.lean += by.lean;
  door.latchLeg.bow += by.bow;
  door.opening.w += by.aside;
  door.ails.latchLean += by.lean;
  door.ails.latchBow += by.bow;
  door.ails.latchAside += by.aside;
};
/** Timber comes off the top so that it runs as the head does, none where the gap is widest; gives how much that gap was wider, mm. */
const scribe = (door: TrueDoor, random: RandomStream): number => {
  const { ails, trimmed } = door;
  const share = between(random, 0.92, 1.02);
  const widest = Math.max(0, -share * ails.headLean);
  trimmed.head = {
    from: trimmed.head.from + Math.max(0, widest + 0.15 * random.normal()),
    to: trimmed.head.to + Math.max(0, widest + share * ails.headLean + 0.15 * random.normal()),
    bow: (trimmed.head.bow ?? 0) + Math.max(0, share * ails.headBow + 0.15 * random.normal()),
  };
  ails.headLean = ails.headBow = 0;
  return widest;
};
const screwed = (door: TrueDoor) => door.card.hingeKind !== 'adjustable';
const timber = (door: TrueDoor) => door.card.slabKind !== 'composite';

/** What can befall a door, and how much. The sizes are drawn evenly between limits, not as the engine supposes them. */
export const WORLD_FAULTS: Readonly<Record<FaultId, WorldFault>> = {
  looseTopScrews: {
    often: 3,
    place: 'topHinge',
    befall: (door, draw) => {
      pullTop(door, draw.mm(1.2, 4.6), draw.mm(0, 0.7));
      door.condition.topScrews = 'loose';
      door.condition.play += draw.mm(0.6, 3);
    },
    otherwise: [
      // The screws have let go of the middle hinge too.
      (door, draw) => {
        const out = draw.mm(1, 4);
        pullTop(door, out, draw.mm(0, 1.2));
        pullMiddle(door, out * between(draw, 0.2, 0.6));
        door.condition.topScrews = 'loose';
        door.condition.play += draw.mm(0.3, 2);
      },
    ],
  },
  strippedTopHoles: {
    often: 2,
    place: 'topHinge',
    befall: (door, draw) => {
      pullTop(door, draw.mm(1.4, 5.2), draw.mm(0, 0.8));
      door.condition.topScrews = 'spinning';
      door.condition.play += draw.mm(1, 4);
    },
    otherwise: [
      (door, draw) => {
        pullTop(door, draw.mm(0.8, 3), draw.mm(0.5, 1.6));
        door.condition.topScrews = 'spinning';
        door.condition.play += draw.mm(0.4, 2);
      },
    ],
  },
  neverFixed: {
    often: 1,
    place: 'topHinge',
    befall: (door, draw) => {
      const off = draw.mm(2.2, 7);
      // The foot of the leg stays: it opens like a pair of compasses.
      door.hingeLeg.lean += off;
      door.opening.w -= off / 2;
      door.hingeLeg.bow += draw.mm(-0.6, 0.2);
      door.ails.legSprung += off;
      door.condition.legGives = true;
      door.condition.play += draw.mm(0.4, 2);
    },
    otherwise: [
      // It has come away at its middle as well: it bellies.
      (door, draw) => {
        const off = draw.mm(2, 5);
        door.hingeLeg.lean += off;
        door.opening.w -= off / 2;
        door.hingeLeg.bow += 0.4 * off;
        door.ails.legSprung += off;
        door.ails.hingeBow += 0.4 * off;
        door.condition.legGives = true;
        door.condition.play += draw.mm(0.2, 1.5);
      },
    ],
  },
  spreadKnuckles: {
    often: 1,
    place: 'topHinge',
    onlyFor: screwed,
    befall: (door, draw) => {
      pullTop(door, draw.mm(1, 3.5), 0);
      door.condition.knuckles = 'spread';
      door.condition.play += draw.mm(0, 1.4);
    },
  },
  wornPins: {
    often: 1,
    place: 'topHinge',
    onlyFor: screwed,
    befall: (door, draw) => {
      pullTop(door, draw.mm(0.4, 2), draw.mm(0.9, 2.8));
      door.condition.knuckles = 'worn';
      door.condition.play += draw.mm(0.8, 3);
    },
    otherwise: [
      // All of them, so that it has come down more than over.
      (door, draw) => {
        pullTop(door, draw.mm(0, 0.8), draw.mm(1.2, 3.4));
        door.condition.knuckles = 'worn';
        door.condition.play += draw.mm(0.4, 2);
      },
    ],
  },
  looseBottomScrews: {
    often: 1,
    place: 'bottomHinge',
    befall: (door, draw) => {
      pullBottom(door, draw.mm(1.1, 3.9));
      door.condition.bottomScrews = 'loose';
      door.condition.play += draw.mm(0.2, 1.6);
    },
  },
  hingeBound: {
    often: 2,
    place: 'hingeSeat',
    onlyFor: screwed,
    befall: (door, draw) => {
      // Bound means that there is next to nothing left between slab and leg.
      const where = draw.uniform();
      const bound = where < 0.6 ? door.hinges : where < 0.8 ? door.hinges.slice(0, 1) : door.hinges.slice(-1);
      const off = bound.map(() => draw.mm(-0.6, 0.5));
      bind(door, bound, off, draw.uniform() < 0.7 ? 'deep' : 'proud');
    },
    otherwise: [
      // Nearly bound: it springs, and a gauge still goes in.
      (door, draw) => {
        const off = door.hinges.map(() => draw.mm(-0.3, 0.9));
        bind(door, door.hinges, off, draw.uniform() < 0.5 ? 'deep' : 'proud');
      },
    ],
    mendedBy: {
      seatScrews: (door, _, random) => {
        for (const hinge of door.hinges) {
          hinge.off += between(random, 0.85, 1.02) * (hinge.proud ?? 0);
          hinge.proud = 0;
        }
        if (door.condition.leaf === 'proud') door.condition.leaf = 'flush';
      },
    },
  },
  frameRacked: {
    often: 2,
    place: 'frame',
    befall: (door, draw) => {
      const lean = sign(draw) * draw.mm(3.8, 11.5);
      door.hingeLeg.lean += lean;
      door.latchLeg.lean += lean + draw.mm(-0.6, 0.6);
      door.ails.racked += lean;
    },
    otherwise: [
      // The latch leg has gone further or less far than the hinge leg.
      (door, draw) => {
        const lean = sign(draw) * draw.mm(3.5, 10);
        door.hingeLeg.lean += lean;
        door.latchLeg.lean += lean * between(draw, 0.7, 1.3);
        door.ails.racked += lean;
      },
    ],
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
    befall: (door, draw) => {
      // Kicked at its foot it turns about the head, sprung at its top about the floor.
      const lean = sign(draw) * draw.mm(2.3, 7);
      const pivot = draw.uniform() < 0.5 ? -0.5 : 0.5;
      moveLatchLeg(door, { lean, bow: 0, aside: pivot * lean + 0.4 * draw.normal() });
    },
    otherwise: [
      (door, draw) => {
        const lean = sign(draw) * draw.mm(2, 6);
        moveLatchLeg(door, { lean, bow: 0.3 * Math.abs(lean) * sign(draw), aside: between(draw, -0.5, 0.5) * lean });
      },
    ],
  },
  latchLegBowed: {
    often: 1,
    place: 'latchLeg',
    befall: (door, draw) => {
      moveLatchLeg(door, { lean: 0, bow: sign(draw) * draw.mm(1.6, 4.6), aside: 0 });
    },
    otherwise: [
      (door, draw) => {
        const bow = sign(draw) * draw.mm(1.4, 4);
        moveLatchLeg(door, { lean: 0.4 * bow * sign(draw), bow, aside: 0.2 * bow });
      },
    ],
  },
  hingeLegBowed: {
    often: 1,
    place: 'hingeLeg',
    befall: (door, draw) => {
      const belly = sign(draw) * draw.mm(1.6, 4.6);
      door.hingeLeg.bow += belly;
      door.ails.hingeBow += belly;
    },
  },
  headOut: {
    often: 2,
    place: 'head',
    befall: (door, draw) => {
      const isTilt = draw.uniform() < 0.7;
      door.ails.headLean = isTilt ? sign(draw) * draw.mm(2.1, 6.2) : 0;
      door.ails.headBow = isTilt ? 0 : draw.mm(1.6, 4.2);
      door.head.lean += door.ails.headLean;
      door.head.bow += door.ails.headBow;
    },
    otherwise: [
      // It runs off and sags at once.
      (door, draw) => {
        door.ails.headLean = sign(draw) * draw.mm(1.5, 4);
        door.ails.headBow = draw.mm(0.8, 2.5);
        door.head.lean += door.ails.headLean;
        door.head.bow += door.ails.headBow;
      },
    ],
    mendedBy: {
      scribeHead: (door, _, random) => {
        scribe(door, random);
      },
      scribeRaise: (door, _, random) => {
        door.hangs -= scribe(door, random) + 0.3 * random.normal();
      },
    },
  },
  swollenSlab: {
    often: 2,
    place: 'slab',
    onlyFor: timber,
    befall: (door, draw) => {
      door.slab.w += draw.mm(1.5, 4.7);
      door.condition.swollen = true;
    },
    otherwise: [
      // It has swollen at the foot, where the edge is bare: framed doors grow in height as well.
      (door, draw) => {
        const tall = draw.mm(0.2, 0.9);
        door.slab.w += draw.mm(1.2, 3.6);
        door.slab.h += tall;
        door.hangs -= tall / 2;
        door.condition.swollen = true;
      },
    ],
  },
  slabOversize: {
    often: 1,
    place: 'slab',
    befall: (door, draw) => {
      // Too wide, too tall, or both.
      const which = draw.uniform();
      const wide = which < 0.8 ? draw.mm(1.3, 3.5) : 0;
      const tall = which > 0.4 ? draw.mm(which > 0.8 ? 1.2 : 0.3, which > 0.8 ? 2.8 : 1.9) : 0;
      door.slab.w += wide;
      door.slab.h += tall;
      door.hangs -= tall;
      door.condition.painted = draw.uniform() < 0.55;
    },
  },
  floorHigh: {
    often: 1,
    place: 'floor',
    befall: (door, draw) => {
      // A rise that nobody's door reaches is no fault.
      door.floorRise += trueFigure(door, 'foot.swing') + draw.mm(-0.8, 3.5);
    },
    otherwise: [
      // A new sill or floor: there is too little room when it is shut as well.
      (door, draw) => {
        const room = Math.min(trueFigure(door, 'foot.swing'), trueFigure(door, 'foot.latch'), trueFigure(door, 'foot.hinge'));
        door.opening.h -= room - draw.mm(-0.6, 1.6);
      },
    ],
  },
  strikeOff: {
    often: 1,
    place: 'strike',
    befall: (door, draw) => {
      door.strike += sign(draw) * draw.mm(2, 5.2);
    },
  },
  strikeDepth: {
    often: 1,
    place: 'strike',
    befall: (door, draw) => {
      door.stopGap += draw.uniform() < 0.6 ? draw.mm(1.3, 3.8) : -draw.mm(0.9, 2.1);
    },
  },
  hingeLineOut: {
    often: 2,
    place: 'acrossWall',
    befall: (door, draw) => {
      door.acrossLean += sign(draw) * draw.mm(4.5, 12.5);
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
    befall: (door, draw) => {
      door.twist += sign(draw) * draw.mm(3.2, 9.2);
    },
  },
  warpedSlab: {
    often: 1,
    place: 'plane',
    befall: (door, draw) => {
      door.twist += sign(draw) * draw.mm(3.2, 9.2);
      door.condition.warped = true;
    },
  },
  adjustersHeight: {
    often: 6,
    place: 'adjusters',
    onlyFor: (door) => !screwed(door),
    befall: (door, draw) => {
      door.hangs += sign(draw) * draw.mm(1.4, 4.3);
    },
  },
  adjustersSideways: {
    often: 7,
    place: 'sideAdjusters',
    onlyFor: (door) => !screwed(door),
    befall: (door, draw) => {
      const out = draw.mm(1.4, 4.3);
      const where = draw.uniform();
      if (where < 0.5) door.hinges.forEach((hinge) => (hinge.off -= out));
      else if (where < 0.8) topHinge(door, out);
      else bottomHinge(door, out);
    },
    otherwise: [
      // Each hinge by itself.
      (door, draw) => {
        for (const hinge of door.hinges) hinge.off += sign(draw) * draw.mm(0.5, 3);
      },
    ],
  },
  keepsOut: {
    often: 3,
    place: 'keeps',
    onlyFor: (door) => !screwed(door),
    befall: (door, draw) => {
      door.keeps = draw.mm(1.2, 3);
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
    befall: (door, draw) => {
      door.condition.timber = 'soft';
      // The part that bears the hinge is sound as a rule.
      if (draw.uniform() < 0.6) return;
      pullBottom(door, -draw.mm(0.5, 2.8));
      door.condition.bottomScrews = draw.uniform() < 0.7 ? 'spinning' : 'loose';
    },
  },
  brokenLeg: {
    often: 1,
    place: 'latchLeg',
    befall: (door, draw) => {
      moveLatchLeg(door, { lean: 0, bow: draw.mm(0, 4), aside: 0.8 + 0.9 * draw.normal() });
      door.strike += 1.4 * draw.normal();
      door.condition.timber = 'split';
    },
    otherwise: [
      (door, draw) => {
        moveLatchLeg(door, { lean: sign(draw) * draw.mm(0, 3), bow: -draw.mm(0, 2), aside: 0.8 * draw.normal() });
        door.strike += 2 * draw.normal();
        door.condition.timber = 'split';
      },
    ],
  },
};
