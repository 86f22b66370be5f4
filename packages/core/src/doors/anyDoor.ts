import type { HingedDoor } from '../hinged/card/door';
import { hingedModel } from '../hinged/hingedDoors';
import type { DoorModel } from '../model/doorModel';
import type { SlidingDoor } from '../sliding/card/panel';
import { slidingModel } from '../sliding/slidingDoors';

export const DOOR_KINDS = ['hinged', 'sliding'] as const;
export type DoorKindId = (typeof DOOR_KINDS)[number];

/** A door of some kind, with its card as the engine of that kind takes it. */
export type AnyDoor = { kind: 'hinged'; card: HingedDoor } | { kind: 'sliding'; card: SlidingDoor };

/**
 * A door of any kind as inference and planning see it.
 *
 * @throws DomainError when the card makes no sense
 */
export function modelOfDoor(door: AnyDoor): DoorModel {
  return door.kind === 'hinged' ? hingedModel(door.card) : slidingModel(door.card);
}
