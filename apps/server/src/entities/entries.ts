import { Column, Entity, ForeignKey, Index, PrimaryColumn } from 'typeorm';
import { CallRow } from './cards';

/** What every entry holds: it is written once and corrected only by a later entry. */
abstract class Entry {
  @PrimaryColumn({ type: 'text' })
  id: string;

  @Column({ type: 'text' })
  writtenAt: string;
}

abstract class CorrectableEntry extends Entry {
  @Column({ type: 'text', nullable: true })
  supersedes: string | null;

  @Column({ type: 'boolean', default: false })
  withdrawn: boolean;
}

@Entity({ name: 'reading_set' })
export class ReadingSetRow extends Entry {
  @Index('reading_set_call')
  @ForeignKey(() => CallRow)
  @Column({ type: 'text' })
  callId: string;

  @Column({ type: 'text' })
  stage: string;
}

@Entity({ name: 'reading' })
export class ReadingRow extends CorrectableEntry {
  @Index('reading_reading_set')
  @ForeignKey(() => ReadingSetRow)
  @Column({ type: 'text' })
  setId: string;

  @Column({ type: 'text' })
  station: string;

  @Column({ type: 'text' })
  kind: string;

  @Column({ type: 'real', nullable: true })
  mm: number | null;

  @Column({ type: 'text' })
  typed: string;

  @Column({ type: 'text' })
  instrument: string;
}

@Entity({ name: 'finding' })
export class FindingRow extends CorrectableEntry {
  @Index('finding_call')
  @ForeignKey(() => CallRow)
  @Column({ type: 'text' })
  callId: string;

  @Column({ type: 'text' })
  finding: string;

  @Column({ type: 'text' })
  answer: string;

  /** The work after which it was checked again; null as found. */
  @Column({ type: 'text', nullable: true })
  adjustmentId: string | null;
}

@Entity({ name: 'adjustment' })
export class AdjustmentRow extends CorrectableEntry {
  @Index('adjustment_call')
  @ForeignKey(() => CallRow)
  @Column({ type: 'text' })
  callId: string;

  @Column({ type: 'text' })
  action: string;

  @Column({ type: 'text', nullable: true })
  hinge: string | null;

  @Column({ type: 'real', nullable: true })
  planned: number | null;

  @Column({ type: 'real' })
  amount: number;

  @Column({ type: 'text' })
  unit: string;

  @Column({ type: 'real', nullable: true })
  fromMm: number | null;

  @Column({ type: 'real', nullable: true })
  toMm: number | null;

  /** For a keep of a multipoint lock: which. */
  @Column({ type: 'text', nullable: true })
  keep: string | null;

  /** How handle, door or seal worked after it. */
  @Column({ type: 'simple-json', nullable: true })
  felt: object | null;

  @Column({ type: 'text' })
  remark: string;
}

@Entity({ name: 'note' })
export class NoteRow extends CorrectableEntry {
  @Index('note_call')
  @ForeignKey(() => CallRow)
  @Column({ type: 'text' })
  callId: string;

  @Column({ type: 'text' })
  text: string;
}

@Entity({ name: 'worksheet' })
export class WorksheetRow extends CorrectableEntry {
  @Index('worksheet_call')
  @ForeignKey(() => CallRow)
  @Column({ type: 'text' })
  callId: string;

  @Column({ type: 'text' })
  sheet: string;

  @Column({ type: 'simple-json' })
  figures: { field: string; typed: string }[];

  @Column({ type: 'text' })
  says: string;
}
