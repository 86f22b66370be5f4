import type { CallRecord } from '@proper-swing/contract';
import { profileOf, slabMass, type Estimate, type StationId } from '@proper-swing/core';
import { answersByFinding, lastReadings } from '../record/observed';
import type { BenchName } from './sheetFields';
import type { Typed } from './typedSheet';

export interface Prefilled {
  typed: Typed;
  /** Where a figure comes from, in words, where it is worth saying: `as read`, `estimated ±0.8`. */
  origin: Readonly<Record<string, string>>;
}

/** Fields that follow from a station, by sheet. */
const FROM_STATIONS: Partial<Record<BenchName, Readonly<Record<string, StationId>>>> = {
  'latch.strike': { lowMm: 'bolt.low', gapMm: 'latch.mid', 'gaps.headLatchMm': 'head.latch', 'gaps.headHingeMm': 'head.hinge' },
  'swing.edge': { latchGapMm: 'latch.mid' },
  'swing.floor': {
    closedGapMm: 'foot.latch',
    'gapAt.45': 'foot.swing',
    headGapMm: 'head.latch',
    acrossMm: 'plumb.across',
    alongMm: 'plumb.hinge',
  },
  'swing.drift': { acrossMm: 'plumb.across', alongMm: 'plumb.hinge', 'stop.topMm': 'stop.top', 'stop.bottomMm': 'stop.bottom' },
  'swing.twist': { stopTopMm: 'stop.top', stopBottomMm: 'stop.bottom', hingeAcrossMm: 'plumb.across' },
};

/** Fields for which the engine's estimate serves where nothing was read. */
const ESTIMATED: readonly string[] = ['lowMm', 'gapMm', 'latchGapMm'];

/** What a call already knows of a sheet's figures: the door's card, readings, and the estimate where it serves. */
export function prefill(name: BenchName, record: CallRecord, estimate: Estimate | undefined, bare: (mm: number) => string): Prefilled {
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
  for (const [path, station] of Object.entries(FROM_STATIONS[name] ?? {})) {
    const read = readings.get(station);
    if (read?.kind === 'rubs') put(path, bare(0), 'as read');
    else if (read?.mm != null) put(path, bare(read.mm), 'as read');
    else if (ESTIMATED.includes(path)) {
      const expected = estimate?.expected.find((each) => each.station === station);
      const least = station === 'bolt.low' ? -Infinity : 0;
      if (expected) put(path, bare(Math.max(least, expected.meanMm)), `estimated ±${bare(expected.sdMm)}`);
    }
  }
  const did = answersByFinding(record).get('halfOpen');
  if (name === 'swing.drift' && did !== undefined) put('test.did', did, 'as read');
  return { typed, origin };
}
