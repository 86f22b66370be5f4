import { choice, lengthMm, list, number, omittable } from '../../fields/field';
import { perTurn } from '../../sliding/card/panelFields';
import { listOf, mm, oneOf, part } from '../shapes';
import { sheet } from '../sheet';
import { fitBypass } from './bypass';

export const bypassSheet = sheet({
  name: 'sliding.bypass',
  title: 'Bypass door: overlap, floor guides, length and level',
  request: {
    widthsMm: list('Leg to leg at several heights, mm', lengthMm('Width', 300, 6000), { least: 1, most: 9 }),
    panels: choice('Panels', [2, 3]),
    panelWidthMm: lengthMm('Width of a panel', 200, 2500),
    heightsMm: omittable(list('Floor to track along the opening, mm', lengthMm('Height', 300, 4000), { least: 1, most: 9 })),
    hangMm: omittable(lengthMm('Track to the top of a panel', 0, 120)),
    floorGapMm: lengthMm('Gap wanted over the floor', 0, 60),
    panelHeightMm: omittable(lengthMm('Height of a panel as it is', 300, 4000)),
    thicknessMm: omittable(lengthMm('Thickness of a panel', 3, 80)),
    guideSlotMm: omittable(lengthMm('Between the cheeks of the guide', 3, 90)),
    stepMm: omittable(lengthMm('Front panel’s foot higher than the other’s', -60, 60)),
    higherFootMm: omittable(lengthMm('Under the higher of the two', 0, 60)),
    mmPerTurn: omittable(perTurn),
  },
  result: {
    overlapMm: mm('Overlap of two panels'),
    guidesMm: listOf(mm('Middle of an overlap from the left leg')),
    heightMm: omittable(mm('Height that a panel should have')),
    cutHeightMm: omittable(mm('Off its height')),
    playMm: omittable(mm('Play in the guide, each side')),
    align: omittable(
      part({
        panel: oneOf(['front', 'back']),
        way: oneOf(['raise', 'lower']),
        quarters: number('Quarter turns at both hangers', { whole: true }),
      }),
    ),
    warnings: listOf({ is: 'text' } as const),
  },
  example: {
    widthsMm: [1650, 1648, 1652],
    panels: 2,
    panelWidthMm: 840,
    heightsMm: [2062, 2058, 2060],
    hangMm: 28,
    floorGapMm: 10,
    panelHeightMm: 2030,
    thicknessMm: 35,
    guideSlotMm: 38,
    stepMm: 4,
    higherFootMm: 12,
  },
  run: fitBypass,
});
