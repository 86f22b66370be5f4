import type { Call } from '@proper-swing/contract';
import { check, recordSchema } from '@proper-swing/contract/schemas';
import { v7 } from 'uuid';
import { outbox } from '../offline/outbox';
import { exampleRecord } from '../record/exampleRecord';
import { CALL_MOVES } from './callMoves';
import { bookBack, bookCall, moveCall } from './writeCall';

afterEach(() => outbox.waiting().forEach((each) => outbox.remove(each)));

const call: Call = { ...exampleRecord({}).call, id: v7(), doorId: v7() };
const written = () => outbox.waiting().map(({ body }) => body as Call);
const move = (to: Call['state']) => {
  const found = CALL_MOVES.find((each) => each.to === to);
  if (found === undefined) throw new RangeError(to);
  return found;
};

it('each move is the next revision, as the server takes it, with its reason', () => {
  for (const each of CALL_MOVES) moveCall(call, each, each.reasons?.[0]);
  for (const body of written()) {
    expect(check(recordSchema('calls'), body)).toMatchObject({ ok: true });
    expect(body).toMatchObject({ id: call.id, revision: call.revision + 1, madeFrom: call.writtenAt });
  }
  expect(written().map(({ state, leftBecause }) => [state, leftBecause])).toEqual(CALL_MOVES.map(({ to, reasons }) => [to, reasons?.[0]]));
});

it('a reason goes with the state it was given for', () => {
  moveCall({ ...call, state: 'noAccess', leftBecause: 'No key' }, move('onTheWay'));
  moveCall(call, move('noAccess'), '   ');
  expect(written().map(({ state, leftBecause }) => [state, leftBecause])).toEqual([
    ['onTheWay', undefined],
    ['noAccess', undefined],
  ]);
});

it('a booking is taken back with all that stood before it', () => {
  const before: Call = { ...call, state: 'noAccess', leftBecause: 'No key' };
  const moved: Call = { ...call, revision: 2, writtenAt: '2026-11-30T10:00:00.000Z', scheduledFor: '2026-12-01T07:40:00.000Z' };
  bookBack(moved, before);
  bookBack({ ...moved, leftBecause: 'Later' }, call);
  expect(written()).toMatchObject([
    { revision: 3, madeFrom: moved.writtenAt, scheduledFor: call.scheduledFor, state: 'noAccess', leftBecause: 'No key' },
    { scheduledFor: call.scheduledFor, state: 'open' },
  ]);
  expect(written()[1]?.leftBecause).toBeUndefined();
});

it('a call is booked for another moment; one that was tried in vain is booked anew', () => {
  const when = new Date('2026-12-01T07:40:00.000Z');
  bookCall({ ...call, state: 'onSite' }, when);
  bookCall({ ...call, state: 'comeBack', leftBecause: 'Waiting for a part' }, when);
  expect(written().map(({ scheduledFor, state, leftBecause }) => [scheduledFor, state, leftBecause])).toEqual([
    ['2026-12-01T07:40:00.000Z', 'onSite', undefined],
    ['2026-12-01T07:40:00.000Z', 'open', undefined],
  ]);
});
