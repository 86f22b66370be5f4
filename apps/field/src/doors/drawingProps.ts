import type { StationId } from '@proper-swing/core/doors';
import type { GapLabel } from './gapLabel';

/** What a drawing of a door of any kind is given. */
export interface DrawingProps {
  /** Whole width including the labels at its sides, px. */
  width: number;
  height: number;
  gapsMm: ReadonlyMap<StationId, number>;
  /** The door as it will be, drawn over the door as it is. */
  afterMm?: ReadonlyMap<StationId, number>;
  /** What the dashes are; the door as it is now unless said, nothing where it is told beside. */
  dashed?: string;
  labels: ReadonlyMap<StationId, GapLabel>;
  active?: StationId;
  onPick?: (id: StationId) => void;
  unit: string;
}
