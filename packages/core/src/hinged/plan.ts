import { placeHinges, type HingedDoor, type HingeName } from './door';
import { hingesOffLine } from './hingeLine';
import type { ActionId } from './actionIds';
import type { Candidate } from './candidates';
import { share } from './candidates';
import type { CauseId } from './causes';
import { stationOutside, unevenBy, type GapBoard } from './gapsRound';
import { stepsOf, type PlannedStep } from './planSteps';
import { EVEN_EDGES, GAUGE_TELLS_MM, PASSES_MM, type EdgeId } from './profiles';
import type { StationId } from './stations';

/** A figure before and after the plan, mm. */
export interface GapMove {
  station: StationId;
  beforeMm: number;
  afterMm: number;
}

/**
 * `measure first`: too little is known to plan. `true`: leave it alone. `cures`: ends inside the profile. `wait`: nothing is to
 * be cut or set until the door has dried. `falls short`: the best that can be done here.
 */
export type PlanOutcome = 'measure first' | 'true' | 'cures' | 'wait' | 'falls short';

/** Least minutes; what holds longest; what to do when the first did not make it true. */
export type PlanAim = 'quickest' | 'lasting' | 'if that fails';

export interface Plan {
  aim: PlanAim;
  steps: PlannedStep[];
  minutes: number;
  /** Chance that a gauge finds everything inside the limits at the first check, 0 to 1. */
  chanceTrue: number;
  /** Chance that all of it still holds in two years, 0 to 1. */
  holds: number;
  gaps: GapMove[];
  /** Figures still outside after the plan, by how much, mm. */
  outside: { station: StationId; mm: number }[];
  /** Edges whose gaps still differ by more than the profile allows, by how much, mm. */
  uneven: { edge: EdgeId; mm: number }[];
  /** Hinges left off the line of the others, mm: they bind unless eased. */
  misfit: { hinge: HingeName; mm: number }[];
}

/** A way that was tried and did not win. */
export interface LostPlan {
  says: string;
  why: string;
}

export interface Correction {
  outcome: PlanOutcome;
  cause: { id: CauseId; title: string; probability: number };
  /** One to three, the quickest first. */
  plans: Plan[];
  /** Whether setting the hinges, and what holds them, can make the door true. */
  hingesAlone: { can: boolean; chanceTrue: number };
  lost: LostPlan[];
  /** Gaps too little known to plan by, with their doubt, mm (standard deviation). */
  unknown: { station: StationId; sdMm: number }[];
  /** Actions that were not allowed here, and why. */
  ruledOut: { action: ActionId; title: string; why: string }[];
  advice: string[];
}

export interface PlanOptions {
  /** Actions the technician will not do today. */
  without?: readonly ActionId[];
  seed?: number;
  /** Doors drawn for the chance; its standard error is at most 0.5/√draws. */
  draws?: number;
}

/** A candidate as it is told: its steps, and every figure before and after it. */
export function planOf(aim: PlanAim, each: Candidate, board: GapBoard, before: Float64Array, door: HingedDoor): Plan {
  const { found } = each;
  const hinges = placeHinges(door);
  return {
    aim,
    steps: stepsOf(found, each.cures, each.sides, hinges, each.setPoints),
    minutes: each.minutes,
    chanceTrue: share(each.endsWithin(PASSES_MM)),
    holds: each.holds,
    gaps: board.stations.map((id, i) => ({ station: id, beforeMm: before[i] ?? 0, afterMm: found.gaps[i] ?? 0 })),
    outside: board.stations.flatMap((id, i) => {
      const mm = stationOutside(board, found.gaps, i, 0);
      return mm > GAUGE_TELLS_MM ? [{ station: id, mm }] : [];
    }),
    uneven: board.evenEdges.flatMap((edge, i) => {
      const mm = unevenBy(board, found.gaps, edge, 0);
      const name = EVEN_EDGES[i];
      return mm > GAUGE_TELLS_MM && name !== undefined ? [{ edge: name, mm }] : [];
    }),
    misfit: hingesOffLine(door, found.misfit),
  };
}
