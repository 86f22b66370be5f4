import { fitPair, PAIR_EDGES, PAIR_LATCHINGS, PAIR_LEAVES } from '../../fitting/fitPair';
import { CUT_SHAPES } from '../../fitting/shapes';
import { choice, group, lengthMm, list, omittable } from '../../fields/field';
import { listOf, mm, part, slabThickness, sums, yesOrNo } from '../shapes';
import { sheet } from '../sheet';
import {
  contradictions,
  cutsAt,
  gap,
  madeAt,
  marksOff,
  missing,
  offsetsApart,
  opening,
  paint,
  sawBase,
  shortAt,
  slabHeights,
  slabKind,
  slabWidths,
} from './fields';

const leaf = (says: string) =>
  group(
    says,
    { widthsMm: slabWidths, heightsMm: slabHeights, railFromFootMm: omittable(lengthMm('A rail that runs on, above its foot', 0, 4000)) },
    {},
  );

const leafFit = part({
  widthsMm: listOf(mm('Width it ends with')),
  lengthsMm: listOf(mm('Length it ends with')),
  offWidthMm: mm('Off its width where the opening is narrowest'),
  firstCutMm: mm('Length it is cut to first'),
  cuts: cutsAt(PAIR_EDGES),
  made: madeAt(PAIR_EDGES),
  short: shortAt(PAIR_EDGES),
});

export const fitPairSheet = sheet({
  name: 'fit.pair',
  title: 'A pair into one opening: leaves as wide as each other, rails in line',
  request: {
    opening,
    left: leaf('Leaf on the hinge leg of the opening'),
    right: leaf('The other leaf'),
    kind: slabKind,
    thicknessMm: slabThickness,
    gaps: group(
      'Gaps wanted',
      { legMm: gap('At each leg'), meetingMm: gap('Where they meet'), headMm: gap('Head'), footMm: gap('Foot') },
      {},
    ),
    paintMm: paint,
    latching: choice('How they latch', PAIR_LATCHINGS),
    sides: omittable(choice('How the outer edges are cut; straight unless said', CUT_SHAPES)),
    sawBaseMm: sawBase,
    offsetsApartMm: offsetsApart,
    made: omittable(
      list(
        'Cuts that were made',
        group('A cut', { leaf: choice('Leaf', PAIR_LEAVES), edge: choice('Edge', PAIR_EDGES), marks: marksOff }, {}),
        { most: 24 },
      ),
    ),
  },
  result: {
    isPossible: yesOrNo,
    left: leafFit,
    right: leafFit,
    narrowestMm: mm('Narrowest width of the opening'),
    narrowestAtMm: mm('How high that is'),
    leafWidthMm: mm('How wide each leaf ends there'),
    sums,
    missing,
    contradictions,
    latching: choice('How they latch', PAIR_LATCHINGS),
  },
  example: {
    opening: {
      widths: [
        { at: 1950, mm: 1370 },
        { at: 980, mm: 1372 },
        { at: 0, mm: 1375 },
      ],
      heights: [
        { at: 0, mm: 1960 },
        { at: 685, mm: 1957 },
        { at: 1370, mm: 1947 },
      ],
      plumb: { hingeMm: 0 },
      straight: { hingeMm: 0 },
      level: { floorMm: 0 },
    },
    left: { widthsMm: [686], heightsMm: [1981] },
    right: { widthsMm: [686], heightsMm: [1981] },
    kind: 'solid',
    thicknessMm: 35,
    gaps: { legMm: 2, meetingMm: 2, headMm: 2, footMm: 0 },
    latching: 'balls',
  },
  run: fitPair,
});
