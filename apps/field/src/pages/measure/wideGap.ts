import type { Door } from '@proper-swing/contract';
import { station, type StationId } from '@proper-swing/core/doors';
import { modelFor } from '../../record/door';

/** A panel's gap that is to be so wide is read in coarser steps, mm. */
const WIDE_FROM_MM = 6;

/** Whether a gap is a wide one: at the foot of a door on hinges, and wherever a panel keeps well clear. */
export function isWideGap(door: Door, id: StationId): boolean {
  const { edge } = station(id);
  if (edge === undefined) return false;
  return door.kind === 'hinged' ? edge === 'foot' : (modelFor(door).profile.edges[edge]?.target ?? 0) >= WIDE_FROM_MM;
}
