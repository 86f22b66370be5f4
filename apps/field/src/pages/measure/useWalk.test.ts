import { mergeRecord, standing, type CallRecord, type ReadingEntry } from '@proper-swing/contract';
import type { StationId } from '@proper-swing/core/doors';
import { act, renderHook } from '@testing-library/react-native';
import { outbox } from '../../offline/outbox';
import { preferencesNow, setPreferences } from '../../offline/preferences';
import { deviceStorage } from '../../offline/storage';
import { exampleAdjustment, exampleRecord } from '../../record/exampleRecord';
import { keypadFor, type KeypadKey } from './keypadKeys';
import { isWideGap } from '../../record/gaugeSteps';
import { observedAt, readingsInHand } from '../../record/observed';
import { useWalk, type WalkOptions } from './useWalk';

afterEach(() => {
  outbox.waiting().forEach((each) => outbox.remove(each));
  deviceStorage.keys().forEach((key) => deviceStorage.remove(key));
});

beforeEach(() => act(() => setPreferences({ gapPad: 'digits' })));

const readings = () => outbox.waiting().flatMap(({ kind, body }) => (kind === 'readings' ? [body as ReadingEntry] : []));
const withWaiting = (record: CallRecord) => outbox.waiting().reduce((sum, { kind, body }) => mergeRecord(sum, kind, body), record);

let calls = 0;
/** A walk on a call of its own, and a finger on its keypad. */
function walk(change: Partial<WalkOptions> = {}) {
  const example = exampleRecord();
  calls += 1;
  const record = change.record ?? { ...example, call: { ...example.call, id: `walk-${calls}` } };
  const options: WalkOptions = { record, stage: 'found', stations: [], units: 'mm', alongside: () => Promise.resolve(), ...change };
  const { result, rerender } = renderHook((props: WalkOptions) => useWalk(props), { initialProps: options });
  const key = (label: string): KeypadKey => {
    const found = keypadFor(
      result.current.draft.station,
      { ...preferencesNow(), units: options.units, finest: 64 },
      isWideGap(record.door, result.current.draft.station),
    )
      .flat()
      .find((each) => each.label === label);
    if (found === undefined) throw new Error(`no key ${label}`);
    return found;
  };
  return {
    walk: () => result.current,
    record,
    tap: async (...labels: string[]) => {
      for (const label of labels) {
        await act(async () => {
          result.current.press(key(label));
          await Promise.resolve();
        });
        rerender({ ...options, record: withWaiting(record) });
      }
    },
    pick: (id: StationId) => act(() => result.current.pick(id)),
    turn: () => act(() => result.current.turnSheet()),
    undo: () => {
      act(() => result.current.undo());
      rerender({ ...options, record: withWaiting(record) });
    },
    standing: () => standing(readings()),
  };
}

describe('a reading that is a slip', () => {
  it('is asked about where hardly any door has such a gap, and kept when it is meant', async () => {
    const { walk: now, tap, pick } = walk();
    await tap('4', '6', 'Next');
    expect([now().fault, readings()]).toEqual(['46 mm? Hardly any door has that. Next again keeps it.', []]);
    await tap('Erase', '.', '6', 'Next');
    expect(readings().map(({ mm }) => mm)).toEqual([4.6]);
    pick('foot.mid');
    await tap('3', '8', 'Next', 'Next');
    expect(readings()[1]).toMatchObject({ station: 'foot.mid', mm: 38 });
  });

  it('can be had back for a while, as it was, when it was overwritten or erased; it was not taken twice', async () => {
    const { walk: now, tap, pick, undo, standing: stand } = walk();
    await tap('3', 'Next');
    expect(now().lost).toBeUndefined();
    pick('latch.bottom');
    await tap('9', 'Next');
    expect(now().lost).toMatchObject({ station: 'latch.bottom', earlier: { mm: 3 } });
    undo();
    expect([now().lost, now().draft.station]).toEqual([undefined, 'latch.bottom']);
    expect(stand().map(({ mm, typed, supersedes }) => [mm, typed, supersedes])).toEqual([[3, '3 mm', undefined]]);
    pick('latch.bottom');
    await tap('Erase');
    expect(stand()).toEqual([]);
    undo();
    expect(stand().map(({ mm }) => mm)).toEqual([3]);
  });
});

describe('when all is read', () => {
  it('no key writes until a gap is picked again', async () => {
    const { walk: now, tap, pick } = walk();
    for (let gap = 0; gap < 12; gap += 1) await tap('3', 'Next');
    expect([now().draft.rests, readings()]).toMatchObject([true, { length: 12 }]);
    await tap('9', 'Next', 'Rubs', 'Erase');
    expect(readings()).toHaveLength(12);
    pick('head.mid');
    await tap('4', 'Next');
    expect(readings()[12]).toMatchObject({ station: 'head.mid', mm: 4 });
    expect(now().draft.rests).toBe(true);
  });
});

it('a check that was left midway goes on where it was left, and begins anew after more work', async () => {
  const stations: StationId[] = ['hinge.top', 'hinge.bottom', 'latch.top'];
  const first = walk({ stage: 'check', stations });
  await first.tap('3', 'Next');
  const reopened = walk({ record: withWaiting(first.record), stage: 'check', stations });
  expect(reopened.walk().draft.station).toBe('hinge.bottom');
  const worked = { ...withWaiting(first.record), adjustments: [exampleAdjustment('zz')] };
  expect(walk({ record: worked, stage: 'check', stations }).walk().draft.station).toBe('hinge.top');
  // What was read before the work is not shown as if it had been read since.
  const readOf = (record: CallRecord) => [[...readingsInHand(record, 'check').keys()], observedAt(record, 'check').readings.length];
  expect([withWaiting(first.record), worked].map(readOf)).toEqual([
    [['hinge.top'], 1],
    [[], 0],
  ]);
});

it('a rest is not kept: a station asked for again has its keys, and so has a walk begun after more work', async () => {
  const first = walk({ stage: 'check', stations: ['bolt.low'] });
  await first.tap('3', 'Next');
  expect(first.walk().draft).toMatchObject({ station: 'bolt.low', rests: true });
  expect(walk({ record: first.record, stage: 'check', stations: ['bolt.low'] }).walk().draft).toEqual({ station: 'bolt.low', text: '' });
  const left = walk({ stage: 'left' });
  for (let gap = 0; gap < 12; gap += 1) await left.tap('3', 'Next');
  expect(left.walk().draft.rests).toBe(true);
  expect(walk({ record: left.record, stage: 'left' }).walk().draft).toEqual({ station: 'latch.bottom', text: '' });
});

describe('a walk round the door', () => {
  it('types, writes what was typed with its unit, and goes on to the next gap', async () => {
    const { walk: now, tap } = walk();
    await tap('4', '.', '6');
    expect(now().draft).toEqual({ station: 'latch.bottom', text: '4.6' });
    await tap('Next');
    expect(readings()[0]).toMatchObject({ station: 'latch.bottom', mm: 4.6, typed: '4.6 mm' });
    expect(now().draft).toEqual({ station: 'latch.mid', text: '' });
    await tap('2', '½');
    expect(readings()[1]).toMatchObject({ station: 'latch.mid', mm: 2.5, typed: '2.5 mm' });
    await tap('½', 'Rubs', "Can't reach");
    expect(readings().map(({ station, kind, typed }) => [station, kind, typed])).toEqual([
      ['latch.bottom', 'figure', '4.6 mm'],
      ['latch.mid', 'figure', '2.5 mm'],
      ['latch.top', 'figure', '0.5 mm'],
      ['head.latch', 'rubs', ''],
      ['head.mid', 'unreachable', ''],
    ]);
  });

  it('in inches one tap is a reading, kept as the fraction it was', async () => {
    const { tap } = walk({ units: 'in' });
    await tap('Gauge', '1/8');
    expect(readings()[0]).toMatchObject({ mm: 3.175, typed: '1/8 in' });
    await tap('0–9', '3', '/', '3', '2', 'Next');
    expect(readings()[1]).toMatchObject({ mm: expect.closeTo(2.38125, 9) as number, typed: '3/32 in' });
    await tap('Gauge', '+1/64', '1/8', '1/8');
    expect(
      readings()
        .slice(2)
        .map(({ typed }) => typed),
    ).toEqual(['9/64 in', '1/8 in']);
  });

  it('in millimetres a step of the gauge is a reading; at the foot the steps are wider', async () => {
    const { walk: now, tap, pick } = walk();
    await tap('Gauge', '3½', '½');
    expect(readings().map(({ station, mm, typed, instrument }) => [station, mm, typed, instrument])).toEqual([
      ['latch.bottom', 3.5, '3.5 mm', 'gauge'],
      ['latch.mid', 0.5, '0.5 mm', 'gauge'],
    ]);
    expect(now().draft).toEqual({ station: 'latch.top', text: '' });
    pick('foot.mid');
    await tap('12');
    expect(readings()[2]).toMatchObject({ station: 'foot.mid', mm: 12 });
  });

  it('by eye one tap is a reading without a figure, and the pad stays for the next gap', async () => {
    const { walk: now, tap } = walk();
    await tap('By eye', 'Tight', 'OK', 'Wide', 'Rubs');
    expect(readings().map(({ station, kind, mm, typed, instrument }) => [station, kind, mm, typed, instrument])).toEqual([
      ['latch.bottom', 'eye', null, 'tight', 'eye'],
      ['latch.mid', 'eye', null, 'ok', 'eye'],
      ['latch.top', 'eye', null, 'wide', 'eye'],
      ['head.latch', 'rubs', null, '', 'gauge'],
    ]);
    expect(now().draft.station).toBe('head.mid');
  });

  it('says what is wrong with a figure and keeps it to be mended', async () => {
    const { walk: now, tap } = walk();
    await tap('2', '6', '0', 'Next');
    expect(now().fault).toContain('260 mm is no size for a gap');
    expect([now().draft.text, readings()]).toEqual(['260', []]);
    await tap('Erase', 'Erase');
    expect(now().draft.text).toBe('2');
    await tap('.');
    expect(now().fault).toBeUndefined();
    await tap('6', 'Next');
    expect(readings()[0]?.mm).toBe(2.6);
  });

  it('Next on nothing passes on; Erase on nothing takes the reading back', async () => {
    const { walk: now, tap, pick } = walk();
    await tap('Next');
    expect([now().draft.station, readings()]).toEqual(['latch.mid', []]);
    await tap('3', 'Next');
    pick('latch.mid');
    await tap('Erase');
    expect(readings().map(({ withdrawn, supersedes }) => [withdrawn ?? false, supersedes !== undefined])).toEqual([
      [false, false],
      [true, true],
    ]);
  });

  it('a station asked for by name comes first, and a check reads only those asked for', async () => {
    const { walk: now, tap } = walk({ stage: 'check', stations: ['hinge.top', 'plumb.across'] });
    expect(now().draft.station).toBe('hinge.top');
    await tap('2', 'Next');
    expect([now().draft.station, now().sheet]).toEqual(['plumb.across', 'further']);
  });

  it('turns to what is read besides the gaps, where a lean carries its sign', async () => {
    const { walk: now, tap, turn } = walk();
    turn();
    expect([now().sheet, now().draft.station]).toEqual(['further', 'plumb.hinge']);
    await tap('4', '+/−', 'Next');
    expect(readings()[0]).toMatchObject({ station: 'plumb.hinge', mm: -4, typed: '-4 mm' });
    turn();
    expect([now().sheet, now().draft.station]).toEqual(['gaps', 'latch.bottom']);
  });

  it('what is typed is there again after a reload, on the same call and stage', async () => {
    const first = walk();
    await first.tap('4', '.');
    expect(walk({ record: first.record }).walk().draft).toEqual({ station: 'latch.bottom', text: '4.' });
    expect(walk({ record: first.record, stage: 'left' }).walk().draft.text).toBe('');
    expect(walk().walk().draft.text).toBe('');
  });

  it('a full device says so and keeps what was typed', async () => {
    const { walk: now, tap } = walk();
    await tap('3');
    const add = jest.spyOn(outbox, 'add').mockImplementation(() => {
      throw new Error('QuotaExceededError');
    });
    await tap('Next');
    add.mockRestore();
    expect(now().fault).toContain('This device is full');
    expect([now().draft.text, readings()]).toEqual(['3', []]);
    await tap('Next');
    expect(readings()[0]?.mm).toBe(3);
  });
});
