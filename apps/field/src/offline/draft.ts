import { useEffect, useState } from 'react';
import { deviceStorage, keptJson } from './storage';

/**
 * Keeps what is being typed, so that a reload finds it. On a full device it is not kept and typing goes on: what is confirmed says
 * by itself when it cannot be kept.
 */
export function keepDraft(key: string, draft: unknown): void {
  try {
    deviceStorage.set(key, JSON.stringify(draft));
  } catch {
    deviceStorage.remove(key);
  }
}

/** What was being typed, when it is what is looked for: an earlier program may have kept it in another form. */
export function readDraft<T>(key: string, isDraft: (kept: unknown) => kept is T): T | undefined {
  const kept = keptJson(key);
  return isDraft(kept) ? kept : undefined;
}

export const dropDraft = (key: string): void => deviceStorage.remove(key);

export interface KeptDraft<T> {
  draft: T;
  setDraft: (next: T | ((was: T) => T)) => void;
  /** Lets go of what was kept: it was written for good, or left. What stands there begins again with `next`. */
  drop: (next: T) => void;
}

/** State of a form that a reload finds again: kept on the device from the first change until it is dropped. */
export function useKeptDraft<T>(key: string, isDraft: (kept: unknown) => kept is T, begin: () => T): KeptDraft<T> {
  const [{ draft, isKept }, set] = useState(() => ({ draft: readDraft(key, isDraft) ?? begin(), isKept: false }));
  useEffect(() => {
    if (isKept) keepDraft(key, draft);
  }, [key, draft, isKept]);
  return {
    draft,
    setDraft: (next) => set((was) => ({ draft: typeof next === 'function' ? (next as (was: T) => T)(was.draft) : next, isKept: true })),
    drop: (next) => {
      dropDraft(key);
      set({ draft: next, isKept: false });
    },
  };
}

/** Texts by the name of their field, which is what most forms are while they are typed. */
export function isTexts(kept: unknown): kept is Record<string, string> {
  return typeof kept === 'object' && kept !== null && Object.values(kept).every((text) => typeof text === 'string');
}
