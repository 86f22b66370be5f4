import { poseOfLeaves } from './poseOfLeaves';
import { lineAt, type Pose, type TrueLine } from './trueLine';
import { HUNG, rolls, type SlidingDoor } from '@proper-swing/core/sliding/card/panel';
import type { CauseId } from '@proper-swing/core/sliding/tables/causes';
import type { WorldTraits } from '../worldTraits';

export type SlidingFaultId = Exclude<CauseId, 'runsWell'>;
export type End = 'lead' | 'trail';

/** A wheel as it is. */
export type WheelState = 'sound' | 'stiff' | 'seized' | 'worn' | 'chipped' | 'odd';

/** A bifold's pivots: how high the foot one holds the leaves, how far each stands out from its jamb beyond its place, mm; and their state. */
export interface TruePivots {
  rise: number;
  top: number;
  foot: number;
  /** How far the closing leaf hangs down at its end, mm. */
  leafSag: number;
  corners: 'firm' | 'loose';
  brackets: 'fast' | 'loose';
  guideWheel: 'runs' | 'out';
  leafHinges: 'tight' | 'loose';
}

/** A sliding panel in its opening as it really is; lengths in mm. */
export interface TrueSliding {
  card: SlidingDoor;
  panel: { w: number; h: number; shear: number };
  /** From the end of the panel to its wheel. */
  inset: number;
  /** How far the panel's foot stands over the track at each wheel; hung, how far its top hangs under it. */
  rise: Record<End, number>;
  openingW: number;
  track: TrueLine;
  /** The head of a panel on rollers, or the floor of a hung one. */
  other: TrueLine;
  /** Height from track to the head channel’s ceiling, or from floor to track, at the middle of the opening. */
  clearH: number;
  jamb: { lean: number; bow: number };
  /** Where the panel is held short of its jamb, at mid-height, mm. */
  heldAt: number;
  /** Height of the keep over the track at the jamb less the hook's over the panel's foot, mm. */
  keepOver: number;
  /** The panel is lifted out from so much room above on, mm. */
  liftsOutFrom: number;
  wavy: Record<string, number>;
  wheels: Record<End, WheelState>;
  screws: Record<End, 'moves' | 'dead'>;
  /** What half a turn does here, mm. */
  halfTurn: number;
  dirt: number;
  /** A spot on the track: where over the opening, 0 to 1, and what it is. */
  spot: { at: number; is: 'burr' | 'bend' } | undefined;
  /** How far the crown of the track is worn down, mm. */
  trackWear: number;
  strip: 'lies' | 'drags';
  corner: 'tight' | 'open';
  offTrack: End | undefined;
  clip: 'home' | 'missing' | 'wrong';
  hangers: 'tight' | 'slipped';
  guide: 'holds' | 'lost';
  trim: 'clear' | 'tight';
  fixing: number | undefined;
  bowed: boolean;
  /** What the leaves of a bifold stand on, and what state it is in; other panels have it sound and do not use it. */
  pivots: TruePivots;
  /** What each fault moved, to be taken back when it is mended. */
  ails: {
    rise: Record<End, number>;
    track: number;
    trackBelly: number;
    headSag: number;
    jamb: number;
    room: number;
    floor: number;
    shear: number;
    pivots: { rise: number; top: number; foot: number; corner: Moved; bracket: Moved; leafSag: number };
  };
  world: WorldTraits<SlidingFaultId>;
}

/** Whether nothing is above it to hold it: what hangs clears its track by its hangers. */
export const hangsFree = ({ card }: TrueSliding) => HUNG.includes(card.kind);

/** What a loose part has let a pivot move by, mm. */
export type Moved = { rise: number; top: number; foot: number };

/** Whether a wheel at either end is so. */
export const hasWheel = ({ wheels }: TrueSliding, state: WheelState) => wheels.lead === state || wheels.trail === state;

export const isRolling = ({ card }: TrueSliding) => rolls(card);
export const isBifold = ({ card }: TrueSliding) => card.kind === 'bifold';

export const copySliding = (door: TrueSliding): TrueSliding => ({
  ...door,
  panel: { ...door.panel },
  rise: { ...door.rise },
  track: { ...door.track },
  other: { ...door.other },
  jamb: { ...door.jamb },
  wheels: { ...door.wheels },
  screws: { ...door.screws },
  pivots: { ...door.pivots },
  ails: {
    ...door.ails,
    rise: { ...door.ails.rise },
    pivots: { ...door.ails.pivots, corner: { ...door.ails.pivots.corner }, bracket: { ...door.ails.pivots.bracket } },
  },
});

/**
 * Where the panel stands with its closing edge at mid-height `gap` short of the jamb: both wheels on their track, which is found by
 * turning the panel until they are.
 */
export function poseOf(door: TrueSliding, gap = door.heldAt): Pose {
  if (isBifold(door)) return poseOfLeaves(door);
  const { panel, inset, rise, openingW, track, clearH } = door;
  const wheels: [number, number] = [inset, panel.w - inset];
  const rolling = isRolling(door);
  const base = rolling ? 0 : clearH;
  // Where each wheel's contact is in the panel: below its foot, or above its top.
  const contact = (u: number, end: End) => ({ u, v: rolling ? -rise[end] : panel.h + rise[end] });
  const points = [contact(wheels[0], 'lead'), contact(wheels[1], 'trail')] as const;
  let angle = 0;
  let ox = gap;
  let oy = 0;
  const sheared = (u: number, v: number) => u + (panel.shear * (v - panel.h / 2)) / panel.h;
  const put = (u: number, v: number) => ({
    x: ox + u * Math.cos(angle) - v * Math.sin(angle),
    y: oy + u * Math.sin(angle) + v * Math.cos(angle),
  });
  for (let go = 0; go < 12; go += 1) {
    const [lead, trail] = points.map(({ u, v }) => put(u, v)) as [{ x: number; y: number }, { x: number; y: number }];
    const off = [lead, trail].map(({ x, y }) => base + lineAt(track, openingW, x) - y) as [number, number];
    angle += Math.atan2(off[1] - off[0], trail.x - lead.x);
    const again = put(points[0].u, points[0].v);
    oy += base + lineAt(track, openingW, again.x) - again.y;
    ox += gap - put(sheared(0, panel.h / 2), panel.h / 2).x;
  }
  return { place: (u, v) => put(sheared(u, v), v) };
}

const NEAR = 0.05;
const PLACES: Readonly<Record<string, number>> = { lead: NEAR, mid: 0.5, trail: 1 - NEAR, top: NEAR, foot: 1 - NEAR };

export const GAPS: readonly string[] = [
  ...['foot.lead', 'foot.middle', 'foot.trail'],
  ...['jamb.top', 'jamb.mid', 'jamb.foot'],
  ...['lift.lead', 'lift.trail'],
];

/** Gap under the panel at a share of its width. */
export function footGap(door: TrueSliding, f: number, pose = poseOf(door)): number {
  const at = pose.place(f * door.panel.w, 0);
  const under = isRolling(door) ? door.track : door.other;
  return at.y - lineAt(under, door.openingW, at.x);
}

/** Gap between stile and closing jamb at a share of the height from the top. */
export function jambGap(door: TrueSliding, f: number, pose = poseOf(door)): number {
  const { panel, jamb } = door;
  const at = pose.place(0, panel.h * (1 - f));
  return at.x - (jamb.lean * (0.5 - f) + jamb.bow * 4 * f * (1 - f));
}

/** Room above the panel at a share of its width. */
export function roomAbove(door: TrueSliding, f: number, pose = poseOf(door)): number {
  const { panel, other, openingW, clearH, track } = door;
  const at = pose.place(f * panel.w, panel.h);
  return clearH + lineAt(isRolling(door) ? other : track, openingW, at.x) - at.y;
}

/** Least room above over the full travel. */
export function leastRoom(door: TrueSliding): number {
  const travel = isBifold(door) ? [0] : [0.02, 0.15, 0.3, 0.45];
  const along = travel.flatMap((share) => {
    const pose = poseOf(door, share * door.openingW);
    return [NEAR, 0.5, 1 - NEAR].map((f) => roomAbove(door, f, pose));
  });
  return Math.min(...along);
}

/** How far the hook is below its keep. */
export function hookLow(door: TrueSliding, pose = poseOf(door)): number {
  const { panel, openingW, track, keepOver } = door;
  const at = pose.place(0, panel.h / 2);
  const fromTrack = at.y - panel.h / 2 - lineAt(track, openingW, 0) - (isRolling(door) ? 0 : door.clearH - panel.h);
  return keepOver - fromTrack;
}

/** What is true at a station, mm. */
export function trueFigure(door: TrueSliding, station: string, pose = poseOf(door)): number {
  const [what = '', where = ''] = station.split('.');
  const f = PLACES[where] ?? 0.5;
  const wavy = door.wavy[station] ?? 0;
  const { panel, track, other, jamb } = door;
  switch (what) {
    case 'foot':
      return footGap(door, f, pose) + wavy;
    case 'jamb':
      return jambGap(door, f, pose) + wavy;
    case 'lift':
      return roomAbove(door, f, pose) + wavy;
    case 'engage':
      return (door.card.channelMm ?? 20) - roomAbove(door, f, pose) + wavy;
    case 'lock':
      return hookLow(door, pose);
    case 'level':
      return where === 'track' ? track.tilt : other.tilt;
    case 'straight':
      return where === 'track' ? track.belly : -other.belly;
    case 'plumb':
      return jamb.lean;
    case 'rack': {
      const corner = (u: number, v: number) => ({ x: u + (panel.shear * (v - panel.h / 2)) / panel.h, y: v });
      const long = (a: { x: number; y: number }, b: { x: number; y: number }) => Math.hypot(a.x - b.x, a.y - b.y);
      return long(corner(0, panel.h), corner(panel.w, 0)) - long(corner(0, 0), corner(panel.w, panel.h));
    }
    default:
      throw new RangeError(`There is no station "${station}".`);
  }
}
