import { HINGE_SCREWS, HINGE_SCREW_IDS, type HingeScrewId } from './adjusters';
import { turnedSoFar, type MultipointSession } from './session';

/** A screw to turn. */
export interface ScrewTurn {
  screw: HingeScrewId;
  title: string;
  /** + up, + toward the latch. */
  turns: number;
  way: string;
  /** What that moves the slab there, mm. */
  mm: number;
  /** Turns left that way afterwards. */
  leftTurns: number;
}

/** Turns left of a screw, toward + and toward −. */
export interface TurnsLeft {
  plus: number;
  minus: number;
}

/** Screws are turned and logged in quarters. */
export const QUARTER = 0.25;

export function screwTurn(screw: HingeScrewId, turns: number, mmPerTurn: number, leftThatWay: number): ScrewTurn {
  const { title, plus, minus } = HINGE_SCREWS[screw];
  return { screw, title, turns, way: turns >= 0 ? plus : minus, mm: turns * mmPerTurn, leftTurns: leftThatWay - Math.abs(turns) };
}

export function travelLeft(session: MultipointSession): Record<HingeScrewId, TurnsLeft> {
  const leftOf = (screw: HingeScrewId) => {
    const turnsEachWay = session.hinge[HINGE_SCREWS[screw].kind]?.turnsEachWay ?? 0;
    const turned = turnedSoFar(session, screw);
    return { plus: Math.max(0, turnsEachWay - turned), minus: Math.max(0, turnsEachWay + turned) };
  };
  return Object.fromEntries(HINGE_SCREW_IDS.map((screw) => [screw, leftOf(screw)])) as Record<HingeScrewId, TurnsLeft>;
}

export const roundQuarter = (turns: number) => Math.round(turns / QUARTER) * QUARTER;
export const roomFor = (turns: number, { plus, minus }: TurnsLeft) => (turns >= 0 ? plus : minus);
/** As many of the turns as there is room for. */
export const within = (turns: number, left: TurnsLeft) => Math.sign(turns) * Math.min(Math.abs(turns), roomFor(turns, left));
