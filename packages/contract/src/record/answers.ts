import type { Adjustment, Call, Door, FindingEntry, Note, ReadingEntry, ReadingSet, Site, Worksheet } from './schemas';

/** A page of a list; `next` is the cursor of the following page, or null at the end. */
export interface Page<T> {
  items: T[];
  next: string | null;
}

/** A call as a list shows it, with the door and site it is about. */
export interface CallSummary {
  call: Call;
  door: Door;
  site: Site;
  /** Readings taken on this call so far, and steps done. */
  readingCount: number;
  adjustmentCount: number;
}

/** Everything written on one call. Superseded and withdrawn entries are kept and marked by the later entry. */
export interface CallRecord {
  call: Call;
  door: Door;
  site: Site;
  readingSets: ReadingSet[];
  readings: ReadingEntry[];
  findings: FindingEntry[];
  adjustments: Adjustment[];
  notes: Note[];
  worksheets: Worksheet[];
}

/** All calls of a door, newest first, with their records. */
export interface DoorHistory {
  door: Door;
  site: Site;
  calls: CallRecord[];
}

/** RFC 9457 problem details. */
export interface Problem {
  type: string;
  title: string;
  status: number;
  detail: string;
  instance?: string;
  errors?: { field: string; message: string }[];
}

export interface Health {
  status: 'ok';
  version: string;
}
