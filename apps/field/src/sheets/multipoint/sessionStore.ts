import type { HingeScrewId } from '@proper-swing/core';
import type { CamAt, HandleFeel, MultipointSession, SealFeel, SessionGaps } from '@proper-swing/core/sheets';
import type { SettingsTyped } from './sessionSettings';

/** A gap as it was typed. */
export interface TypedGap {
  key: keyof SessionGaps;
  mm: number;
  typed: string;
}

/** Where a session is kept: with a call, or on the bench. */
export interface SessionStore {
  session: MultipointSession;
  settings: SettingsTyped;
  settingErrors: Readonly<Record<string, string>>;
  setSettings: (change: SettingsTyped) => void;
  writeGaps: (gaps: readonly TypedGap[]) => void;
  logTurns: (turns: Partial<Record<HingeScrewId, number>>) => void;
  logSeal: (seal: SealFeel) => void;
  logKeep: (cam: CamAt, quarters: number, handle: HandleFeel) => void;
  /** Takes the last go back; absent when there is none. */
  takeBack?: () => void;
}
