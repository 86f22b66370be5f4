import { clearFloor, passClosingEdge, weighDrift, type ArcReading } from '@proper-swing/core/sheets';
import { array, boolean, number, object, string, type InferType } from 'yup';
import { degrees, figureBetween, lengthBetween, lengthIfRead, mm } from '../engine/figures';
import { EXAMPLE_SLAB, hingeHeights, mass, slabHeight, slabWidth, thickness } from './doorShapes';
import { defined, type Sheet } from './sheet';

const edgeRequest = object({
  slabWidthMm: slabWidth,
  thicknessMm: thickness,
  latchGapMm: lengthBetween('Latch gap on the face where the barrels show', 0, 40),
  pinBehindMm: lengthBetween('Pin behind the slab’s hinge edge; − within the slab', -100, 60),
  pinProudMm: lengthBetween('Pin in front of the face where the barrels show', -40, 100),
  legProudMm: lengthIfRead('How far the latch leg stands proud of that face; − set back', -60, 60),
  bevelMm: lengthIfRead('Bevel as planed: how much narrower the far face is', 0, 40),
  wantedMm: lengthIfRead('What should be left at the tightest', 0, 10),
  stop: object({
    gapMm: lengthBetween('Slab to stop at the hinge side, closed', 0, 40),
    widthMm: lengthBetween('How far the stop comes over the opening', 0, 100),
    hingeGapMm: lengthBetween('Hinge gap', 0, 20),
  })
    .noUnknown()
    .default(undefined)
    .optional()
    .meta({ description: 'Stop beside the hinges' }),
  trim: object({
    proudMm: lengthBetween('How far the trim stands out', 0, 100),
    setBackMm: lengthBetween('How far it is set back from the leg’s edge', 0, 60),
    hingeGapMm: lengthBetween('Hinge gap', 0, 20),
  })
    .noUnknown()
    .default(undefined)
    .optional()
    .meta({ description: 'Trim beside the hinges' }),
}).noUnknown();

const edgeResult = object({
  clearanceMm: mm('Left at the tightest; below nought it binds').required(),
  passes: boolean().required(),
  tightestAtDeg: degrees('Opening angle where it is tightest'),
  leastGapSquareMm: mm('Least gap for a square edge').required(),
  leastGapMm: mm('Least gap with the bevel as it is').required(),
  bevelHelps: boolean().required().meta({ description: 'Whether a bevel can give what is wanted' }),
  leastBevelMm: mm('Least bevel for the gap as it is').required(),
  leastBevelDeg: degrees('The same as an angle'),
  usualBevelMm: mm('The usual bevel, 1 in 16').required(),
  stopClearanceMm: mm('Left between slab and stop at the tightest'),
  opensToDeg: degrees('How far it opens before the trim'),
  pinProudForTrimMm: mm('Pin that lets it open right round').required(),
}).noUnknown();

const floorRequest = object({
  slabWidthMm: slabWidth,
  closedGapMm: lengthBetween('Gap under the latch corner, door closed', 0, 100),
  alongMm: lengthBetween('Lean of the hinge line toward the latch', -100, 100),
  acrossMm: lengthBetween('Lean toward the room the door opens into', -100, 100),
  leanOverMm: lengthBetween('Height the lean was read over', 300, 6000),
  opensToDeg: degrees('How far it opens'),
  readings: array(
    object({
      atDeg: degrees('Opening angle'),
      gapMm: lengthIfRead('Gap read there', 0, 200),
      floorMm: lengthIfRead('Rise of the floor there against the floor at closed', -200, 200),
    })
      .noUnknown()
      .test('one', '${path} needs either gapMm or floorMm', (reading) => (reading.gapMm === undefined) !== (reading.floorMm === undefined))
      .required(),
  )
    .required()
    .max(40)
    .meta({ description: 'Readings along the arc of the latch corner' }),
  cover: object({
    thicknessMm: lengthBetween('Thickness of rug or strip', 0, 60),
    fromDeg: degrees('From'),
    toDeg: degrees('To'),
  })
    .noUnknown()
    .default(undefined)
    .optional()
    .meta({ description: 'A rug or strip it must clear' }),
  wantedMm: lengthBetween('Gap to keep', 0, 60),
  headGapMm: lengthIfRead('Head gap', 0, 100),
  leastHeadGapMm: lengthIfRead('Least head gap', 0, 100),
}).noUnknown();

const floorResult = object({
  arc: array(
    object({
      atDeg: degrees('Opening angle'),
      floorMm: mm('Floor').required(),
      cornerMm: mm('Latch corner').required(),
      gapMm: mm('Gap').required(),
    })
      .noUnknown()
      .required(),
  )
    .required()
    .meta({ description: 'Above the floor at closed' }),
  leastGapMm: mm('Least gap').required(),
  leastAtDeg: degrees('Where it is least'),
  dragsFromDeg: number().meta({ description: 'Under the wanted gap from, degrees' }),
  dragsToDeg: number().meta({ description: 'Under the wanted gap to, degrees' }),
  shortMm: mm('How much has to be won').required(),
  raiseMm: mm('By raising the door').required(),
  cutMm: mm('By cutting the foot at the latch corner').required(),
  byLeanMm: mm('What of it the lean makes').required(),
}).noUnknown();

const driftRequest = object({
  slabWidthMm: slabWidth,
  slabHeightMm: slabHeight,
  thicknessMm: thickness,
  massKg: mass,
  hingeHeightsMm: hingeHeights,
  pin: object({
    diameterMm: lengthBetween('Diameter of the pin', 2, 30),
    barrelMm: lengthBetween('Length of the barrel', 20, 300),
  })
    .noUnknown()
    .default(undefined)
    .optional()
    .meta({ description: 'Hinge pin; an ordinary one unless said' }),
  pinProudMm: lengthIfRead('Pin in front of the face where the barrels show', -40, 100),
  opensToDeg: figureBetween('How far it opens, degrees', 10, 180),
  acrossMm: lengthIfRead('Hinge leg plumb across the wall, + top toward the room it opens into', -100, 100),
  alongMm: lengthIfRead('Hinge leg plumb, + top toward the latch', -100, 100),
  test: object({
    fromDeg: degrees('Let go at'),
    did: string().oneOf(['stays', 'opens', 'closes']).required(),
    restDeg: number().min(0).max(180).meta({ description: 'Where it came to rest, degrees' }),
  })
    .noUnknown()
    .default(undefined)
    .optional()
    .meta({ description: 'What it did let go' }),
  pull: object({
    atDeg: degrees('Opening angle'),
    toOpenN: figureBetween('Pull at the latch edge that just opens it, N', 0, 200),
    toCloseN: figureBetween('Pull that just closes it, N', 0, 200),
  })
    .noUnknown()
    .default(undefined)
    .optional()
    .meta({ description: 'Spring balance at the latch edge' }),
  stop: object({ topMm: lengthBetween('Slab to stop, top', -20, 60), bottomMm: lengthBetween('Slab to stop, foot', -20, 60) })
    .noUnknown()
    .default(undefined)
    .optional()
    .meta({ description: 'Slab to stop at the latch side, latched' }),
}).noUnknown();

const nm = (description: string) =>
  number()
    .required()
    .meta({ description: `${description}, N·m` });
const stretch = object({ fromDeg: degrees('From'), toDeg: degrees('To') }).noUnknown();

const driftResult = object({
  lean: object({
    acrossMm: mm('Top against foot, + toward the room').required(),
    sdMm: mm('Doubt of it, standard deviation').required(),
    alongMm: mm('Toward the latch').required(),
  })
    .noUnknown()
    .required(),
  friction: object({ meanNm: nm('Friction in the hinges'), sdNm: nm('Doubt of it') })
    .noUnknown()
    .required(),
  halfOpen: object({
    fromDeg: degrees('Let go at'),
    restDeg: degrees('Comes to rest at'),
    moves: string().oneOf(['stays', 'opens', 'closes']).required(),
    atStop: boolean().required(),
    speeds: array(
      object({ atDeg: degrees('Angle'), mmPerS: figureBetween('Speed of the latch edge, mm/s', 0, 1e5) })
        .noUnknown()
        .required(),
    ).required(),
    trend: string().oneOf(['none', 'gathers', 'slows', 'steady']).required(),
  })
    .noUnknown()
    .required(),
  torque: array(
    object({ atDeg: degrees('Angle'), nm: nm('Gravity, + opens'), plumbNm: nm('The same with the hinge line plumb') })
      .noUnknown()
      .required(),
  ).required(),
  stays: array(stretch.required()).required(),
  mostTorqueNm: nm('Largest of it'),
  cures: object({
    friction: object({
      wantedNm: nm('More friction wanted'),
      pins: array(
        object({
          hinge: string().oneOf(['top', 'bottom']).required(),
          bendMm: mm('How far to bend it').required(),
          addsNm: nm('What that adds'),
        })
          .noUnknown()
          .required(),
      ).required(),
      holds: boolean().required(),
      leavesLeanMm: mm('Lean that stays').required(),
    })
      .noUnknown()
      .required(),
    geometry: array(
      object({
        hinge: string().oneOf(['top', 'bottom']).required(),
        mm: mm('How far to throw it').required(),
        toward: string().oneOf(['room', 'stop']).required(),
        stopTopMm: mm('Slab to stop then, top').required(),
        stopBottomMm: mm('Slab to stop then, foot').required(),
        latchMm: mm('Latch against its strike, + off the stop').required(),
        leftTorqueNm: nm('Gravity that is left'),
        holds: boolean().required(),
      })
        .noUnknown()
        .required(),
    ).required(),
    leastThrowMm: mm('Least throw after which friction holds it').required(),
  })
    .noUnknown()
    .required(),
  unsure: array(string().required()).required(),
}).noUnknown();

export const edgeSheet: Sheet = {
  name: 'swing.edge',
  title: 'Closing edge past its leg: gap, bevel, and how far it opens',
  request: edgeRequest,
  result: edgeResult,
  example: {
    slabWidthMm: 762,
    thicknessMm: 44,
    latchGapMm: 3,
    pinBehindMm: 1.5,
    pinProudMm: 6,
    wantedMm: 1,
    stop: { gapMm: 1.5, widthMm: 12, hingeGapMm: 2 },
    trim: { proudMm: 18, setBackMm: 6, hingeGapMm: 2 },
  },
  run: (edge: InferType<typeof edgeRequest>) => passClosingEdge(defined(edge)),
};

export const floorSheet: Sheet = {
  name: 'swing.floor',
  title: 'Floor along the arc: where it drags, what to raise or cut',
  request: floorRequest,
  result: floorResult,
  example: {
    slabWidthMm: 762,
    closedGapMm: 6,
    alongMm: 0,
    acrossMm: 3,
    leanOverMm: 1981,
    opensToDeg: 90,
    readings: [
      { atDeg: 30, gapMm: 4 },
      { atDeg: 60, gapMm: 1 },
      { atDeg: 90, gapMm: 2.5 },
    ],
    wantedMm: 3,
    headGapMm: 4,
    leastHeadGapMm: 2,
  },
  run: ({ readings, ...door }: InferType<typeof floorRequest>) =>
    clearFloor({ ...defined(door), readings: readings.map((reading) => defined(reading) as ArcReading) }),
};

export const driftSheet: Sheet = {
  name: 'swing.drift',
  title: 'A door that moves by itself: lean, rest angle, and both cures',
  request: driftRequest,
  result: driftResult,
  example: {
    ...EXAMPLE_SLAB,
    opensToDeg: 90,
    acrossMm: 8,
    alongMm: 0,
    test: { fromDeg: 45, did: 'opens' },
    stop: { topMm: 0.5, bottomMm: 0.5 },
  },
  run: ({ test, ...door }: InferType<typeof driftRequest>) => weighDrift({ ...defined(door), ...(test && { test: defined(test) }) }),
};
