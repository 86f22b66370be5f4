import type { CallRecord, Worksheet } from '@proper-swing/contract';
import { lastWorksheet } from '../record/lastWorksheet';
import { stagesOf } from './stages';

/** How the lists of a fitting stand: none kept yet, or kept, with how many lines are open and what of it cannot be worked or was not begun. */
export type ListState =
  | { state: 'none' }
  | {
      state: 'kept';
      sheets: Worksheet[];
      toDo: number;
      /** Titles of stages whose answer cannot be worked to, and of those nothing was kept of. */
      unworkable: string[];
      notBegun: string[];
      /** Where the first of it is open. */
      openAt?: string;
    };

/** The lists that a call is worked by; nothing for a repair, and for a leaf whose cuts stand in the list of the leaf it closes with. */
export function fittingList(record: CallRecord): ListState | undefined {
  const stages = stagesOf(record).filter(({ isListed }) => isListed === true);
  const [first] = stages;
  if (first === undefined) return undefined;
  const kept = stages.map((stage) => ({ stage, sheet: stage.sheet && lastWorksheet(record, stage.sheet) }));
  if (kept[0]?.sheet === undefined) return { state: 'none' };
  const titles = (of: typeof kept) => of.map(({ stage }) => stage.title);
  const unworkable = kept.filter(({ sheet }) => sheet !== undefined && sheet.toDo == null);
  const notBegun = kept.filter(({ sheet }) => sheet === undefined);
  const open = kept.find(({ sheet }) => sheet?.toDo !== 0);
  return {
    state: 'kept',
    sheets: kept.flatMap(({ sheet }) => sheet ?? []),
    toDo: kept.reduce((sum, { sheet }) => sum + (sheet?.toDo ?? 0), 0),
    unworkable: titles(unworkable),
    notBegun: titles(notBegun),
    ...(open && { openAt: open.stage.path }),
  };
}

/** Whether nothing of the lists is open. */
export const isListDone = (list: ListState | undefined): boolean =>
  list === undefined || (list.state === 'kept' && list.toDo === 0 && list.unworkable.length + list.notBegun.length === 0);

/** What is open of them, in words. */
export function listSays(list: ListState): string {
  if (list.state === 'none') return 'Nothing was worked out and ticked off yet.';
  const { toDo, unworkable, notBegun } = list;
  if (unworkable.length > 0) return `What was worked out cannot be worked to: see ${unworkable.join(', ')}.`;
  const open = [
    ...(toDo > 0 ? [`${toDo} ${toDo === 1 ? 'line' : 'lines'} of the list not ticked off.`] : []),
    ...(notBegun.length > 0 ? [`Not begun: ${notBegun.join(', ')}.`] : []),
  ];
  return open.length === 0 ? 'Every line of the list is ticked off.' : open.join(' ');
}
