import { profileOf, slenderness, type HingedDoor } from '../card/door';

/**
 * Figures of a hinged door's card that its tables name. `r` is height over width; `topHingeOut.drop` and `topHingeOut.gap` are the
 * drop of the latch edge and the shift of the hinge gap at mid-height when the top hinge comes 1 mm off the leg and the slab
 * turns about the bottom hinge; `bottomHingeOut` likewise, about the top hinge. `hingeSpan` is the distance of the end hinges over the
 * height. Targets and lengths in mm.
 */
export function cardFigures(door: HingedDoor) {
  const r = slenderness(door);
  const { edges } = profileOf(door);
  const first = (door.hingeHeightsMm[0] ?? 0) / door.slabHeightMm;
  const last = (door.hingeHeightsMm[door.hingeHeightsMm.length - 1] ?? door.slabHeightMm) / door.slabHeightMm;
  return {
    r,
    '1/r': 1 / r,
    'topHingeOut.drop': 1 / (r * (last - first)),
    'topHingeOut.gap': (last - 0.5) / (last - first),
    'bottomHingeOut.drop': -1 / (r * (last - first)),
    'bottomHingeOut.gap': (0.5 - first) / (last - first),
    hingeSpan: last - first,
    slabWidthMm: door.slabWidthMm,
    slabHeightMm: door.slabHeightMm,
    'target.hinge': edges.hinge.target,
    'target.head': edges.head.target,
    'target.sides': edges.hinge.target + edges.latch.target,
    'target.heights': edges.head.target + edges.foot.target,
  };
}

export type FigureName = keyof ReturnType<typeof cardFigures>;
