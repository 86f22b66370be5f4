import type { PanelKind, SlidingDoor } from './card/panel';
import { STATIONS, type StationId } from './geometry/stations';
import { slidingModel } from './slidingDoors';
import type { Reading } from './observed';

/** A panel of a kind, of an ordinary size. */
export const panel = (kind: PanelKind = 'glass'): SlidingDoor => ({ kind, panelWidthMm: 900, panelHeightMm: 2000, frame: 'aluminium' });

/** What a sound panel would read, but for what has moved, mm. */
export function readingsOf(door: SlidingDoor, moved: Readonly<Record<string, number>> = {}, only?: readonly StationId[]): Reading[] {
  const { row, sound, layout } = slidingModel(door);
  const state = Float64Array.from(sound.mean);
  for (const [id, mm] of Object.entries(moved)) state[layout.parameterAt(id)] = (state[layout.parameterAt(id)] ?? 0) + mm;
  return STATIONS.filter(({ id }) => only?.includes(id) !== false).map(({ id, kind }): Reading => {
    const { coefficients, offset } = row(id);
    const mm = coefficients.reduce((sum, share, i) => sum + share * (state[i] ?? 0), offset);
    return kind === 'gap' && mm <= 0 ? { station: id, rubs: true } : { station: id, mm: Math.round(mm * 10) / 10 };
  });
}
