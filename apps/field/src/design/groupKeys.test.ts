import { placeAfter } from './groupKeys';

it('arrows go round a group, Home and End to its ends, other keys nowhere', () => {
  expect(['ArrowRight', 'ArrowDown'].map((key) => placeAfter(key, 1, 3))).toEqual([2, 2]);
  expect([placeAfter('ArrowRight', 2, 3), placeAfter('ArrowLeft', 0, 3), placeAfter('ArrowUp', 1, 3)]).toEqual([0, 2, 0]);
  expect([placeAfter('Home', 2, 3), placeAfter('End', 0, 3), placeAfter('a', 0, 3), placeAfter('Tab', 0, 3)]).toEqual([
    0,
    2,
    undefined,
    undefined,
  ]);
});
