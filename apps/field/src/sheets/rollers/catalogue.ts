import { DomainError } from '@proper-swing/core';
import { DEMO_CATALOGUE, GROOVES, ROLLER_MEASURES, type CatalogueRoller, type Groove } from '@proper-swing/core/sheets';
import Papa from 'papaparse';

/** Columns of a catalogue as CSV: lengths in millimetres. */
export const COLUMNS = ['id', 'title', 'groove', ...ROLLER_MEASURES, 'price'] as const;

/**
 * A catalogue from CSV with a head line; RFC 4180, comma or semicolon.
 *
 * @throws DomainError naming the line and column that make no sense
 */
export function catalogueFrom(csv: string): CatalogueRoller[] {
  const { data, meta } = Papa.parse<Record<string, string>>(csv.trim(), {
    header: true,
    skipEmptyLines: true,
    transformHeader: (each) => each.trim(),
  });
  const missing = COLUMNS.filter((each) => each !== 'price' && !(meta.fields ?? []).includes(each));
  if (missing.length > 0) throw wrong(`The head line lacks ${missing.join(', ')}.`);
  if (data.length === 0) throw wrong('There is no roller in it.');
  const seen = new Set<string>();
  return data.map((row, i) => {
    const text = (column: string) => (row[column] ?? '').trim();
    const figure = (column: string) => {
      const value = Number(text(column).replace(',', '.'));
      if (text(column) === '' || !Number.isFinite(value) || value < 0)
        throw wrong(`Line ${i + 2}, ${column}: “${text(column)}” is no figure.`);
      return value;
    };
    const groove = text('groove') as Groove;
    if (text('id') === '' || text('title') === '') throw wrong(`Line ${i + 2} lacks its number or name.`);
    if (seen.has(text('id'))) throw wrong(`Line ${i + 2}: ${text('id')} stands twice.`);
    seen.add(text('id'));
    if (!GROOVES.includes(groove)) throw wrong(`Line ${i + 2}, groove: “${groove}” is none of ${GROOVES.join(', ')}.`);
    const measures = Object.fromEntries(ROLLER_MEASURES.map((each) => [each, figure(each)])) as Pick<
      CatalogueRoller,
      (typeof ROLLER_MEASURES)[number]
    >;
    return { id: text('id'), title: text('title'), groove, ...measures, ...(text('price') !== '' && { price: figure('price') }) };
  });
}

/** A catalogue as CSV. */
export const csvOf = (catalogue: readonly CatalogueRoller[]): string =>
  Papa.unparse([...catalogue], { columns: [...COLUMNS], newline: '\n' });

/** The catalogue a sheet holds, or the made-up one. */
export const heldCatalogue = (text: string): readonly CatalogueRoller[] =>
  text === '' ? DEMO_CATALOGUE : (JSON.parse(text) as CatalogueRoller[]);

const wrong = (message: string) => new DomainError('catalogue', 'catalogue', message);
