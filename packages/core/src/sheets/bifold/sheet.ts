import { choice, lengthMm, list, omittable } from '../../fields/field';
import { listOf, mm } from '../shapes';
import { sheet } from '../sheet';
import { fitBifold } from './bifold';

const gap = (says: string) => lengthMm(says, 0, 60);
const height = (says: string) => lengthMm(says, 300, 4000);

export const bifoldSheet = sheet({
  name: 'sliding.bifold',
  title: 'Bifold door: leaves, pivots and guide',
  request: {
    widthsMm: list('Leg to leg at several heights, mm', lengthMm('Width', 300, 6000), { least: 1, most: 9 }),
    heightAtPivotMm: height('Floor to track at the pivot'),
    heightAtGuideMm: height('Floor to track at the other side'),
    leaves: choice('Leaves in all', [2, 4]),
    sideGapMm: gap('Gap at each leg'),
    leafGapMm: gap('Gap between leaves'),
    topGapMm: gap('Gap under the track'),
    floorGapMm: gap('Gap over the floor'),
    leafWidthMm: omittable(lengthMm('Width of a leaf as it is', 100, 1500)),
    leafHeightMm: omittable(height('Height of a leaf as it is')),
    solidRailMm: omittable(lengthMm('Solid rail of a hollow leaf', 0, 300)),
    jambTopMm: omittable(gap('Gap at the pivot jamb, top')),
    jambFootMm: omittable(gap('Gap at the pivot jamb, foot')),
    guidePlayMm: omittable(gap('Play of the guide across its track')),
  },
  result: {
    leafWidthMm: mm('Width of a leaf'),
    leafHeightMm: mm('Height of a leaf'),
    cutWidthMm: omittable(mm('Off its width')),
    cutHeightMm: omittable(mm('Off its height')),
    railLeftMm: omittable(mm('Left of the solid rail')),
    blockMm: omittable(mm('Block to be glued in, at least')),
    pivotHeightMm: mm('Foot pivot over the floor'),
    floorFallsMm: mm('How far the floor falls toward the guide'),
    topPivotMm: omittable(mm('Top pivot, + away from its jamb')),
    warnings: listOf({ is: 'text' } as const),
  },
  example: {
    widthsMm: [1214, 1212, 1215],
    heightAtPivotMm: 2018,
    heightAtGuideMm: 2020,
    leaves: 4,
    sideGapMm: 3,
    leafGapMm: 2,
    topGapMm: 6,
    floorGapMm: 10,
    leafHeightMm: 2020,
    solidRailMm: 38,
    jambTopMm: 6,
    jambFootMm: 3,
    guidePlayMm: 1.5,
  },
  run: fitBifold,
});
