import { DomainError, parseLength } from '@proper-swing/core';
import { readNumber } from '../design/readNumber';
import { fieldsOf, type BenchSheet, type FieldGroup, type SheetField } from './benchSheet';

/** What stands in the fields of a sheet, by path, exactly as typed. */
export type Typed = Readonly<Record<string, string>>;

export type ReadSheet =
  | { state: 'ready'; request: object }
  /** Something cannot be read, at its field. */
  | { state: 'faulty'; errors: Readonly<Record<string, string>> }
  /** Nothing is wrong, but these are still wanted. */
  | { state: 'unfinished'; missing: readonly SheetField[] };

/** What is typed into a sheet before anybody has typed. */
export function usualTyped(sheet: BenchSheet, bare: (mm: number) => string): Typed {
  return Object.fromEntries(
    fieldsOf(sheet).flatMap(({ path, kind, usual }) => {
      if (usual === undefined) return [];
      if (typeof usual === 'function') return [[path, usual()]];
      if (typeof usual === 'string') return [[path, usual]];
      if (typeof usual === 'number') return [[path, kind === 'figure' ? String(usual) : bare(usual)]];
      return [[path, usual.map(bare).join(', ')]];
    }),
  );
}

/** Fields as far as they were read, as a tree by their paths, with what is wrong or still wanted. */
export type ReadGroups = { tree: object } & ({ state: 'ready' } | Exclude<ReadSheet, { state: 'ready' }>);

/** Reads what was typed into some groups of fields; what cannot be read is named at its field. */
export function readSheetGroups(groups: readonly FieldGroup[], typed: Typed, units: 'mm' | 'in'): ReadGroups {
  const errors: Record<string, string> = {};
  const missing: SheetField[] = [];
  const tree: Tree = {};
  for (const field of fieldsOf({ groups })) {
    const { path, needs, isOptional = false } = field;
    const text = typed[path]?.trim() ?? '';
    if (needs !== undefined && (typed[needs]?.trim() ?? '') === '') continue;
    if (text === '') {
      if (!isOptional) missing.push(field);
      continue;
    }
    try {
      put(tree, path.split('.'), valueOf(field, text, units));
    } catch (error) {
      if (!(error instanceof DomainError)) throw error;
      errors[path] = error.message;
    }
  }
  if (Object.keys(errors).length > 0) return { state: 'faulty', errors, tree };
  if (missing.length > 0) return { state: 'unfinished', missing, tree };
  return { state: 'ready', tree };
}

/** Reads what was typed into the request of the engine. */
export function readSheet(sheet: BenchSheet, typed: Typed, units: 'mm' | 'in'): ReadSheet {
  const { tree, ...read } = readSheetGroups(sheet.groups, typed, units);
  return read.state === 'ready' ? { state: 'ready', request: sheet.shape(tree, units) } : read;
}

interface Tree {
  [key: string]: unknown;
}

/** Puts a value at its place in a request, making what is on the way. */
function put(tree: Tree, [key = '', ...rest]: readonly string[], value: unknown): void {
  if (rest.length === 0) {
    tree[key] = value;
    return;
  }
  tree[key] ??= {};
  put(tree[key] as Tree, rest, value);
}

function valueOf({ kind, path, signed = false, read }: SheetField, text: string, units: 'mm' | 'in'): unknown {
  switch (kind) {
    case 'length':
      return parseLength(text, { defaultUnit: units, signed, field: path }).mm;
    case 'lengths':
      return text
        .split(/[,;]/)
        .filter((part) => part.trim() !== '')
        .map((part) => parseLength(part.trim(), { defaultUnit: units, field: path }).mm);
    case 'figure':
      return figureOf(text, path);
    case 'yes':
      return text === 'yes';
    case 'choice':
      return text;
    case 'text':
    case 'words':
    case 'filled':
      return read?.(text, units);
  }
}

function figureOf(text: string, field: string): number {
  const value = readNumber(text);
  if (!Number.isFinite(value)) throw new DomainError('figure.number', field, `Cannot read “${text}” as a number.`);
  return value;
}

/** The field that an error of the engine belongs to: an entry of a list belongs to the list. */
export function fieldOfError(sheet: Pick<BenchSheet, 'fieldOf'>, field: string, request: object): string {
  return sheet.fieldOf(field, request) ?? field.replace(/\[\d+\]$/, '');
}
