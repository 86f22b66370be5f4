import { choice, lengthMm, number, omittable } from '../../fields/field';
import { FIXING_STATES } from '../../jamb/fixing';
import { layHinges, SCREW_PATTERNS } from '../../jamb/hingeLayout';
import { hingeMarks, hingesToMark } from '../markFields';
import { listOf, mm, oneOf, part, slabThickness, sums, yesOrNo } from '../shapes';
import { sheet } from '../sheet';

export const layHingesSheet = sheet({
  name: 'layout.hinges',
  title: 'Hinges and lock carried over: recess, screws, jig',
  request: {
    ...hingesToMark,
    slabThicknessMm: slabThickness,
    backsetMm: lengthMm('Recess back from the far face', 0, 60),
    leafWideMm: lengthMm('Leaf, from the middle of the pin to its edge', 10, 150),
    pattern: choice('Screw holes', SCREW_PATTERNS),
    screws: number('Screws in a leaf', { from: 2, to: 8, whole: true }),
    framingFromMm: omittable(lengthMm('Framing begins, across the jamb from the knuckles', 0, 200)),
    framingToMm: omittable(lengthMm('Framing ends', 0, 300)),
    jambMm: lengthMm('Thickness of the jamb', 8, 120),
    packMm: lengthMm('Packers behind it', 0, 60),
    bushMm: omittable(lengthMm('Guide bush', 5, 60)),
    cutterMm: omittable(lengthMm('Cutter', 3, 40)),
    oldBoltMm: omittable(lengthMm('Old slab: middle of the bolt below its top', 50, 4000)),
    strikeMm: omittable(lengthMm('Middle of the strike below the head', 50, 4000)),
  },
  result: {
    marks: part(hingeMarks),
    recess: part({ longMm: mm('Long'), wideMm: mm('Wide'), deepMm: mm('Deep') }),
    knuckleOutMm: mm('Pin off the face'),
    holes: listOf(part({ downMm: mm('Below the top of the hinge'), fromEdgeMm: mm('From the knuckles’ edge'), reaches: yesOrNo })),
    longScrew: part({
      state: oneOf(FIXING_STATES),
      lengthMm: mm('Length'),
      biteMm: mm('In the framing'),
      leastMm: mm('Least'),
      mostMm: omittable(mm('Most')),
    }),
    jig: omittable(part({ longMm: mm('Opening, long'), wideMm: mm('Opening, wide') })),
    boltOffMm: omittable(mm('The strike is lower than the bolt by')),
    sums,
  },
  example: {
    slabHeightMm: 1981,
    headGapMm: 3,
    hingeMm: 102,
    hinges: 3,
    school: '7/11',
    leafMm: 2.5,
    slabThicknessMm: 44,
    backsetMm: 6,
    leafWideMm: 44,
    pattern: 'zigzag',
    screws: 4,
    jambMm: 19,
    packMm: 6,
  },
  run: layHinges,
});
