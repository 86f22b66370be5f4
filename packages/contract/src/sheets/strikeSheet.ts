import { EXAMPLE_LATCH, fitStrike } from '@proper-swing/core/sheets';
import { array, boolean, number, object, string, type InferType } from 'yup';
import { lengthBetween, lengthIfRead, mm } from '../engine/figures';
import { defined, type Sheet } from './sheet';

const request = object({
  boltHeightMm: lengthBetween('Height of the bolt’s head', 3, 80),
  holeHeightMm: lengthBetween('Height of the hole in the strike', 3, 120),
  boltThicknessMm: lengthBetween('Thickness of the bolt', 3, 40),
  holeWidthMm: lengthBetween('Width of the hole in the strike', 3, 60),
  throwMm: lengthBetween('How far the bolt stands out of the edge', 1, 60),
  gapMm: lengthBetween('Gap between slab and leg at the bolt', 0, 40),
  strikeSunkMm: lengthBetween('How far the strike lies below the leg’s face; − when proud', -5, 20),
  boreMm: lengthBetween('Depth of the bore behind the strike’s face', 0, 120),
  lowMm: lengthIfRead('Bolt’s middle below the hole’s middle, from its mark; − above', -60, 60),
  gaps: object({
    headHingeMm: lengthBetween('Head gap at the hinge end', 0, 100),
    headLatchMm: lengthBetween('Head gap at the latch end', 0, 100),
    wantedHeadMm: lengthBetween('Head gap the strike was set for', 0, 40),
  })
    .noUnknown()
    .default(undefined)
    .optional()
    .meta({ description: 'Head gaps, from which the bolt’s height follows when there is no mark' }),
  playMm: lengthBetween('Free play when latched; − when it must be pushed so far to latch', -20, 20),
  hasTab: boolean().meta({ description: 'Whether the strike has a tab to bend' }),
  liftMm: lengthIfRead('How far the hinges can still lift the latch edge', 0, 40),
  lowerMm: lengthIfRead('How far they can still let it down', 0, 40),
}).noUnknown();

const remedy = object({
  id: string().required(),
  title: string().required(),
  mm: mm('How much').required(),
  way: string().defined(),
  minutes: number().required().meta({ description: 'Time it takes, minutes' }),
  recheck: string().required(),
  caution: string(),
}).noUnknown();

const result = object({
  lowMm: mm('Bolt’s middle below the hole’s middle').required(),
  lowFrom: string().oneOf(['mark', 'head gaps']).required(),
  aboveMm: mm('Free height above the bolt; − it strikes the plate').required(),
  belowMm: mm('Free height below the bolt').required(),
  engagedMm: mm('How far the bolt is in the strike').required(),
  boreLeftMm: mm('Room at the bottom of the bore').required(),
  latches: boolean().required(),
  remedies: array(remedy.required()).required().meta({ description: 'One for each fault, least work first' }),
  others: array(remedy.required()).required().meta({ description: 'Other ways for the height' }),
}).noUnknown();

export const strikeSheet: Sheet = {
  name: 'latch.strike',
  title: 'Bolt against strike: what meets, and the least remedy',
  request,
  result,
  example: { ...EXAMPLE_LATCH, lowMm: 3.2, hasTab: true },
  run: (latch: InferType<typeof request>) => fitStrike(defined(latch)),
};
