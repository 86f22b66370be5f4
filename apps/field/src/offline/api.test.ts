import { onlineManager } from '@tanstack/react-query';
import { callApi, putRecord, RefusedError, UnreachableError } from './api';
import { forgetServer } from './reachability';

const real = globalThis.fetch;
const answers = (answer: () => Promise<Response>) => {
  globalThis.fetch = jest.fn(answer);
};
const response = (status: number, body: unknown) => new Response(typeof body === 'string' ? body : JSON.stringify(body), { status });

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

  it('writes a record as JSON', async () => {
    answers(() => Promise.resolve(response(201, {})));
    await putRecord('/api/notes/a', { id: 'a' });
    expect(globalThis.fetch).toHaveBeenCalledWith('/api/notes/a', {
      method: 'PUT',
      body: '{"id":"a"}',
      headers: { 'Content-Type': 'application/json' },
      signal: expect.any(AbortSignal) as AbortSignal,
    });
  });

  it.each([400, 404, 409, 413, 422])('a %d is a no, in the words of the server', async (status) => {
    answers(() => Promise.resolve(response(status, { detail: 'There is no such call.' })));
    const refused = await putRecord('/api/notes/a', {}).catch((error: unknown) => error);
    expect(refused).toBeInstanceOf(RefusedError);
    expect(refused).toMatchObject({ name: 'RefusedError', status, message: 'There is no such call.' });
  });

  it('a no without words still says its number', async () => {
    answers(() => Promise.resolve(response(404, '<html>')));
    await expect(callApi('/api/x')).rejects.toThrow('The server answered 404.');
  });

  it.each([500, 502, 503, 507])('a %d is no refusal: it is tried again', async (status) => {
    answers(() => Promise.resolve(response(status, { detail: 'broken' })));
    const failed = await putRecord('/api/notes/a', {}).catch((error: unknown) => error);
    expect(failed).toBeInstanceOf(UnreachableError);
    expect(failed).not.toBeInstanceOf(RefusedError);
    expect(failed).toMatchObject({ name: 'UnreachableError', message: `The server answered ${status}.` });
  });

  it('no answer at all is a lost server, and everything waits for it', async () => {
    answers(() => Promise.reject(new TypeError('network')));
    const lost = await callApi('/api/x').catch((error: unknown) => error);
    expect(lost).toBeInstanceOf(UnreachableError);
    expect(lost).toMatchObject({ message: 'The server cannot be reached.', cause: new TypeError('network') });
    expect(onlineManager.isOnline()).toBe(false);
  });
});
