import { type CauseId, type HingedDoor, profileOf, type RandomStream } from '@proper-swing/core';
import type { WorldOptions } from './doorWorld';
import { drawFaults } from './befall';
import { between } from './draws';
import { WORLD_FAULTS } from './faults';
import { GAP_STATIONS, NO_AILS, poseOf, type TrueDoor } from './trueDoor';
import { TABLES_OWN, type WorldTraits } from './worldTraits';

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
export function makeSoundDoor(random: RandomStream, world: WorldTraits = TABLES_OWN): TrueDoor {
  const { uniform } = random;
  const normal = () => world.building * random.normal();
  const shares = KINDS.map(({ share }, i) => share * (world.kinds[i] ?? 1));
  const pick = uniform() * shares.reduce((all, share) => all + share, 0);
  let sum = 0;
  const kind = KINDS.find((_, i) => (sum += shares[i] ?? 0) > pick) ?? KINDS[0];
  const [w, h] = SIZES[Math.floor(uniform() * SIZES.length)] ?? SIZES[2];
  if (kind === undefined) throw new RangeError('the world has no kinds of door');
  const top = Math.round(between(random, 145, 185));
  const bottom = h - Math.round(between(random, 215, 265));
  const hingeHeightsMm = Array.from({ length: kind.hinges }, (_, i) => Math.round(top + ((bottom - top) * i) / (kind.hinges - 1)));
  const catalogue = world.catalogueMm === 0 ? [w, h] : [w, h].map((mm) => Math.round(mm + world.catalogueMm * random.normal()));
  const [slabWidthMm = w, slabHeightMm = h] = catalogue;
  const card: HingedDoor = { ...kind.card, slabWidthMm, slabHeightMm, hingeHeightsMm };
  const { edges } = profileOf(card);
  const together = 1.4 * normal();
  const turned = 0.6 * normal();
  const r = h / w;
  const slab = { w: w + 0.6 * normal(), h: h + 0.6 * normal() };
  const seat = edges.hinge.target + 0.3 * normal();
  const hangs = edges.head.target + 0.45 * normal();
  const belly = () => (world.crooked === 0 ? 0 : world.crooked * random.normal());
  const door: TrueDoor = {
    card,
    slab,
    opening: {
      w: slab.w + edges.hinge.target + edges.latch.target + 0.5 * normal(),
      h: slab.h + edges.head.target + edges.foot.target + between(random, -2, 6),
    },
    hingeLeg: { lean: together + r * turned + 0.55 * normal(), bow: 0.3 * normal() + belly() },
    latchLeg: { lean: together + r * turned + 0.5 * normal(), bow: 0.3 * normal() + belly() },
    head: { lean: turned + 0.5 * normal(), bow: 0.25 * normal() + belly() },
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
      friction: between(random, ...world.friction),
    },
    ails: { ...NO_AILS },
    yields: { card: between(random, 0.45, 0.55), halfTurn: between(random, 0.43, 0.57), bend: between(random, 0.6, 1) },
    boltHung: 0,
    world,
  };
  // The strike was cut where the bolt then was.
  return { ...door, boltHung: poseOf(door).place(door.slab.w, 0).y };
}

export interface Scenario {
  door: TrueDoor;
  causes: CauseId[];
}

/** One door with what has befallen it. */
export function makeScenario(random: RandomStream, options: WorldOptions, world: WorldTraits = TABLES_OWN): Scenario {
  const door = makeSoundDoor(random, world);
  const faults = drawFaults(WORLD_FAULTS, door, options, random);
  return { door, causes: faults.length === 0 ? ['nothingWrong'] : faults };
}
