import { useEffect, useState } from 'react';
import { keepDraft, readDraft } from './draft';

const isSeen = (kept: unknown): kept is true => kept === true;

/** Whether something was shown on this device before this time; a device without room shows it anew. */
export function useSeenBefore(what: string): boolean {
  const key = `swing.seen.${what}`;
  const [wasSeen] = useState(() => readDraft(key, isSeen) === true);
  useEffect(() => keepDraft(key, true), [key]);
  return wasSeen;
}
