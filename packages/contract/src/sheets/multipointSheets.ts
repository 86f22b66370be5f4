import { HINGE_SCREW_IDS, KEEP_IDS, SEAL_FEELS } from '@proper-swing/core';
import { checkGo, nextTurns, type HingeGo, type KeepGo, type MultipointSession } from '@proper-swing/core/sheets';
import { array, boolean, number, object, string, type InferType } from 'yup';
import { figureBetween, lengthBetween, lengthIfRead, mm } from '../engine/figures';
import { hingeHeights, slabHeight, slabWidth } from './doorShapes';
import { defined, type Sheet } from './sheet';

const travel = object({
  mmPerTurn: lengthBetween('What a turn does', 0.1, 10),
  turnsEachWay: figureBetween('Turns from the middle of its travel to either end', 0, 40),
}).noUnknown();

const gaps = object({
  latchTopMm: lengthIfRead('Locking gap, top', 0, 60),
  latchBottomMm: lengthIfRead('Locking gap, foot', 0, 60),
  footMm: lengthIfRead('Foot gap at the latch end; 0 where it drags', 0, 100),
  headMm: lengthIfRead('Head gap at the latch end', 0, 100),
}).noUnknown();

const handle = object({
  effort: number().oneOf([1, 2, 3, 4]).required().meta({ description: '1 one finger, 2 one hand easily, 3 hard, 4 will not throw' }),
  bounces: boolean().required().meta({ description: 'The shut door moves when pulled' }),
})
  .noUnknown()
  .default(undefined)
  .optional();

const turnsShape = object(
  Object.fromEntries(HINGE_SCREW_IDS.map((screw) => [screw, figureIfTurned(`Turns of ${screw}`)])) as Record<
    (typeof HINGE_SCREW_IDS)[number],
    ReturnType<typeof figureIfTurned>
  >,
).noUnknown();

function figureIfTurned(description: string) {
  return number()
    .min(-40)
    .max(40)
    .meta({ description: `${description}, + up, toward the latch, or tighter` });
}

const sealSchema = string().oneOf(SEAL_FEELS).meta({ description: 'Hinge side on its seal; three-way hinges only' });
const keepGo = {
  keep: string().oneOf(KEEP_IDS).required(),
  quarters: figureBetween('Quarter turns of the cam, + tighter', -8, 8),
};

const sessionShape = {
  door: object({ slabWidthMm: slabWidth, slabHeightMm: slabHeight, hingeHeightsMm: hingeHeights }).noUnknown().required(),
  hinge: object({ height: travel.required(), side: travel.required(), pressure: travel.default(undefined).optional() })
    .noUnknown()
    .required(),
  cam: object({
    eccentricMm: lengthBetween('Eccentric of the cam', 0.2, 10),
    quartersEachWay: figureBetween('Quarter turns from its middle to either end', 0.5, 1),
  })
    .noUnknown()
    .required(),
  wanted: object({
    minMm: lengthBetween('Least locking gap', 0, 30),
    targetMm: lengthBetween('Locking gap to aim at', 0, 30),
    maxMm: lengthBetween('Largest locking gap', 0, 30),
    footMm: lengthBetween('Least foot gap', 0, 60),
    headMm: lengthBetween('Least head gap', 0, 60),
  })
    .noUnknown()
    .required(),
  found: gaps.required(),
  handle: handle.meta({ description: 'How the handle worked as found' }),
  seal: sealSchema,
  goes: array(
    object({ turns: turnsShape.required(), after: gaps.default(undefined).optional(), seal: sealSchema })
      .noUnknown()
      .required(),
  )
    .required()
    .max(60)
    .meta({ description: 'Screws turned, each go with what was read after it' }),
  keepGoes: array(
    object({ ...keepGo, handle: handle.meta({ description: 'How the handle worked then' }) })
      .noUnknown()
      .required(),
  )
    .required()
    .max(60)
    .meta({ description: 'Cams turned' }),
};

const nextRequest = object(sessionShape).noUnknown();
const checkRequest = object({
  ...sessionShape,
  turns: turnsShape.default(undefined).optional().meta({ description: 'Screws about to be logged' }),
  go: object(keepGo).noUnknown().default(undefined).optional().meta({ description: 'Cam about to be logged' }),
})
  .noUnknown()
  .test('one', 'either turns or go is needed', ({ turns, go }) => (turns === undefined) !== (go === undefined));

const learned = object({
  mmPerTurn: mm('What a turn does').required(),
  sdMm: mm('Doubt of it').required(),
  from: string().oneOf(['sheet', 'measured']).required(),
})
  .noUnknown()
  .required();
const turnsNumber = (description: string) =>
  number()
    .required()
    .meta({ description: `${description}, turns` });
const leftShape = object({ plus: turnsNumber('Left toward +'), minus: turnsNumber('Left toward −') })
  .noUnknown()
  .required();

const nextResult = object({
  phase: string().oneOf(['read', 'height', 'sideways', 'pressure', 'keeps', 'done', 'outOfTravel']).required(),
  says: string().required(),
  turns: array(
    object({
      screw: string().oneOf(HINGE_SCREW_IDS).required(),
      title: string().required(),
      turns: turnsNumber('How much'),
      way: string().required(),
      mm: mm('What it moves').required(),
      leftTurns: turnsNumber('Left that way'),
    })
      .noUnknown()
      .required(),
  ).required(),
  cam: object({
    keep: string().oneOf(KEEP_IDS).required(),
    title: string().required(),
    quarters: number().required().meta({ description: 'Quarter turns' }),
    way: string().oneOf(['tighter', 'easier']).required(),
    mm: mm('What the keep moves').required(),
    leftQuarters: number().required().meta({ description: 'Quarter turns left that way' }),
  })
    .noUnknown()
    .default(undefined)
    .optional(),
  gaps: gaps.required(),
  expects: object({ latchTopMm: mm('Top'), latchBottomMm: mm('Foot'), footMm: mm('Foot gap'), headMm: mm('Head gap') })
    .noUnknown()
    .default(undefined)
    .optional(),
  read: array(string().required()).required(),
  learned: object({ height: learned, topSide: learned, bottomSide: learned }).noUnknown().required(),
  left: object(Object.fromEntries(HINGE_SCREW_IDS.map((screw) => [screw, leftShape])))
    .noUnknown()
    .required(),
  handle: object({ before: handle, now: handle }).noUnknown().required(),
  ranOut: object({
    screw: string().oneOf(HINGE_SCREW_IDS).required(),
    shortMm: mm('What is short').required(),
    ways: array(
      object({ id: string().required(), title: string().required(), says: string().required(), caution: string().required() })
        .noUnknown()
        .required(),
    ).required(),
  })
    .noUnknown()
    .default(undefined)
    .optional(),
  warnings: array(string().required()).required(),
}).noUnknown();

const example = {
  door: { slabWidthMm: 900, slabHeightMm: 2050, hingeHeightsMm: [180, 1020, 1860] },
  hinge: { height: { mmPerTurn: 1, turnsEachWay: 4 }, side: { mmPerTurn: 1, turnsEachWay: 6 } },
  cam: { eccentricMm: 1.5, quartersEachWay: 1 },
  wanted: { minMm: 4, targetMm: 5, maxMm: 6, footMm: 3, headMm: 3 },
  found: { latchTopMm: 10, latchBottomMm: 10, footMm: 6, headMm: 5 },
  handle: { effort: 4, bounces: false },
  goes: [{ turns: { topSide: 1, middleSide: 1, bottomSide: 1 }, after: { latchTopMm: 8.7, latchBottomMm: 8.8 } }],
  keepGoes: [],
};

export const nextTurnsSheet: Sheet = {
  name: 'multipoint.next',
  title: 'Multipoint door: what to turn next, and by how much',
  request: nextRequest,
  result: nextResult,
  example,
  run: (session: InferType<typeof nextRequest>) => nextTurns(sessionFrom(session)),
};

export const checkGoSheet: Sheet = {
  name: 'multipoint.check',
  title: 'Whether turns of a multipoint door may be logged: a quarter of a cam, within its travel, the centre first',
  request: checkRequest,
  result: object({ may: boolean().oneOf([true]).required() }).noUnknown(),
  example: { ...example, go: { keep: 'centre', quarters: -1 } },
  run: ({ turns, go, ...session }: InferType<typeof checkRequest>) => {
    checkGo(sessionFrom(session), go ?? { turns: defined(turns ?? {}) });
    return { may: true };
  },
};

function sessionFrom({ hinge, handle: felt, seal, goes, keepGoes, found, ...rest }: InferType<typeof nextRequest>): MultipointSession {
  return {
    ...rest,
    hinge: defined(hinge),
    found: defined(found),
    ...(felt && { handle: felt as MultipointSession['handle'] & object }),
    ...(seal && { seal }),
    goes: goes.map(({ turns, after, seal: then }): HingeGo => ({
      turns: defined(turns),
      ...(after && { after: defined(after) }),
      ...(then && { seal: then }),
    })),
    keepGoes: keepGoes.map(({ keep, quarters, handle: then }): KeepGo => ({
      keep,
      quarters,
      ...(then && { handle: then as KeepGo['handle'] & object }),
    })),
  };
}
