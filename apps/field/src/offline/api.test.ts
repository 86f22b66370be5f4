import { onlineManager } from '@tanstack/react-query';
import { callApi, carry, FailedError, RefusedError, UnreachableError, type Carried } from './api';
import { forgetServer } from './reachability';

const real = globalThis.fetch;
const answers = (answer: () => Promise<Response>) => {
  globalThis.fetch = jest.fn(answer);
};
const response = (status: number, body: unknown) => new Response(typeof body === 'string' ? body : JSON.stringify(body), { status });

/** One write carried by itself. @throws what it came to, unless it was confirmed */
async function carryOne(kind: Carried['kind'], body: Carried['body']) {
  const [became] = await carry([{ kind, body }]);
  if (became !== undefined) throw became;
}

beforeEach(() => onlineManager.setOnline(true));
afterEach(() => {
  forgetServer();
  globalThis.fetch = real;
});

describe('calling the server', () => {
  it('reads its answer', async () => {
    answers(() => Promise.resolve(response(200, { items: [1] })));
    expect(await callApi('/api/sites')).toEqual({ items: [1] });
  });

  it('writes a record as JSON, and is done when the same record comes back', async () => {
    answers(() => Promise.resolve(response(201, { id: 'a', text: 'as kept' })));
    await carryOne('notes', { id: 'a' });
    expect(globalThis.fetch).toHaveBeenCalledWith('/api/notes/a', {
      method: 'PUT',
      body: '{"id":"a"}',
      headers: { 'Content-Type': 'application/json' },
      signal: expect.any(AbortSignal) as AbortSignal,
    });
    answers(() => Promise.resolve(response(200, { id: 'a', revision: 2 })));
    await carryOne('sites', { id: 'a', revision: 2 });
  });

  it.each<[string, number, unknown]>([
    ['a log-in page of a network', 200, '<!doctype html><title>Welcome, please log in</title>'],
    ['nothing at all', 201, ''],
    ['another record', 200, { id: 'b' }],
    ['another revision', 200, { id: 'a', revision: 1 }],
    ['an answer without a record', 200, { ok: true }],
    ['null', 200, null],
  ])('%s in the place of an answer confirms nothing, and the server is waited for', async (_, status, body) => {
    answers(() => Promise.resolve(response(status, body)));
    const failed = await carryOne('sites', { id: 'a', revision: 2 }).catch((error: unknown) => error);
    expect(failed).toBeInstanceOf(UnreachableError);
    expect(onlineManager.isOnline()).toBe(false);
  });

  it('a log-in page is no answer to a question either', async () => {
    answers(() => Promise.resolve(response(200, '<html>')));
    await expect(callApi('/api/sites')).rejects.toBeInstanceOf(UnreachableError);
  });

  const no = (status: number) => response(status, { title: 'No', status, detail: 'There is no such call.' });

  it.each([409, 413, 422])('a %d of the API is a no, in the words of the server', async (status) => {
    answers(() => Promise.resolve(no(status)));
    const refused = await carryOne('notes', { id: 'a' }).catch((error: unknown) => error);
    expect(refused).toBeInstanceOf(RefusedError);
    expect(refused).toMatchObject({ name: 'RefusedError', status, message: 'There is no such call.' });
  });

  it.each([409, 413, 422])('a %d of somebody else is none', async (status) => {
    for (const body of ['<html>', { message: 'proxy' }, { title: 'No', status: 400 }]) {
      answers(() => Promise.resolve(response(status, body)));
      await expect(carryOne('notes', { id: 'a' })).rejects.toBeInstanceOf(UnreachableError);
    }
  });

  it('what is not there is said to who asks for it', async () => {
    answers(() => Promise.resolve(no(404)));
    await expect(callApi('/api/calls/x')).rejects.toMatchObject({ name: 'RefusedError', message: 'There is no such call.' });
    answers(() => Promise.resolve(response(404, '<html>')));
    await expect(callApi('/api/x')).rejects.toBeInstanceOf(UnreachableError);
  });

  it.each([301, 400, 401, 403, 404, 407, 408, 425, 429, 500, 502, 503, 507])(
    'a %d is no refusal of a write: it is sent again',
    async (status) => {
      answers(() => Promise.resolve(no(status)));
      const failed = await carryOne('notes', { id: 'a' }).catch((error: unknown) => error);
      expect(failed).toBeInstanceOf(UnreachableError);
      expect(failed).not.toBeInstanceOf(RefusedError);
      expect(failed).toMatchObject({ name: 'UnreachableError', message: `The server answered ${status}.` });
    },
  );

  const TWO: Carried[] = [
    { kind: 'sites', body: { id: 'a', revision: 2 } },
    { kind: 'notes', body: { id: 'b' } },
  ];

  it('many records go in one request, and each is what the server says of it', async () => {
    const refused = { title: 'No', status: 409, detail: 'Another revision is there.' };
    answers(() =>
      Promise.resolve(
        response(200, {
          answers: [
            { status: 409, problem: refused },
            { status: 201, body: { id: 'b' } },
          ],
        }),
      ),
    );
    const became = await carry(TWO);
    expect(globalThis.fetch).toHaveBeenCalledWith(
      '/api/records',
      expect.objectContaining({ method: 'POST', body: JSON.stringify({ writes: TWO }) }),
    );
    expect(became).toEqual([expect.any(RefusedError), undefined]);
    expect(became[0]).toMatchObject({ message: 'Another revision is there.' });
    expect(await carry([])).toEqual([]);
  });

  it.each<[string, unknown]>([
    ['a log-in page', '<html>'],
    ['no answers', {}],
    ['too few answers', { answers: [{ status: 201, body: { id: 'a', revision: 2 } }] }],
    ['an answer that is none', { answers: [null, null] }],
    [
      'another record',
      {
        answers: [
          { status: 201, body: { id: 'a', revision: 2 } },
          { status: 200, body: { id: 'c' } },
        ],
      },
    ],
    ['a no of somebody else', { answers: [{ status: 201, body: { id: 'a', revision: 2 } }, { status: 409 }] }],
  ])('%s confirms none of many', async (_, told) => {
    answers(() => Promise.resolve(response(200, told)));
    await expect(carry(TWO)).rejects.toBeInstanceOf(UnreachableError);
  });

  it.each([413, 422, 503])('a %d for many refuses none of them', async (status) => {
    answers(() => Promise.resolve(no(status)));
    await expect(carry(TWO)).rejects.toBeInstanceOf(FailedError);
  });

  it('no answer at all is a lost server, and everything waits for it', async () => {
    answers(() => Promise.reject(new TypeError('network')));
    const lost = await callApi('/api/x').catch((error: unknown) => error);
    expect(lost).toBeInstanceOf(UnreachableError);
    expect(lost).toMatchObject({ message: 'The server cannot be reached.', cause: new TypeError('network') });
    expect(onlineManager.isOnline()).toBe(false);
  });
});
