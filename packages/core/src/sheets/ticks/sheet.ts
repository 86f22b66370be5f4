import { group, lengthMm, list, number, omittable } from '../../fields/field';
import { listOf, mm, oneOf, part } from '../shapes';
import { sheet } from '../sheet';
import { findTicks, TICK_VERDICTS } from './findTicks';

const wheelDiameter = (says: string) => omittable(lengthMm(says, 8, 80));

export const ticksSheet = sheet({
  name: 'sliding.ticks',
  title: 'Tick finder: a spot on the track, or a wheel',
  request: {
    travelMm: lengthMm('Travel of the panel', 200, 6000),
    passes: list(
      'Passes of the panel over its travel, either way',
      group('One pass', { atMm: list('Where it ticked, from the closing jamb, mm', lengthMm('Tick', 0, 6000), { most: 60 }) }, {}),
      { least: 1, most: 8 },
    ),
    sdMm: lengthMm('How far a position may be off, one standard deviation', 1, 30),
    leadWheelMm: wheelDiameter('Diameter of the wheel at the closing end'),
    trailWheelMm: wheelDiameter('Diameter of the wheel at the other end'),
  },
  result: {
    verdict: oneOf(TICK_VERDICTS),
    chances: part({
      track: number('Chance that it is the track', { from: 0, to: 1 }),
      wheel: number('A wheel', { from: 0, to: 1 }),
      both: number('A spot and a wheel', { from: 0, to: 1 }),
      twoWheels: number('Two wheels', { from: 0, to: 1 }),
      nothing: number('Neither', { from: 0, to: 1 }),
    }),
    spots: listOf(
      part({ atMm: mm('Spot, from the closing jamb'), sdMm: mm('Known to within'), passes: number('Passes it was heard in', {}) }),
    ),
    wheels: listOf(
      part({
        turnMm: mm('Distance of its ticks'),
        sdMm: mm('Known to within'),
        firstMm: listOf(mm('First tick of a pass')),
        diameterMm: mm('Diameter'),
        diameterSdMm: mm('Known to within'),
        end: oneOf(['lead', 'trail', 'either']),
        standAtMm: mm('Where its flat lies underneath after the last pass, from the closing jamb'),
      }),
    ),
    ticks: number('Ticks heard', {}),
  },
  example: {
    travelMm: 880,
    passes: [
      { atMm: [95, 197, 300, 402, 604, 707, 810] },
      { atMm: [58, 262, 363, 466, 567, 770] },
      { atMm: [12, 113, 216, 317, 420, 521, 624, 828] },
    ],
    sdMm: 5,
  },
  run: findTicks,
});
