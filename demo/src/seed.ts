import { recordKind, type RecordBodies, type RecordKind } from '@proper-swing/contract';
import { check, recordSchema } from '@proper-swing/contract/schemas';
import { action, station, type StationId } from '@proper-swing/core/doors';
import { openStore, recordStore } from '@proper-swing/server';
import { addDays } from 'date-fns/addDays';
import { addMinutes } from 'date-fns/addMinutes';
import { startOfDay } from 'date-fns/startOfDay';
import { v7 } from 'uuid';
import { CALLS } from './calls';
import { DOORS, SLIDING_DOORS } from './doors';
import { SITES } from './sites';
import type { DemoCall, DemoReadings } from './workshop';

type Put = <K extends RecordKind>(kind: K, body: RecordBodies[K]) => Promise<void>;

/**
 * Writes the made-up workshop into a database, dated from the day of seeding, through the same checks as any write.
 *
 * @param file the SQLite file, made when absent
 * @param now the moment of seeding
 */
export async function seed(file: string, now: Date): Promise<void> {
  const source = await openStore(file);
  const store = recordStore(source);
  const put: Put = async (kind, body) => {
    const entry = recordKind(kind);
    if (entry === undefined) throw new RangeError(`no kind ${kind}`);
    const checked = check(recordSchema(kind), body);
    if (!checked.ok) throw new Error(`demo ${kind}: ${JSON.stringify(checked.errors)} in ${JSON.stringify(body)}`);
    await store.put(entry, checked.value);
  };
  const begin = addDays(now, -500);
  const siteIds = new Map<string, string>();
  for (const { key, ...site } of SITES) {
    const stamped = stampAt(begin);
    siteIds.set(key, stamped.id);
    await put('sites', { ...stamped, revision: 1, ...site });
  }
  const doorIds = new Map<string, string>();
  for (const { key, site, title, hingeHeightsMm, ...made } of DOORS) {
    const stamped = stampAt(begin);
    doorIds.set(key, stamped.id);
    const make = { ...made, hingeHeightsMm: [...hingeHeightsMm] };
    await put('doors', { ...stamped, revision: 1, siteId: siteIds.get(site) ?? '', title, kind: 'hinged', make });
  }
  for (const { key, site, title, ...make } of SLIDING_DOORS) {
    const stamped = stampAt(begin);
    doorIds.set(key, stamped.id);
    await put('doors', { ...stamped, revision: 1, siteId: siteIds.get(site) ?? '', title, kind: 'sliding', make });
  }
  for (const call of CALLS) await writeCall(put, call, doorIds.get(call.door) ?? '', now);
  await source.destroy();
}

async function writeCall(put: Put, demo: DemoCall, doorId: string, now: Date): Promise<void> {
  const [hours = 0, minutes = 0] = demo.at.split(':').map(Number);
  const due = addMinutes(startOfDay(addDays(now, demo.day)), hours * 60 + minutes);
  const call = stampAt(addDays(due, -1));
  const { job, complaint, state, leftBecause } = demo;
  const said = { ...(job !== undefined && { job }), ...(leftBecause !== undefined && { leftBecause }) };
  await put('calls', { ...call, revision: 1, doorId, scheduledFor: due.toISOString(), complaint, state, ...said });
  // Nothing is written later than the moment of seeding, even on a call that is due later today.
  const at = (minute: number) => stampAt(new Date(Math.min(addMinutes(due, minute).getTime(), now.getTime())));
  for (const [finding, answer] of Object.entries(demo.findings ?? {})) {
    await put('findings', { ...at(2), callId: call.id, finding: finding as never, answer });
  }
  if (demo.found) await writeReadings(put, { ...at(5), callId: call.id, stage: 'found' }, demo.found);
  for (const [i, { action: id, hinge, end, planned, amount, remark }] of (demo.done ?? []).entries()) {
    await put('adjustments', {
      ...at(20 + i),
      callId: call.id,
      action: id,
      hinge: hinge ?? null,
      ...(end && { end }),
      planned,
      amount,
      unit: action(id).unit,
      fromMm: null,
      toMm: null,
      remark: remark ?? '',
    });
  }
  if (demo.left) await writeReadings(put, { ...at(45), callId: call.id, stage: 'left' }, demo.left);
  for (const text of demo.notes ?? []) await put('notes', { ...at(50), callId: call.id, text });
}

async function writeReadings(put: Put, set: RecordBodies['reading-sets'], readings: DemoReadings): Promise<void> {
  await put('reading-sets', set);
  for (const [id, read] of Object.entries(readings)) {
    const at = id as StationId;
    const isFigure = typeof read === 'number';
    await put('readings', {
      ...stampAt(new Date(set.writtenAt)),
      setId: set.id,
      station: at,
      kind: isFigure ? 'figure' : read,
      mm: isFigure ? read : null,
      typed: isFigure ? `${read} mm` : '',
      instrument: station(at).instrument,
    });
  }
}

function stampAt(moment: Date): { id: string; writtenAt: string } {
  return { id: v7({ msecs: moment.getTime() }), writtenAt: moment.toISOString() };
}
