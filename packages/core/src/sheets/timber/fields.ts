import { choice, group, lengthMm, list, number } from '../../fields/field';
import { EXPOSURES } from '../../timber/climate';
import { BUILDS } from '../../timber/slabBuilds';
import { CUTS, SPECIES_IDS } from '../../timber/species';
import { FINISHES } from '../../timber/yearOfMoisture';
import { slabWidth } from '../shapes';

/** What sheets of timber ask for alike. */
export const celsius = (says: string) => number(`${says}, °C`, { from: -30, to: 50 });
export const humidity = (says: string) => number(`${says}, %`, { from: 0, to: 98 });
export const percent = (says: string) => number(`${says}, % of the dry mass`, { from: 0, to: 40 });

export const slabOfTimber = {
  species: choice('Timber', SPECIES_IDS),
  cut: choice('Its boards are sawn', CUTS),
  build: choice('How it is made', BUILDS),
  slabWidthMm: slabWidth,
  stileMm: lengthMm('Width of a stile', 20, 400),
};
export const exposure = choice('It hangs', EXPOSURES);
export const finish = choice('It is closed', FINISHES);
export const year = list(
  'Air of each month outdoors, January first',
  group('A month', { celsius: celsius('Temperature'), humidity: humidity('Humidity') }, {}),
  {
    least: 12,
    most: 12,
  },
);
