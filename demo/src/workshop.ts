import type { CallState, HingedMake, Job, ReadingEntry, Site, SlidingMake } from '@proper-swing/contract';
import type { HingeName } from '@proper-swing/core';
import type { ActionId, FindingId, StationId } from '@proper-swing/core/doors';

/** The shape of the made-up workshop's files: plain tables, joined by short names instead of ids. */

export interface DemoSite extends Pick<Site, 'name' | 'address' | 'contact' | 'remarks'> {
  key: string;
}

export interface DemoDoor extends Omit<HingedMake, 'hingeHeightsMm' | 'ownLimits' | 'schools'> {
  key: string;
  site: string;
  title: string;
  hingeHeightsMm: readonly number[];
}

export interface DemoPanel extends SlidingMake {
  key: string;
  site: string;
  title: string;
}

/** Readings of a walk-round in mm, by station. */
export type DemoReadings = Partial<Record<StationId, number | Extract<ReadingEntry['kind'], 'rubs' | 'unreachable'>>>;

export interface DemoCall {
  door: string;
  /** Days from the day of seeding: 0 is today, −1 yesterday. */
  day: number;
  /** Local time, such as 08:30. */
  at: string;
  /** What it is for, where it is no repair. */
  job?: Job;
  complaint: string;
  state: CallState;
  leftBecause?: string;
  findings?: Partial<Record<FindingId, string>>;
  found?: DemoReadings;
  done?: readonly { action: ActionId; hinge?: HingeName; end?: 'lead' | 'trail'; planned: number; amount: number; remark?: string }[];
  left?: DemoReadings;
  notes?: readonly string[];
}
