import { render, screen } from '@testing-library/react-native';
import { Text } from 'react-native';
import { lineThrough, Plot, ticksBetween, type PlotScale } from './Plot';

describe('round figures that rule a range', () => {
  it.each<[number, number, number, number[]]>([
    [0, 90, 6, [0, 20, 40, 60, 80]],
    [-0.5, 0.5, 4, [-0.5, 0, 0.5]],
    [-2, 10, 4, [0, 5, 10]],
    [0, 7, 7, [0, 1, 2, 3, 4, 5, 6, 7]],
  ])('%d to %d in about %d', (from, to, about, ticks) => expect(ticksBetween(from, to, about)).toEqual(ticks));

  it('are inside the range, evenly apart, and as many as asked within a few', () => {
    for (let i = 1; i < 60; i += 1) {
      const [from, to] = [-i * 0.37, i * 1.31];
      const ticks = ticksBetween(from, to);
      expect(ticks.length).toBeGreaterThanOrEqual(2);
      expect(ticks.length).toBeLessThanOrEqual(7);
      expect(Math.min(...ticks)).toBeGreaterThanOrEqual(from - 1e-9);
      expect(Math.max(...ticks)).toBeLessThanOrEqual(to + 1e-9);
      const steps = ticks.slice(1).map((tick, k) => tick - (ticks[k] ?? 0));
      expect(Math.max(...steps) - Math.min(...steps)).toBeLessThan(1e-9);
    }
  });
});

it('a plot hands out a scale that puts the ends of the axes at its edges, up for more', () => {
  let scale: PlotScale | undefined;
  render(
    <Plot
      width={300}
      height={200}
      x={{ from: 0, to: 90, ticks: [0, 45, 90], write: (deg) => `${deg}°` }}
      y={{ from: -1, to: 1, ticks: [-1, 0, 1], write: String }}
      yTitle="N·m"
      spoken="Torque over the angle"
    >
      {(given) => {
        scale = given;
        return <Text>inside</Text>;
      }}
    </Plot>,
  );
  expect(screen.getByLabelText('Torque over the angle')).toBeTruthy();
  if (scale === undefined) throw new Error('no scale');
  expect(scale.x(0)).toBeLessThan(scale.x(90));
  expect(scale.x(45)).toBeCloseTo((scale.x(0) + scale.x(90)) / 2, 9);
  expect(scale.y(1)).toBeLessThan(scale.y(-1));
  expect(scale.x(90)).toBeLessThan(300);
  expect(scale.y(-1)).toBeLessThan(200);
});

it('a line goes through its places in order', () => {
  expect(
    lineThrough([
      { x: 0, y: 1 },
      { x: 2.345, y: 3 },
    ]),
  ).toBe('M0.00 1.00 L2.35 3.00');
});
