import { DomainError } from '@proper-swing/core';
import type { MeasuredOpening } from '@proper-swing/core/sheets';
import Papa from 'papaparse';

/** An opening that was surveyed, as a file: JSON by docs/formats/opening-survey.md, lengths in mm. */
export interface SurveyFile {
  format: 'opening-survey';
  version: 1;
  unit: 'mm';
  opening: MeasuredOpening;
}

export const surveyJson = (opening: MeasuredOpening): string =>
  `${JSON.stringify({ format: 'opening-survey', version: 1, unit: 'mm', opening } satisfies SurveyFile, undefined, 2)}\n`;

/** Single figures of a survey by their names in a CSV, and where they stand in an opening. */
const FIGURES = {
  plumb_hinge: ['plumb', 'hingeMm'],
  plumb_latch: ['plumb', 'latchMm'],
  straight_hinge: ['straight', 'hingeMm'],
  straight_latch: ['straight', 'latchMm'],
  level_head: ['level', 'headMm'],
  level_floor: ['level', 'floorMm'],
} as const;

type FigureName = keyof typeof FIGURES;

/** Those that stand in no group. */
const ALONE = { floor_comes: 'floorComesMm', weather_strip: 'stripMm', stop: 'stopMm' } as const;

type AloneName = keyof typeof ALONE;

/** The same as CSV (RFC 4180): a row a reading; `at_mm` is above the floor for a width, from the hinge leg for a height, else empty. */
export function surveyCsv(opening: MeasuredOpening): string {
  const { widths, heights } = opening;
  const figureOf = (name: FigureName) => {
    const [group, field] = FIGURES[name];
    return (opening[group] as Record<string, number | undefined> | undefined)?.[field];
  };
  const rows = [
    ...widths.map(({ at, mm }) => ({ what: 'width', at_mm: String(at), mm })),
    ...heights.map(({ at, mm }) => ({ what: 'height', at_mm: String(at), mm })),
    ...(Object.keys(FIGURES) as FigureName[]).flatMap((what) => {
      const mm = figureOf(what);
      return mm === undefined ? [] : [{ what, at_mm: '', mm }];
    }),
    ...(Object.keys(ALONE) as AloneName[]).flatMap((what) => {
      const mm = opening[ALONE[what]];
      return mm === undefined ? [] : [{ what, at_mm: '', mm }];
    }),
  ];
  return Papa.unparse(rows);
}

/** More readings than this no opening has. */
const MOST_READINGS = 9;
const LONGEST = 100_000;

/**
 * A survey from a file of either form.
 *
 * @throws DomainError `survey.*`, with the line where there is one
 */
export function readSurvey(text: string): MeasuredOpening {
  if (text.length > LONGEST) throw wrong('large', 'This file is too large for a survey.');
  const opening = text.trimStart().startsWith('{') ? fromJson(text) : fromCsv(text);
  for (const [name, readings] of [
    ['width', opening.widths],
    ['height', opening.heights],
  ] as const) {
    if (readings.length === 0) throw wrong('none', `There is no ${name} in this file.`);
    if (readings.length > MOST_READINGS) throw wrong('many', `There are more than ${MOST_READINGS} ${name}s in this file.`);
  }
  return opening;
}

const wrong = (code: string, message: string) => new DomainError(`survey.${code}`, 'survey', message);

function fromJson(text: string): MeasuredOpening {
  let held: unknown;
  try {
    held = JSON.parse(text);
  } catch {
    throw wrong('json', 'This is no JSON.');
  }
  const { format, version, unit, opening } = held as Partial<Record<keyof SurveyFile, unknown>>;
  if (format !== 'opening-survey') throw wrong('format', 'This file is no survey of an opening.');
  if (version !== 1) throw wrong('version', `This survey is of version ${String(version)}; version 1 can be read.`);
  if (unit !== 'mm') throw wrong('unit', 'Lengths of a survey are in mm.');
  return checked(opening);
}

/** Only what an opening holds is taken over, and only figures. */
function checked(held: unknown): MeasuredOpening {
  const { widths, heights, plumb, straight, level, lengthsBy, leansBy } = (held ?? {}) as Record<string, unknown>;
  const figure = (value: unknown, what: string): number => {
    if (typeof value !== 'number' || !Number.isFinite(value)) throw wrong('figure', `${what} is no figure.`);
    return value;
  };
  const readings = (list: unknown, what: string) => {
    if (!Array.isArray(list)) throw wrong('none', `There is no ${what} in this file.`);
    return list.map((each: unknown, i) => {
      const { at, mm } = (each ?? {}) as Record<string, unknown>;
      return { at: figure(at, `Place of ${what} ${i + 1}`), mm: figure(mm, `${what} ${i + 1}`) };
    });
  };
  const part = (group: unknown, fields: readonly string[]) =>
    Object.fromEntries(
      fields.flatMap((field) => {
        const value = (group as Record<string, unknown> | undefined)?.[field];
        return value === undefined || value === null ? [] : [[field, figure(value, field)]];
      }),
    );
  return {
    widths: readings(widths, 'width'),
    heights: readings(heights, 'height'),
    plumb: part(plumb, ['hingeMm', 'latchMm']),
    straight: part(straight, ['hingeMm', 'latchMm']),
    level: part(level, ['headMm', 'floorMm']),
    ...part(held, Object.values(ALONE)),
    ...(lengthsBy === 'tape' || lengthsBy === 'rule' ? { lengthsBy } : {}),
    ...(leansBy === 'spiritLevel' || leansBy === 'digitalLevel' || leansBy === 'laser' ? { leansBy } : {}),
  };
}

function fromCsv(text: string): MeasuredOpening {
  const { data, errors } = Papa.parse<Record<string, string>>(text.replace(/^\uFEFF/, '').trim(), { header: true, skipEmptyLines: true });
  const [broken] = errors;
  if (broken && broken.type !== 'Delimiter') throw wrong('csv', `Line ${(broken.row ?? 0) + 2}: ${broken.message}.`);
  const opening = { widths: [] as { at: number; mm: number }[], heights: [] as { at: number; mm: number }[] };
  const figures: Record<string, Record<string, number>> = { plumb: {}, straight: {}, level: {} };
  const alone: Partial<Record<(typeof ALONE)[AloneName], number>> = {};
  data.forEach(({ what, at_mm, mm }, i) => {
    const line = `Line ${i + 2}`;
    const figure = (typed: string | undefined) => {
      const value = Number((typed ?? '').trim().replace(',', '.'));
      if ((typed ?? '').trim() === '' || !Number.isFinite(value)) throw wrong('figure', `${line}: “${typed ?? ''}” is no figure.`);
      return value;
    };
    if (what === 'width') opening.widths.push({ at: figure(at_mm), mm: figure(mm) });
    else if (what === 'height') opening.heights.push({ at: figure(at_mm), mm: figure(mm) });
    else if (what !== undefined && what in ALONE) alone[ALONE[what as AloneName]] = figure(mm);
    else if (what !== undefined && what in FIGURES) {
      const [group, field] = FIGURES[what as FigureName];
      (figures[group] as Record<string, number>)[field] = figure(mm);
    } else throw wrong('what', `${line}: “${what ?? ''}” is nothing that is read of an opening.`);
  });
  return { ...opening, ...figures, ...alone };
}
