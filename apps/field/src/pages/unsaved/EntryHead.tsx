import { recordKind } from '@proper-swing/contract';
import { useQueryClient } from '@tanstack/react-query';
import { format } from 'date-fns/format';
import { Words } from '../../design/Words';
import type { Outgoing } from '../../offline/outbox';
import { useLaidOver } from '../../offline/useOutbox';
import { whereWritten, type Where } from '../../offline/whereWritten';

/** `Orrow household, Kitchen, 30 Nov 08:30`; nothing where this device does not know. */
const whereWords = ({ site, door, due }: Where): string =>
  [site, door, due && format(due, 'd MMM HH:mm')].filter((part) => part !== undefined && part !== '').join(', ');

/** Of which customer, door and call a write is. */
export function useWhere(outgoing: Outgoing): string {
  return whereWords(whereWritten(useQueryClient(), useLaidOver(), outgoing));
}

/** What kind of entry it is and whose door it is about. */
export function EntryHead({ outgoing }: { outgoing: Outgoing }) {
  const where = useWhere(outgoing);
  return (
    <>
      <Words kind="title">{recordKind(outgoing.kind)?.title}</Words>
      {where !== '' && <Words kind="strong">{where}</Words>}
    </>
  );
}
