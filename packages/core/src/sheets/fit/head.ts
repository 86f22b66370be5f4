import { fitHead } from '../../fitting/fitHead';
import { lengthMm, number, omittable } from '../../fields/field';
import { mm, slabHeight, slabWidth, sums } from '../shapes';
import { sheet } from '../sheet';
import { gap, paint, points, sizes } from './fields';

export const fitHeadSheet = sheet({
  name: 'fit.head',
  title: 'A head that is not level: from the higher side',
  request: {
    heightsMm: sizes('Floor to head over the leaf, from its hinge side, mm', 300, 4000),
    widthMm: slabWidth,
    slabHeightMm: slabHeight,
    headGapMm: gap('Head gap'),
    footGapMm: gap('Foot gap'),
    paintMm: paint,
    railOffMm: omittable(lengthMm('By how much its rail stands below the other leaf’s', -200, 200)),
  },
  result: {
    highest: number('Which height is most, from 0', { whole: true }),
    firstCutMm: mm('Length it is cut to first'),
    cutMm: mm('Off for that'),
    taper: points,
    deepestMm: mm('Deepest of the taper'),
    railCutMm: omittable(mm('Off the head of the second leaf, rail and gap in one')),
    sums,
  },
  example: { heightsMm: [1957, 1947], widthMm: 686, slabHeightMm: 1981, headGapMm: 2, footGapMm: 0, railOffMm: 5 },
  run: fitHead,
});
