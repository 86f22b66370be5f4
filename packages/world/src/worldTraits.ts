import { CAUSE_IDS, type CauseId, seededRandom } from '@proper-swing/core';
import { between } from './draws';

export type FaultId = Exclude<CauseId, 'nothingWrong'>;

export const FAULT_IDS = CAUSE_IDS.filter((id): id is FaultId => id !== 'nothingWrong');

/** How one made-up world differs from another. */
export interface WorldTraits<F extends string = FaultId> {
  name: string;
  /** How often each fault comes, as a multiple of the usual. */
  often: Readonly<Record<F, number>>;
  /** Between which multiples of its usual size each fault is drawn. */
  size: Readonly<Record<F, readonly [least: number, most: number]>>;
  /** Share of faults that take another shape than the usual one. */
  otherShapes: number;
  /** Share of doors with none, and with two. */
  twoFaults: number;
  /** Weight of each kind of door, as a multiple of the usual. */
  kinds: readonly number[];
  /** How far sound doors differ from the drawing, as a multiple of the usual. */
  building: number;
  /** Bow of every leg and head beyond the usual, mm (standard deviation). */
  crooked: number;
  /** What the catalogue gives for a slab differs from the slab by so much, mm (standard deviation). */
  catalogueMm: number;
  /** Wrong looks and tries, as a multiple of the usual. */
  mistakes: number;
  /** Share of customers who speak of something else, and of those who misremember how it began. */
  besideThePoint: number;
  /** How strongly the worst nuisance is the one complained of: nuisances are weighed to this power. */
  nagging: number;
  /** Share of gauge readings that are slips, and how far they slip, mm (standard deviation). */
  slips: number;
  slipMm: number;
  /** Lean that the friction of the pins holds, mm over the height. */
  friction: readonly [least: number, most: number];
}

export const TABLES_OWN_NAME = 'the tables’ own';

const forAll = <F extends string, T>(faults: readonly F[], of: (id: F) => T) =>
  Object.fromEntries(faults.map((id) => [id, of(id)])) as Record<F, T>;

/** The world whose shapes and shares the tables of a kind of door were made beside. */
export const ownTraits = <F extends string>(faults: readonly F[]): WorldTraits<F> => ({
  name: TABLES_OWN_NAME,
  often: forAll(faults, () => 1),
  size: forAll(faults, () => [1, 1]),
  otherShapes: 0,
  twoFaults: 0.2,
  kinds: [1, 1, 1, 1],
  building: 1,
  crooked: 0,
  catalogueMm: 0,
  mistakes: 1,
  besideThePoint: 0.1,
  nagging: 1.5,
  slips: 0,
  slipMm: 0,
  friction: [2.2, 4.2],
});

export const TABLES_OWN: WorldTraits = ownTraits(FAULT_IDS);

/** A world drawn from broad ranges; the same seed, the same world. Nothing of the engine is chosen by any of them. */
export function drawTraits<F extends string>(seed: number, faults: readonly F[]): WorldTraits<F> {
  const random = seededRandom(7_919 * seed + 13);
  const range = (from: number, to: number) => between(random, from, to);
  return {
    name: `world ${seed}`,
    often: forAll(faults, () => Math.exp(range(-1.1, 1.1))),
    size: forAll(faults, () => {
      const middle = Math.exp(range(Math.log(0.65), Math.log(1.5)));
      const reach = range(1, 1.35);
      return [Math.max(0.5, middle / reach), Math.min(2, middle * reach)];
    }),
    otherShapes: range(0.15, 0.5),
    twoFaults: range(0.1, 0.3),
    kinds: [range(0.4, 2), range(0.4, 2), range(0.4, 2), range(0.4, 2)],
    building: range(0.7, 1.5),
    crooked: range(0.2, 0.8),
    catalogueMm: range(0.5, 3),
    mistakes: range(0.7, 2),
    besideThePoint: range(0.06, 0.22),
    nagging: range(0.8, 3),
    slips: range(0, 0.03),
    slipMm: range(1, 3),
    friction: [range(1.5, 3), range(3.5, 5)],
  };
}

export const drawWorld = (seed: number): WorldTraits => drawTraits(seed, FAULT_IDS);

/** Worlds that are run beside the tables' own; further ones stay unseen until afterwards. */
export const USUAL_WORLDS = [1, 2, 3, 4, 5] as const;
