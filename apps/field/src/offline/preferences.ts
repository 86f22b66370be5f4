import type { LengthStyle } from '@proper-swing/core';
import { useSyncExternalStore } from 'react';
import { announcer } from './announcer';
import { deviceStorage, keptJson } from './storage';

/** How gaps are put in: by the steps of a gauge, digit by digit, or by eye. */
export type GapPad = 'gauge' | 'digits' | 'eye';

/** What one person wants on this device. */
export interface Preferences {
  units: 'mm' | 'in';
  /** Finest fraction of an inch shown. */
  finest: 16 | 32 | 64;
  theme: 'light' | 'dark' | 'device';
  gapPad: GapPad;
  /** The climate that slabs are forecast in: a sample or, typed month by month, one’s own. */
  climateId: string;
  ownClimate: string;
  /** Has seen, or does not want to see, how a call goes. */
  knowsHow: boolean;
}

const KEY = 'swing.preferences';
const USUAL: Preferences = {
  units: 'mm',
  finest: 32,
  theme: 'device',
  gapPad: 'gauge',
  climateId: 'mildCoast',
  ownClimate: '',
  knowsHow: false,
};

let current = read();
const changes = announcer();

export const preferencesNow = (): Preferences => current;

export function usePreferences(): Preferences {
  return useSyncExternalStore(changes.listen, preferencesNow, preferencesNow);
}

export function setPreferences(change: Partial<Preferences>): void {
  current = { ...current, ...change };
  try {
    deviceStorage.set(KEY, JSON.stringify(current));
  } catch {
    // It holds until the app is opened again; that it is not kept is told where everything is.
  }
  changes.tell();
}

/** How lengths are written for this person. */
export function lengthStyle({ units, finest }: Preferences): LengthStyle {
  return units === 'mm' ? { system: 'mm' } : { system: 'in', finest };
}

function read(): Preferences {
  return { ...USUAL, ...(keptJson(KEY) as Partial<Preferences> | undefined) };
}
