import { choice, flag, group, lengthMm, list, number, omittable } from '../../fields/field';
import { sheet } from '../sheet';
import { always, hingeHeights, listOf, mm, oneOf, part, slabHeight, slabWidth, words } from '../shapes';
import { HINGE_SCREW_IDS, KEEP_IDS, SEAL_FEELS } from './adjusters';
import { checkGo } from './checkGo';
import { nextTurns } from './nextTurns';

const travel = part({
  mmPerTurn: lengthMm('What a turn does', 0.1, 10),
  turnsEachWay: number('Turns from the middle of its travel to either end', { from: 0, to: 40 }),
});

const gaps = part({
  latchTopMm: omittable(lengthMm('Locking gap, top', 0, 60)),
  latchBottomMm: omittable(lengthMm('Locking gap, foot', 0, 60)),
  footMm: omittable(lengthMm('Foot gap at the latch end; 0 where it drags', 0, 100)),
  headMm: omittable(lengthMm('Head gap at the latch end', 0, 100)),
});

const feel = {
  effort: choice('1 one finger, 2 one hand easily, 3 hard, 4 will not throw', [1, 2, 3, 4]),
  bounces: flag('The shut door moves when pulled'),
} as const;

const turned = (screw: string) => omittable(number(`Turns of ${screw}, + up, toward the latch, or tighter`, { from: -40, to: 40 }));

const turns = {
  height: turned('height'),
  topSide: turned('topSide'),
  middleSide: turned('middleSide'),
  bottomSide: turned('bottomSide'),
  pressure: turned('pressure'),
} as const;

const seal = omittable(choice('Hinge side on its seal; three-way hinges only', SEAL_FEELS));

const cam = {
  keep: oneOf(KEEP_IDS),
  cam: omittable(choice('Which of two cams: 1 the upper', [1, 2])),
  quarters: number('Quarter turns of the cam, + tighter', { from: -8, to: 8 }),
} as const;

const session = {
  door: part({ slabWidthMm: slabWidth, slabHeightMm: slabHeight, hingeHeightsMm: hingeHeights }),
  hinge: part({ height: travel, side: travel, pressure: omittable(travel) }),
  cam: part({
    eccentricMm: lengthMm('Eccentric of the cam', 0.2, 10),
    quartersEachWay: number('Quarter turns from its middle to either end', { from: 0.5, to: 1 }),
    perKeep: omittable(choice('Cams of one keep', [1, 2])),
  }),
  wanted: part({
    minMm: lengthMm('Least locking gap', 0, 30),
    targetMm: lengthMm('Locking gap to aim at', 0, 30),
    maxMm: lengthMm('Largest locking gap', 0, 30),
    footMm: lengthMm('Least foot gap', 0, 60),
    headMm: lengthMm('Least head gap', 0, 60),
  }),
  found: gaps,
  handle: omittable(group('How the handle worked as found', feel, {})),
  seal,
  goes: list('Screws turned, each go with what was read after it', part({ turns: part(turns), after: omittable(gaps), seal }), {
    most: 60,
  }),
  keepGoes: list('Cams turned', part({ ...cam, handle: omittable(group('How the handle worked then', feel, {})) }), { most: 60 }),
} as const;

const learned = part({ mmPerTurn: mm('What a turn does'), sdMm: mm('Doubt of it'), from: oneOf(['sheet', 'measured']) });
const left = part({ plus: number('Left toward +, turns', {}), minus: number('Left toward −, turns', {}) });
const expected = (says: string) => omittable(mm(says));

const example = {
  door: { slabWidthMm: 900, slabHeightMm: 2050, hingeHeightsMm: [180, 1020, 1860] },
  hinge: { height: { mmPerTurn: 1, turnsEachWay: 4 }, side: { mmPerTurn: 1, turnsEachWay: 6 } },
  cam: { eccentricMm: 1.5, quartersEachWay: 1 },
  wanted: { minMm: 4, targetMm: 5, maxMm: 6, footMm: 3, headMm: 3 },
  found: { latchTopMm: 10, latchBottomMm: 10, footMm: 6, headMm: 5 },
  handle: { effort: 4 as const, bounces: false },
  goes: [{ turns: { topSide: 1, middleSide: 1, bottomSide: 1 }, after: { latchTopMm: 8.7, latchBottomMm: 8.8 } }],
  keepGoes: [],
};

export const nextTurnsSheet = sheet({
  name: 'multipoint.next',
  title: 'Multipoint door: what to turn next, and by how much',
  request: session,
  result: {
    phase: oneOf(['read', 'height', 'sideways', 'pressure', 'keeps', 'done', 'outOfTravel']),
    says: words,
    turns: listOf(
      part({
        screw: oneOf(HINGE_SCREW_IDS),
        title: words,
        turns: number('How much, turns', {}),
        way: words,
        mm: mm('What it moves'),
        leftTurns: number('Left that way, turns', {}),
      }),
    ),
    cam: omittable(
      part({
        keep: oneOf(KEEP_IDS),
        cam: omittable(choice('Which of two cams', [1, 2])),
        title: words,
        quarters: number('Quarter turns', {}),
        way: oneOf(['tighter', 'easier']),
        mm: mm('What the keep moves'),
        leftQuarters: number('Quarter turns left that way', {}),
      }),
    ),
    gaps,
    expects: omittable(
      part({ latchTopMm: expected('Top'), latchBottomMm: expected('Foot'), footMm: expected('Foot gap'), headMm: expected('Head gap') }),
    ),
    read: listOf(words),
    mayRead: listOf(words),
    learned: part({ height: learned, topSide: learned, bottomSide: learned }),
    left: part({ height: left, topSide: left, middleSide: left, bottomSide: left, pressure: left }),
    handle: part({ before: omittable(part(feel)), now: omittable(part(feel)) }),
    ranOut: omittable(
      part({
        screw: oneOf(HINGE_SCREW_IDS),
        shortMm: mm('What is short'),
        ways: listOf(part({ id: words, title: words, says: words, caution: words })),
      }),
    ),
    warnings: listOf(words),
  },
  example,
  run: nextTurns,
});

export const checkGoSheet = sheet({
  name: 'multipoint.check',
  title: 'Whether turns of a multipoint door may be logged: a quarter of a cam, within its travel, the centre first',
  request: {
    ...session,
    turns: omittable(group('Screws about to be logged', turns, {})),
    go: omittable(group('Cam about to be logged', cam, {})),
  },
  faults: (request) =>
    (request.turns === undefined) === (request.go === undefined) ? [{ field: '', message: 'either turns or go is needed' }] : [],
  result: { may: always },
  example: { ...example, go: { keep: 'centre', quarters: -1 } },
  run: ({ turns: about = {}, go, ...so }) => {
    checkGo(so, go ?? { turns: about });
    return { may: true };
  },
});
