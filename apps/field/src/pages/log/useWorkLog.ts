import type { CallRecord } from '@proper-swing/contract';
import type { ActionId } from '@proper-swing/core/doors';
import { useState } from 'react';
import { goToFault } from '../../design/goToFault';
import { useKeptDraft } from '../../offline/draft';
import { recentWork, rememberWork } from './recentWork';
import { beginWork, faultsOf, isWorkDraft, writeWork, type WorkDraft, type WorkFaults } from './workDraft';

type Begun = { work: WorkDraft | null };
const isBegun = (kept: unknown): kept is Begun => isWorkDraft((kept as Begun | null)?.work);
const NONE: Begun = { work: null };

/** What is being written down on a call: kept until it is logged or left. */
export interface WorkLog {
  work: WorkDraft | null;
  /** What is wrong with it, from the first try to log it on. */
  faults: WorkFaults;
  fault: string | undefined;
  recent: readonly ActionId[];
  begin: (id: ActionId) => void;
  take: (draft: WorkDraft) => void;
  change: (next: Partial<WorkDraft>) => void;
  leave: () => void;
  log: (record: CallRecord) => void;
}

export function useWorkLog(callId: string): WorkLog {
  const { draft, setDraft, drop } = useKeptDraft<Begun>(`swing.draft.work.${callId}`, isBegun, () => NONE);
  const { work } = draft;
  const [recent, setRecent] = useState(recentWork);
  const [isTried, setIsTried] = useState(false);
  const [fault, setFault] = useState<string>();
  const take = (next: WorkDraft) => {
    setIsTried(false);
    setDraft({ work: next });
  };
  const leave = () => {
    setIsTried(false);
    setFault(undefined);
    drop(NONE);
  };
  const log = (record: CallRecord) => {
    if (work === null) return;
    setIsTried(true);
    if (Object.keys(faultsOf(work)).length > 0) {
      goToFault();
      return;
    }
    try {
      writeWork(record, work);
    } catch {
      setFault('This device is full: the work is not kept. Make room, then log it again.');
      return;
    }
    rememberWork(work.action);
    setRecent(recentWork());
    leave();
  };
  return {
    ...{ work, fault, recent, take, leave, log },
    faults: work && isTried ? faultsOf(work) : {},
    begin: (id) => take(beginWork(id)),
    change: (next) => setDraft(({ work: was }) => ({ work: was && { ...was, ...next } })),
  };
}
