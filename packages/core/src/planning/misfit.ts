import type { DoorModel } from '../model/doorModel';
import type { PlaceLine } from '../model/tables';

/** A place that has been moved, mm. */
export interface Moved {
  place: number;
  shiftMm: number;
}

/** How far each place is off the line of all, mm, when places have moved by so many mm each; from `before`, if they were off it then. */
export function misfitAfter({ misfit }: Pick<PlaceLine, 'misfit'>, moved: readonly Moved[], before: readonly number[] = []): number[] {
  return misfit.map((_, j) => moved.reduce((sum, { place, shiftMm }) => sum + shiftMm * (misfit[place]?.[j] ?? 0), before[j] ?? 0));
}

/** By how much places are off the line beyond what each may be, mm in all. */
export const offLineBeyond = (misfit: Iterable<number>, allowedMm: number): number => {
  let sum = 0;
  for (const mm of misfit) sum += Math.max(0, Math.abs(mm) - allowedMm);
  return sum;
};

/** The places that are off the line by enough to bind, mm. */
export function placesOffLine({ places, tables }: DoorModel, misfit: readonly number[]): { place: string; mm: number }[] {
  return places.flatMap((place, i) => {
    const mm = misfit[i] ?? 0;
    return Math.abs(mm) >= tables.misfit.saidFromMm ? [{ place, mm }] : [];
  });
}
