import type { HingedMake } from '@proper-swing/contract';

/** How a slab is made, as far as its width follows the weather. */
export const BUILT_AS: Readonly<Record<HingedMake['slabKind'], 'plank' | 'framed' | 'veneered' | 'moulded'>> = {
  solidTimber: 'plank',
  framed: 'framed',
  glazed: 'framed',
  hollowCore: 'moulded',
  composite: 'veneered',
  steel: 'veneered',
};
