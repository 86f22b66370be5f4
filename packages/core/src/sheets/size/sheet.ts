import { lengthMm, number } from '../../fields/field';
import { slabWidth, slabHeight, slabThickness, slabMass, mm, words, listOf } from '../shapes';
import { sheet } from '../sheet';
import { chooseHinges } from './hingeSize';

export const sizeSheet = sheet({
  name: 'hinge.size',
  title: 'Number and size of hinges for a door',
  request: {
    slabWidthMm: slabWidth,
    slabHeightMm: slabHeight,
    thicknessMm: slabThickness,
    massKg: slabMass,
    backsetMm: lengthMm('Backset of the leaf from the far face', 0, 30),
    clearanceMm: lengthMm('Clearance wanted past the trim', 0, 120),
  },
  result: {
    count: number('How many', { whole: true }),
    heightIn: number('Height of the hinge, inches', {}),
    widthIn: number('Open width of the hinge, inches', {}),
    heightMm: mm('Height'),
    widthMm: mm('Open width'),
    leastWidthMm: mm('Width the rule asks for'),
    givesClearanceMm: mm('Clearance it gives'),
    why: listOf(words),
  },
  example: { slabWidthMm: 914, slabHeightMm: 2134, thicknessMm: 44, massKg: 40, backsetMm: 6, clearanceMm: 25 },
  run: chooseHinges,
});
