import { array, object, string } from 'yup';
import type { KindNames } from './kindNames';
import { mm } from './shapes';

/** What a setting leaves: edges that taper too far, places off the line of the others. */
export const leftOver = ({ edges, places, placeKey, placeWord }: Pick<KindNames, 'edges' | 'places' | 'placeKey' | 'placeWord'>) => ({
  uneven: array(
    object({ edge: string().oneOf(edges).required(), mm: mm('How much more the edge tapers than allowed').required() })
      .noUnknown()
      .required(),
  ).required(),
  misfit: array(
    object({ [placeKey]: string().oneOf(places).required(), mm: mm(`How far the ${placeWord} is off the line of the others`).required() })
      .noUnknown()
      .required(),
  ).required(),
});
