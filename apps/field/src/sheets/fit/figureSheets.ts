import {
  HINGE_SCHOOL_IDS,
  type HeadFit,
  type HingeMarks,
  type LiningFit,
  type Reblocking,
  type Shortening,
} from '@proper-swing/core/sheets';
import { lazy } from 'react';
import { benchSheet } from '../benchSheet';
import { choice, DONE, figure, inList, length, SLAB_HEIGHT, SLAB_WIDTH } from '../fieldKinds';
import { LINING_LIST, MARKS_LIST, REBLOCK_LIST, SHORTEN_LIST } from './lists';
import { headSays, liningSays, marksSays, reblockSays, shortenSays } from './figureSays';
import { SLAB_KIND_WORDS } from './slabSheet';

const answers = () => import('./FigureAnswers');

export const fitHeadSheet = benchSheet<HeadFit>({
  name: 'fit.head',
  doors: 'every',
  title: 'A head that is not level',
  about: 'From the higher side: first cut, then to nothing.',
  basis: 'What is left open elsewhere when it touches at the high side comes off there: common practice.',
  groups: [
    {
      title: 'Over this leaf',
      fields: [
        { path: 'heightsMm', label: 'Floor to head, from the hinge side', kind: 'lengths', hint: 'Two or more' },
        length('railOffMm', 'Its rail below the other’s', { isOptional: true, signed: true, hint: 'Second leaf of a pair' }),
      ],
    },
    {
      title: 'Gaps',
      fields: [
        length('headGapMm', 'Head', { usual: 3 }),
        length('footGapMm', 'Foot', { usual: 6 }),
        length('paintMm', 'Film of paint', { usual: 0 }),
      ],
    },
    { title: 'The slab', fields: [{ ...SLAB_WIDTH, path: 'widthMm' }, SLAB_HEIGHT] },
  ],
  Answer: lazy(async () => ({ default: (await answers()).HeadAnswer })),
  says: headSays,
  fieldOf: inList,
});

export const fitShortenSheet = benchSheet<Shortening>({
  name: 'fit.shorten',
  doors: 'every',
  title: 'Shortening to a floor',
  about: 'Length from head to floor, to the floor there is or the one to come; where the guide goes.',
  basis: 'Head to floor − head gap − clearance; 2 in over a bare floor: common practice.',
  groups: [
    {
      title: 'Heights',
      fields: [
        {
          path: 'heightsMm',
          label: 'Floor to head, and along the swing',
          kind: 'lengths',
          hint: 'Three or more: the floor’s high point decides',
        },
        choice('floor', 'The floor is', { finished: 'Finished', toCome: 'Cover to come', bare: 'Bare' }, { usual: 'finished' }),
        length('comesMm', 'Still to come', { isOptional: true }),
      ],
    },
    { title: 'Gaps', fields: [length('headGapMm', 'Head', { usual: 3 }), length('clearanceMm', 'Clearance', { usual: 10 })] },
    {
      title: 'The slab',
      fields: [
        SLAB_HEIGHT,
        choice('kind', 'It is', SLAB_KIND_WORDS, { usual: 'solid' }),
        length('blockMm', 'Solid rail, hollow slab', { isOptional: true }),
        length('thicknessMm', 'Thickness', { usual: 35 }),
        length('sawBaseMm', 'Saw’s base to its blade', { isOptional: true }),
        DONE,
      ],
    },
  ],
  serves: ['trimFoot'],
  stations: {},
  Answer: lazy(async () => ({ default: (await answers()).ShortenAnswer })),
  says: shortenSays,
  list: SHORTEN_LIST,
  fieldOf: inList,
});

export const fitLiningSheet = benchSheet<LiningFit>({
  name: 'fit.lining',
  doors: 'every',
  title: 'A lining too wide or too narrow',
  about: 'Which leg comes over by how much, where.',
  basis: 'Hinge leg plumb and straight, latch leg parallel to it at slab and gaps; wedged up to 15 mm: common practice.',
  groups: [
    {
      title: 'The lining',
      fields: [
        { path: 'widthsMm', label: 'Widths: top, middle, foot', kind: 'lengths' },
        length('hingeLeansMm', 'Hinge leg plumb', { usual: 0, signed: true, hint: '+ top to the latch' }),
        length('hingeBowsMm', 'Hinge leg straight', { usual: 0, signed: true, hint: '+ bellies to the latch' }),
      ],
    },
    {
      title: 'Slab and gaps',
      fields: [
        SLAB_WIDTH,
        length('hingeGapMm', 'Hinge gap', { usual: 2 }),
        length('latchGapMm', 'Latch gap', { usual: 3 }),
        length('legMm', 'Height of the legs', { usual: 1995 }),
        DONE,
      ],
    },
  ],
  serves: ['squareFrame'],
  Answer: lazy(async () => ({ default: (await answers()).LiningAnswer })),
  says: liningSays,
  list: LINING_LIST,
  fieldOf: inList,
});

export const fitMarksSheet = benchSheet<HingeMarks>({
  name: 'fit.marks',
  doors: 'every',
  title: 'Hinge marks',
  about: 'By school or carried over from the old slab, on slab and frame together.',
  basis: 'Schools 5/9, 6/10, 7/10 and 7/11 in from the top and from the foot: common practice.',
  groups: [
    {
      title: 'Hinges',
      fields: [
        choice('school', 'School, inches', Object.fromEntries(HINGE_SCHOOL_IDS.map((id) => [id, id])), { usual: '7/11' }),
        figure('hinges', 'How many', '', { usual: '3' }),
        length('hingeMm', 'Length of a hinge', { usual: 89 }),
        length('leafMm', 'Thickness of its leaf', { usual: 2.5 }),
      ],
    },
    { title: 'Slab', fields: [SLAB_HEIGHT, length('headGapMm', 'Head gap', { usual: 3 })] },
    {
      title: 'Carried over',
      fields: [
        { path: 'oldTopsMm', label: 'Old slab: tops of hinges', kind: 'lengths', isOptional: true, hint: 'Below its top' },
        { path: 'frameTopsMm', label: 'Frame: tops of recesses', kind: 'lengths', isOptional: true, hint: 'Below its head' },
        DONE,
      ],
    },
  ],
  Answer: lazy(async () => ({ default: (await answers()).MarksAnswer })),
  says: marksSays,
  list: MARKS_LIST,
  fieldOf: inList,
});

export const fitReblockSheet = benchSheet<Reblocking>({
  name: 'fit.reblock',
  doors: 'every',
  title: 'A hollow slab past its rail',
  about: 'What is left of the solid rail, and the plug that goes back.',
  basis: '12 mm of rail hold the skins, half of it a pivot: common practice.',
  groups: [
    {
      title: 'The cut',
      fields: [
        length('cutMm', 'Comes off'),
        length('blockMm', 'Solid rail as it was', { usual: 38 }),
        { path: 'carriesPivot', label: 'A pivot sits in this end', kind: 'yes', usual: 'no' },
      ],
    },
    {
      title: 'The slab',
      fields: [
        SLAB_WIDTH,
        length('thicknessMm', 'Thickness', { usual: 35 }),
        length('stileMm', 'Rail at the side', { usual: 28 }),
        length('skinMm', 'Skin', { usual: 3.2 }),
        DONE,
      ],
    },
  ],
  serves: ['reblockPivot'],
  Answer: lazy(async () => ({ default: (await answers()).ReblockAnswer })),
  says: reblockSays,
  list: REBLOCK_LIST,
});
