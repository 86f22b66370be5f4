import type { Door } from '@proper-swing/contract';
import type { ActionId } from '@proper-swing/core/doors';
import { inAddress } from '../call/stages';
import type { BenchName, BenchSheet } from './benchSheet';
import { bifoldSheet } from './bifold/sheet';
import { bypassSheet } from './bypass/sheet';
import { continuousSheet } from './continuous/sheet';
import { driftSheet } from './drift/sheet';
import { edgeSheet } from './edge/sheet';
import { effortSheet } from './effort/sheet';
import { fitHeadSheet, fitLiningSheet, fitMarksSheet, fitReblockSheet, fitShortenSheet } from './fit/figureSheets';
import { fitPairSheet } from './fit/pairSheet';
import { fitSlabSheet } from './fit/slabSheet';
import { floorSheet } from './floor/sheet';
import { cureClockSheet } from './cure/cureSheet';
import { jambDecideSheet } from './jamb/decideSheet';
import { jambFootSheet } from './jamb/footSheet';
import { jambLegSheet } from './jamb/legSheet';
import { jambPackersSheet } from './jamb/packersSheet';
import { jambSpliceSheet } from './jamb/spliceSheet';
import { layoutHingesSheet } from './layout/hingesSheet';
import { layoutStrikeSheet } from './layout/strikeSheet';
import { loadSheet } from './load/sheet';
import { pairSheet } from './pair/sheet';
import { pocketSheet } from './pocket/sheet';
import { rollersSheet } from './rollers/sheet';
import { sizeSheet } from './size/sheet';
import { strikeSheet } from './strike/sheet';
import { ticksSheet } from './ticks/sheet';
import { timberMoistureSheet } from './timber/moistureSheet';
import { timberSeasonSheet } from './timber/seasonSheet';
import { turnsSheet } from './turns/sheet';
import { twistSheet } from './twist/sheet';

const SHEETS: Readonly<Record<BenchName, BenchSheet>> = {
  'latch.strike': strikeSheet,
  'swing.drift': driftSheet,
  'swing.edge': edgeSheet,
  'swing.floor': floorSheet,
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
  'fit.shorten': fitShortenSheet,
  'fit.lining': fitLiningSheet,
  'fit.marks': fitMarksSheet,
  'fit.reblock': fitReblockSheet,
  'jamb.decide': jambDecideSheet,
  'jamb.foot': jambFootSheet,
  'jamb.splice': jambSpliceSheet,
  'jamb.leg': jambLegSheet,
  'jamb.packers': jambPackersSheet,
  'layout.strike': layoutStrikeSheet,
  'layout.hinges': layoutHingesSheet,
  'cure.clock': cureClockSheet,
  'timber.season': timberSeasonSheet,
  'timber.moisture': timberMoistureSheet,
};

/** In the order the bench shows them. */
export const BENCH_SHEETS: readonly BenchSheet[] = Object.values(SHEETS);

/** Whether a sheet says anything of a door. */
export const isSheetFor = ({ doors, panels }: BenchSheet, door: Door): boolean =>
  (doors === 'every' || doors === door.kind) && (door.kind !== 'sliding' || panels?.includes(door.make.panelKind) !== false);

export const sheetsOf = (doors: BenchSheet['doors']) => BENCH_SHEETS.filter((each) => each.doors === doors);

/** What stands on the bench with others for its doors, and what has a shelf of its own. */
export const onBench = (doors: BenchSheet['doors']) => sheetsOf(doors).filter(({ shelf }) => shelf === undefined);
export const onShelf = (own: NonNullable<BenchSheet['shelf']>) => BENCH_SHEETS.filter(({ shelf }) => shelf === own);

export function sheetNamed(name: string): BenchSheet | undefined {
  return BENCH_SHEETS.find((each) => each.name === name);
}

export function sheetAt(address: string): BenchSheet | undefined {
  return BENCH_SHEETS.find(({ name }) => inAddress(name) === address);
}

/** The sheets that reckon the work of a plan, in the order of the work. */
export function sheetsFor(actions: readonly ActionId[]): BenchSheet[] {
  return [...new Set(actions.flatMap((id) => BENCH_SHEETS.filter(({ serves }) => serves.includes(id))))];
}
