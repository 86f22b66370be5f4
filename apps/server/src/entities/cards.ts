import { Column, Entity, ForeignKey, Index, PrimaryColumn } from 'typeorm';

/** What every card holds: it stays under its id and is corrected by revisions. */
abstract class Card {
  @PrimaryColumn({ type: 'text' })
  id: string;

  @Column({ type: 'integer' })
  revision: number;

  @Column({ type: 'text' })
  writtenAt: string;
}

@Entity({ name: 'site' })
export class SiteRow extends Card {
  @Column({ type: 'text' })
  name: string;

  @Column({ type: 'text' })
  address: string;

  @Column({ type: 'text' })
  contact: string;

  @Column({ type: 'text' })
  remarks: string;
}

@Entity({ name: 'door' })
export class DoorRow extends Card {
  @Index('door_site')
  @ForeignKey(() => SiteRow)
  @Column({ type: 'text' })
  siteId: string;

  @Column({ type: 'text' })
  title: string;

  @Column({ type: 'text' })
  hingesOn: string;

  @Column({ type: 'real' })
  slabWidthMm: number;

  @Column({ type: 'real' })
  slabHeightMm: number;

  @Column({ type: 'real' })
  thicknessMm: number;

  @Column({ type: 'simple-json' })
  hingeHeightsMm: number[];

  @Column({ type: 'text' })
  hingeKind: string;

  @Column({ type: 'text' })
  slabKind: string;

  @Column({ type: 'boolean' })
  fireRated: boolean;

  @Column({ type: 'text' })
  profile: string;

  /** Limits set by hand for this door, in place of its profile's. */
  @Column({ type: 'simple-json', nullable: true })
  ownLimits: object | null;

  /** Ways of working chosen for this door. */
  @Column({ type: 'simple-json', nullable: true })
  schools: object | null;
}

@Entity({ name: 'call' })
export class CallRow extends Card {
  @Index('call_door')
  @ForeignKey(() => DoorRow)
  @Column({ type: 'text' })
  doorId: string;

  @Index('call_scheduled')
  @Column({ type: 'text' })
  scheduledFor: string;

  @Column({ type: 'text' })
  complaint: string;

  @Column({ type: 'text' })
  state: string;
}

/** Every revision of every card as it was written, so that a correction loses nothing. */
@Entity({ name: 'card_revision' })
export class CardRevisionRow {
  @PrimaryColumn({ type: 'text' })
  kind: string;

  @PrimaryColumn({ type: 'text' })
  id: string;

  @PrimaryColumn({ type: 'integer' })
  revision: number;

  @Column({ type: 'simple-json' })
  body: unknown;
}
