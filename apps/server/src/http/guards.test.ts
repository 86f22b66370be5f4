import type { Problem } from '@proper-swing/contract';
import { Writable } from 'node:stream';
import { pino } from 'pino';
import request from 'supertest';
import type { DataSource } from 'typeorm';
import { createApp, type AppParts } from '../app';
import { exampleRecords } from '../exampleRecords';
import { openStore } from '../record/openStore';

let store: DataSource;

beforeEach(async () => {
  store = await openStore(':memory:');
});

afterEach(() => store.destroy());

const appWith = (parts: Partial<AppParts> = {}) => createApp({ store, logger: pino({ level: 'silent' }), ...parts });
const fieldsOf = ({ body }: { body: unknown }) => ((body as Problem).errors ?? []).map(({ field }) => field);

describe('names', () => {
  it.each(['localhost:4310', '127.0.0.1', '192.168.7.20:4310', '[::1]:4310'])('%s is answered', async (host) => {
    await request(appWith()).get('/api/health').set('Host', host).expect(200);
  });

  it.each(['tuned.example:4310', 'localhost.example', '127.0.0.1.example', '', 'a b'])('%p is refused, page and API', async (host) => {
    await request(appWith()).get('/api/health').set('Host', host).expect(421);
    await request(appWith()).get('/').set('Host', host).expect(421);
  });

  it('one that is configured is answered, and its pages may ask', async () => {
    const app = appWith({ names: ['Doors.Workshop'] });
    await request(app).get('/api/health').set({ Host: 'doors.workshop:4310', Origin: 'http://doors.workshop:4310' }).expect(200);
  });

  it('a page of elsewhere writes nothing', async () => {
    const { site } = exampleRecords();
    for (const origin of ['https://elsewhere.example', 'null']) {
      await request(appWith()).put(`/api/sites/${site.id}`).set('Origin', origin).send(site).expect(403);
    }
    expect(await store.query('SELECT * FROM "site"')).toEqual([]);
  });
});

describe('a body', () => {
  const post = (text: string) => request(appWith()).post('/api/engine/hinged.plan').type('json').send(text);

  it('is not looked at where none is taken', async () => {
    const broken = () => request(appWith()).get('/api/health').set('Content-Type', 'application/json').send('{');
    await broken().expect(200);
  });

  it('nested without end is refused and ends nothing', async () => {
    const answer = await post(`{"door":${'['.repeat(2200)}${']'.repeat(2200)}}`).expect(422);
    expect(fieldsOf(answer)).toEqual([expect.stringMatching(/^door\.0\.0/)]);
  });

  it('with half a character in it is refused at its field, in a name as well', async () => {
    const { site } = exampleRecords();
    const put = (text: string) => request(appWith()).put(`/api/sites/${site.id}`).type('json').send(text);
    const whole = JSON.stringify({ ...site, name: 'Mill 🚪' });
    expect(fieldsOf(await put(whole.replace('🚪', '\\ud83d')).expect(422))).toEqual(['name']);
    expect(fieldsOf(await put(`{"\\ud83d":1}`).expect(422))).toEqual(['(body)']);
    await put(whole).expect(201);
  });
});

it('a client that asks without end is told to wait', async () => {
  const app = appWith({ requestsAMinute: 3 });
  for (let asked = 0; asked < 3; asked += 1) await request(app).get('/api/health').expect(200);
  const { headers, body } = await request(app).get('/api/health').expect(429);
  expect(Number(headers['retry-after'])).toBeGreaterThan(0);
  expect(body).toMatchObject({ status: 429, title: 'Too many requests' });
});

it('a page loads nothing from elsewhere and runs nothing written into it', async () => {
  const { headers } = await request(appWith()).get('/api/health');
  const policy = headers['content-security-policy'] ?? '';
  expect(policy).not.toMatch(/https?:/);
  expect(policy).toContain("default-src 'self'");
  expect(policy.match(/'unsafe-\w+'/g)).toEqual(["'unsafe-inline'"]);
  expect(policy).toMatch(/style-src 'self' 'unsafe-inline'/);
});

it('the log holds what was asked and nothing that lets somebody in', async () => {
  let text = '';
  const write = (chunk: Buffer, _: string, done: () => void) => {
    text += chunk.toString();
    done();
  };
  const logger = pino(new Writable({ write }));
  await request(appWith({ logger }))
    .get('/api/health')
    .set({ Cookie: 'pass=abc123', Authorization: 'Bearer abc123', 'Proxy-Authorization': 'abc123' });
  expect(text).toContain('/api/health');
  expect(text).not.toContain('abc123');
});
