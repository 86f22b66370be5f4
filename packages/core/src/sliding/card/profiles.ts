import type { ToleranceProfile } from '../../model/profile';
import type { PanelKind } from './panel';

/** The foot of the panel over what lies below it, the closing jamb, and the room above the panel. */
export const EDGES = ['foot', 'jamb', 'head'] as const;
export type EdgeId = (typeof EDGES)[number];

/**
 * The gap at the closing jamb is read with the panel held short of it, so it may be anything: only that it is even counts. Room
 * above is how far the panel can be lifted: too little binds, too much and it can be lifted out of its track.
 * Common practice, no source; a screen's 2 to 4 mm over its sill likewise.
 */
export const PROFILES: Readonly<Record<PanelKind, ToleranceProfile<EdgeId>>> = {
  glass: {
    edges: {
      foot: { min: 3, target: 6, max: 11 },
      jamb: { min: 2, target: 10, max: 40 },
      head: { min: 1.5, target: 4, max: 7, letsGoFrom: 9 },
    },
    evenWithin: 1.5,
  },
  screen: {
    edges: {
      foot: { min: 2, target: 3, max: 4.5 },
      jamb: { min: 2, target: 10, max: 40 },
      head: { min: 0.4, target: 1.5, max: 3, letsGoFrom: 4.5 },
    },
    evenWithin: 1.5,
  },
  pocket: {
    edges: { foot: { min: 3, target: 8, max: 16 }, jamb: { min: 2, target: 10, max: 40 }, head: { min: 3, target: 14, max: 28 } },
    evenWithin: 1.5,
  },
  bypass: {
    edges: { foot: { min: 3, target: 8, max: 16 }, jamb: { min: 2, target: 10, max: 40 }, head: { min: 3, target: 14, max: 28 } },
    evenWithin: 2,
  },
  bifold: {
    edges: { foot: { min: 4, target: 10, max: 20 }, jamb: { min: 2, target: 10, max: 40 }, head: { min: 2, target: 6, max: 14 } },
    evenWithin: 2,
  },
};
