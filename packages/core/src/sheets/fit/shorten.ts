import { FLOORS, shorten } from '../../fitting/shorten';
import { choice, lengthMm, list, number, omittable } from '../../fields/field';
import { mm, slabHeight, slabThickness, sums, yesOrNo } from '../shapes';
import { sheet } from '../sheet';
import { block, gap, sawBase, slabKind } from './fields';

export const shortenSheet = sheet({
  name: 'fit.shorten',
  title: 'Shortening to a floor, as it is or as it will be',
  request: {
    heightsMm: list('Floor to head, across the opening and along the swing, mm', lengthMm('Height', 300, 4000), { least: 1, most: 12 }),
    slabHeightMm: slabHeight,
    headGapMm: gap('Head gap'),
    clearanceMm: gap('Clearance at the foot'),
    floor: choice('The floor is', FLOORS),
    comesMm: omittable(lengthMm('What is still to come on it', 0, 200)),
    kind: slabKind,
    blockMm: block,
    thicknessMm: slabThickness,
    sawBaseMm: sawBase,
  },
  result: {
    lengthMm: mm('Length of the slab'),
    cutMm: mm('Off the foot'),
    highPoint: number('Which height is least, from 0', { whole: true }),
    runsOffMm: mm('How far the floor runs off'),
    mostClearanceMm: mm('Room at its lowest place'),
    blockLeftMm: omittable(mm('Left of the solid rail')),
    mustReblock: yesOrNo,
    guideMm: omittable(mm('Straightedge from the foot')),
    bladeMm: mm('Blade below the base of the saw'),
    sums,
  },
  example: {
    heightsMm: [2041.5, 2043, 2042],
    slabHeightMm: 2032,
    headGapMm: 3,
    clearanceMm: 12,
    floor: 'toCome',
    comesMm: 15,
    kind: 'hollow',
    thicknessMm: 35,
    sawBaseMm: 127,
  },
  run: shorten,
});
