import type { Page, Problem, RecordBatchAnswers, Site } from '@proper-swing/contract';
import type { Express } from 'express';
import { pino } from 'pino';
import request from 'supertest';
import type { DataSource } from 'typeorm';
import { v7 } from 'uuid';
import { createApp } from './app';
import { engineThreads } from './engineRuns/engineThreads';
import { exampleRecords } from './exampleRecords';
import { migrationNames } from './migrations';
import { openStore } from './record/openStore';

let store: DataSource;
let app: Express;
const engine = engineThreads(1);

beforeEach(async () => {
  store = await openStore(':memory:');
  app = createApp({ store, logger: pino({ level: 'silent' }), engine });
});

afterEach(() => store.destroy());
afterAll(() => engine.close());

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

  it('nothing corrects, or is about, what belongs to another call', async () => {
    const { call, reading, set, adjustment } = await putCall();
    const other = { ...call, id: v7() };
    const otherSet = { ...set, id: v7(), callId: other.id };
    await put('readings', reading).expect(201);
    await put('calls', other).expect(201);
    await put('reading-sets', otherSet).expect(201);
    await put('adjustments', adjustment).expect(201);
    const correction = { ...reading, id: v7(), setId: otherSet.id, supersedes: reading.id };
    expect(fieldsOf(await put('readings', correction).expect(422))).toEqual(['supersedes']);
    const found = { id: v7(), writtenAt: call.writtenAt, callId: call.id, finding: 'topScrews', answer: 'tight' };
    await put('findings', { ...found, adjustmentId: adjustment.id }).expect(201);
    for (const change of [{ callId: other.id, adjustmentId: adjustment.id }, { adjustmentId: v7() }]) {
      expect(fieldsOf(await put('findings', { ...found, id: v7(), ...change }).expect(422))).toEqual(['adjustmentId']);
    }
    const sameCall = { ...set, id: v7() };
    await put('reading-sets', sameCall).expect(201);
    await put('readings', { ...reading, id: v7(), setId: sameCall.id, supersedes: reading.id }).expect(201);
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

  it('a correction made from what another device has corrected meanwhile is refused, and so is what follows it', async () => {
    const { site } = await putCall();
    const [first, theirs, ours] = ['10', '20', '30'].map((second) => `2026-03-02T09:00:${second}.000Z`);
    await put('sites', { ...site, revision: 2, writtenAt: theirs, madeFrom: site.writtenAt, contact: 'Porter' }).expect(201);
    const second = { ...site, revision: 2, writtenAt: ours, madeFrom: site.writtenAt, remarks: 'Side gate' };
    const third = { ...second, revision: 3, writtenAt: first, madeFrom: ours };
    await put('sites', second).expect(409);
    expect(fieldsOf(await put('sites', third).expect(409))).toEqual(['madeFrom']);
    await put('sites', { ...third, madeFrom: theirs, contact: 'Porter' }).expect(201);
    const { body } = await request(app).get(`/api/sites/${site.id}`).expect(200);
    expect(body).toMatchObject({ contact: 'Porter', remarks: 'Side gate', madeFrom: theirs });
    const { body: all } = await request(app).get(`/api/sites/${site.id}/revisions`).expect(200);
    expect((all as { items: { revision: number }[] }).items.map(({ revision }) => revision)).toEqual([1, 2, 3]);
    expect(fieldsOf(await put('calls', { ...exampleRecords().call, doorId: v7(), madeFrom: ours }))).toEqual(['madeFrom']);
  });

  it('the revisions of a card come in pages; what has none is told', async () => {
    const { site } = await putCall();
    for (let revision = 2; revision <= 5; revision += 1) await put('sites', { ...site, revision }).expect(201);
    const page = async (query: string) => (await request(app).get(`/api/sites/${site.id}/revisions${query}`)).body as Page<Site>;
    const first = await page('?limit=3');
    expect([first.items.map(({ revision }) => revision), first.next]).toEqual([[1, 2, 3], '3']);
    expect((await page('?limit=3&cursor=3')).items.map(({ revision }) => revision)).toEqual([4, 5]);
    await request(app).get(`/api/sites/${v7()}/revisions`).expect(404);
    expect(fieldsOf(await request(app).get(`/api/sites/${site.id}/revisions?cursor=x`).expect(422))).toEqual(['cursor']);
  });

  it('a revision sent again is confirmed as it was written, though there are later ones', async () => {
    const { site } = await putCall();
    await put('sites', { ...site, revision: 2, name: 'Annexe' }).expect(201);
    const { body } = await put('sites', site).expect(200);
    expect(body).toMatchObject({ revision: 1, name: site.name });
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

describe('many records in one go', () => {
  const post = (writes: unknown) => request(app).post('/api/records').send({ writes });
  const statuses = ({ body }: { body: unknown }) => (body as RecordBatchAnswers).answers.map(({ status }) => status);

  it('are each answered as if they had been written alone, in their order', async () => {
    const { site, door, call, set, reading } = exampleRecords();
    const writes = [
      { kind: 'sites', body: site },
      { kind: 'doors', body: door },
      { kind: 'calls', body: { ...call, state: 'lost' } },
      { kind: 'calls', body: call },
      { kind: 'sites', body: { ...site, revision: 2, madeFrom: '2020-01-01T00:00:00Z' } },
      { kind: 'readings', body: reading },
      { kind: 'reading-sets', body: set },
      { kind: 'readings', body: reading },
      { kind: 'readings', body: reading },
      { kind: 'windows', body: reading },
      null,
    ];
    const answer = await post(writes).expect(200);
    expect(statuses(answer)).toEqual([201, 201, 422, 201, 409, 422, 201, 201, 200, 422, 422]);
    const { answers } = answer.body as RecordBatchAnswers;
    expect(answers[0]).toMatchObject({ body: { id: site.id, revision: 1 } });
    expect(answers[2]).toMatchObject({ problem: { status: 422, errors: [{ field: 'state' }] } });
    expect(answers[4]).toMatchObject({ problem: { errors: [{ field: 'madeFrom' }] } });
    expect([await count('call'), await count('reading'), await count('card_revision')]).toEqual([1, 1, 3]);
  });

  it('what breaks one in a way nobody foresaw keeps all of them out, to be sent again', async () => {
    const { site, call } = await putCall();
    await store.query(`CREATE TRIGGER broken BEFORE UPDATE ON "site" BEGIN SELECT RAISE(ABORT, 'broken'); END`);
    const note = { id: v7(), writtenAt: site.writtenAt, callId: call.id, text: 'Behind the lift' };
    const whole = await post([
      { kind: 'notes', body: note },
      { kind: 'sites', body: { ...site, revision: 2, name: 'Annexe' } },
    ]);
    expect(whole.status).toBe(500);
    expect([await count('note'), await count('card_revision')]).toEqual([0, 3]);
    await store.query('DROP TRIGGER broken');
    expect(statuses(await post([{ kind: 'notes', body: note }]))).toEqual([201]);
  });

  it('are a list of so many at most', async () => {
    for (const writes of [undefined, {}, Array.from({ length: 201 }, () => null)]) {
      expect(fieldsOf(await post(writes).expect(422))).toEqual(['writes']);
    }
    expect(statuses(await post([]).expect(200))).toEqual([]);
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

describe('finding again', () => {
  it('searches, lists and tells the history of a site', async () => {
    const { site, door, call } = await putCall();
    const get = async (path: string) => (await request(app).get(path).expect(200)).body as unknown;
    const [word = ''] = site.name.split(' ');
    expect(await get(`/api/search?q=${word.toUpperCase()}`)).toMatchObject({
      hits: [
        { kind: 'sites', site: { id: site.id } },
        { kind: 'doors', door: { id: door.id } },
        { kind: 'calls', call: { id: call.id } },
      ],
    });
    expect(await get('/api/search')).toEqual({ hits: [] });
    expect(await get('/api/site-summaries')).toMatchObject({ items: [{ site: { id: site.id }, doorCount: 1, callCount: 1 }], next: null });
    expect(await get(`/api/door-summaries?q=${word}&sort=-last`)).toMatchObject({ items: [{ door: { id: door.id } }] });
    expect(await get(`/api/sites/${site.id}/history`)).toMatchObject({
      ...{ site: { id: site.id }, doors: [{ door: { id: door.id }, openCount: 1 }], next: null },
      calls: [{ call: { id: call.id }, readingCount: 0 }],
    });
  });

  it('names what of the question is wrong', async () => {
    expect(fieldsOf(await request(app).get('/api/door-summaries?sort=colour').expect(422))).toEqual(['sort']);
    expect(fieldsOf(await request(app).get('/api/site-summaries?cursor=x').expect(422))).toEqual(['cursor']);
    expect(fieldsOf(await request(app).get('/api/call-summaries?open=maybe').expect(422))).toEqual(['open']);
    await request(app).get(`/api/sites/${v7()}/history`).expect(404);
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
