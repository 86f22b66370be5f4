import { GAPS_BY_EYE, INSTRUMENT_IDS } from '@proper-swing/core';
import { HANDBOOKS, readingFaults, STATION_IDS, type StationId } from '@proper-swing/core/doors';
import { choice, id, nullable, number, text } from '@proper-swing/core/fields/field';
import { entry } from '../kind';

/** Where a gap can be judged by eye. */
const GAPS: readonly StationId[] = Object.values(HANDBOOKS).flatMap(({ walk }) => walk);

/** What was read at one station. */
export const readings = entry({
  kind: 'readings',
  title: 'Reading',
  table: 'reading',
  inCall: 'readings',
  parent: { field: 'setId', kind: 'reading-sets' },
  fields: {
    setId: id('Walk-round it belongs to'),
    station: choice('Where it was read', STATION_IDS),
    kind: choice('What came of it', ['figure', 'eye', 'rubs', 'unreachable']),
    mm: nullable(
      number('The figure in mm; null for what was judged by eye, a rub or what could not be reached', { from: -6000, to: 6000 }),
    ),
    typed: text('Exactly as typed, with its unit; by eye: tight, ok or wide', { longest: 60 }),
    instrument: choice('What it was read with', INSTRUMENT_IDS),
  },
  faults: ({ kind, mm, typed, station }: { kind: string; mm: number | null; typed: string; station: StationId }) => [
    ...readingFaults({ station, mm, rubs: kind === 'rubs' }).map(({ field, message }) => ({
      field: field === 'rubs' ? 'kind' : field,
      message,
    })),
    ...((kind === 'figure') === (mm !== null) ? [] : [{ field: 'mm', message: 'must be given for a figure and only then' }]),
    ...(kind === 'eye' && !GAPS_BY_EYE.some((each) => each === typed) ? [{ field: 'typed', message: 'must be tight, ok or wide' }] : []),
    ...(kind === 'eye' && !GAPS.includes(station) ? [{ field: 'station', message: 'must be a gap to be judged by eye' }] : []),
  ],
});
