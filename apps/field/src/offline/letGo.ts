import { mergeRecord, type Call, type CallRecord, type CallSummary, type Page } from '@proper-swing/contract';
import type { DehydratedState } from '@tanstack/react-query';
import { KEYS } from './keys';
import type { Outbox, Outgoing } from './outbox';
import { keepSent } from './sent';

/** Lets go of what was confirmed once the answers kept on this device hold it; what is let go of is kept in case the server loses it. */
export async function letGo(outbox: Outbox, kept: DehydratedState, keep: typeof keepSent = keepSent): Promise<void> {
  const held = outbox.confirmed().filter((outgoing) => isHeld(kept, outgoing));
  if (held.length === 0) return;
  // Without it only an older backup of the server would be missing it.
  await keep(held).catch(() => undefined);
  held.forEach(outbox.remove);
}

/** Whether every kept answer that should hold a write does. */
function isHeld(kept: DehydratedState, { kind, body }: Outgoing): boolean {
  const records = answers<CallRecord>(kept, KEYS.anyCallRecord[0]);
  if (!records.every((record) => mergeRecord(record, kind, body) === record)) return false;
  if (kind !== 'calls') return true;
  const { id, revision } = body as Call;
  // A call that was begun belongs to the list of the day; an earlier one may lie outside of it.
  const least = ({ items }: Page<CallSummary>) =>
    items.find(({ call }) => call.id === id)?.call.revision ?? (revision === 1 ? 0 : revision);
  return answers<Page<CallSummary>>(kept, KEYS.anySummaries[0]).every((page) => least(page) >= revision);
}

const answers = <T>({ queries }: DehydratedState, name: string): T[] =>
  queries.flatMap(({ queryKey, state }) => (queryKey[0] === name && state.data !== undefined ? [state.data as T] : []));
