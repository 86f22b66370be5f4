import { engineFunction } from '../engine';
import { hingedDoorSchema } from '../engine/hingedShapes';
import { openApiDocument } from '../openApi';
import { CALL_STATES } from '../names/callStates';
import { everyRoute } from '../routes';
import { check } from '../validate';
import { RECORD_KINDS } from './register';
import { recordSchema } from './schemas';

const readingSchema = recordSchema('readings');
const doorSchema = recordSchema('doors');
const callSchema = recordSchema('calls');
const ID = '01932b7e-7d1c-7000-8000-000000000001';
const reading = {
  id: ID,
  writtenAt: '2026-03-02T08:30:00Z',
  setId: ID,
  station: 'hinge.top',
  kind: 'figure',
  mm: 3.2,
  typed: '1/8 in',
  instrument: 'gauge',
};

const faults = (schema: Parameters<typeof check>[0], input: unknown) => {
  const checked = check(schema, input);
  return checked.ok ? [] : checked.errors.map(({ field }) => field);
};

describe('record schemas', () => {
  it('take a reading as it is and change nothing in it', () => {
    expect(check(readingSchema, reading)).toEqual({ ok: true, value: reading });
  });

  it.each<[string, object, string]>([
    ['an id of another kind', { id: '6ba7b810-9dad-41d1-80b4-00c04fd430c8' }, 'id'],
    ['an unknown station', { station: 'roof' }, 'station'],
    ['a rub with a figure', { kind: 'rubs' }, 'mm'],
    ['a figure without one', { mm: null }, 'mm'],
    ['a gap by eye in other words', { kind: 'eye', mm: null, typed: 'about right' }, 'typed'],
    ['a gap by eye with a figure', { kind: 'eye', typed: 'ok' }, 'mm'],
    ['a level by eye', { kind: 'eye', mm: null, typed: 'ok', station: 'plumb.hinge' }, 'station'],
    ['a day that does not exist', { writtenAt: '2026-13-40T00:00:00Z' }, 'writtenAt'],
    ['the 30 February', { writtenAt: '2026-02-30T08:30:00Z' }, 'writtenAt'],
    ['a gap below nothing', { mm: -50 }, 'mm'],
    ['a level that rubs', { station: 'plumb.hinge', kind: 'rubs', mm: null }, 'kind'],
    ['a stop that rubs', { station: 'stop.top', kind: 'rubs', mm: null }, 'kind'],
    ['a face through its stop', { station: 'stop.top', mm: -1 }, 'mm'],
    ['a local time', { writtenAt: '2026-03-02T08:30:00+01:00' }, 'writtenAt'],
    ['something unknown', { colour: 'red' }, 'colour'],
  ])('refuse %s', (_, change, field) => {
    expect(faults(readingSchema, { ...reading, ...change })).toContain(field);
  });

  it('refuse an answer that is none to its check', () => {
    const found = { id: ID, writtenAt: reading.writtenAt, callId: ID, finding: 'topScrews', answer: 'loose' };
    expect(faults(recordSchema('findings'), found)).toEqual([]);
    expect(faults(recordSchema('findings'), { ...found, answer: 'bananas' })).toEqual(['answer']);
  });

  it('refuse a call that is cancelled without a reason, and take one that is not', () => {
    const booked = { id: ID, revision: 1, writtenAt: reading.writtenAt, doorId: ID, scheduledFor: reading.writtenAt, complaint: '' };
    for (const state of CALL_STATES) {
      expect(faults(callSchema, { ...booked, state })).toEqual(state === 'cancelled' ? ['leftBecause'] : []);
      expect(faults(callSchema, { ...booked, state, leftBecause: 'Sold' })).toEqual([]);
    }
    expect(faults(callSchema, { ...booked, state: 'cancelled', leftBecause: '  ' })).toEqual(['leftBecause']);
    expect(faults(callSchema, { ...booked, state: 'lost' })).toEqual(['state']);
  });

  it('refuse an empty title and hinges outside the slab, at the field', () => {
    const make = {
      hingesOn: 'left',
      slabWidthMm: 762,
      slabHeightMm: 1981,
      thicknessMm: 40,
      hingeHeightsMm: [150, 2100],
      hingeKind: 'butt',
      slabKind: 'framed',
      fireRated: false,
      profile: 'interiorTimber',
    };
    const door = { id: ID, revision: 1, writtenAt: reading.writtenAt, siteId: ID, title: '', kind: 'hinged', make };
    const withHinges = (hingeHeightsMm: number[]) => ({ ...door, title: 'Kitchen', make: { ...make, hingeHeightsMm } });
    expect(faults(doorSchema, door)).toContain('title');
    expect(faults(doorSchema, withHinges([150, 2100]))).toEqual(['make.hingeHeightsMm']);
    expect(faults(doorSchema, withHinges([1700, 150]))).toEqual(['make.hingeHeightsMm']);
    expect(faults(doorSchema, withHinges([150, 1700]))).toEqual([]);
    expect(faults(doorSchema, { ...door, title: 'Kitchen', kind: 'revolving' })).toContain('kind');
    expect(faults(callSchema, { id: ID })).toEqual(expect.arrayContaining(['doorId', 'scheduledFor', 'state']));
  });
});

describe('limits of a door of its own', () => {
  const edge = { min: 2, target: 3, max: 4 };
  const own = { edges: { hinge: edge, head: edge, latch: edge, foot: edge }, evenWithin: 1, reason: 'Smoke seal' };
  const engineFaults = (ownLimits: unknown) => {
    const { example } = engineFunction('hinged.plan') ?? {};
    const { door } = example as { door: object };
    return faults(hingedDoorSchema, { ...door, ownLimits });
  };

  it('are taken when they are in order, and a door may have none', () => {
    for (const limits of [own, null, undefined]) expect(engineFaults(limits)).toEqual([]);
  });

  it.each([
    ['a limit missing', { ...own, edges: { ...own.edges, latch: { min: 2, target: 3 } } }, 'ownLimits.edges.latch.max'],
    ['the target under the least', { ...own, edges: { ...own.edges, head: { ...edge, target: 1 } } }, 'ownLimits.edges.head.target'],
    ['a gap that is no gap', { ...own, edges: { ...own.edges, hinge: { ...edge, min: -1 } } }, 'ownLimits.edges.hinge.min'],
    ['a word for a figure', { ...own, evenWithin: 'one' }, 'ownLimits.evenWithin'],
    ['no reason', { ...own, reason: ' ' }, 'ownLimits.reason'],
    ['something unknown', { ...own, colour: 'red' }, 'ownLimits.colour'],
    ['nothing in them', {}, 'ownLimits.reason'],
    ['no edges', { ...own, edges: null }, 'ownLimits.edges'],
    ['one edge alone', { ...own, edges: { foot: edge } }, 'ownLimits.edges.hinge'],
    ['an edge that is none', { ...own, edges: { ...own.edges, hinge: null } }, 'ownLimits.edges.hinge'],
    ['a figure for a reason', { ...own, reason: 5 }, 'ownLimits.reason'],
    ['a word for all of them', 'tight', 'ownLimits'],
  ])('refuse %s, at the field', (_, limits, field) => expect(engineFaults(limits)).toContain(field));
});

describe('OpenAPI document', () => {
  const { paths, components } = openApiDocument('1') as {
    paths: Record<string, Record<string, unknown>>;
    components: { schemas: Record<string, unknown> };
  };

  it('tells of every route, and of every kind of record and function of the engine', () => {
    for (const { method, path } of everyRoute().filter((route) => route.method !== 'post')) {
      expect(paths[`/api${path.replace(/:(\w+)/g, '{$1}')}`]).toHaveProperty(method);
    }
    for (const { kind } of RECORD_KINDS) expect(paths[`/api/${kind}/{id}`]).toHaveProperty('put');
    expect(paths['/api/engine/hinged.diagnose']).toHaveProperty('post');
    expect(Object.keys(paths)).toEqual(
      expect.arrayContaining(['/api/openapi.json', '/api/call-summaries', '/api/engine', '/api/engine/{name}']),
    );
  });

  it('names no schema that it does not hold', () => {
    const named = [...JSON.stringify({ paths, components }).matchAll(/#\/components\/schemas\/([\w-]+)/g)].map(([, name]) => name ?? '');
    expect(named.length).toBeGreaterThan(50);
    for (const name of new Set(named)) expect([name, name in components.schemas]).toEqual([name, true]);
  });
});
