import { lineSign, sizeSign, taperSign } from '../../model/signEntries';
import type { Sign as AnySign } from '../../model/tables';
import type { StationId } from '../geometry/stations';
import type { TableNames } from '../geometry/tableNames';

type Sign = AnySign<TableNames>;

const WORDS = ['large', 'small'] as const;

/** The comparisons in which evidence is told; they do not enter the arithmetic. */
export const SIGNS: readonly Sign[] = [
  taperSign<StationId>(
    'closingTaper',
    'closing gap',
    ['jamb.top', 'jamb.foot'],
    'at the top than at the foot',
    'at the foot than at the top',
  ),
  taperSign<StationId>('footTaper', 'gap under the panel', ['foot.lead', 'foot.trail'], 'at the closing end', 'at the other end'),
  taperSign<StationId>('roomTaper', 'room above', ['lift.lead', 'lift.trail'], 'at the closing end', 'at the other end'),
  sizeSign<StationId>('gap under the closing end', 'foot.lead', WORDS),
  sizeSign<StationId>('gap under the other end', 'foot.trail', WORDS),
  sizeSign<StationId>('room above the closing end', 'lift.lead', WORDS),
  sizeSign<StationId>('room above the other end', 'lift.trail', WORDS),
  lineSign<StationId>('trackLevel', 'track', 'level.track', 'runs down at the closing end', 'runs up at the closing end', 'level'),
  lineSign<StationId>('trackStraight', 'track', 'straight.track', 'stands up in the middle', 'dips in the middle', 'straight'),
  lineSign<StationId>('headStraight', 'head', 'straight.head', 'hangs down in the middle', 'arches up in the middle', 'straight'),
  lineSign<StationId>('jambPlumb', 'closing jamb', 'plumb.jamb', 'leans toward the panel', 'leans away from the panel', 'plumb'),
  lineSign<StationId>('panelSquare', 'panel', 'rack.diagonals', 'racked forward at its top', 'racked back at its top', 'square'),
  lineSign<StationId>('hookLow', 'hook', 'lock.low', 'low in its keep', 'high in its keep', 'level with its keep'),
];
