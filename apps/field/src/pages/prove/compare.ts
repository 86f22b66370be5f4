import type { CallRecord, ReadingEntry, Stage } from '@proper-swing/contract';
import {
  EVEN_EDGES,
  GAUGE_TELLS_MM,
  judgeGap,
  station,
  profileOf,
  WALKING_ORDER,
  type GapVerdict,
  type StationId,
} from '@proper-swing/core';
import { readingsByStation } from '../../record/observed';

export interface ComparedGap {
  station: StationId;
  found: ReadingEntry | undefined;
  left: ReadingEntry | undefined;
  verdict: GapVerdict | undefined;
}

export interface Comparison {
  gaps: ComparedGap[];
  /** Stations not yet read as left; one that was read as found and cannot be reached now is among them. */
  missing: StationId[];
  outside: StationId[];
  /** Edges that taper more than the profile allows as left. */
  uneven: string[];
  isProven: boolean;
}

/** As found against as left, judged by the profile of the door. Proven means: all read again, all inside, none uneven. */
export function compareStages(record: CallRecord): Comparison {
  const [found, left] = (['found', 'left'] satisfies Stage[]).map((stage) => readingsByStation(record, stage)) as [
    ReadonlyMap<StationId, ReadingEntry>,
    ReadonlyMap<StationId, ReadingEntry>,
  ];
  const profile = profileOf(record.door.make);
  const gaps = WALKING_ORDER.filter((id) => found.has(id) || left.has(id)).map((id): ComparedGap => {
    const { edge } = station(id);
    const mm = millimetres(left.get(id));
    return {
      station: id,
      found: found.get(id),
      left: left.get(id),
      verdict: edge && mm !== undefined ? judgeGap(profile, edge, mm) : undefined,
    };
  });
  const missing = gaps
    .filter((gap) => gap.left === undefined || (gap.left.kind === 'unreachable' && gap.found?.kind !== 'unreachable'))
    .map((gap) => gap.station);
  const outside = gaps.filter(({ verdict }) => verdict !== undefined && verdict !== 'right').map((gap) => gap.station);
  const uneven = unevenEdges(left, profile.evenWithin);
  return { gaps, missing, outside, uneven, isProven: left.size > 0 && missing.length === 0 && outside.length === 0 && uneven.length === 0 };
}

/** A rub counts as no gap at all; what could not be reached is not known. */
function millimetres(reading: ReadingEntry | undefined): number | undefined {
  if (reading?.kind === 'rubs') return 0;
  return reading?.kind === 'figure' && reading.mm !== null ? reading.mm : undefined;
}

function unevenEdges(left: ReadonlyMap<StationId, ReadingEntry>, evenWithin: number): string[] {
  return EVEN_EDGES.filter((edge) => {
    const figures = WALKING_ORDER.filter((id) => station(id).edge === edge).flatMap((id) => millimetres(left.get(id)) ?? []);
    return figures.length > 1 && Math.max(...figures) - Math.min(...figures) > evenWithin + GAUGE_TELLS_MM;
  });
}
