import { species, SPECIES_IDS } from '@proper-swing/core/sheets';
import { choice, length, SLAB_WIDTH } from '../fieldKinds';

/** What sheets of timber ask of a slab. */
export const TIMBER_FIELDS = [
  choice(
    'build',
    'It is made of',
    { plank: 'Planks', framed: 'Frame and panels', veneered: 'Veneer on core', moulded: 'Moulded skins' },
    { usual: 'framed' },
  ),
  SLAB_WIDTH,
  length('stileMm', 'One stile, wide', { usual: 110 }),
  choice('species', 'Timber', Object.fromEntries(SPECIES_IDS.map((id) => [id, species(id).title])), { usual: 'whitePine' }),
  choice('cut', 'Rings at the end of a board', { flat: 'Lie flat', quarter: 'Stand upright', mixed: 'Both' }, { usual: 'mixed' }),
] as const;
