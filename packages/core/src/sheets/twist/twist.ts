import { STOP_BOTTOM, STOP_TOP, thrownAt, type EndHinge } from '../../swing/hingeThrow';

/** A slab against its stop; lengths in mm. */
export interface TwistedDoor {
  slabHeightMm: number;
  /** Hinge centres below the top of the slab, from the top down. */
  hingeHeightsMm: readonly number[];
  /** Slab to stop at the latch side, latched and not pushed. */
  stopTopMm: number;
  stopBottomMm: number;
  /** Slab to stop at the hinge side, where it was read. */
  hingeStopTopMm?: number;
  hingeStopBottomMm?: number;
  /** Both legs plumb across the wall, + when the top leans toward the room the door opens into. */
  hingeAcrossMm?: number;
  latchAcrossMm?: number;
  /** Gap wanted to the stop: a seal, or nothing. */
  wantedMm?: number;
}

/** A way of bringing slab and stop together, with what it leaves. */
export interface TwistRemedy {
  id: 'leave' | 'throwHinge' | 'shareIt' | 'moveStop' | 'replace';
  says: string;
  /** Hinge thrown, how far and which way; absent when none is. */
  throws?: { hinge: EndHinge; mm: number; toward: 'room' | 'stop' };
  /** How far the latch-side stop is moved toward the slab, top and foot, mm; − away from it. */
  stopMove?: { topMm: number; bottomMm: number };
  /** Slab to stop at the latch side afterwards, mm. */
  stopTopMm: number;
  stopBottomMm: number;
  /** How far the hinge side of the slab moves at the hinge thrown, + off its stop, mm. */
  hingeSideMm: number;
  /** Lean of the hinge line the throw makes, over the slab's height, + toward the room: a door may drift on it, mm. */
  leanMm: number;
}

export interface Twist {
  /** Top against foot at the latch side, + when the top stands off, mm. */
  twistMm: number;
  /** How much of it the legs make by not being in one plane; absent when they were not both read, mm. */
  byOpeningMm?: number;
  /** What is left to the slab: its warp, mm. */
  bySlabMm?: number;
  /** Whether the slab's own warp is over what a new door may have. */
  warpOverLimit: boolean;
  /** Best first. */
  remedies: TwistRemedy[];
}

/** Most warp of a new door up to 3'6" × 7'0", mm: 1/4 in (ANSI/WDMA I.S.1A, from memory). */
export const WARP_LIMIT_MM = 6.35;
/** A twist that is felt neither at the latch nor in a seal, mm (common practice, no source). */
const LEAVE_UNDER_MM = 1.5;

/**
 * A door that touches its stop at one corner first. Throwing one end hinge by s turns the slab about the other and changes
 * top against foot at the stop by s × (distance of the stations) ÷ (distance of the hinges).
 */
export function weighTwist(door: TwistedDoor): Twist {
  const twistMm = door.stopTopMm - door.stopBottomMm;
  const byOpeningMm =
    door.hingeAcrossMm === undefined || door.latchAcrossMm === undefined
      ? undefined
      : (door.hingeAcrossMm - door.latchAcrossMm) * (STOP_BOTTOM - STOP_TOP);
  const bySlabMm = byOpeningMm === undefined ? undefined : twistMm - byOpeningMm;
  const warpOverLimit = bySlabMm !== undefined && Math.abs(bySlabMm) > WARP_LIMIT_MM;
  const ways = [throwWay(door, twistMm, 1), throwWay(door, twistMm, 0.5), stopWay(door)];
  const remedies = Math.abs(twistMm) < LEAVE_UNDER_MM ? [leave(door), ...ways] : ways;
  return {
    twistMm,
    ...(byOpeningMm !== undefined && { byOpeningMm }),
    ...(bySlabMm !== undefined && { bySlabMm }),
    warpOverLimit,
    remedies: warpOverLimit ? [replace(door), ...remedies] : remedies.sort((a, b) => disturbs(a) - disturbs(b)),
  };
}

/** Faults a remedy leaves or makes, mm: slab pressed on its stop counts three times, a started lean once. */
function disturbs({ id, stopTopMm, stopBottomMm, leanMm }: TwistRemedy): number {
  if (id === 'leave') return -1;
  const pressed = Math.max(0, -stopTopMm) + Math.max(0, -stopBottomMm);
  return Math.abs(stopTopMm - stopBottomMm) + 3 * pressed + Math.abs(leanMm) + (id === 'throwHinge' ? 0 : STOP_WORK_MM);
}

/** Taking a stop off and refixing it is worth a lean of this much, mm (common practice, no source). */
const STOP_WORK_MM = 2;

function throwWay(door: TwistedDoor, twistMm: number, share: 0.5 | 1): TwistRemedy {
  const wanted = door.wantedMm ?? 0;
  const options = (['top', 'bottom'] as const).map((hinge) => thrown(door, hinge, twistMm * share));
  const [best] = options.sort((a, b) => off(a, wanted) - off(b, wanted));
  const { throws, ...after } = best ?? thrown(door, 'top', twistMm * share);
  const how = `Throw the ${throws.hinge} hinge toward the ${throws.toward}`;
  if (share === 1) return { id: 'throwHinge', says: `${how}, all of it.`, throws, ...after };
  const stopMove = { topMm: after.stopTopMm - wanted, bottomMm: after.stopBottomMm - wanted };
  return {
    id: 'shareIt',
    says: `${how} for half of it and move the stop for the rest.`,
    throws,
    ...after,
    stopMove,
    stopTopMm: wanted,
    stopBottomMm: wanted,
  };
}

function off({ stopTopMm, stopBottomMm }: { stopTopMm: number; stopBottomMm: number }, wanted: number): number {
  return [stopTopMm, stopBottomMm].reduce((sum, mm) => sum + Math.abs(mm - wanted) + (mm < 0 ? 2 : 0), 0);
}

function thrown(door: TwistedDoor, hinge: EndHinge, byMm: number) {
  const byOneMm = thrownAt(door.hingeHeightsMm, hinge, 1);
  const mm = -byMm / (byOneMm(STOP_TOP * door.slabHeightMm) - byOneMm(STOP_BOTTOM * door.slabHeightMm));
  const thrownBy = thrownAt(door.hingeHeightsMm, hinge, mm);
  const moved = (share: number) => thrownBy(share * door.slabHeightMm);
  return {
    throws: { hinge, mm: Math.abs(mm), toward: mm >= 0 ? ('room' as const) : ('stop' as const) },
    stopTopMm: door.stopTopMm + moved(STOP_TOP),
    stopBottomMm: door.stopBottomMm + moved(STOP_BOTTOM),
    hingeSideMm: mm,
    leanMm: moved(0) - moved(1),
  };
}

function stopWay(door: TwistedDoor): TwistRemedy {
  const wanted = door.wantedMm ?? 0;
  return {
    id: 'moveStop',
    says: 'Scribe the latch-side stop to the slab and move it.',
    stopMove: { topMm: door.stopTopMm - wanted, bottomMm: door.stopBottomMm - wanted },
    stopTopMm: wanted,
    stopBottomMm: wanted,
    hingeSideMm: 0,
    leanMm: 0,
  };
}

const unchanged = ({ stopTopMm, stopBottomMm }: TwistedDoor) => ({ stopTopMm, stopBottomMm, hingeSideMm: 0, leanMm: 0 });

function leave(door: TwistedDoor): TwistRemedy {
  return { id: 'leave', says: 'Leave it: so little is felt neither at the latch nor at a seal.', ...unchanged(door) };
}

function replace(door: TwistedDoor): TwistRemedy {
  return {
    id: 'replace',
    says: 'The slab itself is warped by more than a new door may be: quote a new one. What follows only hides it.',
    ...unchanged(door),
  };
}
