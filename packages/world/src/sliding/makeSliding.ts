import type { RandomStream } from '@proper-swing/core';
import { rolls, type SlidingDoor } from '@proper-swing/core/sliding/card/panel';
import { PROFILES } from '@proper-swing/core/sliding/card/profiles';
import { CAUSE_IDS } from '@proper-swing/core/sliding/tables/causes';
import type { Befallen, WorldOptions } from '../doorWorld';
import { drawFaults } from '../befall';
import { between } from '../draws';
import { ownTraits, type WorldTraits } from '../worldTraits';
import { SLIDING_FAULTS } from './slidingFaults';
import { OWN_GAP_MM } from './poseOfLeaves';
import { GAPS, hookLow, isBifold, isRolling, poseOf, roomAbove, type SlidingFaultId, type TrueSliding } from './trueSliding';

export const SLIDING_FAULT_IDS = CAUSE_IDS.filter((id): id is SlidingFaultId => id !== 'runsWell');

export type SlidingTraits = WorldTraits<SlidingFaultId>;
export const SLIDING_OWN: SlidingTraits = ownTraits(SLIDING_FAULT_IDS);

/** Kinds of panel that the world hangs, with how often. Common practice, no source. */
const KINDS: readonly {
  share: number;
  kind: SlidingDoor['kind'];
  frame: SlidingDoor['frame'];
  sizes: readonly (readonly [number, number])[];
}[] = [
  {
    share: 0.4,
    kind: 'glass',
    frame: 'aluminium',
    sizes: [
      [760, 1980],
      [900, 2030],
      [1180, 2080],
    ],
  },
  {
    share: 0.25,
    kind: 'screen',
    frame: 'aluminium',
    sizes: [
      [760, 1980],
      [910, 2030],
      [1200, 2050],
    ],
  },
  {
    share: 0.2,
    kind: 'pocket',
    frame: 'timber',
    sizes: [
      [610, 1981],
      [762, 1981],
      [826, 2040],
    ],
  },
  {
    share: 0.15,
    kind: 'bypass',
    frame: 'timber',
    sizes: [
      [610, 1981],
      [762, 1981],
      [915, 2032],
    ],
  },
  {
    share: 0.15,
    kind: 'bifold',
    frame: 'timber',
    sizes: [
      [610, 1981],
      [762, 1981],
      [915, 2032],
    ],
  },
];

const NOT_MOVED = { rise: 0, top: 0, foot: 0 };

/** A sound panel in an ordinary building. Its spreads are the world's own. */
export function makeSoundSliding(random: RandomStream, world: SlidingTraits = SLIDING_OWN): TrueSliding {
  const normal = () => world.building * random.normal();
  const belly = () => (world.crooked === 0 ? 0 : world.crooked * random.normal());
  const shares = KINDS.map(({ share }, i) => share * (world.kinds[i] ?? 1));
  const pick = random.uniform() * shares.reduce((all, share) => all + share, 0);
  let sum = 0;
  const made = KINDS.find((_, i) => (sum += shares[i] ?? 0) > pick) ?? KINDS[0];
  if (made === undefined) throw new RangeError('the world has no kinds of panel');
  const [w, h] = made.sizes[Math.floor(random.uniform() * made.sizes.length)] ?? [900, 2000];
  const card: SlidingDoor = { kind: made.kind, panelWidthMm: w, panelHeightMm: h, frame: made.frame };
  const { edges } = PROFILES[made.kind];
  const rolling = rolls(card);
  const lean = 2.4 * normal();
  const level = 1.4 * normal();
  const stands = edges.foot.target + 0.7 * normal();
  const door: TrueSliding = {
    card,
    panel: { w, h, shear: 0.4 * normal() },
    inset: between(random, 35, 95),
    rise: rolling ? { lead: stands, trail: stands } : { lead: edges.head.target, trail: edges.head.target },
    openingW: made.kind === 'bifold' ? w + OWN_GAP_MM + between(random, 7, 14) : 2 * w + between(random, -30, 40),
    track: { tilt: level + 0.8 * normal(), belly: 0.4 * normal() + belly() },
    other: { tilt: level + 1.4 * normal(), belly: 0.5 * normal() + belly() },
    clearH: rolling
      ? h + edges.foot.target + edges.head.target + 0.5 * normal()
      : h + edges.head.target + edges.foot.target + 1.4 * normal(),
    jamb: { lean: lean + 0.5 * normal(), bow: 0.4 * normal() + belly() },
    heldAt: between(random, 7, 14),
    keepOver: 0,
    liftsOutFrom: made.kind === 'screen' ? between(random, 5.5, 7) : between(random, 10, 14),
    wavy: Object.fromEntries(GAPS.map((id) => [id, 0.22 * normal()])),
    wheels: { lead: 'sound', trail: 'sound' },
    screws: { lead: 'moves', trail: 'moves' },
    halfTurn: between(random, 0.45, 0.95),
    dirt: Math.abs(0.2 * random.normal()),
    spot: undefined,
    trackWear: 0,
    strip: 'lies',
    corner: 'tight',
    offTrack: undefined,
    clip: 'home',
    hangers: 'tight',
    guide: 'holds',
    trim: 'clear',
    fixing: undefined,
    bowed: false,
    pivots: { rise: 0, top: 0, foot: 0, leafSag: 0, corners: 'firm', brackets: 'fast', guideWheel: 'runs', leafHinges: 'tight' },
    ails: {
      ...{ rise: { lead: 0, trail: 0 }, track: 0, trackBelly: 0, headSag: 0, jamb: 0, room: 0, floor: 0, shear: 0 },
      pivots: { rise: 0, top: 0, foot: 0, corner: { ...NOT_MOVED }, bracket: { ...NOT_MOVED }, leafSag: 0 },
    },
    world,
  };
  if (isBifold(door)) {
    door.pivots.rise = edges.foot.target + 0.7 * normal();
    door.pivots.foot = 0.5 * normal();
    door.pivots.leafSag = 0.3 * Math.abs(normal());
  }
  setToJamb(door, 0.35 * normal());
  // The keep was cut where the hook then was.
  door.keepOver = hookLow({ ...door, keepOver: 0 }) * -1 + 0.9 * normal();
  return door;
}

/** Sets the ends so that the closing edge meets its jamb, but for so much over the height; as whoever hung it did. */
function setToJamb(door: TrueSliding, offMm: number): void {
  const across = door.panel.w - 2 * door.inset;
  for (let go = 0; go < 4; go += 1) {
    const pose = poseOf(door);
    const { panel, jamb } = door;
    const leanOf = pose.place(0, panel.h).x - pose.place(0, 0).x - jamb.lean - offMm;
    if (isBifold(door)) {
      door.pivots.top += leanOf;
      continue;
    }
    // Raising the closing end by 1 mm leans its top back by h over the distance of the wheels.
    const turn = (leanOf / panel.h) * across;
    const way = isRolling(door) ? 1 : -1;
    door.rise.lead -= (way * turn) / 2;
    door.rise.trail += (way * turn) / 2;
  }
  if (isRolling(door)) {
    const least = Math.min(roomAbove(door, 0.05), roomAbove(door, 0.95));
    const { head } = PROFILES[door.card.kind].edges;
    if (least < head.min + 0.2) door.clearH += head.min + 0.2 - least;
  }
}

/** One panel with what has befallen it. */
export function makeSlidingScenario(
  random: RandomStream,
  options: WorldOptions,
  world: SlidingTraits = SLIDING_OWN,
): Befallen<TrueSliding> {
  const door = makeSoundSliding(random, world);
  const faults = drawFaults(SLIDING_FAULTS, door, options, random);
  return { door, causes: faults.length === 0 ? ['runsWell'] : faults };
}
