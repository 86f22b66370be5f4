import type { Names } from '../../model/names';
import type { EdgeId } from '../card/profiles';
import type { ActionId } from '../names/actionIds';
import type { FigureName } from './cardFigures';
import type { ParameterId } from './parameters';
import type { StationId } from './stations';

/** Where a panel can be set: at the roller or hanger of its closing end and at the other, at a screen's top wheels, at a bifold's pivots. */
export const PANEL_PLACES = ['lead', 'trail', 'topWheels', 'footPivot', 'topPivot'] as const;
export type PanelPlace = (typeof PANEL_PLACES)[number];

/** The names that the tables of a sliding door are written in; causes and checks are the keys of their own tables. */
export interface TableNames extends Names {
  parameter: ParameterId;
  figure: FigureName;
  station: StationId;
  edge: EdgeId;
  place: PanelPlace;
  action: ActionId;
  side: never;
}
