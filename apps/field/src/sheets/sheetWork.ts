import type { Adjustment } from '@proper-swing/contract';
import { action, type ActionId } from '@proper-swing/core';
import type { Drift, FloorClearance, HingeLoads, StrikeFit, StrikeRemedy, Twist } from '@proper-swing/core/sheets';
import type { BenchName } from './sheetFields';

/** Work that follows from a sheet's answer and can be logged as done. */
export interface SheetWork {
  label: string;
  work: Pick<Adjustment, 'action' | 'hinge' | 'amount' | 'unit'>;
}

const oneOf = (id: ActionId, hinge: Adjustment['hinge'], label: string): SheetWork => ({
  label,
  work: { action: id, hinge, amount: 1, unit: action(id).unit },
});

const inMm = (id: ActionId, hinge: Adjustment['hinge'], mm: number, label: string): SheetWork => ({
  label,
  work: { action: id, hinge, amount: Math.round(mm * 10) / 10, unit: 'mm' },
});

const STRIKE_ACTIONS: Partial<Record<StrikeRemedy['id'], ActionId>> = {
  fileHole: 'fileStrike',
  moveUpDown: 'moveStrike',
  bendTab: 'bendTab',
  fileDepth: 'moveStrikeDepth',
  moveInOut: 'moveStrikeDepth',
};

const WORK: Partial<Record<BenchName, (result: never) => SheetWork[]>> = {
  'latch.strike': ({ remedies, others }: StrikeFit) =>
    [...remedies, ...others].flatMap(({ id, title, mm }) => {
      const done = STRIKE_ACTIONS[id];
      return done === undefined ? [] : [inMm(done, null, mm, title)];
    }),
  'swing.drift': ({ cures: { friction, geometry } }: Drift) => [
    ...friction.pins.map(({ hinge }) => oneOf('bendPin', hinge, `${hinge === 'top' ? 'Top' : 'Bottom'} pin bent`)),
    ...geometry
      .filter(({ mm }) => mm >= 0.2)
      .map(({ hinge, mm }) => inMm('throwHinge', hinge, mm, `${hinge === 'top' ? 'Top' : 'Bottom'} hinge thrown`)),
  ],
  'swing.twist': ({ remedies }: Twist) =>
    remedies.flatMap(({ id, throws, stopMove }) => [
      ...(id === 'throwHinge' && throws
        ? [inMm('throwForTwist', throws.hinge, throws.mm, `${throws.hinge === 'top' ? 'Top' : 'Bottom'} hinge thrown`)]
        : []),
      ...(id === 'moveStop' && stopMove
        ? [inMm('moveStop', null, Math.max(Math.abs(stopMove.topMm), Math.abs(stopMove.bottomMm)), 'Stop moved')]
        : []),
    ]),
  'swing.floor': ({ cutMm }: FloorClearance) => (cutMm > 0.05 ? [inMm('trimFoot', null, cutMm, 'Foot trimmed')] : []),
  'hinge.load': ({ withLong }: HingeLoads) =>
    withLong.framingN > 0 ? [oneOf('longScrew', 'top', 'Long screw driven at the top hinge')] : [],
};

/** What can be logged as done from an answer, in the order it is offered. */
export function workOf(name: BenchName, result: unknown): SheetWork[] {
  return WORK[name]?.(result as never) ?? [];
}

/** Sheets that reckon a kind of work, best first. */
const SHEETS_OF: Partial<Record<ActionId, readonly BenchName[]>> = {
  bendPin: ['swing.drift'],
  throwHinge: ['swing.drift'],
  fileStrike: ['latch.strike'],
  moveStrike: ['latch.strike'],
  bendTab: ['latch.strike'],
  moveStrikeDepth: ['latch.strike'],
  moveStop: ['swing.twist'],
  throwForTwist: ['swing.twist'],
  planeLatch: ['swing.edge'],
  trimFoot: ['swing.floor'],
  tighten: ['hinge.load'],
  fillHoles: ['hinge.load'],
  longScrew: ['hinge.load'],
  longScrewBottom: ['hinge.load'],
  replaceHinge: ['hinge.size', 'hinge.continuous'],
};

/** The sheets that reckon the work of a plan. */
export function sheetsFor(actions: readonly ActionId[]): BenchName[] {
  return [...new Set(actions.flatMap((id) => SHEETS_OF[id] ?? []))];
}
