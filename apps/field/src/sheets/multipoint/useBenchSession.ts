import type { HingeScrewId } from '@proper-swing/core';
import type { HingeGo, KeepGo, SessionGaps } from '@proper-swing/core/sheets';
import { useMemo } from 'react';
import { useKeptDraft } from '../../offline/draft';
import { usePreferences } from '../../offline/preferences';
import { readSettings, type SettingsTyped } from './sessionSettings';
import type { SessionStore } from './sessionStore';

interface Bench {
  settings: SettingsTyped;
  found: SessionGaps;
  /** Goes in the order they were done, hinges and keeps together. */
  goes: ({ kind: 'hinge'; go: HingeGo } | { kind: 'keep'; go: KeepGo })[];
}

const KEY = 'swing.draft.bench.multipoint';
const EMPTY: Bench = { settings: {}, found: {}, goes: [] };
/** A composite door of the usual size; on a call the door's own card is used. */
const USUAL_DOOR = { slabWidthMm: 900, slabHeightMm: 2050, hingeHeightsMm: [180, 1020, 1860] };

/** A session without a customer: kept on this device until it is started over. */
export function useBenchSession(): SessionStore & { clear: () => void } {
  const { units } = usePreferences();
  const { draft: bench, setDraft: setBench, drop } = useKeptDraft(KEY, isBench, () => EMPTY);
  const { settings: read, errors } = useMemo(() => readSettings(bench.settings, units), [bench.settings, units]);
  const change = (by: (was: Bench) => Partial<Bench>) => setBench((was) => ({ ...was, ...by(was) }));
  const add = (entry: Bench['goes'][number]) => change(({ goes }) => ({ goes: [...goes, entry] }));
  const inLastHinge = (by: (go: HingeGo) => HingeGo) =>
    change(({ goes }) => {
      const place = goes.findLastIndex(({ kind }) => kind === 'hinge');
      return { goes: goes.map((entry, i) => (i === place && entry.kind === 'hinge' ? { kind: 'hinge', go: by(entry.go) } : entry)) };
    });
  return {
    session: {
      door: USUAL_DOOR,
      ...read,
      found: bench.found,
      goes: bench.goes.flatMap((entry) => (entry.kind === 'hinge' ? [entry.go] : [])),
      keepGoes: bench.goes.flatMap((entry) => (entry.kind === 'keep' ? [entry.go] : [])),
    },
    settings: bench.settings,
    settingErrors: errors,
    setSettings: (by) => change(({ settings }) => ({ settings: { ...settings, ...by } })),
    writeGaps: (gaps) => {
      const after: SessionGaps = Object.fromEntries(gaps.map(({ key, mm }) => [key, mm]));
      if (bench.goes.some(({ kind }) => kind === 'hinge')) inLastHinge((go) => ({ ...go, after: { ...go.after, ...after } }));
      else change(({ found }) => ({ found: { ...found, ...after } }));
    },
    logTurns: (turns: Partial<Record<HingeScrewId, number>>) => add({ kind: 'hinge', go: { turns } }),
    logSeal: (seal) => inLastHinge((go) => ({ ...go, seal })),
    logKeep: (cam, quarters, handle) => add({ kind: 'keep', go: { ...cam, quarters, handle } }),
    ...(bench.goes.length > 0 && { takeBack: () => change(({ goes }) => ({ goes: goes.slice(0, -1) })) }),
    clear: () => drop(EMPTY),
  };
}

function isBench(kept: unknown): kept is Bench {
  const { settings, found, goes } = (kept ?? {}) as Partial<Bench>;
  return settings !== undefined && found !== undefined && Array.isArray(goes);
}
