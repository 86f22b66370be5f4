import { FILLS, FIT_WARNINGS, fitSlab, SLAB_EDGES } from '../../fitting/fitSlab';
import { CUT_SHAPES } from '../../fitting/shapes';
import { choice, flag, group, lengthMm, list, omittable, text } from '../../fields/field';
import { listOf, mm, oneOf, part, slabThickness, yesOrNo } from '../shapes';
import { sheet } from '../sheet';
import {
  aim,
  block,
  contradictions,
  cutsAt,
  gap,
  madeAt,
  marksOff,
  missing,
  offsetsApart,
  opening,
  paint,
  points,
  sawBase,
  shortAt,
  slabHeights,
  slabKind,
  slabWidths,
} from './fields';

const mayGo = (says: string) => omittable(lengthMm(says, 0, 300));

export const fitSlabSheet = sheet({
  name: 'fit.slab',
  title: 'A slab into a crooked opening: least timber off, and the list of cuts',
  request: {
    opening,
    slab: group(
      'The slab as it is',
      {
        widthsMm: slabWidths,
        heightsMm: slabHeights,
        kind: slabKind,
        thicknessMm: slabThickness,
        blockMm: block,
        mayReblock: omittable(flag('Its plug may be glued back')),
        staysLevel: omittable(flag('Rails or panes must stay level')),
        handleFromTopMm: omittable(lengthMm('Middle of the handle below the top', 0, 4000)),
        hasRecesses: omittable(flag('Hinge recesses are cut')),
        hasLock: omittable(flag('A lock is in')),
        hasLabel: omittable(flag('It carries a fire label')),
        mayLoseMm: omittable(
          group(
            'What an edge may lose where it was looked at, in place of what is usual for its kind',
            { hinge: mayGo('Hinge edge'), latch: mayGo('Latch edge'), head: mayGo('Head'), foot: mayGo('Foot') },
            {},
          ),
        ),
      },
      {},
    ),
    gaps: group('Gaps wanted', { hinge: gap('Hinge side'), latch: gap('Latch side'), head: gap('Head'), foot: gap('Foot') }, {}),
    paintMm: paint,
    sides: choice('How the sides are cut', CUT_SHAPES),
    aim,
    sawBaseMm: sawBase,
    offsetsApartMm: offsetsApart,
    made: omittable(list('Cuts that were made', group('A cut', { edge: choice('Edge', SLAB_EDGES), marks: marksOff }, {}), { most: 12 })),
  },
  result: {
    isPossible: yesOrNo,
    short: shortAt(SLAB_EDGES),
    open: listOf(part({ edge: oneOf(SLAB_EDGES), mm: mm('More open than wanted'), fill: oneOf(FILLS) })),
    missing,
    contradictions,
    edges: listOf(
      part({
        edge: oneOf(SLAB_EDGES),
        offMm: mm('Deepest cut'),
        leastGapMm: mm('Least gap left'),
        mostGapMm: mm('Most gap left'),
        gaps: points,
      }),
    ),
    cuts: cutsAt(SLAB_EDGES),
    made: madeAt(SLAB_EDGES),
    areaMm2: { is: 'number', says: 'Timber off, mm²' },
    leansMm: mm('How far its top leans toward the hinges'),
    readAgain: listOf(part({ reading: text('Which reading', {}), changesMm: mm('What comes off may change by') })),
    warnings: listOf(part({ id: oneOf(FIT_WARNINGS), mm: mm('By how much') })),
  },
  example: {
    opening: {
      widths: [
        { at: 1900, mm: 765 },
        { at: 1000, mm: 774 },
        { at: 100, mm: 772 },
      ],
      heights: [
        { at: 0, mm: 1995 },
        { at: 380, mm: 1993 },
        { at: 765, mm: 1989 },
      ],
      plumb: { hingeMm: 4 },
      straight: { hingeMm: 1 },
      level: { floorMm: 2 },
    },
    slab: { widthsMm: [764, 764, 764], heightsMm: [1985, 1985], kind: 'solid', thicknessMm: 44 },
    gaps: { hinge: 2, latch: 3, head: 3, foot: 6 },
    sides: 'line',
    aim: 'area',
  },
  run: fitSlab,
});
