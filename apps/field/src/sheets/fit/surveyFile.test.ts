import { parseLength } from '@proper-swing/core';
import { fitSlab, type MeasuredOpening, type SlabToFit } from '@proper-swing/core/sheets';
import Papa from 'papaparse';
import { lengthWords } from '../../design/lengthWords';
import { readSheet, readSheetGroups } from '../typedSheet';
import { fitSlabSheet } from './slabSheet';
import { fromLists, MORE_OF_OPENING, openingOf, readingWords, SURVEY, typedFrom, type TypedOpening } from './openingFields';
import { readSurvey, surveyCsv, surveyJson } from './surveyFile';

const OPENING: MeasuredOpening = {
  widths: [
    { at: 1895, mm: 765 },
    { at: 998, mm: 774 },
    { at: 100, mm: 772 },
    { at: 1500, mm: 768.5 },
  ],
  heights: [
    { at: 0, mm: 1995 },
    { at: 774, mm: 1989 },
  ],
  plumb: { hingeMm: 4 },
  straight: { latchMm: -2.5 },
  level: { floorMm: 2 },
  floorComesMm: 12,
  stripMm: 4,
  stopMm: 44,
};
const { bare } = lengthWords({ system: 'mm' });

describe('a survey as a file', () => {
  it.each([
    ['JSON', surveyJson],
    ['CSV', surveyCsv],
  ])('goes out and in again as %s', (_, write) => {
    expect(readSurvey(write(OPENING))).toEqual(OPENING);
  });

  it('is CSV that another program reads, a row a reading', () => {
    const { data } = Papa.parse<Record<string, string>>(surveyCsv(OPENING), { header: true });
    expect(data).toHaveLength(12);
    expect(data[3]).toEqual({ what: 'width', at_mm: '1500', mm: '768.5' });
  });

  it('stands in the fields where it is asked for, other readings among the further ones, and is the same opening again', () => {
    const typed = typedFrom(OPENING, bare);
    expect(typed).toMatchObject({ 'widths.top': '765', 'heights.middle': '', moreWidths: '1500: 768.5', straightLatch: '−2.5' });
    const read = readSheetGroups([SURVEY, MORE_OF_OPENING], typed, 'mm');
    expect(read.state === 'ready' && openingOf(read.tree as unknown as TypedOpening)).toEqual({
      ...OPENING,
      lengthsBy: 'tape',
      leansBy: 'spiritLevel',
    });
  });

  it.each([
    ['{"format":"something"}', 'no survey of an opening'],
    ['{"format":"opening-survey","version":9,"unit":"mm"}', 'version 9'],
    ['{"format":"opening-survey","version":1,"unit":"in","opening":{}}', 'in mm'],
    ['{"format":"opening-survey","version":1,"unit":"mm","opening":{"widths":[{"at":1,"mm":"x"}],"heights":[]}}', 'is no figure'],
    ['{broken', 'no JSON'],
    ['what,at_mm,mm\nwidth,1900,76x', 'Line 2: “76x” is no figure'],
    ['what,at_mm,mm\nbreadth,1900,765', 'Line 2: “breadth” is nothing'],
    ['what,at_mm,mm\nwidth,1900,765', 'no height'],
    [`what,at_mm,mm\n${Array.from({ length: 10 }, (_, i) => `width,${i},765`).join('\n')}\nheight,0,1995`, 'more than 9 widths'],
  ])('%s is refused: %s', (text, message) => {
    expect(() => readSurvey(text)).toThrow(message);
  });

  it('a reading is called by the place it was asked for at, also where another was left out', () => {
    const { withUnit } = lengthWords({ system: 'mm' });
    const called = (of: 'width' | 'height', i: number) => readingWords(OPENING, of, i, withUnit);
    expect([0, 1, 2, 3].map((i) => called('width', i))).toEqual([
      'the top width',
      'the middle width',
      'the width at the foot',
      'the width 1500 mm up',
    ]);
    expect([0, 1].map((i) => called('height', i))).toEqual(['the height at the hinge side', 'the height at the latch side']);
  });

  it('a reading at a place of one’s own is refused without its colon, at its field', () => {
    const read = readSheetGroups([SURVEY, MORE_OF_OPENING], { moreWidths: '1500 768' }, 'mm');
    expect(read).toMatchObject({ state: 'faulty', errors: { moreWidths: expect.stringContaining('1500 768') as string } });
  });

  it('what was kept as lists stands in fields of its own', () => {
    expect(fromLists({ widths: '765, 774, 772', heights: '1995', kind: 'solid' })).toMatchObject({
      'widths.top': '765',
      'widths.foot': '772',
      'heights.hinge': '1995',
      kind: 'solid',
    });
  });
});

describe('inches', () => {
  const inches = {
    'widths.top': '30 1/8',
    'heights.hinge': '78 1/2',
    slabWidthsMm: '30',
    slabHeightsMm: '78',
    thicknessMm: '1 3/8',
    plumbHinge: '-1/8',
  };
  const gaps = { 'gaps.hinge': '1/16', 'gaps.latch': '1/8', 'gaps.head': '1/8', 'gaps.foot': '1/2', paintMm: '0' };
  const asMm = (typed: Record<string, string>) =>
    Object.fromEntries(
      Object.entries(typed).map(([path, text]) => [path, String(parseLength(text, { defaultUnit: 'in', signed: true }).mm)]),
    );
  const chosen = {
    kind: 'solid',
    sides: 'line',
    aim: 'area',
    mayReblock: 'no',
    staysLevel: 'no',
    hasRecesses: 'no',
    hasLock: 'no',
    hasLabel: 'no',
  };
  const others = { lengthsBy: 'tape', leansBy: 'spiritLevel', ...chosen };

  it('ask for the same fit as the same lengths in millimetres, offsets every 4 in', () => {
    const [one, other] = [
      readSheet(fitSlabSheet, { ...inches, ...gaps, ...others }, 'in'),
      readSheet(fitSlabSheet, { ...asMm({ ...inches, ...gaps }), ...others }, 'mm'),
    ];
    if (one.state !== 'ready' || other.state !== 'ready') throw new Error('not all is typed');
    expect(one.request).toEqual({ ...other.request, offsetsApartMm: 101.6 });
    const [fit, same] = [one, other].map(({ request }) => fitSlab(request as SlabToFit));
    expect(fit?.edges).toEqual(same?.edges);
    expect(fit?.cuts[0]?.offsets[1]?.at).toBeCloseTo(101.6, 9);
  });
});
