import { readingSense } from '../../model/sense';
import { STATIONS } from '../geometry/stations';

/** What makes no sense of a reading of a sliding door. */
export const readingFaults = readingSense(STATIONS);
