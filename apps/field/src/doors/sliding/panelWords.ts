import type { SlidingMake } from '@proper-swing/contract';
import type { EdgeId } from '@proper-swing/core/doors';

export const PANEL_WORDS: Readonly<Record<SlidingMake['panelKind'], string>> = {
  glass: 'Glass panel on rollers',
  screen: 'Screen on spring wheels',
  pocket: 'Pocket door, hung',
  bypass: 'Bypass door, hung',
  bifold: 'Bifold, on pivots',
};

export const FRAME_WORDS: Readonly<Record<SlidingMake['frame'], string>> = { aluminium: 'aluminium', vinyl: 'vinyl', timber: 'timber' };

export const SCREW_WORDS: Readonly<Record<NonNullable<SlidingMake['screwsAt']>, string>> = {
  edges: 'in its edges',
  faces: 'in its faces',
  plugs: 'behind plugs',
  strip: 'behind the weatherstrip',
  above: 'above, at the track',
  foot: 'at the foot pivot',
};

export const PANEL_EDGE_WORDS: Readonly<Partial<Record<EdgeId, string>>> = { foot: 'Under it', jamb: 'Closing jamb', head: 'Room above' };
