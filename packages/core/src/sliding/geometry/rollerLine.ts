import type { PlaceLine } from '../../model/tables';
import type { PanelKind } from '../card/panel';
import { PARAMETERS, type ParameterId } from './parameters';
import type { PanelPlace } from './tableNames';

const ENDS: readonly PanelPlace[] = ['lead', 'trail'];

/** The places at which a kind of panel is set. */
export const placesFor = (kind: PanelKind): readonly PanelPlace[] => (kind === 'screen' ? [...ENDS, 'topWheels'] : ENDS);

/** What 1 mm at a place moves: each end follows its own screw; top wheels wound in leave more room above. */
const MOVED_AT: Readonly<Record<PanelPlace, ParameterId>> = { lead: 'leadRise', trail: 'trailRise', topWheels: 'headRoom' };

/** What setting a panel by 1 mm at each of its places does. Two ends are always in line, so none binds. */
export function placeLineFor(kind: PanelKind, size: number): PlaceLine {
  const places = placesFor(kind);
  const moves = places.map((place) => {
    const move = new Float64Array(size);
    move[PARAMETERS.indexOf(MOVED_AT[place])] = 1;
    return move;
  });
  return { moves, misfit: places.map(() => places.map(() => 0)) };
}
