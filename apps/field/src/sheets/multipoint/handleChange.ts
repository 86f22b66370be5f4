import { byWriteOrder, standing, type CallRecord } from '@proper-swing/contract';
import type { HandleFeel } from '@proper-swing/core/sheets';
import { standingWork } from '../../record/observed';
import { handleFrom } from './sessionSettings';

/** How the handle of a multipoint lock went before its keeps were turned, and after the last of them; absent where nobody has told. */
export function handleChange(record: CallRecord): { before?: HandleFeel; now?: HandleFeel } {
  const kept = standing(record.worksheets)
    .sort(byWriteOrder)
    .findLast(({ sheet }) => sheet === 'multipoint.next');
  const typed = (field: string) => kept?.figures.find((each) => each.field === field)?.typed;
  const before = handleFrom(typed('handle.effort'), typed('handle.bounces'));
  const felt = standingWork(record).findLast((work) => work.felt?.effort != null)?.felt;
  const now = handleFrom(
    felt?.effort == null ? undefined : String(felt.effort),
    felt?.bounces == null ? undefined : felt.bounces ? 'yes' : 'no',
  );
  return { ...(before && { before }), ...(now && { now }) };
}
