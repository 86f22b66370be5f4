import type { Names } from '../model/names';
import { GAUGE_TELLS_MM } from '../model/profile';
import { stationOutside, unevenBy } from './board';
import type { Candidate, Trial } from './candidate';
import { placesOffLine } from './misfit';
import { stepsOf, type PlannedStep } from './steps';
import type { Uncertainty } from './uncertainty';
import type { Verdicts } from './verdicts';

/** A figure before and after the plan, mm. */
export interface GapMove<N extends Names = Names> {
  station: N['station'];
  beforeMm: number;
  afterMm: number;
}

/** Least minutes; what holds longest; what to do when the first did not make it true. */
export type PlanAim = 'quickest' | 'lasting' | 'if that fails';

export interface Plan<N extends Names = Names> {
  aim: PlanAim;
  steps: PlannedStep<N>[];
  minutes: number;
  /** Chance of each verdict at the first check, 0 to 1. */
  chances: Verdicts<number>;
  /** What keeps it from being sure. */
  uncertainty: Uncertainty<N>;
  /** Chance that all of it still holds in two years, 0 to 1. */
  holds: number;
  gaps: GapMove<N>[];
  /** Figures still outside after the plan, by how much, mm. */
  outside: { station: N['station']; mm: number }[];
  /** Edges whose gaps still differ by more than the profile allows, by how much, mm. */
  uneven: { edge: N['edge']; mm: number }[];
  /** Places left off the line of the others, mm: they bind unless eased. */
  misfit: { place: N['place']; mm: number }[];
}

/** A candidate as a plan: its steps, and every figure before and after it. */
export function planOf({ model, board }: Trial, aim: PlanAim, each: Candidate, before: Float64Array, uncertainty: Uncertainty): Plan {
  const { found } = each;
  return {
    aim,
    steps: stepsOf(model, each, board.stations).map((step) => watchedStep(model, board.stations, each, step)),
    minutes: each.minutes,
    chances: each.chances,
    uncertainty,
    holds: each.holds,
    gaps: board.stations.map((id, i) => ({ station: id, beforeMm: before[i] ?? 0, afterMm: stopAt(each, id) ?? found.gaps[i] ?? 0 })),
    outside: board.stations.flatMap((id, i) => {
      const mm = stationOutside(board, found.gaps, i, 0);
      return mm > GAUGE_TELLS_MM ? [{ station: id, mm }] : [];
    }),
    uneven: board.evenEdgeIds.flatMap((edge, e) => {
      const mm = unevenBy(board, found.gaps, board.evenEdges[e] ?? [], 0);
      return mm > GAUGE_TELLS_MM ? [{ edge, mm }] : [];
    }),
    misfit: placesOffLine(model, found.misfit),
  };
}

/** A setting that is done by watching a gap is told by where that gap then stands. */
function watchedStep({ action }: Trial['model'], stations: readonly string[], { found }: Candidate, step: PlannedStep): PlannedStep {
  const { effect } = action(step.action);
  const station = effect.kind === 'shift' ? effect.watched : undefined;
  const mm = station === undefined ? undefined : found.gaps[stations.indexOf(station)];
  return station === undefined || mm === undefined ? step : { ...step, until: { station, mm } };
}

/** Where work that is watched stops at this gap and nothing moves it afterwards: the figure told is the one to stop at. */
function stopAt({ setPoints, found: { settings, planed } }: Candidate, station: string): number | undefined {
  return settings.length + planed.length === 0 ? setPoints.find((point) => point.station === station)?.mm : undefined;
}
