import { lineAt, type Pose, type TrueLine } from './trueLine';

/** What the leaves of a bifold stand in and on; lengths in mm. */
interface Leaves {
  panel: { w: number; h: number };
  inset: number;
  openingW: number;
  /** The floor. */
  other: TrueLine;
  pivots: { rise: number; top: number; foot: number; leafSag: number };
}

/** Between the leaves and their own jamb, mm. */
export const OWN_GAP_MM = 3;

/**
 * Where the leaves of a bifold stand, shut: on the foot pivot, which stands on the floor, leaning as far as the top pivot is out from its
 * jamb beyond the foot one; the closing leaf turned down about its hinges by what they have let go.
 */
export function poseOfLeaves({ panel: { w, h }, inset, openingW, other, pivots }: Leaves): Pose {
  const footX = openingW - OWN_GAP_MM - inset - pivots.foot;
  const lean = Math.asin((pivots.top - pivots.foot) / h);
  const [cos, sin] = [Math.cos(lean), Math.sin(lean)];
  const foot = { u: w - inset, y: lineAt(other, openingW, footX) + pivots.rise };
  const droop = Math.asin(pivots.leafSag / (w / 2));
  return {
    place: (u, v) => {
      const beyond = Math.min(0, u - w / 2);
      const drooped =
        beyond === 0
          ? { u, v }
          : { u: w / 2 + beyond * Math.cos(droop) - v * Math.sin(droop), v: v * Math.cos(droop) + beyond * Math.sin(droop) };
      const across = drooped.u - foot.u;
      return { x: footX + across * cos - drooped.v * sin, y: foot.y + across * sin + drooped.v * cos };
    },
  };
}
