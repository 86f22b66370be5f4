import type { Adjustment, CallRecord, HingedMake } from '@proper-swing/contract';
import { useMemo } from 'react';
import { usePreferences } from '../../offline/preferences';
import { write } from '../../offline/write';
import { lastWorksheet } from '../../record/lastWorksheet';
import { standingWork } from '../../record/observed';
import { logWork, withdrawAdjustment } from '../../record/writeAdjustment';
import { entryStamp, newAct } from '../../record/writing';
import { writeReading } from '../../record/writeReading';
import { GAP_STATIONS, sessionOf, workOfTurns } from './sessionOf';
import { readSettings, settingsOfDoor, type SettingsTyped } from './sessionSettings';
import type { SessionStore } from './sessionStore';

/** The session of a call: its readings and turns are those of the call, its settings a worksheet of it. */
export function useCallSession(record: CallRecord, make: HingedMake): SessionStore {
  const { units } = usePreferences();
  const kept = lastWorksheet(record, 'multipoint.next');
  const typed = useMemo<SettingsTyped>(() => Object.fromEntries((kept?.figures ?? []).map(({ field, typed }) => [field, typed])), [kept]);
  const settings = useMemo(() => ({ ...settingsOfDoor(make), ...typed }), [make, typed]);
  const { settings: read, errors } = useMemo(() => readSettings(settings, units), [settings, units]);
  const session = useMemo(() => sessionOf(record, make, read), [record, make, read]);
  const turned = standingWork(record).filter(({ action }) => SESSION_ACTIONS.includes(action));
  const last = turned.at(-1);
  return {
    session,
    settings,
    settingErrors: errors,
    setSettings: (change) =>
      write('worksheets', {
        ...entryStamp(record),
        callId: record.call.id,
        sheet: 'multipoint.next',
        figures: Object.entries({ ...typed, ...change }).map(([field, typed]) => ({ field, typed })),
        says: '',
        ...(kept && { supersedes: kept.id }),
      }),
    writeGaps: (gaps) => {
      const stage = session.goes.length === 0 ? 'found' : 'check';
      let next = record;
      for (const { key, mm, typed } of gaps) next = writeReading(next, stage, GAP_STATIONS[key], { kind: 'figure', mm, typed });
    },
    logTurns: (turns) => {
      const go = newAct();
      for (const work of workOfTurns(turns)) logWork(record, { ...work, go });
    },
    logSeal: (seal) => {
      if (last?.action === 'turnPressure')
        write('adjustments', { ...last, ...entryStamp(record), felt: { ...last.felt, seal }, supersedes: last.id });
    },
    logKeep: ({ keep, cam }, quarters, { effort, bounces }) =>
      logWork(record, {
        action: 'turnKeeps',
        keep,
        ...(cam && { screws: [cam] }),
        amount: quarters,
        unit: 'quarter turns',
        felt: { effort, bounces },
      }),
    ...(last && { takeBack: () => lastGo(turned).forEach((each) => withdrawAdjustment(record, each)) }),
  };
}

const SESSION_ACTIONS: readonly string[] = ['turnHeight', 'turnSideways', 'turnPressure', 'turnKeeps'];
/** The pieces of work that one act logged last. */
function lastGo(turned: readonly Adjustment[]): Adjustment[] {
  const last = turned.at(-1);
  if (last === undefined) return [];
  return last.go == null ? [last] : turned.filter(({ go }) => go === last.go);
}
