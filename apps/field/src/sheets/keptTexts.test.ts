import { readCoats, writeCoats, type Coats } from './cure/coatText';
import { putOnNow, readPutOn, withoutCoat } from './cure/putOn';
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

  it('tells when a coat was ticked, keeps it, and forgets it when the tick is taken back', () => {
    const [first, later] = [new Date('2026-12-01T09:00:00Z'), new Date('2026-12-02T10:30:00Z')];
    const one = putOnNow('', '', 'coat-1 safe', first);
    expect([...readPutOn(one)]).toEqual([[1, first]]);
    const both = putOnNow(one, 'coat-1 safe', 'coat-1 safe coat-3', later);
    expect([...readPutOn(both)]).toEqual([
      [1, first],
      [3, later],
    ]);
    expect([...readPutOn(putOnNow(both, 'coat-1 safe coat-3', 'coat-3', later))]).toEqual([[3, later]]);
    // What was ticked beforehand went on nobody knows when.
    expect(putOnNow('', 'coat-1', 'coat-1', later)).toBe('');
  });

  it('a coat taken out of the order takes its tick with it, and those after it move up', () => {
    const at = '2026-12-01T09:00:00.000Z';
    expect(withoutCoat({ done: 'coat-1 safe coat-3', putOn: `1@${at} 3@${at}` }, 2)).toEqual({
      done: 'coat-1 safe coat-2',
      putOn: `1@${at} 2@${at}`,
    });
    expect(withoutCoat({ done: 'coat-1 coat-3', putOn: `1@${at}` }, 1)).toEqual({ done: 'coat-2', putOn: '' });
  });

  it('is refused in words where it is none of it', () => {
    expect(() => readDamages('soft cellar 0-10')).toThrow('Cannot read “soft cellar 0-10” as damage.');
    expect(() => readCoats('tar')).toThrow('There is no coat “tar”.');
    expect(() => readClimate('6/87, 7')).toThrow('Cannot read “7”');
    expect(() => readClimate('6/87, 7/80')).toThrow('Twelve months are wanted, January first: these are 2.');
  });
});
