import type { PanelKind } from '@proper-swing/core/sliding/card/panel';
import type { FaultOf } from '../befall';
import { between, sign, type FaultDraw } from '../draws';
import { isBifold, isRolling, type End, type Moved, type SlidingFaultId, type TrueSliding } from './trueSliding';

type Befall = FaultOf<TrueSliding>['befall'];

const of =
  (...kinds: readonly PanelKind[]) =>
  ({ card }: TrueSliding) =>
    kinds.includes(card.kind);
const ROLLING = of('glass', 'screen');
const HUNG = of('pocket', 'bypass');
const ON_WHEELS = of('glass', 'screen', 'pocket', 'bypass');
const OVER_FLOOR = of('pocket', 'bypass', 'bifold');
const BIFOLD = of('bifold');
const anyEnd = (draw: FaultDraw): End => (draw.uniform() < 0.5 ? 'lead' : 'trail');
const both = (of: (end: End) => void) => (['lead', 'trail'] as const).forEach(of);

/** One end comes down by so much: on rollers it stands less high, hung it hangs lower. */
export const comeDown = (door: TrueSliding, end: End, mm: number) => {
  door.rise[end] += isRolling(door) ? -mm : mm;
  door.ails.rise[end] += mm;
};

/** A pivot comes to stand elsewhere, for one reason among several. */
const move = (door: TrueSliding, reason: Moved, by: Partial<Moved>) => {
  for (const [way, mm] of Object.entries(by) as [keyof Moved, number][]) {
    door.pivots[way] += mm;
    reason[way] += mm;
  }
};

const wheel =
  (state: TrueSliding['wheels']['lead'], bothShare: number): Befall =>
  (door, draw) => {
    if (draw.uniform() < bothShare) door.wheels = { lead: state, trail: state };
    else door.wheels[anyEnd(draw)] = state;
  };

/** What can befall a sliding panel, and how much. Sizes are drawn evenly between limits, not as the engine supposes them. */
export const SLIDING_FAULTS: Readonly<Record<SlidingFaultId, FaultOf<TrueSliding>>> = {
  leadLow: { often: 2, place: 'setting', onlyFor: ON_WHEELS, befall: (door, draw) => comeDown(door, 'lead', draw.mm(2, 6.5)) },
  trailLow: { often: 1.5, place: 'setting', onlyFor: ON_WHEELS, befall: (door, draw) => comeDown(door, 'trail', draw.mm(2, 6.5)) },
  bothLow: {
    often: 1,
    place: 'setting',
    onlyFor: ON_WHEELS,
    befall: (door, draw) => {
      const mm = draw.mm(2, 5.5);
      both((end) => comeDown(door, end, mm * between(draw, 0.85, 1.15)));
    },
  },
  rollersWorn: {
    often: 2,
    place: 'wheels',
    onlyFor: ROLLING,
    befall: (door, draw) => {
      const mm = draw.mm(1.2, 4);
      both((end) => comeDown(door, end, mm * between(draw, 0.7, 1.3)));
      door.wheels = { lead: 'worn', trail: 'worn' };
    },
    otherwise: [
      // One has worn much more than the other.
      (door, draw) => {
        const end = anyEnd(draw);
        comeDown(door, end, draw.mm(2, 4.5));
        door.wheels[end] = 'worn';
      },
      // They grind and have not come down: worn oval, their crown still stands.
      (door) => (door.wheels = { lead: 'worn', trail: 'worn' }),
    ],
  },
  wheelStiff: { often: 2, place: 'wheels', onlyFor: ON_WHEELS, befall: wheel('stiff', 0.7) },
  rollerSeized: { often: 2.5, place: 'wheels', onlyFor: ON_WHEELS, befall: wheel('seized', 0.25) },
  wheelFlat: { often: 1.8, place: 'wheels', onlyFor: ON_WHEELS, befall: wheel('chipped', 0.1) },
  wrongRoller: {
    often: 0.7,
    place: 'wheels',
    onlyFor: ROLLING,
    befall: (door, draw) => {
      const end = anyEnd(draw);
      comeDown(door, end, sign(draw) * draw.mm(1.8, 5));
      door.wheels[end] = 'odd';
    },
  },
  screwDead: {
    often: 1.2,
    place: 'linkage',
    onlyFor: ROLLING,
    befall: (door, draw) => {
      const end = anyEnd(draw);
      comeDown(door, end, draw.mm(2.5, 7));
      door.screws[end] = 'dead';
    },
  },
  trackDirty: { often: 3.2, place: 'dirt', befall: (door, draw) => (door.dirt = between(draw, 0.8, 2)) },
  trackBurr: {
    often: 1.3,
    place: 'track',
    onlyFor: ON_WHEELS,
    befall: (door, draw) => (door.spot = { at: between(draw, 0.15, 0.85), is: 'burr' }),
  },
  trackBent: { often: 0.9, place: 'track', befall: (door, draw) => (door.spot = { at: between(draw, 0.15, 0.85), is: 'bend' }) },
  trackWorn: {
    often: 0.9,
    place: 'track',
    onlyFor: ROLLING,
    befall: (door, draw) => {
      door.trackWear = draw.mm(0.7, 2.5);
      both((end) => comeDown(door, end, door.trackWear));
    },
  },
  trackOut: {
    often: 1.4,
    place: 'line',
    onlyFor: ON_WHEELS,
    befall: (door, draw) => {
      if (draw.uniform() < 0.7) {
        const tilt = sign(draw) * draw.mm(5, 15);
        door.track.tilt += tilt;
        door.ails.track += tilt;
      } else {
        const up = draw.mm(2.2, 7);
        door.track.belly += up;
        door.ails.trackBelly += up;
      }
    },
    otherwise: [
      // It has sunk in the middle.
      (door, draw) => {
        const down = -draw.mm(2, 6);
        door.track.belly += down;
        door.ails.trackBelly += down;
      },
      // It runs off and stands up at once.
      (door, draw) => {
        const tilt = sign(draw) * draw.mm(4, 10);
        const up = draw.mm(1.5, 4);
        door.track.tilt += tilt;
        door.track.belly += up;
        door.ails.track += tilt;
        door.ails.trackBelly += up;
      },
    ],
  },
  openingRacked: {
    often: 1.2,
    place: 'frame',
    befall: (door, draw) => {
      const lean = sign(draw) * draw.mm(3.5, 9.5);
      door.jamb.lean += lean;
      door.ails.jamb += lean;
    },
    otherwise: [
      (door, draw) => {
        const lean = sign(draw) * draw.mm(3, 8);
        door.jamb.lean += lean;
        door.jamb.bow += sign(draw) * between(draw, 0.5, 1.5);
        door.ails.jamb += lean;
      },
    ],
  },
  headSag: {
    often: 1,
    place: 'head',
    onlyFor: ROLLING,
    befall: (door, draw) => {
      const down = draw.mm(2.5, 8);
      door.other.belly -= down;
      door.ails.headSag += down;
    },
  },
  topWheelsHard: {
    often: 1.3,
    place: 'topWheels',
    onlyFor: of('screen'),
    befall: (door, draw) => {
      const mm = draw.mm(1.2, 3.4);
      door.clearH -= mm;
      door.ails.room -= mm;
    },
  },
  topWheelsSlack: {
    often: 1.3,
    place: 'topWheels',
    onlyFor: of('screen'),
    befall: (door, draw) => {
      const mm = draw.mm(2.2, 7);
      door.clearH += mm;
      door.ails.room += mm;
    },
  },
  panelRacked: {
    often: 1,
    place: 'panel',
    onlyFor: ROLLING,
    befall: (door, draw) => {
      const mm = sign(draw) * draw.mm(2.5, 7.5);
      door.panel.shear += mm;
      door.ails.shear += mm;
      door.corner = 'open';
    },
  },
  stripDrags: { often: 1.2, place: 'strip', onlyFor: ROLLING, befall: (door) => (door.strip = 'drags') },
  offTrack: {
    often: 1.5,
    place: 'seat',
    onlyFor: of('glass', 'screen', 'bypass'),
    befall: (door, draw) => {
      const end = anyEnd(draw);
      comeDown(door, end, draw.mm(4, 10));
      door.offTrack = end;
    },
  },
  nutBacked: {
    often: 2.2,
    place: 'hanger',
    onlyFor: of('pocket'),
    befall: (door, draw) => {
      comeDown(door, anyEnd(draw), draw.mm(3, 11));
      door.clip = draw.uniform() < 0.7 ? 'missing' : 'wrong';
    },
  },
  hangerSlipped: {
    often: 2.2,
    place: 'hanger',
    onlyFor: of('bypass'),
    befall: (door, draw) => {
      comeDown(door, anyEnd(draw), draw.mm(4, 15));
      door.hangers = 'slipped';
    },
  },
  slabLong: {
    often: 1.6,
    place: 'slab',
    onlyFor: OVER_FLOOR,
    befall: (door, draw) => {
      const mm = draw.mm(4, 11);
      door.clearH -= mm;
      // Round a pivot's bracket the floor comes up as well.
      if (isBifold(door)) door.pivots.rise -= mm;
      door.ails.floor += mm;
    },
  },
  slabBowed: { often: 1.2, place: 'slab', onlyFor: OVER_FLOOR, befall: (door) => (door.bowed = true) },
  trimTight: { often: 1.7, place: 'trim', onlyFor: of('pocket'), befall: (door) => (door.trim = 'tight') },
  fixingThrough: { often: 1.2, place: 'lining', onlyFor: of('pocket'), befall: (door, draw) => (door.fixing = between(draw, 0.3, 0.9)) },
  pivotLow: {
    often: 1.6,
    place: 'footPivot',
    onlyFor: BIFOLD,
    befall: (door, draw) => move(door, door.ails.pivots, { rise: draw.uniform() < 0.7 ? -draw.mm(3, 9) : draw.mm(2, 5) }),
  },
  topPivotOff: {
    often: 2,
    place: 'topPivot',
    onlyFor: BIFOLD,
    befall: (door, draw) => move(door, door.ails.pivots, { top: sign(draw) * draw.mm(2.5, 8) }),
  },
  pivotLoose: {
    often: 2.2,
    place: 'corner',
    onlyFor: BIFOLD,
    befall: (door, draw) => {
      door.pivots.corners = 'loose';
      const isFoot = draw.uniform() < 0.5;
      move(door, door.ails.pivots.corner, isFoot ? { rise: -draw.mm(3, 10) } : { top: sign(draw) * draw.mm(3, 10) });
    },
    otherwise: [
      // It works in its hole and has not yet come down.
      (door) => (door.pivots.corners = 'loose'),
      // Both corners have gone.
      (door, draw) => {
        door.pivots.corners = 'loose';
        move(door, door.ails.pivots.corner, { rise: -draw.mm(2, 6), top: sign(draw) * draw.mm(2, 6) });
      },
    ],
  },
  bracketLoose: {
    often: 1.8,
    place: 'bracket',
    onlyFor: BIFOLD,
    befall: (door, draw) => {
      door.pivots.brackets = 'loose';
      const mm = draw.mm(3, 10) * (draw.uniform() < 0.7 ? 1 : -1);
      move(door, door.ails.pivots.bracket, draw.uniform() < 0.6 ? { foot: mm } : { top: mm });
    },
  },
  guideWheelOut: { often: 2.2, place: 'guide', onlyFor: BIFOLD, befall: (door) => (door.pivots.guideWheel = 'out') },
  leafHinge: {
    often: 1.4,
    place: 'leafHinges',
    onlyFor: BIFOLD,
    befall: (door, draw) => {
      const mm = draw.mm(0.9, 3);
      door.pivots.leafHinges = 'loose';
      door.pivots.leafSag += mm;
      door.ails.pivots.leafSag += mm;
    },
  },
  guideLost: { often: 1.8, place: 'guide', onlyFor: HUNG, befall: (door) => (door.guide = 'lost') },
};
