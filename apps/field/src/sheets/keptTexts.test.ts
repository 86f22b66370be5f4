import { readCoats, writeCoats, type Coats } from './cure/coatText';
import { readDamages, writeDamages } from './damageText';
import { readClimate, writeClimate } from './timber/climateText';
import type { Damage } from '@proper-swing/core/sheets';

describe('what helpers keep in a field', () => {
  const damages: Damage[] = [
    { kind: 'soft', part: 'outer', fromMm: 0, toMm: 240.5, depthMm: 20 },
    { kind: 'kicked', part: 'inner', fromMm: 820, toMm: 1260 },
  ];
  const coats: Coats = [{ id: 'adhesive' }, { id: 'primer', workableHours: 3 }, { id: 'paint', fullHours: 120 }];
  const months = Array.from({ length: 12 }, (_, i) => ({ celsius: i - 4, humidity: 60 + i }));

  it('is read as it was written', () => {
    expect(readDamages(writeDamages(damages))).toEqual(damages);
    expect(readCoats(writeCoats(coats))).toEqual(coats);
    expect(readClimate(writeClimate(months))).toEqual(months);
    expect([readDamages(''), readCoats('')]).toEqual([[], []]);
  });

  it('is refused in words where it is none of it', () => {
    expect(() => readDamages('soft cellar 0-10')).toThrow('Cannot read “soft cellar 0-10” as damage.');
    expect(() => readCoats('tar')).toThrow('There is no coat “tar”.');
    expect(() => readClimate('6/87, 7')).toThrow('Cannot read “7”');
    expect(() => readClimate('6/87, 7/80')).toThrow('Twelve months are wanted, January first: these are 2.');
  });
});
