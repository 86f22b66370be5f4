import { gapChanges, type DoorCourse, type VisitGauged } from './course';
import { dueAgain } from './dueAgain';
import { tellCourse } from './tellCourse';

const year = (atYears: number) => 2 * Math.cos(2 * Math.PI * atYears);
const door = (visits: VisitGauged[], more: Partial<DoorCourse> = {}): DoorCourse => ({ visits, moistureAt: year, ...more });
const times = [0, 0.8, 1.5, 2.6, 3.2, 4.3, 5.1, 6];
const limits = { 'latch.top': { min: 2, max: 4 }, 'head.latch': { min: 2, max: 4 } };

/** Gauged at each time as a course makes it, with what it was set to where that is said. */
const gauged = (gap: (at: number) => { found: number; left?: number }) =>
  times.map((atYears) => {
    const { found, left } = gap(atYears);
    return {
      atYears,
      found: { 'latch.top': found, 'head.latch': 6 - found },
      ...(left !== undefined && { left: { 'latch.top': left, 'head.latch': 6 - left } }),
    };
  });

const settled = gauged((at) => ({ found: 3 - 0.5 * at }));
const seasonal = gauged((at) => ({ found: 3 - 0.4 * year(at) }));
const worn = gauged((at) => {
  const years = at - (times[times.indexOf(at) - 1] ?? -3);
  return { found: 3 - 2 * (1 - Math.exp(-years / 0.6)), left: 3 };
});
const steady = gauged((at) => ({ found: at % 1 > 0.5 ? 3.2 : 3 }));

describe('the course of a door', () => {
  it('is told from how its gaps went: steadily, with the year, back after each repair, or not at all', () => {
    expect(tellCourse(door(settled)).course).toBe('settles');
    expect(tellCourse(door(seasonal)).course).toBe('season');
    expect(tellCourse(door(worn)).course).toBe('wears');
    expect(tellCourse(door(steady)).course).toBe('stays');
  });

  it('is not told by three visits, and its chances add up', () => {
    const { course, chances } = tellCourse(door(settled.slice(0, 3)));
    expect(course).toBeUndefined();
    expect(Object.values(chances).reduce((sum, chance) => sum + chance, 0)).toBeCloseTo(1, 9);
  });

  it('has its figures: so much a year, so much for each % of moisture', () => {
    const rate = tellCourse(door(settled)).figures.settles.find(({ station }) => station === 'latch.top');
    expect(rate?.mean).toBeCloseTo(-0.5, 1);
    const swell = tellCourse(door(seasonal)).figures.season.find(({ station }) => station === 'latch.top');
    expect(swell?.mean).toBeCloseTo(-0.4, 1);
  });

  it('what was never set right has not worked loose', () => {
    expect(tellCourse(door(settled)).chances.wears).toBe(0);
  });

  it('begins each change where the gap was left', () => {
    const changes = gapChanges(door(worn)).filter(({ station }) => station === 'latch.top');
    expect(changes).toHaveLength(times.length - 1);
    expect(changes[0]).toMatchObject({ from: 3, years: 0.8, sharesReading: false });
    expect(changes[0]?.changeMm).toBeCloseTo(-2 * (1 - Math.exp(-0.8 / 0.6)), 9);
    expect(changes[1]?.setMm).toBeCloseTo(2 * (1 - Math.exp(-0.8 / 0.6)), 9);
    // Nothing was done: the same reading ends one change and begins the next.
    expect(gapChanges(door(settled))[1]?.sharesReading).toBe(true);
  });
});

describe('due again', () => {
  it('a door that settles 0.5 mm a year from 3 mm leaves 2 mm in about two years', () => {
    const settles = door(gauged((at) => ({ found: at === 6 ? 2 : 3 - 0.5 * at, ...(at === 6 && { left: 3 }) })));
    const due = dueAgain(settles, { ...tellCourse(settles), course: 'settles' }, limits);
    expect(due?.fromYears).toBeGreaterThan(1);
    expect(due?.fromYears).toBeLessThan(2.5);
    expect(due?.toYears).toBeGreaterThan(1.8);
  });

  it('what comes loose again is due within the year, what stays is not due', () => {
    const tight = { 'latch.top': { min: 2.5, max: 4 } };
    const due = dueAgain(door(worn), tellCourse(door(worn)), tight);
    expect(due?.toYears).toBeLessThan(1.5);
    expect(dueAgain(door(steady), tellCourse(door(steady)), limits)).toBeUndefined();
  });

  it('with the year it is due in the wet half of it', () => {
    const wide = { 'latch.top': { min: 2.4, max: 5 } };
    const seasons = door(seasonal);
    const due = dueAgain(seasons, tellCourse(seasons), wide);
    // Visited last at its wettest: it is out again by the next winter at the latest.
    expect(due?.fromYears).toBeLessThanOrEqual(1);
  });
});
