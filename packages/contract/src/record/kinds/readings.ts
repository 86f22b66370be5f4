import { INSTRUMENT_IDS, STATION_IDS } from '@proper-swing/core';
import { choice, id, nullable, number, text } from '@proper-swing/core/fields/field';
import { entry } from '../kind';

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
    kind: choice('What came of it', ['figure', 'rubs', 'unreachable']),
    mm: nullable(number('The figure in mm; null for a rub or what could not be reached', { from: -6000, to: 6000 })),
    typed: text('Exactly as typed, with its unit', { longest: 60 }),
    instrument: choice('What it was read with', INSTRUMENT_IDS),
  },
  faults: ({ kind, mm }: { kind: string; mm: number | null }) =>
    (kind === 'figure') === (mm !== null) ? [] : [{ field: 'mm', message: 'must be given for a figure and only then' }],
});
