import { group, lengthMm, list, number, omittable } from '../../fields/field';
import { LARGEST_MM } from '../shapes';

export const behind = omittable(lengthMm('From the face to what lies behind and must not be hit', 5, 500));

export const packerKinds = list(
  'Packers in the van',
  group(
    'A thickness',
    { mm: lengthMm('Thickness', 0.2, 60), count: omittable(number('How many there are', { from: 0, to: 500, whole: true })) },
    {},
  ),
  { least: 1, most: 12 },
);

export const readings = (says: string, least: number) =>
  list(says, group('A reading', { at: lengthMm('Above the floor', 0, LARGEST_MM), mm: lengthMm('What was read', 0, LARGEST_MM) }, {}), {
    least,
    most: 20,
  });
