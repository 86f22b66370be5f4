import type { PairFit } from '@proper-swing/core/sheets';
import { lazy } from 'react';
import { benchSheet, type SheetField } from '../benchSheet';
import { choice, DONE, length, inList } from '../fieldKinds';
import { PAIR_LIST } from './lists';
import { readMadePair } from './made';
import { fromLists, MORE_OF_OPENING, offsetsIn, openingField, openingOf, SURVEY, type TypedOpening } from './openingFields';
import { pairSays } from './pairSays';
import { SLAB_KIND_WORDS } from './slabSheet';

interface TypedLeaf {
  widthsMm: readonly number[];
  heightsMm: readonly number[];
  railFromFootMm?: number;
}

interface TypedPair extends TypedOpening {
  left: TypedLeaf;
  right: TypedLeaf;
  kind: string;
  thicknessMm: number;
  gaps: object;
  paintMm?: number;
  latching: string;
  sides: string;
  sawBaseMm?: number;
  made?: unknown;
}

const leafFields = (path: string): SheetField[] => [
  { path: `${path}.widthsMm`, label: 'Widths: top, middle, foot', kind: 'lengths', hint: 'One where it is parallel' },
  { path: `${path}.heightsMm`, label: 'Heights: left, right', kind: 'lengths' },
  length(`${path}.railFromFootMm`, 'Rail above its foot', { isOptional: true }),
];

export const fitPairSheet = benchSheet<PairFit>({
  name: 'fit.pair',
  doors: 'every',
  title: 'A pair into one opening',
  about: 'Both leaves as wide as each other, rails and heads in line, no leaf tilted.',
  basis: '(Narrowest opening − all gaps) ÷ 2; outer edges follow their legs: common practice, placed by a linear program.',
  groups: [
    SURVEY,
    { title: 'Left leaf', fields: leafFields('left') },
    { title: 'Right leaf', fields: leafFields('right') },
    {
      title: 'Gaps wanted',
      fields: [
        length('gaps.legMm', 'At each leg', { usual: 2 }),
        length('gaps.meetingMm', 'Where they meet', { usual: 2 }),
        length('gaps.headMm', 'Head', { usual: 2 }),
        length('gaps.footMm', 'Foot', { usual: 6 }),
        length('paintMm', 'Film of paint', { usual: 0 }),
      ],
    },
    MORE_OF_OPENING,
    {
      title: 'The leaves',
      fields: [
        choice('kind', 'They are', SLAB_KIND_WORDS, { usual: 'solid' }),
        length('thicknessMm', 'Thickness', { usual: 35 }),
        choice('latching', 'They latch by', { balls: 'Two ball catches', boltedLeaf: 'One bolted leaf' }, { usual: 'balls' }),
        choice('sides', 'Outer edges', { line: 'Straight', scribe: 'Scribed to the leg' }, { usual: 'line' }),
        length('sawBaseMm', 'Saw’s base to its blade', { isOptional: true }),
        { path: 'made', label: 'Cuts made', kind: 'filled', isOptional: true, startsOver: true, read: readMadePair },
        DONE,
      ],
    },
  ],
  Answer: lazy(async () => ({ default: (await import('./PairAnswer')).PairAnswer })),
  Helper: lazy(async () => ({ default: (await import('./OpeningForm')).OpeningForm })),
  fromEarlier: fromLists,
  says: pairSays,
  list: PAIR_LIST,
  shape: (typed: TypedPair, units) => {
    const { left, right, kind, thicknessMm, gaps, paintMm, latching, sides, sawBaseMm, made } = typed;
    return {
      ...{ opening: openingOf(typed), left, right, kind, thicknessMm, gaps, paintMm, latching, sides },
      ...(sawBaseMm !== undefined && { sawBaseMm }),
      ...offsetsIn(units),
      ...(made !== undefined && { made }),
    };
  },
  fieldOf: (field) => openingField(field) ?? inList(field),
});
