import type { Showing } from '../../model/finding';
import type { StationId } from '../geometry/stations';
import type { TableNames } from '../geometry/tableNames';

/** From where on something is felt, heard or seen at a door, mm. Common practice, no source. */
export const TOUCHES_MM = 0.5;
export const BOLT_CATCHES_MM = 2.1;
/** Lean over the height that the pins of an ordinary door hold. */
export const PINS_HOLD_MM = 3.3;

export const HINGE_GAPS: readonly StationId[] = ['hinge.top', 'hinge.mid', 'hinge.bottom'];
export const LATCH_GAPS: readonly StationId[] = ['latch.top', 'latch.mid', 'latch.bottom', 'head.latch'];

/** Shown from a figure either way. */
export function bothWays(answer: string, at: Showing<TableNames>['at'], fromMm: number, softMm: number): Showing<TableNames>[] {
  return [
    { answer, at, border: { above: fromMm }, softMm },
    { answer, at, border: { below: -fromMm }, softMm },
  ];
}
