import { choice, group, lengthMm, list, named, number, omittable } from '../../fields/field';
import { listOf, mm, oneOf, part, yesOrNo } from '../shapes';
import { sheet } from '../sheet';
import { DEMO_CATALOGUE } from './demoCatalogue';
import { FITS, matchRoller } from './matchRoller';
import { GROOVES, ROLLER_MEASURES } from './roller';

const MEASURES = {
  wheelMm: lengthMm('Diameter of the wheel', 5, 100),
  treadMm: lengthMm('Width of the wheel', 1, 40),
  axleMm: lengthMm('Diameter of the axle', 1, 20),
  lengthMm: lengthMm('Length of the housing', 10, 300),
  widthMm: lengthMm('Width of the housing', 3, 60),
  heightMm: lengthMm('Height of the housing, wheel and all', 5, 120),
  screwMm: lengthMm('From the end of the housing to the middle of its screw', 0, 200),
};
const groove = choice('Rim of the wheel', GROOVES);
const price = omittable(number('Price, in money of the place', { from: 0 }));

export const rollersSheet = sheet({
  name: 'sliding.rollers',
  title: 'Match an old roller against a catalogue',
  request: {
    measured: group(
      'The old roller, as far as it was measured',
      {
        wheelMm: omittable(MEASURES.wheelMm),
        treadMm: omittable(MEASURES.treadMm),
        axleMm: omittable(MEASURES.axleMm),
        lengthMm: omittable(MEASURES.lengthMm),
        widthMm: omittable(MEASURES.widthMm),
        heightMm: omittable(MEASURES.heightMm),
        screwMm: omittable(MEASURES.screwMm),
        groove: omittable(groove),
      },
      {},
    ),
    catalogue: list(
      'Rollers to be had',
      group('One roller', { id: named('Number', 40), title: named('Name', 80), groove, ...MEASURES, price }, {}),
      {
        least: 1,
        most: 2000,
      },
    ),
  },
  result: {
    ranked: listOf(
      part({
        id: { is: 'text' },
        title: { is: 'text' },
        fit: oneOf(FITS),
        misfit: number('Root mean square of the differences, in units of what they may be', {}),
        differs: listOf(
          part({ measure: oneOf(ROLLER_MEASURES), byMm: mm('How much larger it is'), units: number('In units of what it may differ', {}) }),
        ),
        otherGroove: yesOrNo,
        price,
      }),
    ),
    alike: listOf({ is: 'text' } as const),
    ask: omittable(
      part({ measure: oneOf(ROLLER_MEASURES), between: listOf(part({ id: { is: 'text' }, mm: mm('What it measures there') })) }),
    ),
  },
  example: { measured: { wheelMm: 32, treadMm: 7, lengthMm: 96, widthMm: 14.4, groove: 'grooved' }, catalogue: [...DEMO_CATALOGUE] },
  run: matchRoller,
});
