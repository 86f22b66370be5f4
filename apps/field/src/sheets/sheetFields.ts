import type { SheetName } from '@proper-swing/contract';
import { HINGE_SHEETS } from './hingeFields';
import { LATCH_SHEETS } from './latchFields';
import { SWING_SHEETS } from './swingFields';

/** One figure a sheet asks for: where it goes in the request, and what it usually is. */
export interface SheetField {
  /** Path in the request. */
  path: string;
  label: string;
  kind: 'length' | 'lengths' | 'figure' | 'choice' | 'yes';
  /** Unit of a figure that is no length. */
  unit?: string;
  options?: readonly { id: string; label: string }[];
  /** Typed beforehand: mm of lengths, else as it is typed. */
  usual?: number | readonly number[] | string;
  isOptional?: boolean;
  /** Whether it may carry a minus. */
  signed?: boolean;
  /** Counts only where this other field is filled. */
  needs?: string;
  hint?: string;
}

export interface FieldGroup {
  title: string;
  fields: readonly SheetField[];
}

/** A sheet as the bench shows it. */
export interface BenchSheet {
  name: BenchName;
  title: string;
  about: string;
  groups: readonly FieldGroup[];
  /** Common practice or source the sheet goes by, said under it. */
  basis: string;
}

/** Sheets that are typed; the multipoint session has a page of its own. */
export type BenchName = Exclude<SheetName, 'multipoint.next' | 'multipoint.check'>;

/** In the order the bench shows them. */
export const BENCH_SHEETS: readonly BenchSheet[] = [...LATCH_SHEETS, ...SWING_SHEETS, ...HINGE_SHEETS];

export function benchSheet(name: string): BenchSheet | undefined {
  return BENCH_SHEETS.find((each) => each.name === name);
}

/** The name of a sheet in an address, where a dot would read as a file's ending. */
export const inAddress = (name: string) => name.replace('.', '-');

export function sheetAt(address: string): BenchSheet | undefined {
  return BENCH_SHEETS.find(({ name }) => inAddress(name) === address);
}

export const fieldsOf = ({ groups }: BenchSheet): SheetField[] => groups.flatMap(({ fields }) => fields);
