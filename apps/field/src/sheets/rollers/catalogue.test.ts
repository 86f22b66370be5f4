import { DEMO_CATALOGUE } from '@proper-swing/core/sheets';
import { catalogueFrom, csvOf, heldCatalogue } from './catalogue';

describe('a catalogue as CSV', () => {
  it('is read in as it was written out', () => expect(catalogueFrom(csvOf(DEMO_CATALOGUE))).toEqual(DEMO_CATALOGUE));

  it('may be written by a spreadsheet: quotes, semicolons, commas for points, no price', () => {
    const [only] = catalogueFrom(
      'id;title;groove;wheelMm;treadMm;axleMm;lengthMm;widthMm;heightMm;screwMm\r\nA-1;"Small; grey";flat;25,4;6;5;50;13;22;10\r\n',
    );
    expect(only).toEqual({
      id: 'A-1',
      title: 'Small; grey',
      groove: 'flat',
      wheelMm: 25.4,
      treadMm: 6,
      axleMm: 5,
      lengthMm: 50,
      widthMm: 13,
      heightMm: 22,
      screwMm: 10,
    });
  });

  const head = 'id,title,groove,wheelMm,treadMm,axleMm,lengthMm,widthMm,heightMm,screwMm';
  it.each([
    ['a head line that lacks a column', 'id,title\nA,B', 'lacks groove'],
    ['no roller', head, 'no roller'],
    ['a figure that is none', `${head}\nA,B,flat,x,6,5,50,13,22,10`, 'Line 2, wheelMm'],
    ['an unknown rim', `${head}\nA,B,round,25,6,5,50,13,22,10`, 'Line 2, groove'],
    ['a number twice', `${head}\nA,B,flat,25,6,5,50,13,22,10\nA,C,flat,25,6,5,50,13,22,10`, 'Line 3: A stands twice'],
    ['no name', `${head}\nA,,flat,25,6,5,50,13,22,10`, 'lacks its number or name'],
  ])('with %s is refused, and the place named', (_, csv, message) => expect(() => catalogueFrom(csv)).toThrow(message));

  it('is the made-up one until another was read in', () => {
    expect(heldCatalogue('')).toBe(DEMO_CATALOGUE);
    expect(heldCatalogue(JSON.stringify(DEMO_CATALOGUE.slice(0, 2)))).toHaveLength(2);
  });
});
