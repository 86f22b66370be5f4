import { standing, type CallRecord } from '@proper-swing/contract';
import { useMemo } from 'react';
import { usePreferences } from '../../data/preferences';
import { stamp, write } from '../../data/sendWrites';
import { inWriting } from '../call/observed';
import { logWork, withdrawAdjustment } from '../fix/writeAdjustment';
import { writeReading } from '../measure/writeReading';
import { GAP_STATIONS, sessionOf, workOfTurns } from './sessionOf';
import { readSettings, settingsOfDoor, type SettingsTyped } from './sessionSettings';
import type { SessionStore } from './sessionStore';

/** The session of a call: its readings and turns are those of the call, its settings a worksheet of it. */
export function useCallSession(record: CallRecord): SessionStore {
  const { units } = usePreferences();
  const kept = standing(record.worksheets)
    .sort(inWriting)
    .findLast(({ sheet }) => sheet === 'multipoint.next');
  const typed = useMemo<SettingsTyped>(() => Object.fromEntries((kept?.figures ?? []).map(({ field, typed }) => [field, typed])), [kept]);
  const settings = useMemo(() => ({ ...settingsOfDoor(record.door), ...typed }), [record.door, typed]);
  const { settings: read, errors } = useMemo(() => readSettings(settings, units), [settings, units]);
  const session = useMemo(() => sessionOf(record, read), [record, read]);
  const turned = standing(record.adjustments)
    .sort(inWriting)
    .filter(({ action }) => SESSION_ACTIONS.includes(action));
  const last = turned.at(-1);
  return {
    session,
    settings,
    settingErrors: errors,
    setSettings: (change) =>
      write('worksheets', {
        ...stamp(),
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
      for (const work of workOfTurns(turns)) logWork(record, work);
    },
    logSeal: (seal) => {
      if (last?.action === 'turnPressure') write('adjustments', { ...last, ...stamp(), felt: { ...last.felt, seal }, supersedes: last.id });
    },
    logKeep: (keep, quarters, { effort, bounces }) =>
      logWork(record, { action: 'turnKeeps', keep, amount: quarters, unit: 'quarter turns', felt: { effort, bounces } }),
    ...(last && { takeBack: () => lastGo(turned).forEach(withdrawAdjustment) }),
  };
}

const SESSION_ACTIONS: readonly string[] = ['turnHeight', 'turnSideways', 'turnPressure', 'turnKeeps'];
/** Screws logged by one tap are written within this of each other, ms. */
const ONE_TAP_MS = 400;

/** The pieces of work that one tap logged last. */
function lastGo<T extends { writtenAt: string }>(turned: readonly T[]): T[] {
  const last = Date.parse(turned.at(-1)?.writtenAt ?? '');
  return turned.filter(({ writtenAt }) => last - Date.parse(writtenAt) <= ONE_TAP_MS);
}
