import type { DoorKindId, EdgeId } from '@proper-swing/core/doors';
import { EDGE_WORDS } from './hinged/doorWords';
import { PANEL_EDGE_WORDS } from './sliding/panelWords';

/** How an edge is called on a door of a kind. */
export const edgeWords = (kind: DoorKindId, edge: EdgeId): string =>
  (kind === 'sliding' ? PANEL_EDGE_WORDS[edge] : (EDGE_WORDS as Readonly<Partial<Record<EdgeId, string>>>)[edge]) ?? edge;
