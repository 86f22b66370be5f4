import { DomainError } from '../../errors';
import { findTicks, type HeardTicks } from './findTicks';
import { byATick, heardAt, logMean, unheard } from './tickModel';

const passes = (...lists: number[][]) => lists.map((atMm) => ({ atMm }));
const heard = (lists: number[][], more: Partial<HeardTicks> = {}): HeardTicks => ({
  travelMm: 900,
  sdMm: 5,
  passes: passes(...lists),
  ...more,
});
const lattice = (first: number, turn: number) =>
  Array.from({ length: Math.floor((900 - first) / turn) + 1 }, (_, i) => Math.round(first + i * turn));

describe('ticks', () => {
  it('at one place in every pass are the track', () => {
    const found = findTicks(heard([[412], [405], [409]]));
    expect(found.verdict).toBe('track');
    expect(found.spots).toHaveLength(1);
    expect(found.spots[0]?.atMm).toBeCloseTo((412 + 405 + 409) / 3, 9);
    expect(found.spots[0]?.passes).toBe(3);
  });

  it('at two places are two spots, told from left to right', () => {
    const { verdict, spots } = findTicks(
      heard([
        [700, 203],
        [199, 695],
        [205, 702],
      ]),
    );
    expect(verdict).toBe('track');
    expect(spots.map(({ atMm }) => Math.round(atMm / 10) * 10)).toEqual([200, 700]);
  });

  it('at even distances, at another phase each pass, are a wheel of that circumference over π', () => {
    const turn = Math.PI * 28;
    const found = findTicks(heard([lattice(12, turn), lattice(50, turn), lattice(80, turn)]));
    expect(found.verdict).toBe('wheel');
    expect(found.wheels[0]?.diameterMm).toBeCloseTo(28, 0);
    expect(found.wheels[0]?.end).toBe('either');
  });

  it('name where the flat lies underneath, by the last pass: there both wheels are looked at', () => {
    const turn = Math.PI * 28;
    const { wheels } = findTicks(heard([lattice(12, turn), lattice(50, turn), lattice(80, turn)]));
    const standAtMm = wheels[0]?.standAtMm ?? 0;
    expect(Math.abs(standAtMm - (80 + 4 * turn))).toBeLessThan(5);
  });

  it('the wheel’s size tells its end where the two differ, and not where they are alike', () => {
    const lists = [lattice(12, Math.PI * 28), lattice(50, Math.PI * 28), lattice(80, Math.PI * 28)];
    expect(findTicks(heard(lists, { leadWheelMm: 28.3, trailWheelMm: 33 })).wheels[0]?.end).toBe('lead');
    expect(findTicks(heard(lists, { leadWheelMm: 24, trailWheelMm: 28 })).wheels[0]?.end).toBe('trail');
    expect(findTicks(heard(lists, { leadWheelMm: 28, trailWheelMm: 28.5 })).wheels[0]?.end).toBe('either');
  });

  it('a spot and a wheel at once are both', () => {
    const turn = 95;
    const add = (list: number[], x: number) => [...list, x];
    const { verdict, spots, wheels } = findTicks(
      heard([add(lattice(10, turn), 333), add(lattice(42, turn), 331), add(lattice(71, turn), 336), add(lattice(25, turn), 333)]),
    );
    expect(verdict).toBe('both');
    expect(spots[0]?.atMm).toBeCloseTo(333, -1);
    expect(wheels[0]?.turnMm).toBeCloseTo(turn, 0);
  });

  it('one tick, or ticks anyhow, are not told', () => {
    expect(findTicks(heard([[400], [], []])).verdict).toBe('cannotTell');
    expect(findTicks(heard([[], []])).verdict).toBe('nothing');
    expect(findTicks(heard([[130, 610], [480]])).verdict).toBe('cannotTell');
  });

  it('chances add up to one', () => {
    const { chances } = findTicks(
      heard([
        [100, 250, 700],
        [90, 444],
      ]),
    );
    expect(Object.values(chances).reduce((sum, each) => sum + each, 0)).toBeCloseTo(1, 9);
  });

  it('the order of passes and ticks does not matter', () => {
    const lists = [[412, 800], [405], [409, 120]];
    const turned = [...lists].reverse().map((list) => [...list].reverse());
    expect(findTicks(heard(turned)).chances.track).toBeCloseTo(findTicks(heard(lists)).chances.track, 9);
  });

  it('are known no finer than a six-hundredth of the travel, whatever is said', () => {
    const lists = [
      [1204, 2410, 3290],
      [1209, 3301],
      [1198, 2402],
    ];
    expect(findTicks(heard(lists, { travelMm: 6000, sdMm: 1 }))).toEqual(findTicks(heard(lists, { travelMm: 6000, sdMm: 10 })));
    expect(findTicks(heard(lists, { travelMm: 6000, sdMm: 11 }))).not.toEqual(findTicks(heard(lists, { travelMm: 6000, sdMm: 10 })));
  });

  it('beyond the travel are refused', () => expect(() => findTicks(heard([[950]]))).toThrow(DomainError));
});

describe('the point process', () => {
  it('a place heard with a chance of 0.8 has that much intensity in all', () => {
    let sum = 0;
    for (let x = -60; x <= 60; x += 0.01) sum += heardAt(x, 5) * 0.01;
    expect(sum).toBeCloseTo(0.8, 4);
  });

  it('a place nobody heard costs what it should have given', () => {
    expect(unheard(1)).toBeCloseTo(-0.8, 9);
    expect(byATick(heardAt(0, 5), heardAt(0, 5) / 9)).toBeCloseTo(Math.log(10), 9);
  });

  it('means of exponentials do not overflow', () => {
    expect(logMean([1000, 1000])).toBeCloseTo(1000, 9);
    expect(logMean([0, Math.log(3)])).toBeCloseTo(Math.log(2), 9);
  });
});
