import type { CallRecord } from '@proper-swing/contract';
import { profileOf, slabMass, type Estimate, type StationId } from '@proper-swing/core';
import { answersByFinding, lastReadings } from '../call/observed';
import type { BenchName } from './sheetFields';
import type { Typed } from './typedSheet';

/** Where a prefilled figure comes from. */
export type Origin = 'read' | 'estimated' | 'card';

export interface Prefilled {
  typed: Typed;
  origin: Readonly<Record<string, Origin>>;
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
  const { door } = record;
  const typed: Record<string, string> = {};
  const origin: Record<string, Origin> = {};
  const put = (path: string, text: string, from: Origin) => {
    typed[path] = text;
    origin[path] = from;
  };
  put('slabWidthMm', bare(door.slabWidthMm), 'card');
  put('slabHeightMm', bare(door.slabHeightMm), 'card');
  put('leanOverMm', bare(door.slabHeightMm), 'card');
  put('thicknessMm', bare(door.thicknessMm), 'card');
  put('hingeHeightsMm', door.hingeHeightsMm.map(bare).join(', '), 'card');
  put('massKg', String(Math.round(slabMass(door))), 'estimated');
  put('gaps.wantedHeadMm', bare(profileOf(door).edges.head.target), 'card');
  const readings = lastReadings(record);
  for (const [path, station] of Object.entries(FROM_STATIONS[name] ?? {})) {
    const read = readings.get(station);
    if (read?.kind === 'rubs') put(path, bare(0), 'read');
    else if (read?.mm != null) put(path, bare(read.mm), 'read');
    else if (ESTIMATED.includes(path)) {
      const expected = estimate?.expected.find((each) => each.station === station);
      if (expected) put(path, bare(station === 'bolt.low' ? expected.meanMm : Math.max(0, expected.meanMm)), 'estimated');
    }
  }
  const did = answersByFinding(record).get('halfOpen');
  if (name === 'swing.drift' && did !== undefined) put('test.did', did, 'read');
  return { typed, origin };
}
