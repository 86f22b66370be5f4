import { exampleRecord } from '../../record/exampleRecord';
import { isWideGap } from '../../record/gaugeSteps';
import { HANDBOOKS } from '@proper-swing/core/doors';
import { FURTHER_STATIONS, WALKING_ORDER } from '@proper-swing/core';
import { STATION_IDS, type StationId } from '@proper-swing/core/doors';
import { keypadFor } from './keypadKeys';
import { firstUnread, flipSign, following, isRoundRead, neighbour, sheetOf } from './walk';

const read = (...ids: StationId[]) => new Map(ids.map((id) => [id, 1]));

const book = HANDBOOKS.hinged;

describe('the way round the door', () => {
  it('begins at the first gap that nobody has read', () => {
    expect(firstUnread(book, read())).toBe('latch.bottom');
    expect(firstUnread(book, read('latch.bottom', 'latch.mid'))).toBe('latch.top');
    expect(firstUnread(book, read(...WALKING_ORDER))).toBe('latch.bottom');
  });

  it('goes on to the next that is unread, past what was read, and round again', () => {
    expect(following(book, 'latch.bottom', read('latch.bottom'), 'gaps')).toBe('latch.mid');
    expect(following(book, 'latch.bottom', read('latch.bottom', 'latch.mid', 'latch.top'), 'gaps')).toBe('head.latch');
    expect(following(book, 'foot.latch', read('foot.latch'), 'gaps')).toBe('latch.bottom');
    expect(following(book, 'latch.mid', read(...WALKING_ORDER), 'gaps')).toBeUndefined();
    expect([isRoundRead(book, read(...WALKING_ORDER)), isRoundRead(book, read(...WALKING_ORDER.slice(1)))]).toEqual([true, false]);
  });

  it('goes down the rows of what is read besides, past what was read, and stays at the last', () => {
    const [first, second, third] = FURTHER_STATIONS as [StationId, StationId, StationId];
    const last = FURTHER_STATIONS[FURTHER_STATIONS.length - 1] as StationId;
    expect(following(book, first, read(first), 'further')).toBe(second);
    expect(following(book, first, read(first, second), 'further')).toBe(third);
    expect(following(book, last, read(last), 'further')).toBe(last);
  });

  it('has a neighbour on each side, the last beside the first', () => {
    expect([neighbour(book, 'latch.bottom', 1), neighbour(book, 'latch.bottom', -1), neighbour(book, 'foot.latch', 1)]).toEqual([
      'latch.mid',
      'foot.latch',
      'latch.bottom',
    ]);
    expect(neighbour(book, 'plumb.hinge', 1)).toBe('plumb.hinge');
  });

  it('knows on which sheet each station is read', () => {
    expect(STATION_IDS.filter((id) => sheetOf(book, id) === 'gaps').sort()).toEqual([...WALKING_ORDER].sort());
  });

  it('turns a sign over', () => expect([flipSign('3'), flipSign('-3'), flipSign('')]).toEqual(['-3', '3', '-']));
});

describe('the keypad', () => {
  const keysFor = (id: Parameters<typeof keypadFor>[0], change: Partial<Parameters<typeof keypadFor>[1]> = {}) =>
    keypadFor(id, { units: 'mm', finest: 32, gapPad: 'gauge', ...change }, isWideGap(exampleRecord().door, id));
  const labels = (...args: Parameters<typeof keysFor>) =>
    keysFor(...args)
      .flat()
      .map(({ label }) => label);
  const everyPad = STATION_IDS.flatMap((id) =>
    (['mm', 'in'] as const).flatMap((units) => (['gauge', 'digits', 'eye'] as const).map((gapPad) => keysFor(id, { units, gapPad }))),
  );

  it('has at most four rows of five, Next in the corner under the thumb, whatever is read', () => {
    for (const keys of everyPad) {
      expect(keys.length).toBeLessThanOrEqual(4);
      expect(Math.max(...keys.map((row) => row.length))).toBeLessThanOrEqual(5);
      expect(keys.at(-1)?.at(-1)).toMatchObject({ id: 'next' });
      expect(new Set(keys.flat().map(({ id }) => id)).size).toBe(keys.flat().length);
      expect(keys.flat().map(({ id }) => id)).toEqual(expect.arrayContaining(['back', 'unreachable']));
    }
  });

  it('a gap can rub, and a length can carry a sign', () => {
    for (const gapPad of ['gauge', 'digits', 'eye'] as const) {
      for (const units of ['mm', 'in'] as const) expect(labels('latch.mid', { units, gapPad })).toContain('Rubs');
    }
    expect(labels('plumb.hinge')).toContain('+/−');
    expect(labels('plumb.hinge', { gapPad: 'eye' })).not.toContain('Rubs');
  });

  it('what a level shows to be in order is one tap, by its own name', () => {
    expect([
      labels('plumb.hinge').includes('Plumb'),
      labels('level.head').includes('Level'),
      labels('bolt.low').includes('In line'),
    ]).toEqual([true, true, true]);
    expect(keysFor('plumb.across', { units: 'in' }).flat()).toContainEqual({ id: 'enter-0', label: 'Plumb', does: 'enter', text: '0' });
    expect(
      keysFor('slab.width')
        .flat()
        .some(({ does }) => does === 'enter'),
    ).toBe(false);
  });

  it('every pad of a gap leads to another, and from each there is a way back', () => {
    expect(labels('latch.mid')).toEqual(expect.arrayContaining(['By eye', '0–9']));
    expect(labels('latch.mid', { gapPad: 'digits' })).toEqual(expect.arrayContaining(['By eye', 'Gauge']));
    expect(labels('latch.mid', { gapPad: 'eye' })).toContain('Gauge');
  });

  it('steps of a gauge finish a reading with one tap, in the gaps that the edge can have; digits do not', () => {
    const steps = (...args: Parameters<typeof keysFor>) =>
      keysFor(...args)
        .flat()
        .filter(({ does }) => does === 'enter').length;
    expect([steps('latch.mid'), steps('foot.mid'), steps('latch.mid', { units: 'in' })]).toEqual([14, 14, 14]);
    expect([steps('latch.mid', { gapPad: 'digits' }), steps('latch.mid', { units: 'in', gapPad: 'digits' })]).toEqual([0, 0]);
    expect([labels('latch.mid')[6], labels('foot.mid').includes('16')]).toEqual(['3½', true]);
  });

  it('adds a 64th where the gauge tells one', () => {
    const inches = { units: 'in' } as const;
    expect([labels('latch.mid', { ...inches, finest: 64 }).includes('+1/64'), labels('latch.mid', inches).includes('+1/64')]).toEqual([
      true,
      false,
    ]);
  });
});
