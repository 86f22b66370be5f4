import { reblock } from '../../fitting/reblock';
import { flag, lengthMm } from '../../fields/field';
import { mm, slabThickness, slabWidth, sums, yesOrNo } from '../shapes';
import { sheet } from '../sheet';

export const reblockSheet = sheet({
  name: 'fit.reblock',
  title: 'A hollow slab cut past its solid rail: the plug that goes back',
  request: {
    blockMm: lengthMm('Solid rail as it was', 10, 300),
    cutMm: lengthMm('What comes off', 0, 1000),
    slabWidthMm: slabWidth,
    thicknessMm: slabThickness,
    stileMm: lengthMm('Width of the rail at the side', 5, 150),
    skinMm: lengthMm('Thickness of a skin', 1, 12),
    carriesPivot: flag('A pivot or guide sits in this end'),
  },
  result: {
    leftMm: mm('Left of the rail'),
    mustReblock: yesOrNo,
    plugWidthMm: mm('Width of the plug'),
    plugThicknessMm: mm('Thickness of the plug'),
    plugHeightMm: mm('Height of the plug in the offcut'),
    needsNewPlug: yesOrNo,
    sums,
  },
  example: { blockMm: 38, cutMm: 45, slabWidthMm: 762, thicknessMm: 35, stileMm: 28, skinMm: 3.2, carriesPivot: false },
  run: reblock,
});
