import type { InstrumentId } from '../length/instruments';
import type { Moves, Share } from './moves';
import type { Names } from './names';

/** What kind of figure a station yields. Gaps can rub; leans and the bolt carry a sign. */
export type StationKind = 'gap' | 'stop' | 'opening' | 'slab' | 'lean' | 'bow' | 'bolt';

/** Somewhere a figure can be read, and the linear row that foretells it. */
export interface Station<N extends Names = Names> {
  id: N['station'];
  title: string;
  kind: StationKind;
  edge?: N['edge'];
  /** Place along the edge, 0 to 1, from the end the walk of that edge counts from. */
  f?: number;
  instrument: InstrumentId;
  /** What it takes to read, minutes (common practice, no source). */
  minutes: number;
  howTo: string;
  /** Weights of the parameters in the reading. */
  weights: Moves<N>;
  /** Fixed part of the reading, mm; none unless said. */
  offset?: Share<N['figure']>;
  /** Length a level spans here, mm; the usual span of the kind of door unless said. */
  span?: Share<N['figure']>;
}
