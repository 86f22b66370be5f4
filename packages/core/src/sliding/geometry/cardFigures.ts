import { mmPerHalfTurn, rolls, USUAL_CHANNEL_MM, type SlidingDoor } from '../card/panel';
import { PROFILES } from '../card/profiles';

/**
 * Figures of a sliding door's card that its tables name. `r` is height over width; `rolling` and `hung` are 1 for the kind it is and 0
 * for the other; `diagonal` is what the diagonals of the panel differ by when its stile leans by 1 mm over its height,
 * 2w/√(w² + h²) (a sheared rectangle); `onTrack` is the opening over the panel, which a level along the track spans.
 */
export function cardFigures(door: SlidingDoor) {
  const { panelWidthMm, panelHeightMm, channelMm } = door;
  const { edges } = PROFILES[door.kind];
  const isRolling = rolls(door);
  const r = panelHeightMm / panelWidthMm;
  return {
    r,
    rolling: isRolling ? 1 : 0,
    hung: isRolling ? 0 : 1,
    diagonal: (2 * panelWidthMm) / Math.hypot(panelWidthMm, panelHeightMm),
    openingWidthMm: 2 * panelWidthMm,
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
