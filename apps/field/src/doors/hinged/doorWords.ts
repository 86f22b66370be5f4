import type { HingedMake } from '@proper-swing/contract';
import type { EdgeId } from '@proper-swing/core';

export const SLAB_WORDS: Readonly<Record<HingedMake['slabKind'], string>> = {
  solidTimber: 'Solid timber',
  framed: 'Framed timber',
  hollowCore: 'Hollow core',
  composite: 'Composite',
  steel: 'Steel',
  glazed: 'Glazed',
};

export const HINGE_WORDS: Readonly<Record<HingedMake['hingeKind'], string>> = {
  butt: 'butt hinges',
  ballBearing: 'ball-bearing hinges',
  cast: 'cast hinges',
  adjustable: 'adjustable hinges',
  fullHeight: 'full-height hinge points',
  faceFixed: 'face-fixed hinges',
};

export const EDGE_WORDS: Readonly<Record<EdgeId, string>> = { hinge: 'Hinge side', head: 'Head', latch: 'Latch side', foot: 'Foot' };

/** What limits go by, for a page that a customer may see: that no source was at hand is for the tables. */
export const basisWords = (source: string): string =>
  source.replace(/ \(from memory\)/, '').replace(/^Common practice, no source/, 'Common practice');
