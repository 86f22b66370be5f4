import { placeHinges, slenderness, type HingedDoor, type HingeName } from './door';
import { parameterIndex } from './parameters';

/**
 * What moving one hinge by 1 mm toward the latch does to the slab.
 *
 * The slab follows the straight line fitted by least squares through all hinges (f_i, s_i): the hinge edge shifts by that
 * line and turns by Δdrop = −slope / r, pivoting at the hinge edge. What a hinge is off the line is its misfit.
 */
export interface HingeLine {
  /** For each hinge, the parameter change for 1 mm there, padded to `size`. */
  moves: readonly Float64Array[];
  /** `misfit[i][j]`: mm that hinge j is off the line when hinge i alone moves 1 mm. */
  misfit: readonly (readonly number[])[];
}

/** How far each hinge is off the line of all, mm, when hinges have moved by so many mm each; from `before`, if they were off it then. */
export function misfitAfter(
  { misfit }: HingeLine,
  moved: readonly { hinge: number; shiftMm: number }[],
  before: readonly number[] = [],
): number[] {
  return misfit.map((_, j) => moved.reduce((sum, { hinge, shiftMm }) => sum + shiftMm * (misfit[hinge]?.[j] ?? 0), before[j] ?? 0));
}

const MISFIT_WORTH_SAYING_MM = 0.4;

/** The hinges that are off the line by enough to bind, mm. */
export function hingesOffLine(door: HingedDoor, misfit: readonly number[]): { hinge: HingeName; mm: number }[] {
  return placeHinges(door).flatMap(({ name }, i) => {
    const mm = misfit[i] ?? 0;
    return Math.abs(mm) >= MISFIT_WORTH_SAYING_MM ? [{ hinge: name, mm }] : [];
  });
}

export function hingeLine(door: HingedDoor, size: number): HingeLine {
  const places = placeHinges(door).map(({ f }) => f);
  const r = slenderness(door);
  const mean = places.reduce((sum, f) => sum + f, 0) / places.length;
  const scatter = places.reduce((sum, f) => sum + (f - mean) ** 2, 0);

  const lines = places.map((f) => {
    const slope = (f - mean) / scatter;
    return { slope, at: (g: number) => 1 / places.length + slope * (g - mean) };
  });
  return {
    moves: lines.map(({ slope, at }) => {
      const move = new Float64Array(size);
      move[parameterIndex('hingeGap')] = at(0.5);
      move[parameterIndex('drop')] = -slope / r;
      return move;
    }),
    misfit: lines.map(({ at }, i) => places.map((f, j) => (i === j ? 1 : 0) - at(f))),
  };
}
