import type { Station } from './station';

/** What is wrong, and with which field. */
export interface Fault {
  field: string;
  message: string;
}

/** A reading as it is written down: a figure, or that it rubs. */
export interface WrittenReading {
  station: string;
  rubs: boolean;
  mm?: number | null | undefined;
}

/** What makes no sense of a reading at one of these stations, wherever it is written: in the record or to the engine. */
export function readingSense(stations: readonly Pick<Station, 'id' | 'kind'>[]): (reading: WrittenReading) => Fault[] {
  const kindAt = new Map(stations.map(({ id, kind }) => [id, kind]));
  return ({ station, rubs, mm }) => {
    const kind = kindAt.get(station);
    if (rubs && kind !== 'gap') return [{ field: 'rubs', message: 'only a gap can rub' }];
    const isBetween = kind === 'gap' || kind === 'stop';
    return isBetween && (mm ?? 0) < 0 ? [{ field: 'mm', message: 'a gap cannot be negative; say rubs' }] : [];
  };
}
