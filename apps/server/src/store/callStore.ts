import type { CallRecord, CallSummary, DoorHistory, Page } from '@proper-swing/contract';
import { In, type DataSource } from 'typeorm';
import { AdjustmentRow, CallRow, DoorRow, FindingRow, NoteRow, ReadingRow, ReadingSetRow, SiteRow, WorksheetRow } from '../entities';

/** Reads calls together with the door, the site and all that was written on them. */
export interface CallStore {
  summaries: (options: { from?: string; to?: string; cursor?: CallCursor; limit: number }) => Promise<Page<CallSummary>>;
  record: (callId: string) => Promise<CallRecord | undefined>;
  history: (doorId: string) => Promise<DoorHistory | undefined>;
}

/** Where a page of calls ended: they are listed by when they are due. */
export interface CallCursor {
  scheduledFor: string;
  id: string;
}

const HISTORY_CALLS = 50;

export function callStore(source: DataSource): CallStore {
  const { manager } = source;

  const recordsOf = async (calls: CallRow[]): Promise<CallRecord[]> => {
    const callIds = calls.map(({ id }) => id);
    const onCalls = { where: { callId: In(callIds) }, order: { id: 'ASC' as const } };
    const [doors, readingSets, findings, adjustments, notes, worksheets] = await Promise.all([
      manager.findBy(DoorRow, { id: In(calls.map(({ doorId }) => doorId)) }),
      manager.find(ReadingSetRow, onCalls),
      manager.find(FindingRow, onCalls),
      manager.find(AdjustmentRow, onCalls),
      manager.find(NoteRow, onCalls),
      manager.find(WorksheetRow, onCalls),
    ]);
    const sites = await manager.findBy(SiteRow, { id: In(doors.map(({ siteId }) => siteId)) });
    const readings = await manager.find(ReadingRow, { where: { setId: In(readingSets.map(({ id }) => id)) }, order: { id: 'ASC' } });
    return calls.flatMap((call) => {
      const door = doors.find(({ id }) => id === call.doorId);
      const site = sites.find(({ id }) => id === door?.siteId);
      if (door === undefined || site === undefined) return [];
      const sets = readingSets.filter(({ callId }) => callId === call.id);
      const setIds = new Set(sets.map(({ id }) => id));
      const ofCall = ({ callId }: { callId: string }) => callId === call.id;
      return [
        {
          call,
          door,
          site,
          readingSets: sets,
          readings: readings.filter(({ setId }) => setIds.has(setId)),
          findings: findings.filter(ofCall),
          adjustments: adjustments.filter(ofCall),
          notes: notes.filter(ofCall),
          worksheets: worksheets.filter(ofCall),
        } as CallRecord,
      ];
    });
  };

  return {
    summaries: async ({ from, to, cursor, limit }) => {
      const query = manager
        .createQueryBuilder(CallRow, 'call')
        .orderBy('call.scheduledFor', 'ASC')
        .addOrderBy('call.id', 'ASC')
        .take(limit + 1);
      if (from !== undefined) query.andWhere('call.scheduledFor >= :from', { from });
      if (to !== undefined) query.andWhere('call.scheduledFor < :to', { to });
      if (cursor !== undefined) {
        query.andWhere('(call.scheduledFor > :due OR (call.scheduledFor = :due AND call.id > :id))', {
          due: cursor.scheduledFor,
          id: cursor.id,
        });
      }
      const found = await query.getMany();
      const records = await recordsOf(found.slice(0, limit));
      const last = records[records.length - 1]?.call;
      return {
        items: records.map(({ call, door, site, readings, adjustments }) => ({
          call,
          door,
          site,
          readingCount: readings.length,
          adjustmentCount: adjustments.length,
        })),
        next: found.length > limit && last !== undefined ? writeCursor(last) : null,
      };
    },
    record: async (callId) => {
      const call = await manager.findOneBy(CallRow, { id: callId });
      return call === null ? undefined : (await recordsOf([call]))[0];
    },
    history: async (doorId) => {
      const door = await manager.findOneBy(DoorRow, { id: doorId });
      const site = door === null ? null : await manager.findOneBy(SiteRow, { id: door.siteId });
      if (door === null || site === null) return undefined;
      const calls = await manager.find(CallRow, { where: { doorId }, order: { scheduledFor: 'DESC', id: 'DESC' }, take: HISTORY_CALLS });
      return { door, site, calls: await recordsOf(calls) } as DoorHistory;
    },
  };
}

function writeCursor({ scheduledFor, id }: CallCursor): string {
  return Buffer.from(JSON.stringify([scheduledFor, id])).toString('base64url');
}

/** A cursor as it came back; `undefined` when it is not one of ours. */
export function readCursor(text: string): CallCursor | undefined {
  try {
    const parsed: unknown = JSON.parse(Buffer.from(text, 'base64url').toString());
    if (!Array.isArray(parsed)) return undefined;
    const [scheduledFor, id] = parsed as unknown[];
    return typeof scheduledFor === 'string' && typeof id === 'string' ? { scheduledFor, id } : undefined;
  } catch {
    return undefined;
  }
}
