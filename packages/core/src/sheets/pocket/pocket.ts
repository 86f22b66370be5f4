import { DomainError } from '../../errors';
import { MM_PER_UNIT } from '../../length/length';
import { WHEEL_F } from '../../sliding/geometry/wheels';

/** A pocket opening and the slab for it; lengths in mm. */
export interface PocketOpening {
  /** Floor to the underside of the hanger bracket, hangers at mid-travel, along the whole travel and into the pocket. */
  heightsMm: readonly number[];
  /** The slab as it is, where there is one. */
  slabHeightMm?: number;
  /** Solid rail at the foot of a hollow slab, left uncut. */
  solidRailMm?: number;
  /** Room to keep over the highest point of the floor. */
  clearanceMm: number;
  /** Between trim face and pocket: trim, board, and the slat or split stud. */
  trimMm: number;
  boardMm: number;
  slatMm: number;
  /** Closing gap, where it hangs. */
  jambTopMm?: number;
  jambFootMm?: number;
  panelWidthMm: number;
  mmPerTurn: number;
  /** Both lock clips were seen home: one part under the plate, one over. */
  areClipsHome: boolean;
}

export interface PocketSheet {
  lengthMm: number;
  /** Off the slab; negative is how much it is too short. */
  cutMm?: number;
  /** Which of the heights is least, counted from 0, and how far the floor runs off against it. */
  highPoint: number;
  spreadMm: number;
  /** What is left of the solid rail after the cut. */
  railLeftMm?: number;
  /** Clearance at the lowest point of the floor. */
  mostClearanceMm: number;
  /** Longest nail or screw beside the pocket that cannot reach the slab. */
  longestFixingMm: number;
  /** Half turns at the hanger to be turned for an even closing gap, + those that raise; and the taper left. */
  turn?: { hanger: 'lead' | 'trail'; halfTurns: number; taperAfterMm: number; isInReach: boolean };
  /** Nothing is closed up before this holds. */
  mayCloseUp: boolean;
  warnings: string[];
}

/** Room under the slab: a quarter of an inch. How far hangers go each way from mid-travel: half an inch. Common practice, no source. */
export const POCKET_CLEARANCE_MM = MM_PER_UNIT.in / 4;
export const HANGER_REACH_MM = MM_PER_UNIT.in / 2;
/** A fixing ends so far before the pocket (common practice, no source). */
const FIXING_STOPS_SHORT_MM = 3;
/** A rail thinner than this no longer holds the skins (common practice, no source). */
const LEAST_RAIL_MM = 12;
const EVEN_WITHIN_MM = 1;

/**
 * Length of a pocket door: from the highest point of the floor to the underside of the bracket, less the clearance, so that the slab
 * clears everywhere along its travel.
 *
 * @throws DomainError `pocket.rail` when a rail is given without a slab to cut
 */
export function fitPocket(opening: PocketOpening): PocketSheet {
  const { heightsMm, slabHeightMm, solidRailMm, clearanceMm, trimMm, boardMm, slatMm, areClipsHome } = opening;
  if (solidRailMm !== undefined && slabHeightMm === undefined)
    throw new DomainError('pocket.rail', 'slabHeightMm', 'Say how long the slab is, to know what the cut leaves of its rail.');
  const least = Math.min(...heightsMm);
  const spreadMm = Math.max(...heightsMm) - least;
  const lengthMm = least - clearanceMm;
  const cutMm = slabHeightMm === undefined ? undefined : slabHeightMm - lengthMm;
  const railLeftMm = solidRailMm === undefined || cutMm === undefined ? undefined : solidRailMm - Math.max(0, cutMm);
  const turn = turnFor(opening, lengthMm);
  const warnings = [
    ...(heightsMm.length < 3 ? ['Read the floor at three places at least, the pocket among them: its high point decides.'] : []),
    ...(cutMm !== undefined && cutMm < -HANGER_REACH_MM ? ['The slab is too short: the hangers cannot let it down so far.'] : []),
    ...(railLeftMm !== undefined && railLeftMm < LEAST_RAIL_MM
      ? ['The cut goes through the solid rail: strip its skins, glue it back in, clamp overnight.']
      : []),
    ...(spreadMm > HANGER_REACH_MM ? ['The floor runs off by more than the hangers can follow: look at the track’s level first.'] : []),
    ...(turn?.isInReach === false ? ['The hangers cannot make it even: the track or the jamb is out.'] : []),
  ];
  return {
    lengthMm,
    ...(cutMm !== undefined && { cutMm }),
    highPoint: heightsMm.indexOf(least),
    spreadMm,
    ...(railLeftMm !== undefined && { railLeftMm }),
    mostClearanceMm: clearanceMm + spreadMm,
    longestFixingMm: Math.max(0, trimMm + boardMm + slatMm - FIXING_STOPS_SHORT_MM),
    ...(turn && { turn }),
    mayCloseUp: areClipsHome,
    warnings,
  };
}

/** The low end is raised, so that the slab comes no nearer to the floor. */
function turnFor({ jambTopMm, jambFootMm, panelWidthMm, mmPerTurn }: PocketOpening, heightMm: number): PocketSheet['turn'] {
  if (jambTopMm === undefined || jambFootMm === undefined) return undefined;
  const taper = jambTopMm - jambFootMm;
  const perMm = heightMm / (panelWidthMm * (1 - 2 * WHEEL_F));
  const riseMm = Math.abs(taper) <= EVEN_WITHIN_MM ? 0 : Math.abs(taper) / perMm;
  const halfTurns = Math.round(riseMm / (mmPerTurn / 2));
  // Wider at the top: the closing end stands high, and the other end is raised.
  const hanger = taper > 0 ? 'trail' : 'lead';
  const sign = hanger === 'lead' ? 1 : -1;
  return {
    hanger,
    halfTurns,
    taperAfterMm: taper + sign * perMm * halfTurns * (mmPerTurn / 2),
    isInReach: halfTurns * (mmPerTurn / 2) <= HANGER_REACH_MM,
  };
}
