import type { HingedNames } from '../hinged/tables/hingedNames';
import type { SlidingNames } from '../sliding/tables/slidingNames';

type Either<K extends keyof HingedNames> = HingedNames[K] | SlidingNames[K];

/**
 * The words of every kind of door. A name means one thing across all kinds, so that what a record, a page or a sentence names can be
 * looked up without asking which door it is of; edges alone are shared.
 */
export interface EveryName {
  parameter: Either<'parameter'>;
  figure: Either<'figure'>;
  station: Either<'station'>;
  edge: Either<'edge'>;
  place: Either<'place'>;
  cause: Either<'cause'>;
  finding: Either<'finding'>;
  action: Either<'action'>;
  side: Either<'side'>;
}

export type StationId = EveryName['station'];
export type EdgeId = EveryName['edge'];
export type PlaceId = EveryName['place'];
export type CauseId = EveryName['cause'];
export type FindingId = EveryName['finding'];
export type ActionId = EveryName['action'];
