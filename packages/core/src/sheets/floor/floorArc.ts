import { DomainError } from '../../errors';
import { axisTilt, riseAt, toRadians } from '../../swing/axisTilt';

/** A reading along the arc of the latch corner: the gap there, or how far the floor rises from where the corner stands closed. */
export type ArcReading = { atDeg: number; gapMm: number } | { atDeg: number; floorMm: number };

/** A door over its floor; lengths in mm. */
export interface FloorArc {
  slabWidthMm: number;
  /** Gap under the latch corner, door closed. */
  closedGapMm: number;
  /** Lean of the hinge line and the height it was read over. */
  alongMm: number;
  acrossMm: number;
  leanOverMm: number;
  opensToDeg: number;
  readings: readonly ArcReading[];
  /** A rug or sill strip the door must clear, between two angles. */
  cover?: { thicknessMm: number; fromDeg: number; toDeg: number };
  /** Gap to keep everywhere. */
  wantedMm: number;
  /** Head gap as it is and the least it may become: what the door can be raised by. */
  headGapMm?: number;
  leastHeadGapMm?: number;
}

export interface FloorClearance {
  /** Every 5° and at every reading: the floor, the corner, and what is between them, mm above the floor at closed. */
  arc: { atDeg: number; floorMm: number; cornerMm: number; gapMm: number }[];
  leastGapMm: number;
  leastAtDeg: number;
  /** Where it is under the wanted gap; nothing when it clears. */
  dragsFromDeg?: number;
  dragsToDeg?: number;
  /** How much has to be won, mm. */
  shortMm: number;
  /** How far the door can be raised within the head gap, of what is short, mm. */
  raiseMm: number;
  /** What is left to take off the foot at the latch corner, mm. */
  cutMm: number;
  /** How much of what is short the lean of the hinge line makes, mm; − when the lean helps. */
  byLeanMm: number;
}

const STEP_DEG = 5;

/**
 * The gap under the latch corner all round its swing: closed gap + rise of the corner on its leaning axis − floor there.
 * Between readings the floor is taken as straight, beyond the last as level.
 *
 * @throws DomainError `floor.angles` when readings do not lie within the swing
 */
export function clearFloor(door: FloorArc): FloorClearance {
  const tilt = axisTilt({ alongMm: door.alongMm, acrossMm: door.acrossMm, overMm: door.leanOverMm });
  const rise = (deg: number) => riseAt(tilt, door.slabWidthMm, 0, toRadians(deg));
  const known = [{ atDeg: 0, floorMm: 0 }, ...door.readings.map((reading, i) => floorAt(reading, i, door, rise))]
    .filter(({ atDeg }, i, all) => all.findLastIndex((other) => other.atDeg === atDeg) === i)
    .sort((a, b) => a.atDeg - b.atDeg);
  const floor = (deg: number) => between(known, deg) + coverAt(door.cover, deg);
  const angles = [
    ...new Set([
      ...Array.from({ length: Math.floor(door.opensToDeg / STEP_DEG) + 1 }, (_, i) => i * STEP_DEG),
      door.opensToDeg,
      ...known.map(({ atDeg }) => atDeg),
      ...(door.cover ? [door.cover.fromDeg, door.cover.toDeg] : []),
    ]),
  ]
    .filter((deg) => deg >= 0 && deg <= door.opensToDeg)
    .sort((a, b) => a - b);
  const arc = angles.map((atDeg) => {
    const cornerMm = door.closedGapMm + rise(atDeg);
    const floorMm = floor(atDeg);
    return { atDeg, floorMm, cornerMm, gapMm: cornerMm - floorMm };
  });
  const least = arc.reduce((tightest, each) => (each.gapMm < tightest.gapMm ? each : tightest));
  const short = arc.filter(({ gapMm }) => gapMm < door.wantedMm);
  const shortMm = Math.max(0, door.wantedMm - least.gapMm);
  const room = door.headGapMm === undefined ? 0 : Math.max(0, door.headGapMm - (door.leastHeadGapMm ?? 0));
  const raiseMm = Math.min(shortMm, room);
  const [first] = short;
  const last = short.at(-1);
  return {
    arc,
    leastGapMm: least.gapMm,
    leastAtDeg: least.atDeg,
    ...(first && last && { dragsFromDeg: first.atDeg, dragsToDeg: last.atDeg }),
    shortMm,
    raiseMm,
    cutMm: shortMm - raiseMm,
    byLeanMm: shortMm === 0 ? 0 : -rise(least.atDeg),
  };
}

function floorAt(reading: ArcReading, i: number, door: FloorArc, rise: (deg: number) => number): { atDeg: number; floorMm: number } {
  const { atDeg } = reading;
  if (!(atDeg >= 0 && atDeg <= door.opensToDeg))
    throw new DomainError('floor.angles', `readings[${i}].atDeg`, `The angle must lie between 0° and ${door.opensToDeg}°.`);
  return { atDeg, floorMm: 'floorMm' in reading ? reading.floorMm : door.closedGapMm + rise(atDeg) - reading.gapMm };
}

function between(known: readonly { atDeg: number; floorMm: number }[], deg: number): number {
  const after = known.findIndex(({ atDeg }) => atDeg >= deg);
  const b = known[after === -1 ? known.length - 1 : after];
  const a = known[after <= 0 ? 0 : after - 1];
  if (a === undefined || b === undefined) return 0;
  if (after === -1 || a.atDeg === b.atDeg) return b.floorMm;
  return a.floorMm + ((b.floorMm - a.floorMm) * (deg - a.atDeg)) / (b.atDeg - a.atDeg);
}

function coverAt(cover: FloorArc['cover'], deg: number): number {
  return cover !== undefined && deg >= cover.fromDeg && deg <= cover.toDeg ? cover.thicknessMm : 0;
}
