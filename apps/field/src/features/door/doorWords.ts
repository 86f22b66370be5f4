import type { Door } from '@proper-swing/contract';

export const SLAB_WORDS: Readonly<Record<Door['slabKind'], string>> = {
  solidTimber: 'Solid timber',
  framed: 'Framed timber',
  hollowCore: 'Hollow core',
  composite: 'Composite',
  steel: 'Steel',
  glazed: 'Glazed',
};

export const HINGE_WORDS: Readonly<Record<Door['hingeKind'], string>> = {
  butt: 'butt hinges',
  ballBearing: 'ball-bearing hinges',
  cast: 'cast hinges',
  adjustable: 'adjustable hinges',
};
