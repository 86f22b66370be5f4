import { lengthMm, number, flag, group, list, omittable } from '../../fields/field';
import { mm, words, yesOrNo, oneOf, part } from '../shapes';
import { sheet } from '../sheet';
import { EXAMPLE_LATCH } from './exampleLatch';
import { fitStrike } from './strike';

const remedy = part({
  id: words,
  title: words,
  mm: mm('How much'),
  way: words,
  minutes: number('Time it takes, minutes', {}),
  recheck: words,
  caution: omittable(words),
});

export const strikeSheet = sheet({
  name: 'latch.strike',
  title: 'Bolt against strike: what meets, and the least remedy',
  request: {
    boltHeightMm: lengthMm('Height of the bolt’s head', 3, 80),
    holeHeightMm: lengthMm('Height of the hole in the strike', 3, 120),
    boltThicknessMm: lengthMm('Thickness of the bolt', 3, 40),
    holeWidthMm: lengthMm('Width of the hole in the strike', 3, 60),
    throwMm: lengthMm('How far the bolt stands out of the edge', 1, 60),
    gapMm: lengthMm('Gap between slab and leg at the bolt', 0, 40),
    strikeSunkMm: lengthMm('How far the strike lies below the leg’s face; − when proud', -5, 20),
    boreMm: lengthMm('Depth of the bore behind the strike’s face', 0, 120),
    lowMm: omittable(lengthMm('Bolt’s middle below the hole’s middle, from its mark; − above', -60, 60)),
    gaps: omittable(
      group(
        'Head gaps, from which the bolt’s height follows when there is no mark',
        {
          headHingeMm: lengthMm('Head gap at the hinge end', 0, 100),
          headLatchMm: lengthMm('Head gap at the latch end', 0, 100),
          wantedHeadMm: lengthMm('Head gap the strike was set for', 0, 40),
        },
        {},
      ),
    ),
    playMm: lengthMm('Free play when latched; − when it must be pushed so far to latch', -20, 20),
    hasTab: omittable(flag('Whether the strike has a tab to bend')),
    liftMm: omittable(lengthMm('How far the hinges can still lift the latch edge', 0, 40)),
    lowerMm: omittable(lengthMm('How far they can still let it down', 0, 40)),
  },
  result: {
    lowMm: mm('Bolt’s middle below the hole’s middle'),
    lowFrom: oneOf(['mark', 'head gaps']),
    aboveMm: mm('Free height above the bolt; − it strikes the plate'),
    belowMm: mm('Free height below the bolt'),
    engagedMm: mm('How far the bolt is in the strike'),
    boreLeftMm: mm('Room at the bottom of the bore'),
    latches: yesOrNo,
    remedies: list('One for each fault, least work first', remedy, {}),
    others: list('Other ways for the height', remedy, {}),
  },
  example: { ...EXAMPLE_LATCH, lowMm: 3.2, hasTab: true },
  run: fitStrike,
});
