import { isHeardWhole, nextPassPath, placesOf } from './passes';

describe('where a tapped tick was', () => {
  it('is its share of an even slide, from the closing jamb whichever end it began at', () => {
    const times = { from: 1000, ticks: [1500, 2500], to: 3000 };
    expect(placesOf(times, 800, true)).toEqual([200, 600]);
    expect(placesOf(times, 800, false)).toEqual([200, 600]);
    expect(placesOf({ ...times, ticks: [1500] }, 800, false)).toEqual([600]);
  });

  it('lies on the travel, and a slide of no time at all breaks nothing', () => {
    expect(placesOf({ from: 1000, ticks: [900, 5000], to: 2000 }, 800, true)).toEqual([0, 800]);
    expect(placesOf({ from: 1000, ticks: [1000], to: 1000 }, 800, true)).toEqual([0]);
  });

  it('is not told of a slide of which the device has dropped a part', () => {
    expect([isHeardWhole(4.1, 4), isHeardWhole(3.8, 4), isHeardWhole(2, 4)]).toEqual([true, true, false]);
  });

  it('goes to the first pass that holds nothing', () => {
    expect(nextPassPath({})).toBe('pass.1');
    expect(nextPassPath({ 'pass.1': '3', 'pass.2': ' ' })).toBe('pass.2');
  });
});
