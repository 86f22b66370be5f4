import type { Observations, Reading as AnyReading } from '../inference/observed';
import type { SlidingDoor } from './card/panel';
import type { SlidingNames } from './tables/slidingNames';

export type Reading = AnyReading<SlidingNames>;

/** What is known of a sliding door on site. */
export interface Observed extends Observations<SlidingNames> {
  door: SlidingDoor;
}
