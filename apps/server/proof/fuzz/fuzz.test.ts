import { openApiDocument } from '@proper-swing/contract/openApi';
import Ajv2020 from 'ajv/dist/2020';
import fc from 'fast-check';
import type { Server } from 'node:http';
import type { AddressInfo } from 'node:net';
import { pino } from 'pino';
import type { DataSource } from 'typeorm';
import { createApp } from '../../src/app';
import { engineThreads } from '../../src/engineRuns/engineThreads';
import { openStore } from '../../src/record/openStore';
import { asker, type Answer, type Asked } from '../asker';
import { harmed } from './harm';
import { promisesOf } from './promises';
import { runTrials } from './runTrials';
import { arbitraryOf } from './schemaArbitrary';

const api = openApiDocument('0');

const told = (status: number, body: unknown, millis = 1): Answer => ({
  ...{ status, millis, type: 'application/json' },
  text: typeof body === 'string' ? body : JSON.stringify(body),
});

describe('values made up from a schema', () => {
  const ajv = new Ajv2020({ strict: false, validateFormats: false });
  ajv.addSchema({ $id: 'api', ...api });

  it.each(Object.keys(api.components.schemas).filter((name) => /^[a-z-]+$/.test(name)))('%s: pass it, judged by ajv', (name) => {
    const passes = ajv.compile({ $ref: `api#/components/schemas/${name}` });
    for (const value of fc.sample(arbitraryOf(api.components.schemas[name] ?? {}), { seed: 1, numRuns: 100 })) {
      expect(passes(value) ? [] : [passes.errors, value]).toEqual([]);
    }
  });

  it('harmed, mostly do not', () => {
    const schema = api.components.schemas['readings'] ?? {};
    const passes = ajv.compile(schema);
    const values = fc.sample(harmed(arbitraryOf(schema)), { seed: 1, numRuns: 200 });
    expect(values.filter((value) => passes(value)).length).toBeLessThan(50);
    expect(values.map((value) => JSON.stringify(value)).some((text) => text.includes('"__proto__"'))).toBe(true);
  });
});

describe('a promise that an answer breaks is named', () => {
  const promises = promisesOf(api);
  const health: Asked = { method: 'get', path: '/api/health' };
  const diagnose: Asked = { method: 'post', path: '/api/engine/hinged.whatIf' };
  const broken = (asked: Asked, answer: Answer) =>
    Object.entries(promises).flatMap(([promise, breaks]) => (breaks(asked, answer) === undefined ? [] : [promise]));
  const problem = (status: number) => told(status, { type: 'about:blank', title: 'x', status, detail: 'x' });

  it.each<[string, Asked, Answer, string[]]>([
    ['as told', health, told(200, { status: 'ok', version: '1' }), []],
    ['a fault of the server', health, problem(500), ['no 5xx']],
    ['late', health, told(200, { status: 'ok', version: '1' }, 1001), ['within a second']],
    ['a status nobody told of', health, problem(409), ['a status the description tells of']],
    ['another body', health, told(200, { status: 'fine' }), ['a body as its schema says']],
    ['no JSON', health, told(200, '<html>'), ['a body as its schema says']],
    ['a problem without its parts', health, told(404, { error: 'no' }), ['a status the description tells of', 'a body as its schema says']],
    ['a figure that is none', diagnose, told(200, { gaps: [{ station: 'hinge.top', beforeMm: null }] }), ['a body as its schema says']],
    ['a problem of an address that is none', { method: 'patch', path: '/api/nothing' }, problem(404), []],
  ])('%s', (_, asked, answer, names) => {
    expect(broken(asked, answer)).toEqual(names);
  });
});

describe('requests of every sort to the server', () => {
  let store: DataSource;
  let server: Server;
  const engine = engineThreads(1);

  beforeEach(async () => {
    store = await openStore(':memory:');
    server = createApp({ store, logger: pino({ level: 'silent' }), engine, requestsAMinute: 1e6 }).listen(0);
  });

  afterEach(async () => {
    server.closeAllConnections();
    await new Promise((resolve) => server.close(resolve));
    await store.destroy();
  });
  afterAll(() => engine.close());

  it('break no promise, and some of every sort are taken', async () => {
    const { ask, close } = asker(`http://127.0.0.1:${(server.address() as AddressInfo).port}`);
    // How soon it answers depends on the machine.
    const whenever = async (asked: Asked) => ({ ...(await ask(asked)), millis: 0 });
    const { answered, broken, given } = await runTrials(api, { requests: 400, seed: 3 }, whenever);
    close();
    expect(broken).toEqual([]);
    expect(answered['2xx']).toBeGreaterThan(100);
    expect(answered['4xx']).toBeGreaterThan(100);
    expect(given['put /api/readings/:id']?.given).toBeGreaterThan(0);
  });

  it('a write that is told as confirmed and cannot be read back is found', async () => {
    const { ask, close } = asker(`http://127.0.0.1:${(server.address() as AddressInfo).port}`);
    const forgetful = async (asked: Asked) => {
      const answer = await ask(asked);
      return asked.method === 'get' && answer.status === 200 ? { ...answer, text: '{}', millis: 0 } : { ...answer, millis: 0 };
    };
    const { broken } = await runTrials(api, { requests: 60, seed: 3 }, forgetful);
    close();
    expect(broken.map(({ promise }) => promise)).toContain('what was confirmed is read back');
  });
});
