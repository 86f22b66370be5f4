import type { RecheckRow } from '../../model/tables';
import type { HingedNames } from './hingedNames';

/**
 * What to read after work: after moving a hinge, the gaps at its own end tell the shift and those
 * across the slab tell the turn; a cure is read wherever it moves the door, the bolt with it.
 * The first row that fits holds. Common practice, no source.
 */
export const RECHECKS: readonly RecheckRow<HingedNames>[] = [
  { effects: ['cure'], actions: ['scribeHead'], stations: ['head.hinge', 'head.mid', 'head.latch'] },
  { effects: ['cure'], actions: ['scribeRaise'], stations: ['head.hinge', 'head.latch', 'bolt.low', 'foot.latch'] },
  { effects: ['cure'], actions: ['wedgeLatchLeg'], stations: ['latch.top', 'latch.mid', 'latch.bottom'] },
  { effects: ['cure'], actions: ['repairLeg'], stations: ['latch.top', 'latch.mid', 'latch.bottom', 'bolt.low'] },
  { effects: ['cure'], actions: ['wedgeHingeLeg'], stations: ['hinge.top', 'hinge.mid', 'latch.top', 'head.latch', 'bolt.low'] },
  { effects: ['cure'], actions: ['squareFrame'], stations: ['hinge.top', 'latch.top', 'latch.bottom', 'head.latch', 'bolt.low'] },
  {
    effects: ['cure'],
    actions: ['fitFullHeight'],
    stations: ['hinge.top', 'hinge.bottom', 'latch.top', 'latch.bottom', 'head.latch', 'bolt.low'],
  },
  {
    effects: ['cure'],
    place: 'bottom',
    stations: ['hinge.bottom', 'latch.bottom', 'head.latch', 'bolt.low'],
    ifReadBefore: ['foot.latch'],
  },
  { effects: ['unknown'], actions: ['replaceLeg'], stations: ['latch.top', 'latch.mid', 'latch.bottom', 'bolt.low'] },
  { effects: ['unknown'], place: 'middle', stations: ['hinge.mid', 'latch.mid', 'latch.top'] },
  { effects: ['unknown'], place: 'top', stations: ['hinge.top', 'latch.top', 'head.latch'] },
  { effects: ['unknown'], place: 'bottom', stations: ['hinge.bottom', 'latch.bottom', 'head.latch'] },
  { effects: ['unknown'], stations: [] },
  { effects: ['cure'], stations: ['hinge.top', 'latch.top', 'head.latch', 'bolt.low'], ifReadBefore: ['foot.latch'] },
  { effects: ['shift'], place: 'bottom', stations: ['hinge.bottom', 'latch.bottom', 'head.latch'] },
  { effects: ['shift'], stations: ['hinge.top', 'latch.top', 'head.latch'] },
  { effects: ['lower'], stations: ['head.latch', 'bolt.low', 'foot.latch'] },
  { effects: ['plane'], edge: 'head', stations: ['head.hinge', 'head.mid', 'head.latch'] },
  { effects: ['plane'], edge: 'foot', stations: ['foot.hinge', 'foot.mid', 'foot.latch', 'foot.swing'] },
  { effects: ['plane'], stations: ['latch.top', 'latch.mid', 'latch.bottom'] },
  { effects: ['strike'], stations: ['bolt.low'] },
  { effects: ['wait'], actions: ['stiffenBottom'], stations: ['hinge.bottom', 'latch.bottom', 'head.latch'] },
  { effects: ['wait'], actions: ['bringToLine', 'holdMiddle'], stations: ['hinge.top', 'hinge.mid', 'hinge.bottom'] },
  { effects: ['wait'], actions: ['reglueBlock', 'sealFaces', 'fillLeg', 'coatRepair'], stations: [] },
  { effects: ['wait'], actions: ['letInStrike'], stations: ['bolt.low'] },
  { effects: ['wait'], stations: ['latch.mid', 'slab.width'] },
];
