import { chooseHinges, EXAMPLE_FITTING, fitContinuous, loadHinges, WOOD_IDS } from '@proper-swing/core/sheets';
import { array, boolean, number, object, string, type InferType } from 'yup';
import { figureBetween, lengthBetween, lengthIfRead, mm } from '../engine/figures';
import { EXAMPLE_SLAB, hingeHeights, mass, slabHeight, slabWidth, thickness } from './doorShapes';
import { defined, type Sheet } from './sheet';

const screwShape = {
  number: figureBetween('Number of the screw, which gives its thickness', 4, 16).integer(),
  lengthMm: lengthBetween('Length of the screw', 8, 200),
};
const wood = (description: string) => string().oneOf(WOOD_IDS).required().meta({ description });

const loadRequest = object({
  massKg: mass,
  slabWidthMm: slabWidth,
  slabHeightMm: slabHeight,
  hingeHeightsMm: hingeHeights,
  pinBehindMm: lengthIfRead('Pin behind the hinge edge', -20, 60),
  behind: object({
    jambMm: lengthBetween('Thickness of the jamb', 5, 80),
    jambWood: wood('Timber of the jamb'),
    spaceMm: lengthBetween('Packers or air between jamb and framing', 0, 80),
    framingWood: wood('Timber of the framing'),
  })
    .noUnknown()
    .required(),
  leafMm: lengthBetween('Thickness of the leaf', 0.5, 10),
  short: object({ ...screwShape, count: figureBetween('Screws in the leaf', 1, 8).integer() })
    .noUnknown()
    .required(),
  long: object(screwShape).noUnknown().required(),
}).noUnknown();

const newtons = (description: string) =>
  number()
    .required()
    .meta({ description: `${description}, N` });
const topScrews = object({
  each: object({
    inJambMm: mm('Thread in the jamb').required(),
    inFramingMm: mm('Thread in the framing').required(),
    holdN: newtons('What it holds'),
    framingN: newtons('Of that in the framing'),
  })
    .noUnknown()
    .required(),
  holdN: newtons('What the leaf holds'),
  framingN: newtons('Of that in the framing'),
  times: number().required().meta({ description: 'Held over pull' }),
}).noUnknown();

const loadResult = object({
  hinges: array(
    object({ atMm: mm('Hinge').required(), pullN: newtons('Pull'), weightN: newtons('Share of the weight') })
      .noUnknown()
      .required(),
  ).required(),
  topPullN: newtons('Pull at the top hinge'),
  asItIs: topScrews.required(),
  withLong: topScrews.required(),
  gain: number().required().meta({ description: 'Times more with the long screw' }),
  each10KgN: newtons('More for each 10 kg hanging on the latch edge'),
}).noUnknown();

const sizeRequest = object({
  slabWidthMm: slabWidth,
  slabHeightMm: slabHeight,
  thicknessMm: thickness,
  massKg: mass,
  backsetMm: lengthBetween('Backset of the leaf from the far face', 0, 30),
  clearanceMm: lengthBetween('Clearance wanted past the trim', 0, 120),
}).noUnknown();

const inches = (description: string) =>
  number()
    .required()
    .meta({ description: `${description}, inches` });
const sizeResult = object({
  count: number().integer().required().meta({ description: 'How many' }),
  heightIn: inches('Height of the hinge'),
  widthIn: inches('Open width of the hinge'),
  heightMm: mm('Height').required(),
  widthMm: mm('Open width').required(),
  leastWidthMm: mm('Width the rule asks for').required(),
  givesClearanceMm: mm('Clearance it gives').required(),
  why: array(string().required()).required(),
}).noUnknown();

const opening = (description: string) => lengthBetween(description, 200, 6000);
const continuousRequest = object({
  openingWidthsMm: array(opening('Width of the opening')).required().min(3).max(3).meta({ description: 'At top, middle and foot, mm' }),
  openingHeightsMm: array(opening('Height of the opening')).required().min(2).max(2).meta({ description: 'At hinge and latch side, mm' }),
  slabWidthMm: slabWidth,
  slabHeightMm: slabHeight,
  hingeLengthMm: lengthBetween('Length of the hinge', 300, 6000),
  hingeTakesMm: lengthBetween('Room the closed hinge takes, from its sheet', 0, 30),
  frameLeafMm: lengthBetween('Width of the leaf on the frame', 10, 120),
  frameFaceMm: lengthBetween('Width of frame it can lie on', 5, 300),
  footWantedMm: lengthBetween('Foot gap wanted', 0, 60),
}).noUnknown();

const continuousResult = object({
  latchGapsMm: array(mm('Latch gap').required()).required(),
  trimMm: array(mm('Off the latch edge').required()).required(),
  headHungMm: mm('Head gap to hang it with').required(),
  headSettledMm: mm('Head gap once settled').required(),
  packersMm: mm('Packers under the slab').required(),
  footSettledMm: mm('Foot gap once settled').required(),
  footTrimMm: mm('Off the foot').required(),
  bearingMm: mm('Leaf on the frame').required(),
  bearsEnough: boolean().required(),
  cutHingeMm: mm('Off the hinge').required(),
  taperMm: mm('Widest less narrowest').required(),
  firstScrewsMm: array(mm('Screw below the top of the hinge').required()).required(),
  steps: array(string().required()).required(),
}).noUnknown();

export const loadSheet: Sheet = {
  name: 'hinge.load',
  title: 'Pull on the hinges, and what a long screw is worth',
  request: loadRequest,
  result: loadResult,
  example: {
    massKg: EXAMPLE_SLAB.massKg,
    slabWidthMm: EXAMPLE_SLAB.slabWidthMm,
    slabHeightMm: EXAMPLE_SLAB.slabHeightMm,
    hingeHeightsMm: EXAMPLE_SLAB.hingeHeightsMm,
    behind: { jambMm: 19, jambWood: 'sprucePineFir', spaceMm: 12, framingWood: 'sprucePineFir' },
    leafMm: 2.5,
    short: { number: 9, lengthMm: 19, count: 3 },
    long: { number: 9, lengthMm: 76 },
  },
  run: (door: InferType<typeof loadRequest>) => loadHinges(defined(door)),
};

export const sizeSheet: Sheet = {
  name: 'hinge.size',
  title: 'Number and size of hinges for a door',
  request: sizeRequest,
  result: sizeResult,
  example: { slabWidthMm: 914, slabHeightMm: 2134, thicknessMm: 44, massKg: 40, backsetMm: 6, clearanceMm: 25 },
  run: (door: InferType<typeof sizeRequest>) => chooseHinges(door),
};

export const continuousSheet: Sheet = {
  name: 'hinge.continuous',
  title: 'Full-height hinge on a worn door: fitting sheet',
  request: continuousRequest,
  result: continuousResult,
  example: EXAMPLE_FITTING,
  run: (door: InferType<typeof continuousRequest>) => fitContinuous(door),
};
