import { type Adjustment, type CallRecord, mergeRecord, type ReadingEntry, type Worksheet } from '@proper-swing/contract';
import { onlineManager } from '@tanstack/react-query';
import { renderHook } from '@testing-library/react-native';
import { outbox } from '../../offline/outbox';
import { exampleRecord } from '../../record/exampleRecord';
import { useCallSession } from './useCallSession';

// What is written stays in the outbox: nothing is sent from a unit test.
beforeAll(() => onlineManager.setOnline(false));
afterEach(() => outbox.waiting().forEach((each) => outbox.remove(each)));

const written = <T,>(kind: string) => outbox.waiting().flatMap((each) => (each.kind === kind ? [each.body as T] : []));

/** The record with all that waits in it, as the page sees it. */
const withWaiting = (record: CallRecord) => outbox.waiting().reduce((sum, { kind, body }) => mergeRecord(sum, kind, body), record);

/** The session of a call as found at 10 mm, and the way to see it again after a write. */
function session(record = exampleRecord({ found: { 'latch.top': 10, 'latch.bottom': 10, 'foot.latch': 6 } })) {
  const { result, rerender } = renderHook(({ of }: { of: CallRecord }) => useCallSession(of, record.door.make), {
    initialProps: { of: withWaiting(record) },
  });
  return { store: () => result.current, again: () => rerender({ of: withWaiting(record) }) };
}

describe('the session of a call', () => {
  it('logs turns as pieces of work, reads them back, and takes a whole go back', () => {
    const { store, again } = session();
    store().logTurns({ topSide: 1, middleSide: 1, bottomSide: 0.75, height: 0 });
    again();
    expect(store().session.goes).toEqual([{ turns: { topSide: 1, middleSide: 1, bottomSide: 0.75 } }]);
    expect(written<Adjustment>('adjustments').map(({ action, hinge, amount }) => [action, hinge, amount])).toEqual([
      ['turnSideways', 'top', 2],
      ['turnSideways', 'middle', 2],
      ['turnSideways', 'bottom', 1.5],
    ]);
    store().takeBack?.();
    again();
    expect(store().session.goes).toEqual([]);
    expect(store().takeBack).toBeUndefined();
    // The record keeps that it was there.
    expect(written<Adjustment>('adjustments')).toHaveLength(6);
  });

  it('takes back what the last act wrote and nothing before it, however quickly they came', () => {
    const { store, again } = session();
    store().logTurns({ topSide: 1, bottomSide: 1 });
    again();
    store().logTurns({ topSide: 0.5, height: 0.25 });
    again();
    store().takeBack?.();
    again();
    expect(store().session.goes).toEqual([{ turns: { topSide: 1, bottomSide: 1 } }]);
    store().takeBack?.();
    again();
    expect(store().session.goes).toEqual([]);
  });

  it('gaps before any turn are as found, after it a check of their own', () => {
    const { store, again } = session(exampleRecord());
    store().writeGaps([{ key: 'latchTopMm', mm: 10, typed: '10 mm' }]);
    again();
    expect(store().session.found).toEqual({ latchTopMm: 10 });
    store().logTurns({ topSide: 1 });
    again();
    store().writeGaps([
      { key: 'latchTopMm', mm: 8.7, typed: '8.7 mm' },
      { key: 'footMm', mm: 6, typed: '6 mm' },
    ]);
    again();
    expect(store().session.goes).toEqual([{ turns: { topSide: 1 }, after: { latchTopMm: 8.7, footMm: 6 } }]);
    expect(written<ReadingEntry>('readings').map(({ station, typed }) => [station, typed])).toEqual([
      ['latch.top', '10 mm'],
      ['latch.top', '8.7 mm'],
      ['foot.latch', '6 mm'],
    ]);
    expect(written<{ stage: string }>('reading-sets').map(({ stage }) => stage)).toEqual(['found', 'check']);
  });

  it('settings are one worksheet, corrected by the next', () => {
    const { store, again } = session();
    store().setSettings({ 'handle.effort': '4' });
    again();
    store().setSettings({ 'handle.bounces': 'no', 'side.turnsEachWay': '8' });
    again();
    expect(store().session).toMatchObject({ handle: { effort: 4, bounces: false }, hinge: { side: { turnsEachWay: 8 } } });
    const [first, second] = written<Worksheet>('worksheets');
    expect(second?.supersedes).toBe(first?.id);
    expect(second?.figures).toContainEqual({ field: 'handle.effort', typed: '4' });
  });

  it('goes for the locking gap the door is judged by, its own limits included, until another is typed', () => {
    const edge = { min: 2, target: 3, max: 4 };
    const record = exampleRecord();
    const ownLimits = {
      edges: { hinge: edge, head: edge, latch: { min: 5, target: 6, max: 7 }, foot: edge },
      evenWithin: 1,
      reason: 'seal',
    };
    const own = session({ ...record, door: { ...record.door, make: { ...record.door.make, profile: 'compositeMultipoint', ownLimits } } });
    expect(own.store().session.wanted).toMatchObject({ minMm: 5, targetMm: 6, maxMm: 7 });
    own.store().setSettings({ 'wanted.targetMm': '5.5 mm' });
    own.again();
    expect(own.store().session.wanted).toMatchObject({ minMm: 5, targetMm: 5.5, maxMm: 7 });
    // Only what was typed is kept: limits changed later still count.
    expect(written<Worksheet>('worksheets')[0]?.figures).toEqual([{ field: 'wanted.targetMm', typed: '5.5 mm' }]);
  });

  it('a keep is logged with how the handle felt', () => {
    const { store, again } = session();
    store().logKeep({ keep: 'centre' }, -1, { effort: 2, bounces: true });
    again();
    expect(store().session.keepGoes).toEqual([{ keep: 'centre', quarters: -1, handle: { effort: 2, bounces: true } }]);
    expect(written<Adjustment>('adjustments')[0]).toMatchObject({ unit: 'quarter turns', keep: 'centre' });
  });

  it('the seal of a three-way hinge is noted on the turn it was felt after', () => {
    const { store, again } = session();
    store().logTurns({ pressure: 0.5 });
    again();
    store().logSeal('even');
    again();
    expect(store().session.goes).toEqual([{ turns: { pressure: 0.5 }, seal: 'even' }]);
  });
});
