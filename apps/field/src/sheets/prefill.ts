import type { CallRecord } from '@proper-swing/contract';
import { profileOf, slabMass, type Estimate } from '@proper-swing/core';
import { answersByFinding, lastReadings } from '../record/observed';
import type { BenchSheet } from './benchSheet';
import type { Typed } from './typedSheet';

export interface Prefilled {
  typed: Typed;
  /** Where a figure comes from, in words, where it is worth saying: `as read`, `estimated ±0.8`. */
  origin: Readonly<Record<string, string>>;
}

/** What a call already knows of a sheet's figures: the door's card, readings, and the estimate where it serves. */
export function prefill(
  { stations, estimated, checks }: BenchSheet,
  record: CallRecord,
  estimate: Estimate | undefined,
  bare: (mm: number) => string,
): Prefilled {
  const { make: door } = record.door;
  const typed: Record<string, string> = {};
  const origin: Record<string, string> = {};
  const put = (path: string, text: string, from?: string) => {
    typed[path] = text;
    if (from !== undefined) origin[path] = from;
  };
  put('slabWidthMm', bare(door.slabWidthMm));
  put('slabHeightMm', bare(door.slabHeightMm));
  put('leanOverMm', bare(door.slabHeightMm));
  put('thicknessMm', bare(door.thicknessMm));
  put('hingeHeightsMm', door.hingeHeightsMm.map(bare).join(', '));
  put('massKg', String(Math.round(slabMass(door))), 'about');
  put('gaps.wantedHeadMm', bare(profileOf(door).edges.head.target));
  const readings = lastReadings(record);
  for (const [path, station] of Object.entries(stations)) {
    const read = readings.get(station);
    if (read?.kind === 'rubs') put(path, bare(0), 'as read');
    else if (read?.mm != null) put(path, bare(read.mm), 'as read');
    else if (estimated.includes(path)) {
      const expected = estimate?.expected.find((each) => each.station === station);
      const least = station === 'bolt.low' ? -Infinity : 0;
      if (expected) put(path, bare(Math.max(least, expected.meanMm)), `estimated ±${bare(expected.sdMm)}`);
    }
  }
  const answers = answersByFinding(record);
  for (const [path, finding] of Object.entries(checks)) {
    const answer = answers.get(finding);
    if (answer !== undefined) put(path, answer, 'as read');
  }
  return { typed, origin };
}
