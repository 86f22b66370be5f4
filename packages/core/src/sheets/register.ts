import { decideSheet } from './jamb/decide';
import { footSheet } from './jamb/foot';
import { spliceSheet } from './jamb/splice';
import { legSheet } from './jamb/leg';
import { packersSheet } from './jamb/packers';
import { layStrikeSheet } from './layout/strike';
import { layHingesSheet } from './layout/hinges';
import { cureSheet } from './cure/clock';
import { moistureSheet } from './timber/moisture';
import { seasonSheet } from './timber/season';
import { bifoldSheet } from './bifold/sheet';
import { bypassSheet } from './bypass/sheet';
import { continuousSheet } from './continuous/sheet';
import { driftSheet } from './drift/sheet';
import { edgeSheet } from './edge/sheet';
import { effortSheet } from './effort/sheet';
import { fitHeadSheet } from './fit/head';
import { fitLiningSheet } from './fit/lining';
import { marksSheet } from './fit/marks';
import { fitPairSheet } from './fit/pair';
import { reblockSheet } from './fit/reblock';
import { shortenSheet } from './fit/shorten';
import { fitSlabSheet } from './fit/slab';
import { floorSheet } from './floor/sheet';
import { loadSheet } from './load/sheet';
import { checkGoSheet, nextTurnsSheet } from './multipoint/sheet';
import type { SheetName } from './names';
import { pairSheet } from './pair/sheet';
import { pocketSheet } from './pocket/sheet';
import { rollersSheet } from './rollers/sheet';
import type { Sheet } from './sheet';
import { sizeSheet } from './size/sheet';
import { strikeSheet } from './strike/sheet';
import { ticksSheet } from './ticks/sheet';
import { turnsSheet } from './turns/sheet';
import { twistSheet } from './twist/sheet';

/** Every calculation under its own name: one that is forgotten, or stands under another's, does not compile. */
export const SHEETS: { readonly [Name in SheetName]: Sheet<Name> } = {
  'latch.strike': strikeSheet,
  'multipoint.next': nextTurnsSheet,
  'multipoint.check': checkGoSheet,
  'swing.edge': edgeSheet,
  'swing.floor': floorSheet,
  'swing.drift': driftSheet,
  'swing.twist': twistSheet,
  'swing.pair': pairSheet,
  'hinge.load': loadSheet,
  'hinge.size': sizeSheet,
  'hinge.continuous': continuousSheet,
  'sliding.turns': turnsSheet,
  'sliding.effort': effortSheet,
  'sliding.ticks': ticksSheet,
  'sliding.rollers': rollersSheet,
  'sliding.pocket': pocketSheet,
  'sliding.bifold': bifoldSheet,
  'sliding.bypass': bypassSheet,
  'fit.slab': fitSlabSheet,
  'fit.pair': fitPairSheet,
  'fit.head': fitHeadSheet,
  'fit.shorten': shortenSheet,
  'fit.lining': fitLiningSheet,
  'fit.marks': marksSheet,
  'fit.reblock': reblockSheet,
  'jamb.decide': decideSheet,
  'jamb.foot': footSheet,
  'jamb.splice': spliceSheet,
  'jamb.leg': legSheet,
  'jamb.packers': packersSheet,
  'layout.strike': layStrikeSheet,
  'layout.hinges': layHingesSheet,
  'cure.clock': cureSheet,
  'timber.moisture': moistureSheet,
  'timber.season': seasonSheet,
};
