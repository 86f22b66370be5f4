import type { RecordKind } from '@proper-swing/contract';
import { CallRow, CardRevisionRow, DoorRow, SiteRow } from './cards';
import { AdjustmentRow, FindingRow, NoteRow, ReadingRow, ReadingSetRow, WorksheetRow } from './entries';

/** The table of each kind of record. */
export const ROWS = {
  sites: SiteRow,
  doors: DoorRow,
  calls: CallRow,
  'reading-sets': ReadingSetRow,
  readings: ReadingRow,
  findings: FindingRow,
  adjustments: AdjustmentRow,
  notes: NoteRow,
  worksheets: WorksheetRow,
} as const satisfies Record<RecordKind, unknown>;

export const ENTITIES = [...Object.values(ROWS), CardRevisionRow];

export { CallRow, CardRevisionRow, DoorRow, SiteRow, AdjustmentRow, FindingRow, NoteRow, ReadingRow, ReadingSetRow, WorksheetRow };
