import type { CallRecord, Worksheet } from '@proper-swing/contract';
import { useEffect, useRef } from 'react';
import type { LengthWords } from '../../design/lengthWords';
import { standingWork } from '../../record/observed';
import { logWork, withdrawAdjustment } from '../../record/writeAdjustment';
import type { BenchSheet, StepWork } from '../../sheets/benchSheet';
import { sameWork, workTicked } from '../../sheets/ticks';
import type { Typed } from '../../sheets/typedSheet';
import { keepSheet, TICKED, tickedIn } from './keptSheet';
import type { SheetState } from './useSheet';

/**
 * A sheet in a call, of which what is ticked off is logged as work at the tap, and kept with the call as soon as its answer is worked out. What
 * is taken back is withdrawn from the record.
 */
export function useTicks(
  record: CallRecord,
  sheet: BenchSheet,
  state: SheetState,
  kept: Worksheet | undefined,
  words: LengthWords,
): SheetState {
  const { typed, request, result, isCurrent, type } = state;
  const ticked = ticksOf(typed);
  const keptTicks = ticksOf(kept === undefined ? {} : tickedIn(kept));
  const written = useRef(ticksOf(state.given));
  useEffect(() => {
    if (sheet.list === undefined || result === undefined || !isCurrent || ticked === keptTicks || ticked === written.current) return;
    written.current = ticked;
    keepSheet(record, sheet, state, words, kept);
  });
  return {
    ...state,
    type: (path, text) => {
      type(path, text);
      if (sheet.list === undefined || !TICKED.some((each) => each === path)) return;
      const after = { ...typed, [path]: text };
      const [was, is] = [typed, after].map((each) =>
        workTicked(sheet, sheet.list?.steps(result, request ?? {}, each) ?? [], each, record.door),
      );
      logTicks(record, was ?? [], is ?? []);
    },
  };
}

const ticksOf = (typed: Typed) => TICKED.map((path) => typed[path] ?? '').join('|');

/** Logs work that came with a tick, and withdraws what went with one. */
function logTicks(record: CallRecord, before: readonly StepWork[], after: readonly StepWork[]): void {
  const beyond = (more: readonly StepWork[], fewer: readonly StepWork[]) => {
    const left = [...fewer];
    return more.filter((work) => {
      const at = left.findIndex((each) => sameWork(each, work));
      if (at >= 0) left.splice(at, 1);
      return at < 0;
    });
  };
  for (const work of beyond(before, after)) {
    const logged = standingWork(record).findLast((each) => sameWork(each, work));
    if (logged) withdrawAdjustment(record, logged);
  }
  for (const work of beyond(after, before)) logWork(record, work);
}
