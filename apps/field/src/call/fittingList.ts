import type { CallRecord, Worksheet } from '@proper-swing/contract';
import { lastWorksheet } from '../record/lastWorksheet';
import { stagesOf } from './stages';

/** How the list of a fitting stands: not kept yet, kept with an answer that cannot be worked to, or so many of its lines still open. */
export type ListState = { state: 'none' } | { state: 'kept'; toDo?: number; sheet: Worksheet };

/** The list that a call is worked by; nothing for a repair, and for a leaf whose cuts stand in the list of the leaf it closes with. */
export function fittingList(record: CallRecord): ListState | undefined {
  const name = stagesOf(record).find(({ id }) => id === 'fit')?.sheet;
  if (name === undefined) return undefined;
  const sheet = lastWorksheet(record, name);
  if (sheet === undefined) return { state: 'none' };
  return { state: 'kept', sheet, ...(sheet.toDo != null && { toDo: sheet.toDo }) };
}

/** Whether nothing of the list is open. */
export const isListDone = (list: ListState | undefined): boolean => list === undefined || (list.state === 'kept' && list.toDo === 0);

/** What is open of it, in words. */
export function listSays(list: ListState): string {
  if (list.state === 'none') return 'Nothing was worked out and ticked off yet.';
  if (list.toDo === undefined) return 'What was worked out cannot be cut: see the list.';
  if (list.toDo === 0) return 'Every line of the list is ticked off.';
  return `${list.toDo} ${list.toDo === 1 ? 'line' : 'lines'} of the list not ticked off.`;
}
