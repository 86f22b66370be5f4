import { MM_PER_UNIT } from '@proper-swing/core';
import type { MeasuredOpening } from '@proper-swing/core/sheets';
import type { FieldGroup, SheetField } from '../benchSheet';
import { length } from '../fieldKinds';
import { readPlaces, type Readings } from '../placesText';
import type { Typed } from '../typedSheet';

/** Where widths are asked for, as shares of the height from the floor, and heights as shares of the width from the hinge leg. */
const WIDTH_PLACES = { top: 0.95, middle: 0.5, foot: 0.05 } as const;
const HEIGHT_PLACES = { hinge: 0, middle: 0.5, latch: 1 } as const;

type WidthPlace = keyof typeof WIDTH_PLACES;
type HeightPlace = keyof typeof HEIGHT_PLACES;

/** Further readings of one side: where, and how much. */

const drawn = (path: string, label: string, more: Partial<SheetField> = {}): SheetField =>
  length(path, label, { onDrawing: true, ...more });
const off = (path: string, label: string, hint: string) => drawn(path, label, { isOptional: true, signed: true, hint });

/** Fields that stand on the drawing of the opening: what is measured first, and what is crooked. */
export const SURVEY: FieldGroup = {
  title: 'The opening',
  fields: [
    drawn('widths.top', 'Width, top'),
    drawn('widths.middle', 'Width, middle', { isOptional: true }),
    drawn('widths.foot', 'Width, foot', { isOptional: true }),
    drawn('heights.hinge', 'Height, hinge side'),
    drawn('heights.middle', 'Height, middle', { isOptional: true }),
    drawn('heights.latch', 'Height, latch side', { isOptional: true }),
    off('plumbHinge', 'Hinge leg plumb', '+ top to the latch'),
    off('plumbLatch', 'Latch leg plumb', '+ top away from the hinges'),
    off('straightHinge', 'Hinge leg straight', '+ bellies to the latch'),
    off('straightLatch', 'Latch leg straight', '+ bellies away'),
    off('levelHead', 'Head level', '+ latch end lower'),
    off('levelFloor', 'Floor level', '+ latch end lower'),
  ],
};

/** Readings at other places, the floor, and what was measured with. */
export const MORE_OF_OPENING: FieldGroup = {
  title: 'More of the opening',
  fields: [
    {
      path: 'moreWidths',
      label: 'More widths: how high: how wide',
      kind: 'text',
      isOptional: true,
      hint: '1500: 768; 400: 770',
      read: (text, units) => readPlaces(text, units, 'moreWidths'),
    },
    {
      path: 'moreHeights',
      label: 'More heights: from the hinge leg: how high',
      kind: 'text',
      isOptional: true,
      hint: '200: 1994',
      read: (text, units) => readPlaces(text, units, 'moreHeights'),
    },
    length('floorComesMm', 'Floor still to come', { isOptional: true, hint: 'Cover, or a threshold strip that stays' }),
    length('stripMm', 'Weather strip, door shut', { isOptional: true, hint: 'Latch leg and head' }),
    length('stopMm', 'Face of the leg to its stop', { isOptional: true }),
    {
      path: 'lengthsBy',
      label: 'Lengths read with',
      kind: 'choice',
      options: [
        { id: 'tape', label: 'Tape' },
        { id: 'rule', label: 'Steel rule' },
      ],
      usual: 'tape',
    },
    {
      path: 'leansBy',
      label: 'Leans read with',
      kind: 'choice',
      options: [
        { id: 'spiritLevel', label: 'Level' },
        { id: 'digitalLevel', label: 'Digital level' },
        { id: 'laser', label: 'Laser line' },
      ],
      usual: 'spiritLevel',
    },
  ],
};

const writeMore = (readings: Readings, typed: (mm: number) => string): string =>
  readings.map(({ at, mm }) => `${typed(at)}: ${typed(mm)}`).join('; ');

export interface TypedOpening {
  widths: Partial<Record<WidthPlace, number>>;
  heights: Partial<Record<HeightPlace, number>>;
  moreWidths?: Readings;
  moreHeights?: Readings;
  plumbHinge?: number;
  plumbLatch?: number;
  straightHinge?: number;
  straightLatch?: number;
  levelHead?: number;
  levelFloor?: number;
  floorComesMm?: number;
  stripMm?: number;
  stopMm?: number;
  lengthsBy?: MeasuredOpening['lengthsBy'];
  leansBy?: MeasuredOpening['leansBy'];
}

/** Where a reading is taken that is asked for at a share of a span, mm. */
const placeIn = (spanMm: number, share: number) => Math.round(spanMm * share);

const spanOf = (asked: Partial<Record<string, number>>, more: Readings = []) =>
  Math.max(0, ...Object.values(asked).map((mm) => mm ?? 0), ...more.map(({ mm }) => mm));

/** The opening from what was typed: readings stand where they are asked for, and at places of their own. */
export function openingOf(typed: TypedOpening): MeasuredOpening {
  const { widths, heights, moreWidths, moreHeights, floorComesMm, stripMm, stopMm, lengthsBy, leansBy } = typed;
  const { plumbHinge, plumbLatch, straightHinge, straightLatch, levelHead, levelFloor } = typed;
  const [wide, tall] = [spanOf(widths, moreWidths), spanOf(heights, moreHeights)];
  const at = <P extends string>(
    asked: Partial<Record<P, number>>,
    places: Readonly<Record<P, number>>,
    spanMm: number,
    more: Readings = [],
  ) => [
    ...(Object.keys(places) as P[]).flatMap((place) => {
      const mm = asked[place];
      return mm === undefined ? [] : [{ at: placeIn(spanMm, places[place]), mm }];
    }),
    ...more,
  ];
  return {
    widths: at(widths, WIDTH_PLACES, tall, moreWidths),
    heights: at(heights, HEIGHT_PLACES, wide, moreHeights),
    plumb: { ...(plumbHinge !== undefined && { hingeMm: plumbHinge }), ...(plumbLatch !== undefined && { latchMm: plumbLatch }) },
    straight: {
      ...(straightHinge !== undefined && { hingeMm: straightHinge }),
      ...(straightLatch !== undefined && { latchMm: straightLatch }),
    },
    level: { ...(levelHead !== undefined && { headMm: levelHead }), ...(levelFloor !== undefined && { floorMm: levelFloor }) },
    ...(floorComesMm !== undefined && { floorComesMm }),
    ...(stripMm !== undefined && { stripMm }),
    ...(stopMm !== undefined && { stopMm }),
    ...(lengthsBy !== undefined && { lengthsBy }),
    ...(leansBy !== undefined && { leansBy }),
  };
}

/** Where a reading is asked for that stands at a place, if it is asked for there. */
const placeAt = <P extends string>(places: Readonly<Record<P, number>>, spanMm: number, at: number): P | undefined =>
  (Object.keys(places) as P[]).find((place) => placeIn(spanMm, places[place]) === Math.round(at));

const longestOf = (readings: MeasuredOpening['widths']) => Math.max(...readings.map(({ mm }) => mm));

/** What a reading is called: by the place it is asked for at, or by where it was taken. */
export function readingWords(
  { widths, heights }: MeasuredOpening,
  of: 'width' | 'height',
  i: number,
  withUnit: (mm: number) => string,
): string {
  const at = (of === 'width' ? widths : heights)[i]?.at ?? 0;
  if (of === 'width') {
    const place = placeAt(WIDTH_PLACES, longestOf(heights), at);
    return place === undefined ? `the width ${withUnit(at)} up` : WIDTH_WORDS[place];
  }
  const place = placeAt(HEIGHT_PLACES, longestOf(widths), at);
  return place === undefined ? `the height ${withUnit(at)} from the hinge leg` : HEIGHT_WORDS[place];
}

const WIDTH_WORDS: Readonly<Record<WidthPlace, string>> = {
  top: 'the top width',
  middle: 'the middle width',
  foot: 'the width at the foot',
};
const HEIGHT_WORDS: Readonly<Record<HeightPlace, string>> = {
  hinge: 'the height at the hinge side',
  middle: 'the height in the middle',
  latch: 'the height at the latch side',
};

/** `openingOf` the other way: a reading where it is asked for stands in its field, any other among the further ones. */
export function typedFrom(opening: MeasuredOpening, typed: (mm: number) => string): Typed {
  const { widths, heights, plumb, straight, level, floorComesMm, stripMm, stopMm, lengthsBy, leansBy } = opening;
  const [wide, tall] = [longestOf(widths), longestOf(heights)];
  const spread = (
    readings: MeasuredOpening['widths'],
    places: Readonly<Record<string, number>>,
    spanMm: number,
    path: string,
    more: string,
  ) => {
    const placeOf = (at: number) => placeAt(places, spanMm, at);
    const own = readings.flatMap(({ at, mm }): [string, string][] => {
      const place = placeOf(at);
      return place === undefined ? [] : [[`${path}.${place}`, typed(mm)]];
    });
    const others = readings.filter(({ at }) => placeOf(at) === undefined);
    return {
      ...emptied(Object.keys(places).map((place) => `${path}.${place}`)),
      ...Object.fromEntries(own),
      [more]: writeMore([...others], typed),
    };
  };
  const figure = (mm: number | undefined) => (mm === undefined ? '' : typed(mm));
  return {
    ...spread(widths, WIDTH_PLACES, tall, 'widths', 'moreWidths'),
    ...spread(heights, HEIGHT_PLACES, wide, 'heights', 'moreHeights'),
    plumbHinge: figure(plumb?.hingeMm),
    plumbLatch: figure(plumb?.latchMm),
    straightHinge: figure(straight?.hingeMm),
    straightLatch: figure(straight?.latchMm),
    levelHead: figure(level?.headMm),
    levelFloor: figure(level?.floorMm),
    floorComesMm: figure(floorComesMm),
    stripMm: figure(stripMm),
    stopMm: figure(stopMm),
    lengthsBy: lengthsBy ?? 'tape',
    leansBy: leansBy ?? 'spiritLevel',
  };
}

const emptied = (paths: readonly string[]): Typed => Object.fromEntries(paths.map((path) => [path, '']));

/** Figures kept before readings had fields of their own: `widths` held all three, from the top down. */
export function fromLists(typed: Typed): Typed {
  const parts = (path: string, places: object): Typed => {
    const text = typed[path];
    if (text === undefined) return {};
    const figures = text.split(/[,;]/).map((part) => part.trim());
    return Object.fromEntries(
      Object.keys(places).flatMap((place, i): [string, string][] => (figures[i] ? [[`${path}.${place}`, figures[i]]] : [])),
    );
  };
  return { ...typed, ...parts('widths', WIDTH_PLACES), ...parts('heights', HEIGHT_PLACES) };
}

/** An error of a reading belongs to the first field of its list. */
export function openingField(field: string): string | undefined {
  const list = /^opening\.(widths|heights)/.exec(field)?.[1];
  if (list === 'widths') return 'widths.top';
  if (list === 'heights') return 'heights.hinge';
  return undefined;
}

/** How far apart offsets are told: every 4 in where one works in inches, else as usual. */
export const offsetsIn = (units: 'mm' | 'in') => (units === 'in' ? { offsetsApartMm: 4 * MM_PER_UNIT.in } : {});
