import type { Schema } from 'yup';
import {
  adjustmentSchema,
  callSchema,
  doorSchema,
  findingEntrySchema,
  noteSchema,
  readingSchema,
  readingSetSchema,
  siteSchema,
  worksheetSchema,
  type Adjustment,
  type Call,
  type Door,
  type FindingEntry,
  type Note,
  type ReadingEntry,
  type ReadingSet,
  type Site,
  type Worksheet,
} from './schemas';

/** What each kind of record holds, by the name its address uses. */
export interface RecordBodies {
  sites: Site;
  doors: Door;
  calls: Call;
  'reading-sets': ReadingSet;
  readings: ReadingEntry;
  findings: FindingEntry;
  adjustments: Adjustment;
  notes: Note;
  worksheets: Worksheet;
}

export type RecordKind = keyof RecordBodies;

export interface RecordKindEntry {
  kind: RecordKind;
  title: string;
  schema: Schema;
  /** Cards take revisions; entries are written once. */
  manner: 'card' | 'entry';
  /** Field that names the parent, and the parent's kind. */
  parent?: { field: string; kind: RecordKind };
}

/** Every kind of record, parents before children: the order in which they can be written. */
export const RECORD_KINDS: readonly RecordKindEntry[] = [
  { kind: 'sites', title: 'Site', schema: siteSchema, manner: 'card' },
  { kind: 'doors', title: 'Door', schema: doorSchema, manner: 'card', parent: { field: 'siteId', kind: 'sites' } },
  { kind: 'calls', title: 'Call', schema: callSchema, manner: 'card', parent: { field: 'doorId', kind: 'doors' } },
  { kind: 'reading-sets', title: 'Walk-round', schema: readingSetSchema, manner: 'entry', parent: { field: 'callId', kind: 'calls' } },
  { kind: 'readings', title: 'Reading', schema: readingSchema, manner: 'entry', parent: { field: 'setId', kind: 'reading-sets' } },
  { kind: 'findings', title: 'Finding', schema: findingEntrySchema, manner: 'entry', parent: { field: 'callId', kind: 'calls' } },
  { kind: 'adjustments', title: 'Adjustment', schema: adjustmentSchema, manner: 'entry', parent: { field: 'callId', kind: 'calls' } },
  { kind: 'notes', title: 'Note', schema: noteSchema, manner: 'entry', parent: { field: 'callId', kind: 'calls' } },
  { kind: 'worksheets', title: 'Worksheet', schema: worksheetSchema, manner: 'entry', parent: { field: 'callId', kind: 'calls' } },
];

export function recordKind(kind: string): RecordKindEntry | undefined {
  return RECORD_KINDS.find((each) => each.kind === kind);
}
