import { group, lengthMm, omittable } from '../../fields/field';
import { BOLTS, LAY_STATES, layStrikes } from '../../jamb/strikeLayout';
import { LARGEST_MM, listOf, mm, oneOf, part, slabThickness, sums, yesOrNo } from '../shapes';
import { sheet } from '../sheet';

const boltFields = {
  belowTopMm: lengthMm('Middle of the bolt below the top of the slab', 50, LARGEST_MM),
  fromFaceMm: lengthMm('Middle of the bolt from the face that meets the stop', 3, 100),
  markBelowHeadMm: omittable(lengthMm('Mark of its colour below the head', 50, LARGEST_MM)),
  markFromStopMm: omittable(lengthMm('Mark of its colour from the stop', 0, 120)),
  plateMm: lengthMm('Length of the plate', 20, 400),
  plateWideMm: lengthMm('Width of the plate', 10, 80),
  plateThickMm: lengthMm('Thickness of the plate', 0.5, 8),
};
const place = part({ belowHeadMm: mm('Below the head'), fromStopMm: mm('From the stop') });

export const layStrikeSheet = sheet({
  name: 'layout.strike',
  title: 'Strikes: where the holes go, by measure and by the mark',
  request: {
    headGapMm: lengthMm('Head gap', 0, 60),
    stopGapMm: lengthMm('Between slab and stop', 0, 20),
    boreMm: lengthMm('Bore', 6, 60),
    jambThicknessMm: lengthMm('Thickness of the jamb', 8, 120),
    backsetMm: omittable(lengthMm('Edge of the slab to the middle of the handle', 30, 200)),
    slabThicknessMm: omittable(slabThickness),
    latch: group('Latch', boltFields, {}),
    deadbolt: omittable(group('Deadbolt', boltFields, {})),
  },
  result: {
    strikes: listOf(
      part({
        bolt: oneOf(BOLTS),
        byMeasure: place,
        byMark: omittable(place),
        offMm: part({ down: mm('The mark is lower by'), across: mm('The mark is farther from the stop by') }),
        state: oneOf(LAY_STATES),
        cut: place,
        plate: part({
          topMm: mm('Top of the plate below the head'),
          footMm: mm('Its foot'),
          nearMm: mm('Its edge nearer to the stop'),
          farMm: mm('Its other edge'),
          recessMm: mm('Depth of its recess'),
        }),
        bore: part({ mm: mm('Bore'), deepMm: mm('How deep'), isThrough: yesOrNo }),
      }),
    ),
    slab: listOf(
      part({
        bolt: oneOf(BOLTS),
        belowTopMm: mm('Below the top of the slab'),
        backsetMm: mm('From its edge'),
        fromFaceMm: mm('Hole in the edge, from the face that meets the stop'),
        offMiddleMm: omittable(mm('Off the middle of the edge by')),
      }),
    ),
    mayCut: yesOrNo,
    sums,
  },
  example: {
    headGapMm: 3,
    stopGapMm: 1,
    boreMm: 25.4,
    jambThicknessMm: 19,
    latch: {
      belowTopMm: 1040,
      fromFaceMm: 22,
      markBelowHeadMm: 1043.5,
      markFromStopMm: 23,
      plateMm: 57,
      plateWideMm: 28,
      plateThickMm: 1.6,
    },
    deadbolt: { belowTopMm: 900, fromFaceMm: 22, plateMm: 57, plateWideMm: 28, plateThickMm: 1.6 },
  },
  run: layStrikes,
});
