import { choice, group, list, number, omittable } from '../../fields/field';
import { COAT_IDS } from '../../cure/coats';
import { planCure } from '../../cure/curePlan';
import { listOf, oneOf, part } from '../shapes';
import { sheet } from '../sheet';

const hours = (says: string) => number(`${says}, hours`, {});
const label = (says: string) => omittable(number(`${says}, hours`, { from: 0, to: 1000 }));
const ofDay = (says: string) => number(`${says}, hour of the day`, { from: 0, to: 24 });

export const cureSheet = sheet({
  name: 'cure.clock',
  title: 'What dries when, and when to come back',
  request: {
    coats: list(
      'What is put on, in order',
      group(
        'A coat',
        {
          id: choice('What', COAT_IDS),
          workableHours: label('Next coat by its label'),
          fullHours: label('Bears all by its label'),
          onHours: omittable(number('Really put on, hours from the start', { from: -1000, to: 10_000 })),
        },
        {},
      ),
      { least: 1, most: 12 },
    ),
    celsius: number('Temperature, °C', { from: -30, to: 50 }),
    humidity: number('Relative humidity, %', { from: 0, to: 100 }),
    nowHour: ofDay('Time now'),
    fromHour: ofDay('Work begins'),
    toHour: ofDay('Work ends'),
    waitsHours: number('Rather waits than comes back, hours', { from: 0, to: 12 }),
  },
  faults: ({ fromHour, toHour }) => (toHour - fromHour < 1 ? [{ field: 'toHour', message: 'must be an hour later than work begins' }] : []),
  result: {
    coats: listOf(
      part({
        id: oneOf(COAT_IDS),
        onHours: hours('Put on'),
        readyHours: hours('Ready for the next'),
        fullHours: hours('Bears all'),
        visit: number('At which visit, from 0', { whole: true }),
      }),
    ),
    visitsHours: listOf(hours('From now')),
    fullHours: hours('All of it bears all'),
    tooCold: listOf(part({ id: oneOf(COAT_IDS), leastCelsius: number('Least temperature, °C', {}) })),
  },
  example: {
    coats: [{ id: 'adhesive' }, { id: 'caulk' }, { id: 'primer' }, { id: 'paint' }],
    celsius: 14,
    humidity: 65,
    nowHour: 11,
    fromHour: 8,
    toHour: 17,
    waitsHours: 1,
  },
  run: planCure,
});
