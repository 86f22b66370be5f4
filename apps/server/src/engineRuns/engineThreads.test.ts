import { engineFunction, runEngine } from '@proper-swing/contract/engine';
import { pino } from 'pino';
import request from 'supertest';
import { createApp } from '../app';
import { openStore } from '../record/openStore';
import { engineThreads, type EngineThreads } from './engineThreads';

const example = (name: string) => {
  const found = engineFunction(name);
  if (found === undefined) throw new RangeError(name);
  return found;
};
const planTask = { does: 'run', name: 'hinged.plan', input: example('hinged.plan').example } as const;

let engine: EngineThreads;
afterEach(() => engine.close());

it('a thread gives what the engine gives', async () => {
  engine = engineThreads(1);
  const sheet = example('length.parse');
  expect(JSON.parse(await engine.answer({ does: 'run', name: 'length.parse', input: { text: '3/8"' } }))).toEqual(
    JSON.parse(JSON.stringify(runEngine(sheet, { text: '3/8"' }))),
  );
  await expect(engine.answer({ does: 'run', name: 'length.parse', input: { text: 'wide' } })).rejects.toMatchObject({
    status: 422,
    title: 'The request makes no sense',
  });
  // Whatever the words of what is wrong with it.
  await expect(engine.answer({ does: 'run', name: 'length.parse', input: { text: '3 queue' } })).rejects.toMatchObject({ status: 422 });
  await expect(engine.answer({ does: 'run', name: 'length.parse', input: {} })).rejects.toMatchObject({ errors: [{ field: 'text' }] });
});

it('while a plan is searched everything else is answered; too many at once are sent away to come again', async () => {
  engine = engineThreads(1, 1);
  const store = await openStore(':memory:');
  const app = createApp({ store, logger: pino({ level: 'silent' }), engine });
  const answered: string[] = [];
  const post = (name: string) =>
    request(app)
      .post('/api/engine/hinged.plan')
      .send(planTask.input as object)
      .then((answer) => {
        answered.push(name);
        return answer;
      });
  const plans = Promise.all(['first', 'second', 'third', 'fourth'].map(post));
  await request(app).get('/api/health').expect(200);
  answered.push('health');
  const all = await plans;
  expect(answered.indexOf('health')).toBeLessThan(answered.indexOf('first'));
  const away = all.filter(({ status }) => status === 503);
  expect(away.length).toBeGreaterThan(0);
  expect(all.filter(({ status }) => status === 200).length).toBeGreaterThan(0);
  expect(away[0]?.headers['retry-after']).toBe('2');
  expect(away[0]?.body).toMatchObject({ title: 'Busy', status: 503 });
  await store.destroy();
});

it('what a client that has left had asked for is ended, and the next is answered', async () => {
  engine = engineThreads(1);
  const left = new AbortController();
  const asked = engine.answer(planTask, left.signal);
  left.abort();
  await expect(asked).rejects.toMatchObject({ name: 'AbortError' });
  expect(JSON.parse(await engine.answer(planTask))).toHaveProperty('plans');
});

it('those sent away may leave as they like', async () => {
  engine = engineThreads(1, 1);
  const clients = Array.from({ length: 4 }, () => new AbortController());
  const ends = await Promise.allSettled(clients.map(({ signal }) => engine.answer(planTask, signal)));
  expect(ends.filter(({ status }) => status === 'rejected').length).toBeGreaterThan(0);
  expect(() => clients.forEach((client) => client.abort())).not.toThrow();
  expect(JSON.parse(await engine.answer(planTask))).toHaveProperty('plans');
});

it('what a function takes and gives is computed once', async () => {
  const real = engineThreads(1);
  const asked: string[] = [];
  engine = {
    ...real,
    answer: (task, signal) => {
      asked.push(task.does);
      return real.answer(task, signal);
    },
  };
  const store = await openStore(':memory:');
  const app = createApp({ store, logger: pino({ level: 'silent' }), engine });
  const first = await request(app).get('/api/engine/length.parse').expect(200);
  const again = await request(app).get('/api/engine/length.parse').expect(200);
  expect([asked, again.body]).toEqual([['describe'], first.body]);
  await request(app).get('/api/engine/no.such').expect(404);
  await store.destroy();
});

it('once prepared it answers as it does unprepared, and preparing twice does no harm', async () => {
  const prepared = engineThreads(1);
  await Promise.all([prepared.prepare(), prepared.prepare()]);
  const task = { does: 'run', name: 'length.parse', input: { text: '3 mm' } } as const;
  const unprepared = engineThreads(1);
  expect(JSON.parse(await prepared.answer(task))).toEqual(JSON.parse(await unprepared.answer(task)));
  await prepared.close();
  await unprepared.close();
});
