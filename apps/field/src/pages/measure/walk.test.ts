import { STATION_IDS, WALKING_ORDER, type StationId } from '@proper-swing/core';
import { keypadFor } from './keypadKeys';
import { firstUnread, flipSign, following, neighbour, sheetOf } from './walk';

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
    expect(following('latch.mid', read(...WALKING_ORDER), 'gaps')).toBe('latch.top');
    // Among what is read besides the gaps there is no way round.
    expect(following('plumb.hinge', read(), 'further')).toBe('plumb.hinge');
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
  const labels = (...args: Parameters<typeof keypadFor>) =>
    keypadFor(...args)
      .flat()
      .map(({ label }) => label);

  it('has four rows of four, Next in the corner under the thumb, whatever is read', () => {
    for (const kind of ['gap', 'stop', 'opening', 'slab', 'lean', 'bow', 'bolt'] as const) {
      for (const units of ['mm', 'in'] as const) {
        const keys = keypadFor(kind, units, false);
        expect(keys.map((row) => row.length)).toEqual([4, 4, 4, 4]);
        expect(keys[3]?.[3]).toMatchObject({ id: 'next' });
        expect(new Set(keys.flat().map(({ id }) => id)).size).toBe(16);
      }
    }
  });

  it('a gap can rub, and a length can carry a sign', () => {
    expect(labels('gap', 'mm', false)).toContain('Rubs');
    expect(labels('gap', 'in', true)).toContain('Rubs');
    expect(labels('lean', 'mm', false)).toContain('+/−');
    expect(labels('lean', 'mm', false)).not.toContain('Rubs');
  });

  it('fractions of an inch finish a reading with one tap, or are typed digit by digit', () => {
    const fractions = keypadFor('gap', 'in', false).flat();
    expect(fractions.filter(({ does }) => does === 'enter')).toHaveLength(12);
    expect(
      keypadFor('gap', 'in', true)
        .flat()
        .filter(({ does }) => does === 'enter'),
    ).toEqual([]);
  });
});
