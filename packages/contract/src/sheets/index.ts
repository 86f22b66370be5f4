import { continuousSheet, loadSheet, sizeSheet } from './hingeSheets';
import { checkGoSheet, nextTurnsSheet } from './multipointSheets';
import { SHEET_NAMES, type SheetName } from '../names/sheets';
import type { Sheet } from './sheet';
import { strikeSheet } from './strikeSheet';
import { driftSheet, edgeSheet, floorSheet } from './swingSheets';
import { pairSheet, twistSheet } from './twistSheets';

const BY_NAME: Readonly<Record<SheetName, Sheet>> = Object.fromEntries(
  [
    strikeSheet,
    nextTurnsSheet,
    checkGoSheet,
    edgeSheet,
    floorSheet,
    driftSheet,
    twistSheet,
    pairSheet,
    loadSheet,
    sizeSheet,
    continuousSheet,
  ].map((sheet) => [sheet.name, sheet]),
) as Record<SheetName, Sheet>;

/** The calculations of the bench, in its order. */
export const SHEETS: readonly Sheet[] = SHEET_NAMES.map((name) => BY_NAME[name]);

export function sheet(name: SheetName): Sheet {
  return BY_NAME[name];
}

export { SHEET_NAMES, type SheetName } from '../names/sheets';
export type { EngineFunction, Sheet } from './sheet';
