import { STATION_IDS } from '@proper-swing/core/sliding/geometry/stations';
import { slidingModel } from '@proper-swing/core/sliding/slidingDoors';
import { trueFigure, type TrueSliding } from './trueSliding';

/** A panel, and the state that the engine would describe it by. */
export interface DescribedDoor {
  door: TrueSliding;
  state: Readonly<Record<string, number>>;
}

/** How far the engine’s rows are from exact geometry, mm; the hook's keep is nobody's to describe. */
export function errorsOf({ door, state }: DescribedDoor): number[] {
  const model = slidingModel(door.card);
  const vector = new Float64Array(model.layout.size);
  for (const [id, mm] of Object.entries(state)) vector[model.layout.parameterAt(id)] = mm;
  return STATION_IDS.filter((id) => !id.startsWith('lock')).map((id) => {
    const { coefficients, offset } = model.row(id);
    return coefficients.reduce((sum, share, i) => sum + share * (vector[i] ?? 0), offset) - trueFigure(door, id);
  });
}

export const rmsOf = (errors: readonly number[]) => Math.sqrt(errors.reduce((sum, each) => sum + each * each, 0) / errors.length);
