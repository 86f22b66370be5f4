import { DomainError } from '../errors';
import { instrumentSd } from '../length/instruments';
import type { DoorModel } from '../model/doorModel';
import type { Gaussian, LinearRow } from '../numbers/gaussian';
import type { Reading } from './observed';

/** A reading made ready for the posterior. */
export interface LinearReading {
  station: string;
  row: LinearRow;
  /** Absent for a rub. */
  mm?: number;
  /** mm² */
  variance: number;
  /** Taken again and found so. */
  isSure: boolean;
}

/**
 * Turns readings into linear rows over the state, figures first and rubs last, since a rub is taken in by approximation and is
 * best judged when all else is known. In one order, whatever order they were taken in, so that the same readings always give
 * the same answer.
 *
 * @throws DomainError `reading.rub` when something that is not a gap is said to rub; `reading.number` when not finite
 */
export function linearReadings(model: DoorModel, readings: readonly Reading[]): LinearReading[] {
  const made = readings.map((reading, i) => linearReading(model, reading, i));
  const order = new Map(model.tables.stations.map(({ id }, i) => [id, i]));
  const inOrder = made.sort((a, b) => (order.get(a.station) ?? 0) - (order.get(b.station) ?? 0));
  return [...inOrder.filter(({ mm }) => mm !== undefined), ...inOrder.filter(({ mm }) => mm === undefined)];
}

/** How uneven an edge may be where a reading that fits no others was taken again and found so, mm. */
const ODDLY_UNEVEN_MM = 1;

/** A reading taken again and found so is the edge itself: the state may be that uneven there. Changes the state. */
export function allowUnevenness({ layout }: DoorModel, state: Gaussian, { station, isSure }: LinearReading): void {
  const at = layout.unevennessAt(station);
  if (!isSure || at === undefined) return;
  const size = state.mean.length;
  state.cov[at * size + at] = (state.cov[at * size + at] ?? 0) + ODDLY_UNEVEN_MM ** 2;
}

function linearReading(model: DoorModel, reading: Reading, i: number): LinearReading {
  const { kind } = model.station(reading.station);
  const { station: at, again } = reading;
  const cutOff = { station: at, row: model.row(at), variance: readingVariance(model, reading), isSure: again === true };
  if ('rubs' in reading) {
    if (kind !== 'gap') throw new DomainError('reading.rub', `readings[${i}].rubs`, 'Only a gap can rub.');
    return cutOff;
  }
  if (!Number.isFinite(reading.mm)) throw new DomainError('reading.number', `readings[${i}].mm`, 'A reading must be a finite number.');
  // A slab that lies on its stop shows nothing of how hard it is pressed there: no gap is a cut-off, as a rub is.
  if (kind === 'stop' && reading.mm <= 0) return cutOff;
  return { ...cutOff, mm: reading.mm };
}

/**
 * Variance of a reading, mm²: its instrument's, that of the step it was read to, and where the state does not hold the unevenness
 * of what is read, that too.
 */
export function readingVariance(model: DoorModel, reading: Pick<Reading, 'station' | 'instrument'> & { stepMm?: number }): number {
  const { instrument, kind } = model.station(reading.station);
  const sd = instrumentSd(reading.instrument ?? instrument, model.span(reading.station));
  const meetsUnevenness = kind === 'opening' || kind === 'lean' || kind === 'bow';
  const uneven = meetsUnevenness ? model.tables.unevennessMm : 0;
  // Rounding to a step errs evenly within it: a twelfth of its square.
  const step = reading.stepMm ?? 0;
  return sd * sd + uneven * uneven + (step * step) / 12;
}
