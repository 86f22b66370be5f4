import { letsGo } from '../model/judgeGap';
import { isSetAt, setsSlab } from '../model/action';
import { moveBy, triedGaps, unevenEdges, type TriedGap as AnyTriedGap } from '../planning/triedGaps';
import type { SlidingDoor } from './card/panel';
import type { EdgeId } from './card/profiles';
import type { StationId } from './geometry/stations';
import type { PanelPlace } from './geometry/tableNames';
import { slidingModel } from './slidingDoors';
import type { ActionId } from './names/actionIds';

/** What sets a panel at one of its places, and how far one unit of it goes, mm. */
export interface PanelSetter {
  place: PanelPlace;
  action: ActionId;
  unit: string;
  mmPerUnit: number;
}

/** A setting of a panel tried on paper. */
export interface TriedPanel {
  gaps: AnyTriedGap<StationId>[];
  /** Edges whose gaps would differ by more than the profile allows, by how much, mm. */
  uneven: { edge: EdgeId; mm: number }[];
  /** Rooms above at which the panel could be lifted out. */
  loose: StationId[];
}

/** What a panel is set by, one for each of its places. */
export function settersOf(door: SlidingDoor): PanelSetter[] {
  const model = slidingModel(door);
  return model.places.flatMap((place) => {
    const by = model.tables.actions.find((each) => setsSlab(each) && isSetAt(each, place) && model.forbids(each.id) === undefined);
    if (by?.effect.kind !== 'shift') return [];
    return [{ place: place as PanelPlace, action: by.id as ActionId, unit: by.unit, mmPerUnit: by.effect.mmPerUnit }];
  });
}

/**
 * What setting a panel would do to every gap, from the gaps as they are.
 *
 * @param before gaps at the stations of the walk, mm; a station left out is left out of the answer
 * @param setMm how far each place is set, mm; + up, more room above, or toward the closing jamb
 * @throws DomainError when the card makes no sense
 */
export function tryPanel(
  door: SlidingDoor,
  before: ReadonlyMap<string, number>,
  setMm: Readonly<Partial<Record<PanelPlace, number>>>,
): TriedPanel {
  const model = slidingModel(door);
  const moved = model.places.map((id, place) => ({ place, shiftMm: setMm[id as PanelPlace] ?? 0 }));
  const gaps = triedGaps(model, before, moveBy(model, moved)) as AnyTriedGap<StationId>[];
  return {
    gaps,
    uneven: unevenEdges(model, gaps) as TriedPanel['uneven'],
    loose: gaps.flatMap(({ station: id, afterMm }) => {
      const { edge } = model.station(id);
      return edge !== undefined && letsGo(model.profile, edge, afterMm) ? [id] : [];
    }),
  };
}
