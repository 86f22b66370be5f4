import { planePair, weighTwist } from '@proper-swing/core/sheets';
import { array, boolean, object, string, type InferType } from 'yup';
import { lengthBetween, lengthIfRead, mm } from '../engine/figures';
import { EXAMPLE_SLAB, hingeHeights, slabHeight } from './doorShapes';
import { defined, type Sheet } from './sheet';

const twistRequest = object({
  slabHeightMm: slabHeight,
  hingeHeightsMm: hingeHeights,
  stopTopMm: lengthBetween('Slab to stop at the latch side, top', 0, 60),
  stopBottomMm: lengthBetween('Slab to stop at the latch side, foot', 0, 60),
  hingeStopTopMm: lengthIfRead('Slab to stop at the hinge side, top', 0, 60),
  hingeStopBottomMm: lengthIfRead('Slab to stop at the hinge side, foot', 0, 60),
  hingeAcrossMm: lengthIfRead('Hinge leg plumb across the wall, + top toward the room it opens into', -100, 100),
  latchAcrossMm: lengthIfRead('Latch leg plumb across the wall', -100, 100),
  wantedMm: lengthIfRead('Gap wanted to the stop', 0, 20),
}).noUnknown();

const twistResult = object({
  twistMm: mm('Top against foot at the stop').required(),
  byOpeningMm: mm('What of it the legs make'),
  bySlabMm: mm('What of it is the slab’s own'),
  warpOverLimit: boolean().required(),
  remedies: array(
    object({
      id: string().oneOf(['leave', 'throwHinge', 'shareIt', 'moveStop', 'replace']).required(),
      says: string().required(),
      throws: object({
        hinge: string().oneOf(['top', 'bottom']).required(),
        mm: mm('How far').required(),
        toward: string().oneOf(['room', 'stop']).required(),
      })
        .noUnknown()
        .default(undefined)
        .optional(),
      stopMove: object({ topMm: mm('Stop moved at the top').required(), bottomMm: mm('Stop moved at the foot').required() })
        .noUnknown()
        .default(undefined)
        .optional(),
      stopTopMm: mm('Slab to stop then, top').required(),
      stopBottomMm: mm('Slab to stop then, foot').required(),
      hingeSideMm: mm('How far the hinge side moves').required(),
      leanMm: mm('Lean it starts').required(),
    })
      .noUnknown()
      .required(),
  )
    .required()
    .meta({ description: 'Best first' }),
}).noUnknown();

const pairRequest = object({
  slabHeightMm: slabHeight,
  hingeHeightsMm: hingeHeights,
  topMm: lengthBetween('Step at the top, + when the leaf to be moved stands toward the room', -60, 60),
  middleMm: lengthBetween('Step at the middle', -60, 60),
  bottomMm: lengthBetween('Step at the foot', -60, 60),
}).noUnknown();

const hingeThrows = {
  topHingeMm: mm('Top hinge, + toward the room').required(),
  bottomHingeMm: mm('Bottom hinge, + toward the room').required(),
};

const pairResult = object({
  ...hingeThrows,
  left: object({ topMm: mm('Top').required(), middleMm: mm('Middle').required(), bottomMm: mm('Foot').required() })
    .noUnknown()
    .required()
    .meta({ description: 'Step that stays' }),
  sharedMm: object(hingeThrows).noUnknown().required().meta({ description: 'Shared between both leaves' }),
}).noUnknown();

export const twistSheet: Sheet = {
  name: 'swing.twist',
  title: 'Slab against its stop: throw a hinge, move the stop, or replace',
  request: twistRequest,
  result: twistResult,
  example: {
    slabHeightMm: EXAMPLE_SLAB.slabHeightMm,
    hingeHeightsMm: EXAMPLE_SLAB.hingeHeightsMm,
    stopTopMm: 6,
    stopBottomMm: 0,
    hingeAcrossMm: 2,
    latchAcrossMm: -3,
  },
  run: (door: InferType<typeof twistRequest>) => weighTwist(defined(door)),
};

export const pairSheet: Sheet = {
  name: 'swing.pair',
  title: 'Meeting stiles of a pair: both faces into one plane',
  request: pairRequest,
  result: pairResult,
  example: {
    slabHeightMm: EXAMPLE_SLAB.slabHeightMm,
    hingeHeightsMm: EXAMPLE_SLAB.hingeHeightsMm,
    topMm: 5,
    middleMm: 3.5,
    bottomMm: 1,
  },
  run: (pair: InferType<typeof pairRequest>) => planePair(pair),
};
