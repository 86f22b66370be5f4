import { missingAtServer, type Sent } from './sent';

const sent = (count: number): Sent[] =>
  Array.from({ length: count }, (_, n) => ({
    mark: `m${n}`,
    sequence: n,
    kind: 'notes',
    body: { id: `n${n}`, writtenAt: '', callId: 'c', text: '' },
    confirmed: n,
  }));

/** A server that has everything before one. */
const serverHaving = (before: number) =>
  jest.fn((asked: readonly Sent[]) => Promise.resolve(asked.filter(({ sequence }) => sequence >= before)));

describe('what a device had saved and the server no longer has', () => {
  it('is nothing where it has the last ones: only those are asked for', async () => {
    const ask = serverHaving(5000);
    expect(await missingAtServer(sent(3000), ask)).toEqual([]);
    expect(ask.mock.calls.map(([asked]) => asked.length)).toEqual([20]);
  });

  it('is looked for among all where one of the last is missing, a thousand at a time, in their order', async () => {
    const ask = serverHaving(1500);
    const missing = await missingAtServer(sent(2100), ask);
    expect(ask.mock.calls.map(([asked]) => asked.length)).toEqual([20, 1000, 1000, 100]);
    expect([missing.length, missing[0]?.mark, missing[599]?.mark]).toEqual([600, 'm1500', 'm2099']);
  });

  it('is nothing where nothing was saved', async () => expect(await missingAtServer([])).toEqual([]));
});
