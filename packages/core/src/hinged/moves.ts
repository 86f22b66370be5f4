import { slenderness, type HingedDoor } from './door';
import { PARAMETERS, parameterIndex, type ParameterId } from './parameters';

/**
 * A share that depends on the door. `r` is height over width; `topHingeOut.drop` and `topHingeOut.gap` are the drop of the
 * latch edge and the shift of the hinge gap at mid-height when the top hinge comes 1 mm off the leg and the slab turns
 * about the bottom hinge; `bottomHingeOut` likewise, about the top hinge.
 */
export type DoorShare = 'r' | '1/r' | 'topHingeOut.drop' | 'topHingeOut.gap' | 'bottomHingeOut.drop' | 'bottomHingeOut.gap';

/** How much a parameter moves with one millimetre of something, written so that a table stays plain data. */
export type Share = number | DoorShare | { times: number; of: DoorShare };

export type Moves = Partial<Record<ParameterId, Share>>;

/** A direction in parameter space for this door, padded with zeros to `size`. */
export function moveVector(moves: Moves, door: HingedDoor, size: number): Float64Array {
  const vector = new Float64Array(size);
  for (const id of PARAMETERS) {
    const share = moves[id];
    if (share !== undefined) vector[parameterIndex(id)] = shareOf(share, door);
  }
  return vector;
}

/** One millimetre down, all of the slab: how the setting of its height moves the parameters. */
export function lowered(size: number): Float64Array {
  const move = new Float64Array(size);
  move[parameterIndex('headGap')] = 1;
  return move;
}

function shareOf(share: Share, door: HingedDoor): number {
  if (typeof share === 'number') return share;
  if (typeof share === 'object') return share.times * shareOf(share.of, door);
  const r = slenderness(door);
  const first = (door.hingeHeightsMm[0] ?? 0) / door.slabHeightMm;
  const last = (door.hingeHeightsMm[door.hingeHeightsMm.length - 1] ?? door.slabHeightMm) / door.slabHeightMm;
  switch (share) {
    case 'r':
      return r;
    case '1/r':
      return 1 / r;
    case 'topHingeOut.drop':
      return 1 / (r * (last - first));
    case 'topHingeOut.gap':
      return (last - 0.5) / (last - first);
    case 'bottomHingeOut.drop':
      return -1 / (r * (last - first));
    case 'bottomHingeOut.gap':
      return (0.5 - first) / (last - first);
  }
}
