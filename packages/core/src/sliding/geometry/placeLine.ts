import { shareOf, type Moves } from '../../model/moves';
import type { PlaceLine } from '../../model/tables';
import type { PanelKind, SlidingDoor } from '../card/panel';
import { cardFigures } from './cardFigures';
import { PARAMETERS } from './parameters';
import type { PanelPlace, TableNames } from './tableNames';

/** Where a panel can be set, by its kind. */
const PLACES: Readonly<Record<PanelKind, readonly PanelPlace[]>> = {
  glass: ['lead', 'trail'],
  screen: ['lead', 'trail', 'topWheels'],
  pocket: ['lead', 'trail'],
  bypass: ['lead', 'trail'],
  bifold: ['footPivot', 'topPivot'],
};

export const placesFor = (kind: PanelKind): readonly PanelPlace[] => PLACES[kind];

/**
 * Leaves that stand on a foot pivot lean toward the closing jamb when their top pivot is brought 1 mm that way: the closing end goes down
 * by the width over the height, and the closing gap narrows by half a millimetre at its middle (a rigid body turning about its pivot).
 */
export const LEAN: Moves<TableNames> = {
  leadRise: { times: -1, of: 'leanLead' },
  trailRise: { times: -1, of: 'leanTrail' },
  jambGap: -0.5,
};

/** The foot pivot brought 1 mm toward the closing jamb, the top one staying. */
export const FOOT_OUT: Moves<TableNames> = { leadRise: 'leanLead', trailRise: 'leanTrail', jambGap: -0.5 };

/** What 1 mm at a place moves: each end follows its own screw; top wheels wound in leave more room above. */
const MOVED_AT: Readonly<Record<PanelPlace, Moves<TableNames>>> = {
  lead: { leadRise: 1 },
  trail: { trailRise: 1 },
  topWheels: { headRoom: 1 },
  footPivot: { leadRise: 1, trailRise: 1 },
  topPivot: LEAN,
};

/** What setting a panel by 1 mm at each of its places does. Two ends, or two pivots, are always in line, so none binds. */
export function placeLineFor(door: SlidingDoor, size: number): PlaceLine {
  const places = placesFor(door.kind);
  const figures = cardFigures(door);
  const moves = places.map((place) => {
    const move = new Float64Array(size);
    PARAMETERS.forEach((id, i) => (move[i] = shareOf(MOVED_AT[place][id] ?? 0, figures)));
    return move;
  });
  return { moves, misfit: places.map(() => places.map(() => 0)) };
}
