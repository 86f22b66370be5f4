import type { PairFit } from '@proper-swing/core/sheets';
import { lazy } from 'react';
import { benchSheet, type SheetField } from '../benchSheet';
import { choice, length } from '../fieldKinds';
import { openingField, openingOf, OPENING_GROUPS, type TypedOpening } from './openingFields';
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
    ...OPENING_GROUPS.slice(0, 1),
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
    ...OPENING_GROUPS.slice(1),
    {
      title: 'The leaves',
      fields: [
        choice('kind', 'They are', SLAB_KIND_WORDS, { usual: 'solid' }),
        length('thicknessMm', 'Thickness', { usual: 35 }),
        choice('latching', 'They latch by', { balls: 'Two ball catches', boltedLeaf: 'One bolted leaf' }, { usual: 'balls' }),
      ],
    },
  ],
  Answer: lazy(async () => ({ default: (await import('./PairAnswer')).PairAnswer })),
  says: pairSays,
  shape: (typed: TypedPair) => {
    const { left, right, kind, thicknessMm, gaps, paintMm, latching } = typed;
    return { opening: openingOf(typed), left, right, kind, thicknessMm, gaps, paintMm, latching };
  },
  fieldOf: (field) => openingField(field) ?? field.replace(/\[\d+\].*$/, ''),
});
