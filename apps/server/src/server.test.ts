import type { Problem } from '@proper-swing/contract';
import type { Express } from 'express';
import { pino } from 'pino';
import request from 'supertest';
import type { DataSource } from 'typeorm';
import { v7 } from 'uuid';
import { createApp } from './app';
import { exampleRecords } from './exampleRecords';
import { migrationNames } from './migrations';
import { openStore } from './record/openStore';

let store: DataSource;
let app: Express;

beforeEach(async () => {
  store = await openStore(':memory:');
  app = createApp({ store, logger: pino({ level: 'silent' }) });
});

afterEach(() => store.destroy());

const put = <T extends { id: string }>(kind: string, body: T) => request(app).put(`/api/${kind}/${body.id}`).send(body);
const fieldsOf = ({ body }: { body: unknown }) => ((body as Problem).errors ?? []).map(({ field }) => field);
const count = async (table: string) => (await store.query<{ n: number }[]>(`SELECT COUNT(*) AS n FROM "${table}"`))[0]?.n;

async function putCall() {
  const records = exampleRecords();
  await put('sites', records.site).expect(201);
  await put('doors', records.door).expect(201);
  await put('calls', records.call).expect(201);
  await put('reading-sets', records.set).expect(201);
  return records;
}

describe('the database', () => {
  it('is what the entities say, with foreign keys on and every commit flushed', async () => {
    const { upQueries } = await store.driver.createSchemaBuilder().log();
    expect(upQueries).toEqual([]);
    expect(await store.query('PRAGMA foreign_keys')).toEqual([{ foreign_keys: 1 }]);
    expect(await store.query('PRAGMA synchronous')).toEqual([{ synchronous: 2 }]);
  });

  it('goes back to nothing when the migrations are undone', async () => {
    for (let undone = 0; undone < migrationNames().length; undone += 1) await store.undoLastMigration();
    const tables = await store.query<unknown[]>(
      `SELECT name FROM sqlite_master WHERE type = 'table' AND name NOT IN ('migrations', 'sqlite_sequence')`,
    );
    expect(tables).toEqual([]);
  });
});

describe('writing the record of a call', () => {
  it('the same reading sent five times at once is one row', async () => {
    const { reading } = await putCall();
    const answers = await Promise.all(Array.from({ length: 5 }, () => put('readings', reading)));
    expect(answers.map(({ status }) => status).sort()).toEqual([200, 200, 200, 200, 201]);
    expect(await count('reading')).toBe(1);
    const { body } = await request(app).get(`/api/readings/${reading.id}`).expect(200);
    expect(body).toMatchObject({ mm: 3.175, typed: '1/8', supersedes: null, withdrawn: false });
  });

  it('a retried entry is one row, whether what it leaves out is absent or null', async () => {
    const { adjustment, worksheet } = await putCall();
    const turned = { ...adjustment, action: 'turnKeeps', hinge: null, keep: 'centre', amount: -1, felt: { effort: 2, bounces: false } };
    await put('adjustments', turned).expect(201);
    await put('adjustments', turned).expect(200);
    await put('adjustments', { ...turned, felt: { effort: 3, bounces: false } }).expect(409);
    await put('worksheets', worksheet).expect(201);
    await put('worksheets', { ...worksheet, supersedes: null }).expect(200);
    expect([await count('adjustment'), await count('worksheet')]).toEqual([1, 1]);
    expect((await request(app).get(`/api/calls/${turned.callId}/record`)).body).toMatchObject({
      adjustments: [{ keep: 'centre', felt: { effort: 2, bounces: false } }],
      worksheets: [{ sheet: 'latch.strike', figures: [{ field: 'lowMm', typed: '3.2 mm' }] }],
    });
  });

  it('refuses other contents under the same id', async () => {
    const { reading } = await putCall();
    await put('readings', reading).expect(201);
    await put('readings', { ...reading, mm: 9 }).expect(409);
    expect(((await request(app).get(`/api/readings/${reading.id}`)).body as { mm: number }).mm).toBe(3.175);
  });

  it('corrects by a superseding entry and keeps both', async () => {
    const { call, reading } = await putCall();
    await put('readings', reading).expect(201);
    await put('readings', { ...reading, id: v7(), mm: 4, typed: '4', supersedes: reading.id }).expect(201);
    const { body } = await request(app).get(`/api/calls/${call.id}/record`).expect(200);
    expect((body as { readings: unknown[] }).readings).toHaveLength(2);
    const orphan = await put('readings', { ...reading, id: v7(), supersedes: v7() });
    expect([orphan.status, fieldsOf(orphan)]).toEqual([422, ['supersedes']]);
  });

  it('names the parent that is not there', async () => {
    const { reading } = exampleRecords();
    const answer = await put('readings', reading);
    expect([answer.status, fieldsOf(answer)]).toEqual([422, ['setId']]);
    expect(answer.type).toBe('application/problem+json');
  });

  it('cards take revisions in turn and keep the earlier ones', async () => {
    const { site, call } = await putCall();
    await put('sites', { ...site, revision: 2, name: 'Alder Court, annexe' }).expect(201);
    await put('sites', { ...site, revision: 2, name: 'Alder Court, annexe' }).expect(200);
    await put('sites', { ...site, revision: 2, name: 'Elsewhere' }).expect(409);
    expect(fieldsOf(await put('sites', { ...site, revision: 5 }))).toEqual(['revision']);
    await put('calls', { ...call, revision: 2, state: 'done' }).expect(201);
    expect(((await request(app).get(`/api/sites/${site.id}`)).body as { name: string }).name).toBe('Alder Court, annexe');
    expect(await count('card_revision')).toBe(5);
  });

  it('names every faulty field of a record', async () => {
    const { door } = exampleRecords();
    const answer = await put('doors', { ...door, slabWidthMm: -3, profile: 'none' });
    expect(answer.status).toBe(422);
    expect(fieldsOf(answer)).toEqual(expect.arrayContaining(['slabWidthMm', 'profile']));
    const { site } = exampleRecords();
    expect(fieldsOf(await request(app).put(`/api/sites/${v7()}`).send(site))).toEqual(['id']);
  });
});

describe('reading', () => {
  it('gives everything on a call, and the history of its door', async () => {
    const { call, door, site, reading, adjustment } = await putCall();
    await put('readings', reading).expect(201);
    await put('adjustments', adjustment).expect(201);
    const { body } = await request(app).get(`/api/calls/${call.id}/record`).expect(200);
    expect(body).toMatchObject({
      call: { id: call.id },
      door: { kind: 'hinged', make: { hingeHeightsMm: [165, 990, 1750] } },
      site: { name: site.name },
      adjustments: [{ action: 'tighten' }],
    });
    const history = await request(app).get(`/api/doors/${door.id}/history`).expect(200);
    expect((history.body as { calls: { call: { id: string } }[] }).calls.map((c) => c.call.id)).toEqual([call.id]);
    await request(app).get(`/api/calls/${v7()}/record`).expect(404);
  });

  it('pages through calls by when they are due, each once', async () => {
    const { door, call } = await putCall();
    for (let hour = 10; hour < 16; hour += 1)
      await put('calls', { ...call, id: v7(), doorId: door.id, scheduledFor: `2026-03-02T${hour}:00:00.000Z` }).expect(201);
    const seen: string[] = [];
    let next: string | null = '';
    while (next !== null) {
      const { body } = await request(app)
        .get('/api/call-summaries')
        .query({ limit: 3, from: '2026-03-02T00:00:00Z', to: '2026-03-03T00:00:00Z', ...(next && { cursor: next }) })
        .expect(200);
      const page = body as { items: { call: { scheduledFor: string } }[]; next: string | null };
      seen.push(...page.items.map((i) => i.call.scheduledFor));
      next = page.next;
    }
    expect(seen).toHaveLength(7);
    expect(seen).toEqual([...new Set(seen)].sort());
  });

  it('pages through entries of one parent', async () => {
    const { set, reading } = await putCall();
    for (let i = 0; i < 5; i += 1) await put('readings', { ...reading, id: v7() }).expect(201);
    const first = await request(app).get('/api/readings').query({ setId: set.id, limit: 3 }).expect(200);
    const { items, next } = first.body as { items: unknown[]; next: string };
    const rest = await request(app).get('/api/readings').query({ setId: set.id, limit: 3, cursor: next }).expect(200);
    expect([items.length, (rest.body as { items: unknown[] }).items.length, (rest.body as { next: null }).next]).toEqual([3, 2, null]);
  });

  it.each([
    ['/api/readings?limit=0', 'limit'],
    ['/api/call-summaries?from=yesterday', 'from'],
    ['/api/call-summaries?cursor=%7B', 'cursor'],
  ])('%s names %s', async (path, field) => {
    const answer = await request(app).get(path);
    expect([answer.status, fieldsOf(answer)]).toEqual([422, [field]]);
  });
});

describe('the engine over HTTP', () => {
  it('describes itself and runs its own example to the same result', async () => {
    const { body } = await request(app).get('/api/engine/hinged.diagnose').expect(200);
    const { example } = body as { example: { request: object; result: unknown } };
    const { body: result } = await request(app).post('/api/engine/hinged.diagnose').send(example.request).expect(200);
    expect(result).toEqual(example.result);
  });

  it.each<[string, string, number, string]>([
    ['readings as text', '{"readings":"x"}', 422, 'readings'],
    ['NaN', '{"readings":NaN}', 400, '(body)'],
    ['no JSON', 'hello', 400, '(body)'],
    ['ten megabytes', JSON.stringify({ readings: 'x'.repeat(10_000_000) }), 413, '(body)'],
    ['an empty body', '', 422, 'door'],
  ])('answers %s with a 4xx that names the field', async (_, body, status, field) => {
    const answer = await request(app).post('/api/engine/hinged.diagnose').set('Content-Type', 'application/json').send(body);
    expect(answer.status).toBe(status);
    expect(fieldsOf(answer)).toContain(field);
  });

  it('has no function of that name', async () => {
    const answer = await request(app).post('/api/engine/hinged.guess').send({});
    expect(answer.status).toBe(404);
  });
});

describe('around it', () => {
  it('is healthy, documented and guarded', async () => {
    const health = await request(app).get('/api/health').expect(200);
    expect(health.body).toMatchObject({ status: 'ok' });
    expect(health.headers['content-security-policy']).toContain("default-src 'self'");
    const { body } = await request(app).get('/api/openapi.json').expect(200);
    expect(body).toMatchObject({ openapi: '3.1.0' });
    await request(app).get('/api/nothing').expect(404);
  });

  it('tells nothing of its insides when something breaks', async () => {
    await store.query('DROP TABLE "note"');
    const { call } = exampleRecords();
    const { body, status } = await request(app).get(`/api/notes/${call.id}`);
    expect(status).toBe(500);
    expect(JSON.stringify(body)).not.toContain('note"');
    expect((body as Problem).detail).toContain('Try again');
  });
});
