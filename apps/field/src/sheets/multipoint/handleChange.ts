import type { CallRecord } from '@proper-swing/contract';
import type { HandleFeel } from '@proper-swing/core/sheets';
import { lastWorksheet } from '../../record/lastWorksheet';
import { standingWork } from '../../record/observed';
import { feelOf } from './sessionOf';
import { handleFrom } from './sessionSettings';

/** How the handle of a multipoint lock went before its keeps were turned, and after the last of them; absent where nobody has told. */
export function handleChange(record: CallRecord): { before?: HandleFeel; now?: HandleFeel } {
  const kept = lastWorksheet(record, 'multipoint.next');
  const typed = (field: string) => kept?.figures.find((each) => each.field === field)?.typed;
  const before = handleFrom(typed('handle.effort'), typed('handle.bounces'));
  const felt = standingWork(record).findLast((work) => work.felt?.effort != null)?.felt;
  const now = feelOf(felt);
  return { ...(before && { before }), ...(now && { now }) };
}
