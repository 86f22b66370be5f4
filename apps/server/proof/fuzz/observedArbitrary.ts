import {
  ACTION_IDS,
  FINDINGS,
  HINGE_KINDS,
  HINGE_NAMES,
  INSTRUMENT_IDS,
  PROFILE_IDS,
  SLAB_KINDS,
  STATION_IDS,
  station,
  WALKING_ORDER,
  type StationId,
} from '@proper-swing/core';
import fc, { type Arbitrary } from 'fast-check';

const often = (weight: number) => fc.integer({ min: 0, max: 99 }).map((drawn) => drawn < weight);

const door = fc
  .record({
    ...{ slabWidthMm: fc.integer({ min: 400, max: 1300 }), slabHeightMm: fc.integer({ min: 1200, max: 3000 }) },
    ...{ hinges: fc.integer({ min: 2, max: 4 }), hingeKind: fc.constantFrom(...HINGE_KINDS), slabKind: fc.constantFrom(...SLAB_KINDS) },
    ...{ fireRated: often(15), profile: fc.constantFrom(...PROFILE_IDS), closer: often(15) },
  })
  .map(({ hinges, closer, ...rest }) => ({
    ...rest,
    hingeHeightsMm: Array.from({ length: hinges }, (_, i) => 165 + Math.round(((rest.slabHeightMm - 400) * i) / (hinges - 1))),
    ...(closer && { closer }),
  }));

const figureAt = (id: StationId): Arbitrary<Record<string, unknown>> => {
  const { kind } = station(id);
  const between = kind === 'gap' || kind === 'stop';
  const mm = between ? fc.integer({ min: 0, max: 24 }) : fc.integer({ min: -16, max: 16 });
  return fc
    .record({ mm: mm.map((halves) => halves / 2), rubs: often(kind === 'gap' ? 20 : 0), again: often(10), instrument: instrument })
    .map(({ mm: read, rubs, again, instrument: by }) => ({
      station: id,
      ...(rubs ? { rubs: true } : { mm: read }),
      ...(again && { again }),
      ...(by !== undefined && { instrument: by }),
    }));
};

const instrument = fc.option(fc.constantFrom(...INSTRUMENT_IDS), { nil: undefined, freq: 2 });

const readingsAt = (stations: readonly StationId[]) => fc.tuple(...stations.map(figureAt));

/** Whole walk-rounds, as they slow the engine down most, and any stations else, some of them twice. */
const readings = fc.oneof(
  readingsAt(WALKING_ORDER),
  fc.array(fc.constantFrom(...STATION_IDS), { maxLength: 14 }).chain((stations) => readingsAt(stations)),
);

const answer = fc
  .constantFrom(...FINDINGS)
  .chain(({ id, answers }) => fc.record({ finding: fc.constant(id), answer: fc.constantFrom(...answers.map((each) => each.id)) }));

const done = fc.record(
  { action: fc.constantFrom(...ACTION_IDS), hinge: fc.constantFrom(...HINGE_NAMES), amount: fc.constantFrom(0, 0.5, 1, 2, 3, -1) },
  { requiredKeys: ['action', 'amount'] },
);

const round = fc.record({
  done: fc.array(done, { maxLength: 3 }),
  readings: fc.array(fc.constantFrom(...STATION_IDS), { maxLength: 5 }).chain((stations) => readingsAt(stations)),
  findings: fc.array(answer, { maxLength: 2 }),
});

/** Requests about a hinged door in which nothing is wrong, however odd the door: what a technician could send. */
export const observedArbitrary: Arbitrary<Record<string, unknown>> = fc.record(
  {
    ...{ door, readings, findings: fc.array(answer, { maxLength: 4 }) },
    ...{ rounds: fc.array(round, { maxLength: 2 }), unreachable: fc.array(fc.constantFrom(...STATION_IDS), { maxLength: 3 }) },
  },
  { requiredKeys: ['door', 'readings', 'findings'], noNullPrototype: true },
);
