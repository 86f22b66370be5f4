import { HUNG, mmPerHalfTurn, ON_WHEELS, OVER_FLOOR, rolls, USUAL_CHANNEL_MM, type SlidingDoor } from '../card/panel';
import { PROFILES } from '../card/profiles';
import { WHEEL_F } from './wheels';

/**
 * Figures of a sliding door's card that its tables name. `r` is height over width; `rolling` and `hung` are 1 for the kind it is and 0
 * for the others; `overFloor` is 1 for what ends over a floor; `rWheeled` is r for what follows its track and 0 for
 * what stands on a pivot, `pivoted` the reverse as 1; `diagonal` is what the diagonals of the panel differ by when its stile leans by 1 mm over its height,
 * 2w/√(w² + h²) (a sheared rectangle); `spans` is the opening over the panel, which a level along the
 * track spans.
 */
export function cardFigures(door: SlidingDoor) {
  const { panelWidthMm, panelHeightMm, channelMm } = door;
  const { edges } = PROFILES[door.kind];
  const isRolling = rolls(door);
  const r = panelHeightMm / panelWidthMm;
  const wheeled = ON_WHEELS.includes(door.kind) ? 1 : 0;
  const spans = wheeled === 1 ? 2 : 1;
  return {
    r,
    rolling: isRolling ? 1 : 0,
    // A track runs down under a panel that rolls on it, and to one that stands below it.
    rollsOrStands: isRolling ? 1 : wheeled - 1,
    hung: HUNG.includes(door.kind) ? 1 : 0,
    pivoted: 1 - wheeled,
    rPivoted: (1 - wheeled) * r,
    rWheeled: wheeled * r,
    overFloor: OVER_FLOOR.includes(door.kind) ? 1 : 0,
    // What leaning by 1 mm over its height lowers the closing end by, at its own wheel or guide and at the other.
    leanLead: (1 - WHEEL_F) / r,
    leanTrail: WHEEL_F / r,
    spans,
    diagonal: (2 * panelWidthMm) / Math.hypot(panelWidthMm, panelHeightMm),
    openingWidthMm: spans * panelWidthMm,
    panelHeightMm,
    channelMm: channelMm ?? USUAL_CHANNEL_MM,
    halfTurn: mmPerHalfTurn(door),
    // What hangs is not lifted out by its foot.
    letsGoFrom: edges.head.letsGoFrom ?? Infinity,
    'target.foot': edges.foot.target,
    'target.jamb': edges.jamb.target,
    'target.head': edges.head.target,
    'target.room': edges.head.target + edges.foot.target,
  };
}

export type FigureName = keyof ReturnType<typeof cardFigures>;
