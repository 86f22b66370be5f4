import type { CallSummary } from '@proper-swing/contract';
import { addDays } from 'date-fns/addDays';
import { startOfDay } from 'date-fns/startOfDay';
import { isOpen, isUnderWay, wantsAnotherDay } from './callMoves';
import { dayKey, type DayKey } from './days';

/** Doors of one site that are called to at one time. */
export interface Visit {
  key: string;
  calls: CallSummary[];
}

/** Calls as a day's page has them. */
export interface DayBook {
  /** Open ones by their day; those of today, first of all. */
  openOn: ReadonlyMap<DayKey, readonly CallSummary[]>;
  /** Due before today and still open, or tried in vain: each wants a day. */
  unsettled: readonly CallSummary[];
  /** Done or called off today, by their time. */
  closedToday: readonly CallSummary[];
  /** Done before, the last first. */
  doneBefore: readonly CallSummary[];
  /** Days after the strip that have open calls, the nearest first. */
  later: readonly DayKey[];
  /** What is to be done next: what is under way, or the first of today, or the first that comes. */
  next: CallSummary | undefined;
}

/**
 * Every open call is somewhere in it, whatever its date.
 *
 * @param stripDays days that the strip shows, from today on
 */
export function dayBook(items: readonly CallSummary[], now: Date, stripDays = 7): DayBook {
  const today = startOfDay(now);
  const byTime = [...items].sort(
    (a, b) =>
      a.call.scheduledFor.localeCompare(b.call.scheduledFor) || a.site.id.localeCompare(b.site.id) || a.call.id.localeCompare(b.call.id),
  );
  const isBefore = ({ call }: CallSummary) => new Date(call.scheduledFor) < today;
  const open = byTime.filter(({ call }) => isOpen(call));
  // What is on site since yesterday is today's.
  const unsettled = open.filter((each) => (isBefore(each) || wantsAnotherDay(each.call)) && !isUnderWay(each.call));
  const settled = open.filter((each) => !unsettled.includes(each));
  const openOn = new Map<DayKey, CallSummary[]>();
  for (const each of settled) {
    const key = isBefore(each) ? dayKey(today) : dayKey(each.call.scheduledFor);
    openOn.set(key, [...(openOn.get(key) ?? []), each]);
  }
  const closed = byTime.filter(({ call }) => !isOpen(call));
  const afterStrip = dayKey(addDays(today, stripDays));
  return {
    openOn,
    unsettled,
    closedToday: closed.filter(({ call }) => dayKey(call.scheduledFor) === dayKey(today)),
    doneBefore: closed.filter((each) => isBefore(each) && each.call.state === 'done').reverse(),
    later: [...openOn.keys()].filter((key) => key >= afterStrip).sort(),
    next: settled.find(({ call }) => isUnderWay(call)) ?? settled[0],
  };
}

/** Calls at one site at one time are one visit to several doors. */
export function visitsOf(calls: readonly CallSummary[]): Visit[] {
  const visits = new Map<string, CallSummary[]>();
  for (const each of calls) {
    const key = `${each.call.scheduledFor} ${each.site.id}`;
    visits.set(key, [...(visits.get(key) ?? []), each]);
  }
  return [...visits].map(([key, of]) => ({ key, calls: of }));
}
