import { FURTHER_STATIONS, STATION_IDS, WALKING_ORDER, type StationId } from '@proper-swing/core';
import { keypadFor } from './keypadKeys';
import { firstUnread, flipSign, following, isRoundRead, neighbour, sheetOf } from './walk';

const read = (...ids: StationId[]) => new Map(ids.map((id) => [id, 1]));

describe('the way round the door', () => {
  it('begins at the first gap that nobody has read', () => {
    expect(firstUnread(read())).toBe('latch.bottom');
    expect(firstUnread(read('latch.bottom', 'latch.mid'))).toBe('latch.top');
    expect(firstUnread(read(...WALKING_ORDER))).toBe('latch.bottom');
  });

  it('goes on to the next that is unread, past what was read, and round again', () => {
    expect(following('latch.bottom', read('latch.bottom'), 'gaps')).toBe('latch.mid');
    expect(following('latch.bottom', read('latch.bottom', 'latch.mid', 'latch.top'), 'gaps')).toBe('head.latch');
    expect(following('foot.latch', read('foot.latch'), 'gaps')).toBe('latch.bottom');
    expect(following('latch.mid', read(...WALKING_ORDER), 'gaps')).toBeUndefined();
    expect([isRoundRead(read(...WALKING_ORDER)), isRoundRead(read(...WALKING_ORDER.slice(1)))]).toEqual([true, false]);
  });

  it('goes down the rows of what is read besides, past what was read, and stays at the last', () => {
    const [first, second, third] = FURTHER_STATIONS as [StationId, StationId, StationId];
    const last = FURTHER_STATIONS[FURTHER_STATIONS.length - 1] as StationId;
    expect(following(first, read(first), 'further')).toBe(second);
    expect(following(first, read(first, second), 'further')).toBe(third);
    expect(following(last, read(last), 'further')).toBe(last);
  });

  it('has a neighbour on each side, the last beside the first', () => {
    expect([neighbour('latch.bottom', 1), neighbour('latch.bottom', -1), neighbour('foot.latch', 1)]).toEqual([
      'latch.mid',
      'foot.latch',
      'latch.bottom',
    ]);
    expect(neighbour('plumb.hinge', 1)).toBe('plumb.hinge');
  });

  it('knows on which sheet each station is read', () => {
    expect(STATION_IDS.filter((id) => sheetOf(id) === 'gaps').sort()).toEqual([...WALKING_ORDER].sort());
  });

  it('turns a sign over', () => expect([flipSign('3'), flipSign('-3'), flipSign('')]).toEqual(['-3', '3', '-']));
});

describe('the keypad', () => {
  const keysFor = (kind: Parameters<typeof keypadFor>[0], units: 'mm' | 'in', wantsDigits = false, finest: 32 | 64 = 32) =>
    keypadFor(kind, { units, finest }, wantsDigits);
  const labels = (...args: Parameters<typeof keysFor>) =>
    keysFor(...args)
      .flat()
      .map(({ label }) => label);

  it('has four rows, Next in the corner under the thumb, whatever is read', () => {
    for (const kind of ['gap', 'stop', 'opening', 'slab', 'lean', 'bow', 'bolt'] as const) {
      for (const units of ['mm', 'in'] as const) {
        const keys = keysFor(kind, units);
        expect(keys.map((row) => row.length)).toEqual(kind === 'gap' && units === 'in' ? [5, 5, 5, 4] : [4, 4, 4, 4]);
        expect(keys[3]?.[3]).toMatchObject({ id: 'next' });
        expect(new Set(keys.flat().map(({ id }) => id)).size).toBe(keys.flat().length);
        expect(keys.flat().map(({ id }) => id)).toContain('back');
      }
    }
  });

  it('a gap can rub, and a length can carry a sign', () => {
    expect(labels('gap', 'mm')).toContain('Rubs');
    expect(labels('gap', 'in', true)).toContain('Rubs');
    expect(labels('lean', 'mm')).toContain('+/−');
    expect(labels('lean', 'mm')).not.toContain('Rubs');
  });

  it('fractions of an inch finish a reading with one tap, or are typed digit by digit', () => {
    expect(
      keysFor('gap', 'in')
        .flat()
        .filter(({ does }) => does === 'enter'),
    ).toHaveLength(14);
    expect(
      keysFor('gap', 'in', true)
        .flat()
        .filter(({ does }) => does === 'enter'),
    ).toEqual([]);
  });

  it('adds a 64th where the gauge tells one', () => {
    expect([labels('gap', 'in', false, 64).includes('+1/64'), labels('gap', 'in').includes('+1/64')]).toEqual([true, false]);
  });
});
