import type { SlabFit } from '@proper-swing/core/sheets';
import { lazy } from 'react';
import { benchSheet } from '../benchSheet';
import { choice, DONE, length, THICKNESS } from '../fieldKinds';
import { SLAB_LIST } from './lists';
import { fromLists, MORE_OF_OPENING, offsetsIn, openingField, openingOf, SURVEY, type TypedOpening } from './openingFields';
import { readMade } from './made';
import { slabSays } from './slabSays';

interface TypedSlab extends TypedOpening {
  slabWidthsMm: readonly number[];
  slabHeightsMm: readonly number[];
  kind: string;
  thicknessMm: number;
  blockMm?: number;
  handleFromTopMm?: number;
  mayReblock?: boolean;
  staysLevel?: boolean;
  hasRecesses?: boolean;
  hasLock?: boolean;
  hasLabel?: boolean;
  gaps: object;
  paintMm?: number;
  sides: string;
  aim: string;
  made?: unknown;
  sawBaseMm?: number;
  mayLose?: object;
}

export const SLAB_KIND_WORDS = { solid: 'Solid', hollow: 'Hollow', framed: 'Framed', glazed: 'Glazed', arched: 'Arched' } as const;

const { usual: _thick, ...thickness } = THICKNESS;

export const fitSlabSheet = benchSheet<SlabFit>({
  name: 'fit.slab',
  doors: 'every',
  title: 'A slab into a crooked opening',
  about: 'Where it stands, what comes off each edge and in which order, from widths and heights at three places.',
  basis: 'Least timber by a linear program over where the slab stands; what an edge may lose is common practice.',
  groups: [
    SURVEY,
    {
      title: 'The slab',
      fields: [
        { path: 'slabWidthsMm', label: 'Slab widths: top, middle, foot', kind: 'lengths', hint: 'One is enough where it is parallel' },
        { path: 'slabHeightsMm', label: 'Slab heights: hinge, latch', kind: 'lengths' },
        choice('kind', 'It is', SLAB_KIND_WORDS, { usual: 'solid' }),
        { ...thickness, usual: 35 },
      ],
    },
    {
      title: 'Gaps wanted',
      fields: [
        length('gaps.hinge', 'Hinge side', { usual: 2 }),
        length('gaps.latch', 'Latch side', { usual: 3 }),
        length('gaps.head', 'Head', { usual: 3 }),
        length('gaps.foot', 'Foot', { usual: 6 }),
        length('paintMm', 'Film of paint', { usual: 0 }),
      ],
    },
    MORE_OF_OPENING,
    {
      title: 'How it is cut',
      fields: [
        choice('sides', 'Sides', { line: 'Straight', scribe: 'Scribed to the leg' }, { usual: 'line' }),
        choice('aim', 'Least', { area: 'Timber', depth: 'Depth', edges: 'Edges cut' }, { usual: 'area' }),
        length('sawBaseMm', 'Saw’s base to its blade', { isOptional: true }),
      ],
    },
    {
      title: 'What may come off',
      fields: [
        length('mayLose.hinge', 'Hinge edge', { isOptional: true, hint: 'To recesses, joint or pane' }),
        length('mayLose.latch', 'Latch edge', { isOptional: true, hint: 'To the lock or a pane' }),
        length('mayLose.head', 'Top', { isOptional: true }),
        length('mayLose.foot', 'Foot', { isOptional: true }),
      ],
    },
    {
      title: 'What is on it',
      fields: [
        length('handleFromTopMm', 'Handle below the top', { isOptional: true }),
        length('blockMm', 'Solid rail, hollow slab', { isOptional: true }),
        { path: 'mayReblock', label: 'Its plug may be glued back', kind: 'yes', usual: 'no' },
        { path: 'staysLevel', label: 'Rails or panes stay level', kind: 'yes', usual: 'no' },
        { path: 'hasRecesses', label: 'Hinge recesses cut', kind: 'yes', usual: 'no' },
        { path: 'hasLock', label: 'Lock in', kind: 'yes', usual: 'no' },
        { path: 'hasLabel', label: 'Fire label', kind: 'yes', usual: 'no' },
        { path: 'made', label: 'Cuts made', kind: 'filled', isOptional: true, startsOver: true, read: readMade },
        DONE,
      ],
    },
  ],
  stations: {},
  serves: ['planeLatch', 'planeHead', 'scribeHead', 'planeFoot'],
  Answer: lazy(async () => ({ default: (await import('./SlabAnswer')).SlabAnswer })),
  Helper: lazy(async () => ({ default: (await import('./OpeningForm')).OpeningForm })),
  fromEarlier: fromLists,
  says: slabSays,
  list: SLAB_LIST,
  shape: (typed: TypedSlab, units) => {
    const {
      slabWidthsMm,
      slabHeightsMm,
      kind,
      thicknessMm,
      blockMm,
      handleFromTopMm,
      gaps,
      paintMm,
      sides,
      aim,
      made,
      sawBaseMm,
      mayLose,
    } = typed;
    const { mayReblock, staysLevel, hasRecesses, hasLock, hasLabel } = typed;
    return {
      opening: openingOf(typed),
      slab: {
        ...{ widthsMm: slabWidthsMm, heightsMm: slabHeightsMm, kind, thicknessMm, mayReblock, staysLevel, hasRecesses, hasLock, hasLabel },
        ...(blockMm !== undefined && { blockMm }),
        ...(handleFromTopMm !== undefined && { handleFromTopMm }),
        ...(mayLose !== undefined && { mayLoseMm: mayLose }),
      },
      ...{ gaps, paintMm, sides, aim },
      ...(sawBaseMm !== undefined && { sawBaseMm }),
      ...offsetsIn(units),
      ...(made !== undefined && { made }),
    };
  },
  fieldOf: (field) =>
    openingField(field) ??
    (/^slab\.widthsMm/.test(field)
      ? 'slabWidthsMm'
      : /^slab\.heightsMm/.test(field)
        ? 'slabHeightsMm'
        : field.replace(/^slab\.mayLoseMm/, 'mayLose').replace(/^slab\./, '')),
});
