import type { RecheckRow } from '../../model/tables';
import type { HingedNames } from './hingedNames';

/**
 * What to read after work: after moving a hinge, the gaps at its own end tell the shift and those across the slab tell the turn.
 * The first row that fits holds. Common practice, no source.
 */
export const RECHECKS: readonly RecheckRow<HingedNames>[] = [
  { effects: ['cure', 'shift'], place: 'bottom', stations: ['hinge.bottom', 'latch.bottom', 'head.latch'] },
  { effects: ['cure', 'shift'], stations: ['hinge.top', 'latch.top', 'head.latch'] },
  { effects: ['lower'], stations: ['head.latch', 'bolt.low', 'foot.latch'] },
  { effects: ['plane'], edge: 'head', stations: ['head.hinge', 'head.mid', 'head.latch'] },
  { effects: ['plane'], stations: ['latch.top', 'latch.mid', 'latch.bottom'] },
  { effects: ['strike'], stations: ['bolt.low'] },
  { effects: ['hold'], stations: ['plumb.across'] },
  { effects: ['wait'], stations: ['latch.mid', 'slab.width'] },
];
