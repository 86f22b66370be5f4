import { lengthMm, number, group, omittable } from '../../fields/field';
import { slabWidth, slabHeight, slabThickness, slabMass, hingeHeights, degrees, mm, words, yesOrNo, oneOf, part, listOf } from '../shapes';
import { sheet } from '../sheet';
import { weighDrift } from './drift';

export const driftSheet = sheet({
  name: 'swing.drift',
  title: 'A door that moves by itself: lean, rest angle, and both cures',
  request: {
    slabWidthMm: slabWidth,
    slabHeightMm: slabHeight,
    thicknessMm: slabThickness,
    massKg: slabMass,
    hingeHeightsMm: hingeHeights,
    pin: omittable(
      group(
        'Hinge pin; an ordinary one unless said',
        { diameterMm: lengthMm('Diameter of the pin', 2, 30), barrelMm: lengthMm('Length of the barrel', 20, 300) },
        {},
      ),
    ),
    pinProudMm: omittable(lengthMm('Pin in front of the face where the barrels show', -40, 100)),
    opensToDeg: number('How far it opens, degrees', { from: 10, to: 180 }),
    acrossMm: omittable(lengthMm('Hinge leg plumb across the wall, + top toward the room it opens into', -100, 100)),
    alongMm: omittable(lengthMm('Hinge leg plumb, + top toward the latch', -100, 100)),
    test: omittable(
      group(
        'What it did let go',
        { fromDeg: degrees('Let go at'), did: oneOf(['stays', 'opens', 'closes']), restDeg: omittable(degrees('Where it came to rest')) },
        {},
      ),
    ),
    pull: omittable(
      group(
        'Spring balance at the latch edge',
        {
          atDeg: degrees('Opening angle'),
          toOpenN: number('Pull at the latch edge that just opens it, N', { from: 0, to: 200 }),
          toCloseN: number('Pull that just closes it, N', { from: 0, to: 200 }),
        },
        {},
      ),
    ),
    stop: omittable(
      group(
        'Slab to stop at the latch side, latched',
        { topMm: lengthMm('Slab to stop, top', -20, 60), bottomMm: lengthMm('Slab to stop, foot', -20, 60) },
        {},
      ),
    ),
  },
  result: {
    lean: part({
      acrossMm: mm('Top against foot, + toward the room'),
      sdMm: mm('Doubt of it, standard deviation'),
      alongMm: mm('Toward the latch'),
    }),
    friction: part({ meanNm: number('Friction in the hinges, N·m', {}), sdNm: number('Doubt of it, N·m', {}) }),
    halfOpen: part({
      fromDeg: degrees('Let go at'),
      restDeg: degrees('Comes to rest at'),
      moves: oneOf(['stays', 'opens', 'closes']),
      atStop: yesOrNo,
      speeds: listOf(part({ atDeg: degrees('Angle'), mmPerS: number('Speed of the latch edge, mm/s', { from: 0, to: 100000 }) })),
      trend: oneOf(['none', 'gathers', 'slows', 'steady']),
    }),
    torque: listOf(
      part({
        atDeg: degrees('Angle'),
        nm: number('Gravity, + opens, N·m', {}),
        plumbNm: number('The same with the hinge line plumb, N·m', {}),
      }),
    ),
    stays: listOf(part({ fromDeg: degrees('From'), toDeg: degrees('To') })),
    mostTorqueNm: number('Largest of it, N·m', {}),
    cures: part({
      friction: part({
        wantedNm: number('More friction wanted, N·m', {}),
        pins: listOf(
          part({ hinge: oneOf(['top', 'bottom']), bendMm: mm('How far to bend it'), addsNm: number('What that adds, N·m', {}) }),
        ),
        holds: yesOrNo,
        leavesLeanMm: mm('Lean that stays'),
      }),
      geometry: listOf(
        part({
          hinge: oneOf(['top', 'bottom']),
          mm: mm('How far to throw it'),
          toward: oneOf(['room', 'stop']),
          stopTopMm: mm('Slab to stop then, top'),
          stopBottomMm: mm('Slab to stop then, foot'),
          latchMm: mm('Latch against its strike, + off the stop'),
          leftTorqueNm: number('Gravity that is left, N·m', {}),
          holds: yesOrNo,
        }),
      ),
      leastThrowMm: mm('Least throw after which friction holds it'),
    }),
    unsure: listOf(words),
  },
  example: {
    slabWidthMm: 762,
    slabHeightMm: 1981,
    thicknessMm: 44,
    massKg: 28,
    hingeHeightsMm: [165, 990, 1750],
    opensToDeg: 90,
    acrossMm: 8,
    alongMm: 0,
    test: { fromDeg: 45, did: 'opens' },
    stop: { topMm: 0.5, bottomMm: 0.5 },
  },
  run: weighDrift,
});
