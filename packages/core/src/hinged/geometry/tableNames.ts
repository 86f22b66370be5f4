import type { Names } from '../../model/names';
import type { HingeName } from '../card/doorKinds';
import type { EdgeId } from '../card/profiles';
import type { ActionId } from '../names/actionIds';
import type { FigureName } from './cardFigures';
import type { ParameterId } from './parameters';
import type { StationId } from './stations';

/** The names that the tables of a hinged door are written in; causes, checks and sides are the keys of their own tables. */
export interface TableNames extends Names {
  parameter: ParameterId;
  figure: FigureName;
  station: StationId;
  edge: EdgeId;
  place: HingeName;
  action: ActionId;
}
