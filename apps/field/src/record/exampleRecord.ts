import {
  emptyLists,
  type Adjustment,
  type CallRecord,
  type HingedDoorCard,
  type SlidingDoorCard,
  type SlidingMake,
  type ReadingEntry,
  type Stage,
} from '@proper-swing/contract';
import type { StationId } from '@proper-swing/core/doors';

const writtenAt = '2026-03-02T08:30:00Z';

export type ExampleReadings = Partial<Record<StationId, number | 'rubs'>>;

/** A call on a door that is known to hang on hinges. */
export type ExampleRecord = CallRecord & { door: HingedDoorCard };

/** A call on an ordinary interior door with the readings given: what component tests show. */
export function exampleRecord(readings: Partial<Record<Stage, ExampleReadings>> = {}): ExampleRecord {
  const sets = (Object.keys(readings) as Stage[]).map((stage) => ({ id: `set-${stage}`, writtenAt, callId: 'call', stage }));
  return {
    site: { id: 'site', revision: 1, writtenAt, name: 'Alder Court', address: '', contact: '', remarks: '' },
    door: {
      id: 'door',
      revision: 1,
      writtenAt,
      siteId: 'site',
      title: 'Store room',
      kind: 'hinged',
      make: {
        hingesOn: 'left',
        slabWidthMm: 762,
        slabHeightMm: 1981,
        thicknessMm: 40,
        hingeHeightsMm: [165, 990, 1750],
        hingeKind: 'butt',
        slabKind: 'solidTimber',
        fireRated: false,
        profile: 'interiorTimber',
      },
    },
    call: { id: 'call', revision: 1, writtenAt, doorId: 'door', scheduledFor: writtenAt, complaint: 'Rubs', state: 'open' },
    ...emptyLists(),
    readingSets: sets,
    readings: sets.flatMap(({ id, stage }) =>
      Object.entries(readings[stage] ?? {}).map(([station, read]) => exampleReading(id, station as StationId, read)),
    ),
  };
}

/** A call on an ordinary glass panel with the readings given. */
export function examplePanel(readings: Partial<Record<Stage, ExampleReadings>> = {}): CallRecord & { door: SlidingDoorCard } {
  const { door, ...record } = exampleRecord(readings);
  const make: SlidingMake = { panelKind: 'glass', closesTo: 'left', panelWidthMm: 900, panelHeightMm: 2030, frame: 'aluminium' };
  return { ...record, door: { ...door, title: 'Terrace', kind: 'sliding', make } };
}

export function exampleReading(setId: string, station: StationId, read: number | 'rubs', supersedes?: string): ReadingEntry {
  const isFigure = read !== 'rubs';
  return {
    id: `${setId}-${station}${supersedes === undefined ? '' : '-again'}`,
    writtenAt,
    setId,
    station,
    kind: isFigure ? 'figure' : 'rubs',
    mm: isFigure ? read : null,
    typed: isFigure ? `${read} mm` : '',
    instrument: 'gauge',
    ...(supersedes !== undefined && { supersedes }),
  };
}

/** Work logged on the example: the top hinge tightened, unless said otherwise. */
export function exampleAdjustment(id: string, change: Partial<Adjustment> = {}): Adjustment {
  return {
    id,
    writtenAt,
    callId: 'call',
    action: 'tighten',
    hinge: 'top',
    planned: 1,
    amount: 1,
    unit: 'hinge',
    fromMm: null,
    toMm: null,
    remark: '',
    ...change,
  };
}
