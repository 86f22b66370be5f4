import { EXAMPLE_LATCH } from './exampleLatch';
import { fitStrike, LEAST_HOLD_MM, WANTED_PLAY_MM, type LatchAtStrike } from './strike';
import { FILE_UP_TO_MM } from '../../hinged/tables/strikeActions';

const first = (change: Partial<LatchAtStrike>) => fitStrike({ ...EXAMPLE_LATCH, ...change }).remedies[0];

describe('a bolt against its strike', () => {
  it('a bolt in the middle of its hole, with play and hold, is left alone', () => {
    expect(fitStrike(EXAMPLE_LATCH)).toMatchObject({ aboveMm: 2, belowMm: 2, engagedMm: 9, latches: true, remedies: [{ id: 'none' }] });
  });

  // Common practice, no source: up to about 2 mm a strike is filed, more is moved.
  it.each([
    [2, 'none', 0],
    [3, 'fileHole', 1.5],
    [3.5, 'fileHole', 2],
    [4, 'moveUpDown', 4],
    [8, 'moveUpDown', 8],
  ] as const)('%d mm low: %s by %d mm', (lowMm, id, mm) => {
    expect(first({ lowMm })).toMatchObject({ id });
    expect(first({ lowMm })?.mm).toBeCloseTo(mm, 9);
    const { belowMm } = fitStrike({ ...EXAMPLE_LATCH, lowMm });
    if (id === 'fileHole') expect(belowMm + mm).toBeGreaterThan(0);
  });

  it('files no more than a file should take', () => {
    for (let lowMm = -8; lowMm <= 8; lowMm += 0.25) {
      const { remedies, others } = fitStrike({ ...EXAMPLE_LATCH, lowMm });
      for (const each of [...remedies, ...others].filter(({ id }) => id === 'fileHole')) expect(each.mm).toBeLessThanOrEqual(FILE_UP_TO_MM);
    }
  });

  it('lifts the door before it touches the strike, where the hinges can', () => {
    expect(first({ lowMm: 4, liftMm: 3 })).toMatchObject({ id: 'liftDoor', mm: 2.5, way: 'up' });
    expect(first({ lowMm: 4, liftMm: 1 })).toMatchObject({ id: 'moveUpDown' });
    expect(first({ lowMm: -4, liftMm: 9 })).toMatchObject({ id: 'moveUpDown', way: 'up' });
    expect(first({ lowMm: -4, lowerMm: 3 })).toMatchObject({ id: 'liftDoor', way: 'down' });
  });

  it('a mirror turns up for down', () => {
    for (const lowMm of [1, 2.6, 3.4, 6]) {
      const [low, high] = [fitStrike({ ...EXAMPLE_LATCH, lowMm }), fitStrike({ ...EXAMPLE_LATCH, lowMm: -lowMm })];
      expect(high.remedies.map(({ id, mm }) => [id, mm])).toEqual(low.remedies.map(({ id, mm }) => [id, mm]));
      expect(high.aboveMm).toBeCloseTo(low.belowMm, 9);
    }
  });

  it('follows the head gap where there is no mark', () => {
    const { lowMm, ...rest } = EXAMPLE_LATCH;
    expect(lowMm).toBe(0);
    expect(fitStrike({ ...rest, gaps: { headHingeMm: 3, headLatchMm: 6.5, wantedHeadMm: 3 } })).toMatchObject({
      lowMm: 3.5,
      lowFrom: 'head gaps',
    });
    expect(() => fitStrike(rest)).toThrow('Read the mark of the bolt');
  });

  it('a rattle bends the tab in, a push bends it out or files; too much moves the strike', () => {
    expect(first({ playMm: 2, hasTab: true })).toMatchObject({ id: 'bendTab', way: 'toward the stop', mm: 2 - WANTED_PLAY_MM });
    expect(first({ playMm: 2 })).toMatchObject({ id: 'moveInOut' });
    expect(first({ playMm: -1, hasTab: true })).toMatchObject({ id: 'bendTab', way: 'away from the stop' });
    expect(first({ playMm: -1 })).toMatchObject({ id: 'fileDepth', mm: 1 + WANTED_PLAY_MM });
    expect(first({ playMm: -3, hasTab: true })).toMatchObject({ id: 'moveInOut', way: 'away from the stop' });
  });

  it('a bolt that does not reach is met by a packed strike, then by the slab; one that bottoms by a deeper bore', () => {
    expect(first({ gapMm: 7 })).toMatchObject({ id: 'packStrike', mm: LEAST_HOLD_MM - 5 });
    expect(first({ gapMm: 10.5 })).toMatchObject({ id: 'closeGap' });
    expect(first({ boreMm: 8 })).toMatchObject({ id: 'deepenBore', mm: 2.5 });
  });

  it('several faults each get their remedy', () => {
    expect(fitStrike({ ...EXAMPLE_LATCH, lowMm: 3, playMm: -1, boreMm: 8 }).remedies.map(({ id }) => id)).toEqual([
      'fileHole',
      'fileDepth',
      'deepenBore',
    ]);
  });

  it('a hole narrower than its bolt is no strike', () => {
    expect(() => fitStrike({ ...EXAMPLE_LATCH, holeWidthMm: 9 })).toThrow('narrower than the bolt');
  });
});
