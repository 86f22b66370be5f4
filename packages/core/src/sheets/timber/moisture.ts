import { number, omittable } from '../../fields/field';
import { judgeMoisture, MOISTURE_STATES } from '../../timber/judgeMoisture';
import { mm, oneOf } from '../shapes';
import { sheet } from '../sheet';
import { celsius, humidity, percent, slabOfTimber } from './fields';

export const moistureSheet = sheet({
  name: 'timber.moisture',
  title: 'Moisture of timber, and how it will move',
  request: {
    celsius: celsius('Where it is, temperature'),
    humidity: humidity('Where it is, humidity'),
    meterPercent: omittable(percent('What a meter says')),
    toCelsius: celsius('Where it will hang, temperature'),
    toHumidity: humidity('Where it will hang, humidity'),
    ...slabOfTimber,
  },
  result: {
    byAirPercent: number('What the air makes of it, %', {}),
    nowPercent: number('Now, %', {}),
    thenPercent: number('Where it will hang, %', {}),
    state: oneOf(MOISTURE_STATES),
    widerMm: mm('Wider by then'),
    perPercentMm: mm('For each %'),
  },
  example: {
    celsius: 12,
    humidity: 85,
    toCelsius: 21,
    toHumidity: 45,
    species: 'whiteOak',
    cut: 'flat',
    build: 'plank',
    slabWidthMm: 762,
    stileMm: 110,
  },
  run: judgeMoisture,
});
