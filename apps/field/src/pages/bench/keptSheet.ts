import type { CallRecord, Worksheet } from '@proper-swing/contract';
import type { LengthWords } from '../../design/lengthWords';
import { write } from '../../offline/write';
import { listWithUnits, placesWithUnits, withoutUnit } from '../../record/typedText';
import { entryStamp } from '../../record/writing';
import { fieldsOf, type BenchSheet, type SheetField } from '../../sheets/benchSheet';
import { linesToDo } from '../../sheets/ticks';
import type { Typed } from '../../sheets/typedSheet';
import type { SheetState } from './useSheet';

/** Keeps a sheet with its call as it stands, in place of what was kept of it before. */
export function keepSheet(
  record: CallRecord,
  sheet: BenchSheet,
  { typed, request, result }: SheetState,
  words: LengthWords,
  kept?: Worksheet,
) {
  const toDo = linesToDo(sheet, result, request ?? {}, typed);
  write('worksheets', {
    ...entryStamp(record),
    callId: record.call.id,
    sheet: sheet.name,
    figures: figuresOf(sheet, typed, words.unit),
    says: sheet.says(result, words),
    ...(toDo !== undefined && { toDo }),
    ...(kept && { supersedes: kept.id }),
  });
}

/** What was typed into a kept sheet. */
export function typedOf(sheet: Pick<BenchSheet, 'fromEarlier'>, { figures }: Worksheet, unit: string): Typed {
  const typed = Object.fromEntries(figures.map(({ field, typed: text }) => [field, withoutUnit(text, unit)]));
  return sheet.fromEarlier?.(typed) ?? typed;
}

/** Fields in which lengths stand, by how they are written with their units. */
const WITH_UNITS: Readonly<Partial<Record<SheetField['kind'], (text: string, unit: string) => string>>> = {
  length: listWithUnits,
  lengths: listWithUnits,
  text: placesWithUnits,
};

/** Each length with its unit, so that it means the same whoever opens it. */
function figuresOf(sheet: BenchSheet, typed: Typed, unit: string): Worksheet['figures'] {
  return fieldsOf(sheet).flatMap(({ path, kind }) => {
    const text = typed[path]?.trim() ?? '';
    if (text === '') return [];
    return [{ field: path, typed: WITH_UNITS[kind]?.(text, unit) ?? text }];
  });
}

/** Fields in which stands what was ticked off and when, or chosen from an answer: kept at the tap. */
export const TICKED = ['made', 'done', 'remedy', 'startsAt', 'putOn'] as const;

/** What was ticked off on a kept sheet: it stays done when the figures are filled in anew. */
export const tickedIn = ({ figures }: Worksheet): Typed =>
  Object.fromEntries(figures.flatMap(({ field, typed }) => (TICKED.some((each) => each === field) ? [[field, typed]] : [])));

/** Whether what is typed is what was kept. */
export function sameTyped(kept: Typed, typed: Typed, sheet: BenchSheet): boolean {
  return fieldsOf(sheet).every(({ path }) => (kept[path] ?? '') === (typed[path]?.trim() ?? ''));
}
