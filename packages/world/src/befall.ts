import type { RandomStream } from '@proper-swing/core';
import type { WorldOptions } from './doorWorld';
import { between, drawOne, faultDraw, type FaultDraw } from './draws';
import type { WorldTraits } from './worldTraits';

/** What can befall a door of some kind. */
export interface FaultOf<Door> {
  /** How often it comes, relative. */
  often: number;
  /** The part it comes to: no part has two. */
  place: string;
  onlyFor?: (door: Door) => boolean;
  befall: (door: Door, draw: FaultDraw) => void;
  /** Other ways in which it shows itself in some worlds. */
  otherwise?: readonly ((door: Door, draw: FaultDraw) => void)[];
}

type Faults<Door, F extends string> = Readonly<Record<F, FaultOf<Door>>>;
type InWorld<F extends string> = { world: WorldTraits<F> };

/** None, one or two faults come to a sound door, which changes; what came, in the order it came. */
export function drawFaults<F extends string, Door extends InWorld<F>>(
  faults: Faults<Door, F>,
  door: Door,
  { twoFaults, sound }: WorldOptions,
  random: RandomStream,
): F[] {
  const draw = random.uniform();
  if (draw < sound) return [];
  const first = drawFault(faults, door, random, []);
  const causes = draw < sound + twoFaults ? [first, drawFault(faults, door, random, [faults[first].place])] : [first];
  for (const id of causes) befall(faults, door, id, random);
  return causes;
}

/** A fault comes to a door, as large and in such a shape as faults of its kind are in its world. */
export function befall<F extends string, Door extends InWorld<F>>(faults: Faults<Door, F>, door: Door, id: F, random: RandomStream): void {
  const { size, otherShapes } = door.world;
  const [least, most] = size[id];
  const draw = faultDraw(random, least === most ? least : between(random, least, most));
  const { befall: usually, otherwise = [] } = faults[id];
  const takesOther = otherwise.length > 0 && otherShapes > 0 && random.uniform() < otherShapes;
  const other = takesOther ? otherwise[Math.floor(random.uniform() * otherwise.length)] : undefined;
  (other ?? usually)(door, draw);
}

function drawFault<F extends string, Door extends InWorld<F>>(
  faults: Faults<Door, F>,
  door: Door,
  random: RandomStream,
  taken: readonly string[],
): F {
  const able = (Object.keys(door.world.often) as F[]).filter((id) => {
    const { onlyFor, place } = faults[id];
    return (onlyFor?.(door) ?? true) && !taken.includes(place);
  });
  return drawOne(random, Object.fromEntries(able.map((id) => [id, faults[id].often * door.world.often[id]]))) as F;
}
