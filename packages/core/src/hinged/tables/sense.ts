import { readingSense } from '../../model/sense';
import { STATIONS } from '../geometry/stations';

export type { Fault } from '../../model/sense';

/** What makes no sense of a reading of a hinged door. */
export const readingFaults = readingSense(STATIONS);
