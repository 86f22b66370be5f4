import type { Door, HingedMake, SlidingMake } from '@proper-swing/contract';
import type { HingedDoor } from '@proper-swing/core';
import { HANDBOOKS, modelOfDoor, type AnyDoor, type DoorModel, type Handbook, type SlidingDoor } from '@proper-swing/core/doors';

/** The card of a door on hinges as the engine takes it. */
export function hingedCard(make: HingedMake): HingedDoor {
  const { slabWidthMm, slabHeightMm, hingeHeightsMm, hingeKind, slabKind, fireRated, profile, closer, ownLimits, schools } = make;
  return {
    ...(ownLimits && { ownLimits }),
    ...(schools && { schools }),
    ...(closer && { closer }),
    slabWidthMm,
    slabHeightMm,
    hingeHeightsMm,
    hingeKind,
    slabKind,
    fireRated,
    profile,
  };
}

/** What the engine is told of a panel: its sizes, and whatever else is known. */
type PanelCard = Pick<SlidingMake, 'panelKind' | 'panelWidthMm' | 'panelHeightMm' | 'frame'> & Partial<SlidingMake>;

/** The card of a sliding door as the engine takes it. */
export function slidingCard({ panelKind, panelWidthMm, panelHeightMm, frame, mmPerTurn, channelMm }: PanelCard): SlidingDoor {
  return {
    kind: panelKind,
    panelWidthMm,
    panelHeightMm,
    frame,
    ...(mmPerTurn != null && { mmPerTurn }),
    ...(channelMm != null && { channelMm }),
  };
}

/** The door of a record as the engine takes it. */
export function engineDoor(door: Door): AnyDoor {
  return door.kind === 'hinged' ? { kind: 'hinged', card: hingedCard(door.make) } : { kind: 'sliding', card: slidingCard(door.make) };
}

/** A door of a record as inference and planning see it: limits, checks, places. */
export const modelFor = (door: Door): DoorModel => modelOfDoor(engineDoor(door));

/** What a person at a door of this kind goes by. */
export const handbookOf = ({ kind }: Pick<Door, 'kind'>): Handbook => HANDBOOKS[kind];

/** The same with only what there is to read, and what can be done, on this door. */
export function bookFor(door: Door): Handbook {
  const book = handbookOf(door);
  const { stations, forbids } = modelFor(door);
  return {
    ...book,
    further: book.further.filter((id) => stations.some((each) => each.id === id)),
    workGroups: book.workGroups
      .map((group) => ({ ...group, actions: group.actions.filter((id) => forbids(id)?.isObvious !== true) }))
      .filter(({ actions }) => actions.length > 0),
  };
}
