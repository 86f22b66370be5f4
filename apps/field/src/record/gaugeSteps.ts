import type { Door } from '@proper-swing/contract';
import { station, type StationId } from '@proper-swing/core/doors';
import { modelFor } from './door';

/** A panel's gap that is to be so wide is read in coarser steps, mm. */
const WIDE_FROM_MM = 6;

/** Gaps in millimetres that one tap reads, in rows as they stand on the keys: by the steps of a gauge, and where gaps are wide in coarser ones. */
export const GAUGE_STEPS_MM = {
  fine: [
    [0.5, 1, 1.5, 2, 2.5],
    [3, 3.5, 4, 4.5, 5],
    [5.5, 6, 7, 8],
  ],
  wide: [
    [2, 3, 4, 5, 6],
    [7, 8, 9, 10, 12],
    [14, 16, 18, 20],
  ],
} as const satisfies Readonly<Record<string, readonly (readonly number[])[]>>;

/** Whether a gap is a wide one: at the foot of a door on hinges, and wherever a panel keeps well clear. */
export function isWideGap(door: Door, id: StationId): boolean {
  const { edge } = station(id);
  if (edge === undefined) return false;
  return door.kind === 'hinged' ? edge === 'foot' : (modelFor(door).profile.edges[edge]?.target ?? 0) >= WIDE_FROM_MM;
}

/** How far apart the keys are on which a gap in whole millimetres stands, mm: it was read no finer. Nought where it stands on none. */
export function keyStepMm(door: Door, id: StationId, mm: number): number {
  if (station(id).edge === undefined) return 0;
  const steps: number[] = GAUGE_STEPS_MM[isWideGap(door, id) ? 'wide' : 'fine'].flat();
  const at = steps.indexOf(mm);
  if (at < 0) return 0;
  return Math.max(mm - (steps[at - 1] ?? mm), (steps[at + 1] ?? mm) - mm);
}
