/**
 * What a newcomer is likely to be asked for in the first hour, each done once: how many files it may take, the edits (a piece of text
 * put in a file's place of another, or a whole new file), the command that writes what nobody writes by hand, and what must compile and
 * pass afterwards. The contents are throw-away.
 */
const CORE = 'packages/core/src';
const WORLD = 'packages/world/src';
const CONTRACT = 'packages/contract/src';
const FIELD = 'apps/field/src';

const PACKAGES = ['-b', 'packages/core', 'packages/world', 'packages/contract'];
const APP = ['-p', 'apps/field', '--noEmit'];
const jest = (project, pattern, names = '') => ['--selectProjects', project, '--testPathPattern', pattern, '-t', names];

export const TASKS = [
  {
    task: 'a tolerance profile',
    atMost: 1,
    edits: [
      {
        file: `${CORE}/hinged/card/profiles.ts`,
        find: '  steelFrame: {\n',
        put: `  gardenShed: {
    title: 'Shed',
    edges: {
      hinge: { min: 2, target: 4, max: 7 },
      head: { min: 2, target: 5, max: 8 },
      latch: { min: 2, target: 5, max: 8 },
      foot: { min: 5, target: 15, max: 30 },
    },
    evenWithin: 2,
    source: 'Common practice, no source',
  },
  steelFrame: {
`,
      },
    ],
    types: [PACKAGES, APP],
    tests: [jest('contract', 'register')],
  },
  {
    task: 'a cause with its cure',
    atMost: 4,
    edits: [
      { file: `${CORE}/hinged/names/actionIds.ts`, find: `  'scribeHead',\n`, put: `  'scribeHead',\n  'stripPaint',\n` },
      {
        file: `${CORE}/hinged/tables/frameActions.ts`,
        find: '  squareFrame: {\n',
        put: `  stripPaint: {
    order: 12,
    title: 'Strip the paint off leg and head',
    unit: 'frame',
    effect: { kind: 'cure', cures: ['paintedFrame'], share: 0.9, shareSd: 0.1, leftSdMm: 0.3 },
    amounts: [1],
    minutes: { first: 60, each: 0 },
    irreversibility: 1,
    holds: 0.9,
    parts: 'paint',
    forbidden: FRAME_OF_FIRE_DOOR,
    steps: ['Test old paint for lead first; keep the dust down.', 'Scrape to the timber, paint once.'],
    cautions: ['oldPaint'],
    stopIf: 'Old paint may hold lead: stop and refer.',
  },
  squareFrame: {
`,
      },
      {
        file: `${CORE}/hinged/tables/causes.ts`,
        find: '  swollenSlab: {\n',
        put: `  paintedFrame: {
    title: 'Paint built up on the frame',
    called: 'a painted frame',
    says: 'Coats of paint on the legs have closed the gaps at the sides.',
    prior: 0.01,
    part: 'frame',
    forms: one(axis('paint on the legs', 1, 0.4, { sideRoom: -1 })),
    cures: ['stripPaint'],
  },
  swollenSlab: {
`,
      },
      {
        file: `${WORLD}/faults.ts`,
        find: '  swollenSlab: {\n',
        put: `  paintedFrame: {
    often: 1,
    place: 'frame',
    befall: (door, random) => {
      door.opening.w -= between(random, 0.6, 2);
    },
    mendedBy: {
      stripPaint: (door, _, random) => {
        door.opening.w += between(random, 0.5, 1.6);
      },
    },
  },
  swollenSlab: {
`,
      },
    ],
    types: [PACKAGES, APP],
    tests: [jest('core', 'tables/|hinged/hypotheses'), jest('world', 'world', 'knows'), jest('contract', 'register')],
  },
  {
    task: 'a finding',
    atMost: 2,
    edits: [
      {
        file: `${CORE}/hinged/tables/customerFindings.ts`,
        find: '  season: {\n',
        put: `  pets: {
    stage: 'listen',
    question: 'Has anything been hung on the door?',
    howTo: 'Ask.',
    minutes: 0.2,
    answers: [answer('yes', 'Yes', 'something hangs on the door'), answer('no', 'No', 'nothing hangs on the door')],
    chances: { otherwise: [20, 80], looseTopScrews: [60, 40] },
  },
  season: {
`,
      },
      {
        file: `${WORLD}/technician.ts`,
        find: '  season: ({ condition }, causes, random) =>\n',
        put: `  pets: (_, __, random) => draw(random, { yes: 10, no: 90 }),\n  season: ({ condition }, causes, random) =>\n`,
      },
    ],
    types: [PACKAGES, APP],
    tests: [jest('core', 'hinged/nextBest'), jest('world', 'world', 'answers every check')],
  },
  {
    task: 'a sheet',
    atMost: 7,
    edits: [
      { file: `${CORE}/sheets/names.ts`, find: `  'hinge.size',\n`, put: `  'hinge.size',\n  'door.diagonal',\n` },
      {
        file: `${CORE}/sheets/register.ts`,
        find: `  'hinge.size': sizeSheet,\n`,
        put: `  'hinge.size': sizeSheet,\n  'door.diagonal': diagonalSheet,\n`,
      },
      {
        file: `${CORE}/sheets/register.ts`,
        find: `import { driftSheet }`,
        put: `import { diagonalSheet } from './diagonal/sheet';\nimport { driftSheet }`,
      },
      {
        file: `${CORE}/sheets/diagonal/sheet.ts`,
        whole: `import { mm, slabHeight, slabWidth } from '../shapes';
import { sheet } from '../sheet';

/** Diagonal of a slab that is square, mm. */
export const diagonal = ({ slabWidthMm, slabHeightMm }: { slabWidthMm: number; slabHeightMm: number }) => ({
  diagonalMm: Math.hypot(slabWidthMm, slabHeightMm),
});

export const diagonalSheet = sheet({
  name: 'door.diagonal',
  title: 'Diagonal of a square slab',
  request: { slabWidthMm: slabWidth, slabHeightMm: slabHeight },
  result: { diagonalMm: mm('Corner to corner') },
  example: { slabWidthMm: 762, slabHeightMm: 1981 },
  run: diagonal,
});
`,
      },
      {
        file: `${CORE}/sheets/diagonal/diagonal.test.ts`,
        whole: `import { diagonal } from './sheet';

it('three, four, five', () => expect(diagonal({ slabWidthMm: 300, slabHeightMm: 400 })).toEqual({ diagonalMm: 500 }));
`,
      },
      {
        file: `${FIELD}/sheets/diagonal/sheet.ts`,
        whole: `import { lazy } from 'react';
import { benchSheet } from '../benchSheet';
import { SLAB_HEIGHT, SLAB_WIDTH } from '../fieldKinds';

export const diagonalSheet = benchSheet<{ diagonalMm: number }>({
  name: 'door.diagonal',
  title: 'Diagonal',
  about: 'Corner to corner of a square slab.',
  basis: 'Pythagoras.',
  groups: [{ title: 'The slab', fields: [SLAB_WIDTH, SLAB_HEIGHT] }],
  Answer: lazy(async () => ({ default: (await import('./DiagonalAnswer')).DiagonalAnswer })),
  says: ({ diagonalMm }, words) => \`Corner to corner \${words.withUnit(diagonalMm)}.\`,
});
`,
      },
      {
        file: `${FIELD}/sheets/diagonal/DiagonalAnswer.tsx`,
        whole: `import { View } from 'react-native';
import { Headline, type AnswerProps } from '../AnswerLine';

export function DiagonalAnswer({ result, words }: AnswerProps<{ diagonalMm: number }>) {
  return (
    <View aria-label={\`Slab, corner to corner: \${words.withUnit(result.diagonalMm)}\`}>
      <Headline>{words.withUnit(result.diagonalMm)}</Headline>
    </View>
  );
}
`,
      },
      {
        file: `${FIELD}/sheets/register.ts`,
        find: `  'hinge.size': sizeSheet,\n`,
        put: `  'hinge.size': sizeSheet,\n  'door.diagonal': diagonalSheet,\n`,
      },
      {
        file: `${FIELD}/sheets/register.ts`,
        find: `import { driftSheet }`,
        put: `import { diagonalSheet } from './diagonal/sheet';\nimport { driftSheet }`,
      },
    ],
    types: [PACKAGES, APP],
    tests: [jest('core', 'sheets/diagonal'), jest('contract', 'sheets|register'), jest('field', 'SheetAnswer|SheetForm|typedSheet')],
  },
  {
    task: 'a kind of record',
    atMost: 3,
    edits: [
      {
        file: `${CONTRACT}/record/kinds/vanStock.ts`,
        whole: `import { named, number } from '@proper-swing/core/fields/field';
import { card } from '../kind';

export const vanStock = card({
  kind: 'van-stock',
  title: 'Van stock',
  table: 'van_stock',
  fields: { part: named('What it is'), count: number('How many are left', { from: 0, whole: true }) },
});
`,
      },
      {
        file: `${CONTRACT}/record/register.ts`,
        find: 'notes, worksheets] as const',
        put: 'notes, worksheets, vanStock] as const',
      },
      {
        file: `${CONTRACT}/record/register.ts`,
        find: `import { worksheets }`,
        put: `import { vanStock } from './kinds/vanStock';\nimport { worksheets }`,
      },
      {
        file: 'apps/server/src/migrations/1799000000000-van-stock.ts',
        whole: `import type { MigrationInterface, QueryRunner } from 'typeorm';

export class VanStock1799000000000 implements MigrationInterface {
  name = 'VanStock1799000000000';

  async up(runner: QueryRunner): Promise<void> {
    await runner.query(
      \`CREATE TABLE "van_stock" ("id" text PRIMARY KEY NOT NULL, "revision" integer NOT NULL, "writtenAt" text NOT NULL, "part" text NOT NULL, "count" integer NOT NULL)\`,
    );
  }

  async down(runner: QueryRunner): Promise<void> {
    await runner.query('DROP TABLE "van_stock"');
  }
}
`,
      },
    ],
    written: ['tsx', ['--tsconfig', 'apps/server/tsconfig.json', 'apps/server/src/migrations/draft.ts']],
    types: [[...PACKAGES, 'apps/server'], APP],
    tests: [jest('contract', 'record'), jest('server', 'routes|record/|storedDatabases')],
  },
  {
    task: 'a colour of both themes',
    atMost: 2,
    edits: [
      { file: `${FIELD}/design/tokens.ts`, find: `tight: '#8f1d12'`, put: `tight: '#801a10'` },
      { file: `${FIELD}/design/tokens.ts`, find: `wide: '#1f5277'`, put: `wide: '#1b4a6c'` },
    ],
    types: [APP],
    tests: [jest('field', 'src/design')],
  },
];
