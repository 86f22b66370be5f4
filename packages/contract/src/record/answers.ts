import type { SEARCHED } from '../names/searched';
import type { CardsOfCall, ListsOfCall, RecordBodies, RecordKind } from './register';

/** A page of a list; `next` is the cursor of the following page, or null at the end. */
export interface Page<T> {
  items: T[];
  next: string | null;
}

/** A call as a list shows it, with the door and site it is about. */
export interface CallSummary extends CardsOfCall {
  /** Readings that stand on this call so far, and steps done. */
  readingCount: number;
  adjustmentCount: number;
}

/** Everything written on a call. Superseded and withdrawn entries are kept and marked by the later entry. */
export type CallRecord = CardsOfCall & ListsOfCall;

/** Calls of a door, newest first, with their records. */
export interface DoorHistory {
  door: RecordBodies['doors'];
  site: RecordBodies['sites'];
  calls: CallRecord[];
  /** Cursor of the older calls that are not in it, or null when it is whole. */
  next: string | null;
}

/** How much there is of something, and when last. */
interface Visited {
  callCount: number;
  openCount: number;
  /** When the newest of its calls is or was due; null when it has none. */
  lastCall: string | null;
}

/** A door as a list shows it. */
export interface DoorSummary extends Visited {
  door: RecordBodies['doors'];
  site: RecordBodies['sites'];
}

/** A site as a list shows it. */
export interface SiteSummary extends Visited {
  site: RecordBodies['sites'];
  doorCount: number;
}

/** A site with its doors and its calls, newest first. */
export interface SiteHistory {
  site: RecordBodies['sites'];
  doors: DoorSummary[];
  calls: CallSummary[];
  /** Cursor of the older calls, or null when all are in it. */
  next: string | null;
}

/** Something that was found by its words, with the cards it belongs to. */
export interface SearchHit {
  kind: (typeof SEARCHED)[number];
  site: RecordBodies['sites'];
  door?: RecordBodies['doors'];
  call?: RecordBodies['calls'];
  note?: RecordBodies['notes'];
}

/** What was found: sites, doors, calls and notes, of each the newest. */
export interface SearchResults {
  hits: SearchHit[];
}

/** What a device needs to go on without a network. */
export interface WorkingSet {
  /** Of the doors that are worked on, by when they are due. */
  histories: DoorHistory[];
  sites: RecordBodies['sites'][];
}

/** Records to be written in one go. */
export interface RecordBatch {
  writes: { kind: string; body: unknown }[];
}

/** What became of each, in the same order: as it stands now, or why it was not written. */
export interface RecordBatchAnswers {
  answers: ({ status: 200 | 201; body: RecordBodies[RecordKind] } | { status: number; problem: Problem })[];
}

/** Records that a device had confirmed; of a card the revision. */
export interface RecordsAskedFor {
  of: { kind: string; id: string; revision?: number }[];
}

/** Places in the list asked for of those that are not here. */
export interface RecordsMissing {
  missing: number[];
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
