import { lengthMm, number, group, list, omittable } from '../../fields/field';
import { slabWidth, degrees, mm, part } from '../shapes';
import { sheet } from '../sheet';
import { clearFloor, type ArcReading } from './floorArc';

const reading = {
  ...part({
    atDeg: degrees('Opening angle'),
    gapMm: omittable(lengthMm('Gap read there', 0, 200)),
    floorMm: omittable(lengthMm('Rise of the floor there against the floor at closed', -200, 200)),
  }),
  faults: (read: { gapMm?: number; floorMm?: number }) =>
    (read.gapMm === undefined) === (read.floorMm === undefined) ? [{ field: '', message: 'needs either gapMm or floorMm' }] : [],
} as const;

export const floorSheet = sheet({
  name: 'swing.floor',
  title: 'Floor along the arc: where it drags, what to raise or cut',
  request: {
    slabWidthMm: slabWidth,
    closedGapMm: lengthMm('Gap under the latch corner, door closed', 0, 100),
    alongMm: lengthMm('Lean of the hinge line toward the latch', -100, 100),
    acrossMm: lengthMm('Lean toward the room the door opens into', -100, 100),
    leanOverMm: lengthMm('Height the lean was read over', 300, 6000),
    opensToDeg: degrees('How far it opens'),
    readings: list('Readings along the arc of the latch corner', reading, { most: 40 }),
    cover: omittable(
      group(
        'A rug or strip it must clear',
        { thicknessMm: lengthMm('Thickness of rug or strip', 0, 60), fromDeg: degrees('From'), toDeg: degrees('To') },
        {},
      ),
    ),
    wantedMm: lengthMm('Gap to keep', 0, 60),
    headGapMm: omittable(lengthMm('Head gap', 0, 100)),
    leastHeadGapMm: omittable(lengthMm('Least head gap', 0, 100)),
  },
  result: {
    arc: list(
      'Above the floor at closed',
      part({ atDeg: degrees('Opening angle'), floorMm: mm('Floor'), cornerMm: mm('Latch corner'), gapMm: mm('Gap') }),
      {},
    ),
    leastGapMm: mm('Least gap'),
    leastAtDeg: degrees('Where it is least'),
    dragsFromDeg: omittable(number('Under the wanted gap from, degrees', {})),
    dragsToDeg: omittable(number('Under the wanted gap to, degrees', {})),
    shortMm: mm('How much has to be won'),
    raiseMm: mm('By raising the door'),
    cutMm: mm('By cutting the foot at the latch corner'),
    byLeanMm: mm('What of it the lean makes'),
  },
  example: {
    slabWidthMm: 762,
    closedGapMm: 6,
    alongMm: 0,
    acrossMm: 3,
    leanOverMm: 1981,
    opensToDeg: 90,
    readings: [
      { atDeg: 30, gapMm: 4 },
      { atDeg: 60, gapMm: 1 },
      { atDeg: 90, gapMm: 2.5 },
    ],
    wantedMm: 3,
    headGapMm: 4,
    leastHeadGapMm: 2,
  },
  run: ({ readings, ...door }) => clearFloor({ ...door, readings: readings as ArcReading[] }),
});
