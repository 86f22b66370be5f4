import { lengthMm, flag, group, omittable } from '../../fields/field';
import { slabWidth, slabThickness, degrees, mm, yesOrNo } from '../shapes';
import { sheet } from '../sheet';
import { passClosingEdge } from './closingEdge';

export const edgeSheet = sheet({
  name: 'swing.edge',
  title: 'Closing edge past its leg: gap, bevel, and how far it opens',
  request: {
    slabWidthMm: slabWidth,
    thicknessMm: slabThickness,
    latchGapMm: lengthMm('Latch gap on the face where the barrels show', 0, 40),
    pinBehindMm: lengthMm('Pin behind the slab’s hinge edge; − within the slab', -100, 60),
    pinProudMm: lengthMm('Pin in front of the face where the barrels show', -40, 100),
    legProudMm: omittable(lengthMm('How far the latch leg stands proud of that face; − set back', -60, 60)),
    bevelMm: omittable(lengthMm('Bevel as planed: how much narrower the far face is', 0, 40)),
    wantedMm: omittable(lengthMm('What should be left at the tightest', 0, 10)),
    stop: omittable(
      group(
        'Stop beside the hinges',
        {
          gapMm: lengthMm('Slab to stop at the hinge side, closed', 0, 40),
          widthMm: lengthMm('How far the stop comes over the opening', 0, 100),
          hingeGapMm: lengthMm('Hinge gap', 0, 20),
        },
        {},
      ),
    ),
    trim: omittable(
      group(
        'Trim beside the hinges',
        {
          proudMm: lengthMm('How far the trim stands out', 0, 100),
          setBackMm: lengthMm('How far it is set back from the leg’s edge', 0, 60),
          hingeGapMm: lengthMm('Hinge gap', 0, 20),
        },
        {},
      ),
    ),
  },
  result: {
    clearanceMm: mm('Left at the tightest; below nought it binds'),
    passes: yesOrNo,
    tightestAtDeg: degrees('Opening angle where it is tightest'),
    leastGapSquareMm: mm('Least gap for a square edge'),
    leastGapMm: mm('Least gap with the bevel as it is'),
    bevelHelps: flag('Whether a bevel can give what is wanted'),
    leastBevelMm: mm('Least bevel for the gap as it is'),
    leastBevelDeg: degrees('The same as an angle'),
    usualBevelMm: mm('The usual bevel, 1 in 16'),
    stopClearanceMm: omittable(mm('Left between slab and stop at the tightest')),
    opensToDeg: degrees('How far it opens before the trim'),
    pinProudForTrimMm: mm('Pin that lets it open right round'),
  },
  example: {
    slabWidthMm: 762,
    thicknessMm: 44,
    latchGapMm: 3,
    pinBehindMm: 1.5,
    pinProudMm: 6,
    wantedMm: 1,
    stop: { gapMm: 1.5, widthMm: 12, hingeGapMm: 2 },
    trim: { proudMm: 18, setBackMm: 6, hingeGapMm: 2 },
  },
  run: passClosingEdge,
});
