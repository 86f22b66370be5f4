import { DomainError } from '../../errors';
import { GRAVITY } from '../../numbers/gravity';
import { screwHold, type Behind, type HingeScrew, type ScrewHold } from '../../load/screwHold';

/** A slab on its hinges and what they are screwed to; lengths in mm, mass in kg. */
export interface LoadedHinges {
  massKg: number;
  slabWidthMm: number;
  slabHeightMm: number;
  /** Hinge centres below the top of the slab, from the top down. */
  hingeHeightsMm: readonly number[];
  pinBehindMm?: number;
  behind: Behind;
  leafMm: number;
  /** The screws in each leaf on the leg. */
  short: { number: number; lengthMm: number; count: number };
  /** The screw that would take the place of one of them. */
  long: { number: number; lengthMm: number };
}

/** A choice of screws at the top hinge. */
export interface TopScrews {
  each: ScrewHold;
  /** What all of the leaf's screws hold together, N. */
  holdN: number;
  /** Of that, in the framing, N. */
  framingN: number;
  /** Held over pull. */
  times: number;
}

export interface HingeLoads {
  /** Pull on each hinge square to the leg, N: + away from it, − pressed to it; and its share of the weight. */
  hinges: { atMm: number; pullN: number; weightN: number }[];
  /** Pull at the top hinge, N. */
  topPullN: number;
  asItIs: TopScrews;
  withLong: TopScrews;
  /** How many times more the top hinge holds with one long screw, and in the framing. */
  gain: number;
  /** A person hanging on the latch edge pulls so much more at the top hinge for each 10 kg, N. */
  each10KgN: number;
}

/**
 * Pull on the hinges of a hanging slab: its weight at half its width turns it about the hinge line; each hinge takes of that
 * turn by its distance from their middle, Fᵢ = M·yᵢ/Σy² (two hinges: m·g·w/(2·spacing)), and an even share of the weight.
 *
 * Source: statics of a rigid plate on equal fixings; screw holding by `screwHold`.
 *
 * @throws DomainError `door.hinges` when there are fewer than two hinges, `load.screw` when the screws in it do not reach the wood
 */
export function loadHinges(door: LoadedHinges): HingeLoads {
  const { hingeHeightsMm, massKg, short, long, leafMm, behind } = door;
  if (hingeHeightsMm.length < 2) throw new DomainError('door.hinges', 'hingeHeightsMm', 'A door needs at least two hinges.');
  if (hingeHeightsMm.some((height) => height >= door.slabHeightMm))
    throw new DomainError('door.hinges', 'hingeHeightsMm', 'Hinge heights lie inside the slab.');
  const weight = massKg * GRAVITY;
  const middle = hingeHeightsMm.reduce((sum, each) => sum + each, 0) / hingeHeightsMm.length;
  const scatter = hingeHeightsMm.reduce((sum, each) => sum + (each - middle) ** 2, 0);
  const pullAt = (turn: number, height: number) => (turn * (middle - height)) / scatter;
  const arm = door.slabWidthMm / 2 + (door.pinBehindMm ?? 0);
  const hinges = hingeHeightsMm.map((atMm) => ({
    atMm,
    pullN: pullAt(weight * arm, atMm),
    weightN: weight / hingeHeightsMm.length,
  }));
  const topPullN = hinges[0]?.pullN ?? 0;
  const screws = (each: HingeScrew, count: number): TopScrews => {
    const hold = screwHold(each, behind);
    return { each: hold, holdN: hold.holdN * count, framingN: hold.framingN * count, times: (hold.holdN * count) / topPullN };
  };
  const asItIs = screws({ number: short.number, lengthMm: short.lengthMm, leafMm }, short.count);
  if (asItIs.holdN === 0)
    throw new DomainError(
      'load.screw',
      'short.lengthMm',
      'The screws in it are no longer than the leaf is thick, or end in the gap behind it: they hold nothing.',
    );
  const longOne = screwHold({ number: long.number, lengthMm: long.lengthMm, leafMm }, behind);
  const holdN = asItIs.each.holdN * (short.count - 1) + longOne.holdN;
  const withLong: TopScrews = {
    each: longOne,
    holdN,
    framingN: asItIs.each.framingN * (short.count - 1) + longOne.framingN,
    times: holdN / topPullN,
  };
  return {
    hinges,
    topPullN,
    asItIs,
    withLong,
    gain: withLong.holdN / asItIs.holdN,
    each10KgN: pullAt(10 * GRAVITY * (door.slabWidthMm + (door.pinBehindMm ?? 0)), hingeHeightsMm[0] ?? 0),
  };
}
