import type { CallRecord } from '@proper-swing/contract';
import type { NextBest } from '@proper-swing/core/doors';
import { useMemo } from 'react';
import { useNextBest } from '../engine/useEngine';
import { observedNow, uncheckedWork } from '../record/observed';

/** What to read or try next of the door as it is now; nothing while what was done last is still to be checked. */
export function useNextNow(record: CallRecord): NextBest | undefined {
  const next = useNextBest(useMemo(() => observedNow(record), [record]));
  return uncheckedWork(record).length > 0 ? undefined : next;
}
