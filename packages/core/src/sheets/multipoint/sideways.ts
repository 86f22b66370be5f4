import { placeHinges } from '../../hinged/card/door';
import { station } from '../../hinged/geometry/stations';
import type { MultipointSession } from './session';

/** Where the locking gap is read, as shares of the height. */
const TOP = station('latch.top').f ?? 0;
const BOTTOM = station('latch.bottom').f ?? 1;

/** A rigid slab between its top and bottom hinge: how the stations follow the hinges. */
export interface SideLever {
  /** Share of each end hinge's move that shows at each station. */
  shares: Record<'top' | 'bottom', { top: number; bottom: number }>;
  /** Move of the middle hinge that follows from the other two. */
  middle: { top: number; bottom: number };
  /** Moves at the hinges that close the gap by so much at top and foot. */
  forClosing: (topMm: number, bottomMm: number) => { top: number; bottom: number };
  /** How far the latch edge drops for moves at the two hinges, mm. */
  drop: (topMm: number, bottomMm: number) => number;
}

export function sideLever({ door }: Pick<MultipointSession, 'door'>): SideLever {
  const places = placeHinges({ ...door, hingeKind: 'adjustable', slabKind: 'composite', fireRated: false, profile: 'compositeMultipoint' });
  const top = places[0]?.f ?? 0;
  const bottom = places.at(-1)?.f ?? 1;
  const span = bottom - top;
  const middleAt = places.length > 2 ? (places[1]?.f ?? 0.5) : (top + bottom) / 2;
  const shareOfBottom = (f: number) => (f - top) / span;
  const at = (f: number) => ({ top: 1 - shareOfBottom(f), bottom: shareOfBottom(f) });
  const slenderness = door.slabHeightMm / door.slabWidthMm;
  return {
    shares: { top: at(TOP), bottom: at(BOTTOM) },
    middle: at(middleAt),
    forClosing: (topMm, bottomMm) => {
      const slope = (bottomMm - topMm) / (BOTTOM - TOP);
      const move = (f: number) => topMm + slope * (f - TOP);
      return { top: move(top), bottom: move(bottom) };
    },
    drop: (topMm, bottomMm) => (topMm - bottomMm) / span / slenderness,
  };
}
