import { everyRoute, LARGEST_BATCH, pathOf, RECORD_KINDS, recordKind, recordRoutes, ROUTES, type Route } from '@proper-swing/contract';
import { ENGINE } from '@proper-swing/contract/engine';
import type { JsonSchema, OpenApi } from '@proper-swing/contract/openApi';
import fc, { type Arbitrary } from 'fast-check';
import { exampleRecords } from '../../src/exampleRecords';
import type { Asked } from '../asker';
import { harmed } from './harm';
import { observedArbitrary } from './observedArbitrary';
import { arbitraryOf } from './schemaArbitrary';

type Made = Record<string, unknown>;

/** Records that requests are about: they are written first, so that what names them can be taken. */
export interface Family {
  /** Kind and body, parents before children. */
  written: readonly { kind: string; body: Made & { id: string } }[];
}

const FAMILIES = 12;

export function makeFamily(): Family {
  return {
    written: Array.from({ length: FAMILIES }, exampleRecords).flatMap(({ site, door, call, set, reading, adjustment, worksheet }) =>
      Object.entries({
        sites: site,
        doors: door,
        calls: call,
        'reading-sets': set,
        readings: reading,
        adjustments: adjustment,
        worksheets: worksheet,
      }).map(([kind, body]) => ({ kind, body: { ...body } })),
    ),
  };
}

/** What is written of a kind that the examples leave out. */
const FURTHER: Readonly<Record<string, Made>> = {
  findings: { writtenAt: '2026-03-02T08:40:00.000Z', finding: 'topScrews', answer: 'loose' },
  notes: { writtenAt: '2026-03-02T08:40:00.000Z', text: 'Key under the mat' },
};

/** Requests of every sort to every address: sound, made up from the schemas, harmed, and none of these. */
export function trialArbitrary(family: Family, api: OpenApi): Arbitrary<Asked> {
  const ids = (kind: string) => family.written.flatMap((each) => (each.kind === kind ? [each.body.id] : []));
  const anyId = fc.oneof(fc.constantFrom(...family.written.map(({ body }) => body.id)), fc.uuid({ version: 7 }));

  const recordOf = (kind: string): Arbitrary<Made> => {
    const entry = recordKind(kind);
    const example = family.written.find((each) => each.kind === kind)?.body ?? FURTHER[kind] ?? {};
    const made = arbitraryOf(api.components.schemas[kind] ?? {}) as Arbitrary<Made>;
    const parents = entry?.parent === undefined ? [] : ids(entry.parent.kind);
    return fc
      .record({
        made,
        ...{ id: fc.oneof({ weight: 4, arbitrary: fc.uuid({ version: 7 }) }, { weight: 1, arbitrary: anyId }) },
        ...{ from: fc.array(fc.constantFrom(...Object.keys(example)), { maxLength: 2 }), parent: fc.constantFrom(...parents, 'none') },
        revision: fc.constantFrom(1, 1, 1, 2, 3),
      })
      .map(({ made: other, id, from, parent, revision }) => ({
        ...example,
        ...Object.fromEntries(Object.entries(other).filter(([name]) => from.includes(name))),
        ...(entry?.parent !== undefined && parent !== 'none' && { [entry.parent.field]: parent }),
        ...(entry?.manner === 'card' && { revision }),
        id,
      }));
  };

  const anyKind = fc.constantFrom(...RECORD_KINDS.map(({ kind }) => kind));
  const writes = anyKind.chain((kind) =>
    sent(recordOf(kind)).chain(({ value }) =>
      anyId.map((other): Asked => json('put', pathOf(recordRoutes(kind).write, { id: idOf(value) ?? other }), value)),
    ),
  );

  const batches = sent(
    fc
      .array(
        anyKind.chain((kind) => recordOf(kind).map((body) => ({ kind, body }))),
        { maxLength: 20 },
      )
      .chain((list) => fc.constantFrom(list, list, list, [...Array<typeof list>(LARGEST_BATCH).fill(list)].flat()))
      .map((list) => ({ writes: list })),
  ).map(({ value }): Asked => json('post', pathOf(ROUTES.recordBatch), value));

  const missing = sent(
    fc.record({
      of: fc.array(
        anyKind.chain((kind) => anyId.map((id) => ({ kind, id, revision: 1 }))),
        { maxLength: 30 },
      ),
    }),
  ).map(({ value }): Asked => json('post', pathOf(ROUTES.recordsMissing), value));

  const engine = fc.constantFrom(...ENGINE).chain(({ name, example }) => {
    const path = pathOf(ROUTES.engineRun, { name });
    const made = arbitraryOf(requestSchema(api, path));
    const mixed = fc.tuple(fc.constant(example as Made), made).chain(([base, other]) =>
      fc.subarray(Object.keys(other as Made), { maxLength: 1 }).map((keys) => ({
        ...base,
        ...Object.fromEntries(keys.map((key) => [key, (other as Made)[key]])),
      })),
    );
    return fc
      .oneof(
        { weight: 3, arbitrary: made },
        { weight: 2, arbitrary: mixed },
        { weight: 5, arbitrary: harmed(mixed) },
        { weight: 2, arbitrary: harmed(made) },
      )
      .map((value): Asked => json('post', path, value));
  });

  const doors = fc
    .constantFrom(...ENGINE.filter(({ name }) => HINGED.test(name)))
    .chain(({ name }) => observedArbitrary.map((value): Asked => json('post', pathOf(ROUTES.engineRun, { name }), value)));

  const reads = fc
    .constantFrom(...everyRoute().filter(({ method }) => method === 'get'))
    .chain((route) =>
      fc
        .record({ id: anyId, name: fc.constantFrom(...ENGINE.map(({ name }) => name)), query: queryOf(route) })
        .map(({ id, name, query }): Asked => ({ method: 'get', path: `${pathOf(route, { id, name })}${query}` })),
    );

  const odd = fc
    .record({
      method: fc.constantFrom('get', 'put', 'post', 'delete', 'patch', 'head', 'options'),
      path: fc.oneof(fc.constantFrom(...everyRoute().map(({ path }) => `/api${path}`)), fc.constantFrom(...ODD_PATHS)),
      body: fc.option(fc.constantFrom(...ODD_BODIES)),
      type: fc.constantFrom('application/json', 'application/json; charset=utf-16', 'text/plain', 'application/x-www-form-urlencoded', ''),
    })
    .map(({ body, ...rest }): Asked => ({ ...rest, ...(body !== null && { body }) }));

  return fc.oneof(
    { weight: 400, arbitrary: writes },
    { weight: 40, arbitrary: batches },
    { weight: 30, arbitrary: missing },
    { weight: 200, arbitrary: engine },
    { weight: 25, arbitrary: doors },
    { weight: 225, arbitrary: reads },
    { weight: 80, arbitrary: odd },
  );
}

/** Functions whose request is a door with readings. */
const HINGED = /^hinged\.(diagnose|estimate|next|plan)$/;

/** A value as it is or harmed; half and half. */
const sent = (sound: Arbitrary<unknown>) => fc.oneof(sound, harmed(sound)).map((value) => ({ value }));

const json = (method: string, path: string, value: unknown): Asked => ({
  method,
  path,
  body: JSON.stringify(value),
  type: 'application/json',
});

function idOf(value: unknown): string | undefined {
  const id = (value as Made | null)?.['id'];
  return typeof id === 'string' && /^[0-9a-f-]+$/.test(id) ? id : undefined;
}

function requestSchema(api: OpenApi, path: string): JsonSchema {
  const operation = api.paths[path]?.['post'];
  return operation?.requestBody?.content['application/json']?.schema ?? {};
}

const QUERY_VALUES = [
  '',
  '0',
  '1',
  '200',
  '201',
  '-1',
  '1e3',
  '0x10',
  'NaN',
  'null',
  '2026-03-02T00:00:00Z',
  '2026-02-30',
  '999999999',
  '%00',
  '%ED%A0%80',
];

function queryOf({ query = {} }: Route): Arbitrary<string> {
  const names = Object.keys(query);
  if (names.length === 0) return fc.constantFrom('', '', '?limit=1');
  const part = fc
    .record({ name: fc.constantFrom(...names), end: fc.constantFrom('', '', '', '[]', '[a]'), value: fc.constantFrom(...QUERY_VALUES) })
    .map(({ name, end, value }) => `${name}${end}=${value}`);
  return fc.array(part, { maxLength: 3 }).map((parts) => (parts.length === 0 ? '' : `?${parts.join('&')}`));
}

const ODD_PATHS = [
  ...[
    '/api',
    '/api/',
    '/api//calls',
    '/api/calls/%E0%A4%A',
    '/api/calls/%00',
    '/api/calls/..%2f..%2fetc',
    `/api/calls/${'x'.repeat(3000)}`,
  ],
  ...[
    '/api/engine/toString',
    '/api/engine/__proto__',
    '/api/constructor/x',
    '/api/calls/x/record/y',
    '/api/openapi.json?x=1',
    '/API/HEALTH',
  ],
];

const ODD_BODIES = [
  ...[
    '',
    '{',
    '[]',
    'null',
    '0',
    '"x"',
    '{"id":}',
    '\uFEFF{}',
    '{"a":1}{"b":2}',
    '['.repeat(5000),
    '{"a":'.repeat(3000),
    `"${'x'.repeat(300_000)}"`,
  ],
  ...['{"__proto__":{"a":1}}', '{"id":1,"id":2}', 'NaN', '{"mm":1e999}', '{"x":"\\ud800"}', 'a=1&b=2', '\u0000'],
];
