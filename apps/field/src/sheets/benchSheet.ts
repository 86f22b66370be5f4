import type { Adjustment, Door, SheetName } from '@proper-swing/contract';
import { GAUGE_TELLS_MM } from '@proper-swing/core';
import { action, type ActionId, type FindingId, type StationId } from '@proper-swing/core/doors';
import type { PanelKind } from '@proper-swing/core/sliding/card/panel';
import type { ComponentType } from 'react';
import type { LengthWords } from '../design/lengthWords';
import type { AnswerProps } from './AnswerLine';

/** One figure a sheet asks for: where it goes in the request, and what it usually is. */
export interface SheetField {
  /** Path in the request. */
  path: string;
  label: string;
  /** `text` holds places with what was read there, `words` what has no lengths in it, `filled` is filled by the sheet’s helper alone; all three are read as they say. */
  kind: 'length' | 'lengths' | 'figure' | 'choice' | 'yes' | 'text' | 'words' | 'filled';
  /** Unit of a figure that is no length. */
  unit?: string;
  options?: readonly { id: string; label: string }[];
  /** Typed beforehand: mm of lengths, else as it is typed; what is asked for when the sheet opens where it changes. */
  usual?: number | readonly number[] | string | (() => string);
  isOptional?: boolean;
  /** Whether it may carry a minus. */
  signed?: boolean;
  /** Counts only where this other field is filled. */
  needs?: string;
  hint?: string;
  /** A filled field that is emptied with the others when the figures are started over. */
  startsOver?: true;
  /** What stands in a filled field or one of words; throws a DomainError when it makes no sense. */
  read?: (text: string, units: 'mm' | 'in') => unknown;
  /** It is typed on the drawing above the form. */
  onDrawing?: true;
}

export interface FieldGroup {
  title: string;
  fields: readonly SheetField[];
}

/** Work that follows from a sheet's answer and can be logged as done. */
export interface SheetWork {
  label: string;
  work: Pick<Adjustment, 'action' | 'hinge' | 'end' | 'amount' | 'unit'>;
}

/** A line of a sheet that is ticked off when it is done. */
export interface ListedStep {
  id: string;
  /** With lengths in it where it is told by them. */
  says: string | ((words: LengthWords) => string);
  /** Done by so much, which may have come out otherwise, mm. */
  mm?: number;
  /** The work it is, or is part of: logged on the call once every line of that work is ticked. */
  work?: StepWork;
}

/** Work as a line of a list tells it. */
export type StepWork = Pick<Adjustment, 'action' | 'amount' | 'unit'> &
  Partial<Pick<Adjustment, 'planned' | 'fromMm' | 'toMm' | 'remark' | 'part'>>;

/** What of a sheet is ticked off: cuts, which stand in the field `made`, and other lines, in the field `done`. */
export interface SheetList<Result> {
  /** Whether its answer is one that can be worked to; it can unless said. */
  canBeWorked?: (result: Result) => boolean;
  /** What of its answer is still open beside its lines: cuts to be made, a choice. */
  cutsLeft?: (result: Result, typed: Readonly<Record<string, string>>) => number;
  /** The work that cuts are which were made, as they stand in their field. */
  cutWork?: (made: string, door: Door) => StepWork[];
  /** The other lines, in order; what is typed tells what was chosen from an answer. */
  steps: (result: Result, request: object, typed: Readonly<Record<string, string>>) => ListedStep[];
}

/** Sheets that are typed; the multipoint session has a page of its own. */
export type BenchName = Exclude<SheetName, 'multipoint.next' | 'multipoint.check'>;

/** What a helper of a sheet is handed. */
export interface HelperProps {
  typed: Readonly<Record<string, string>>;
  onType: (path: string, text: string) => void;
  words: LengthWords;
  /** What is wrong, by field. */
  errors: Readonly<Record<string, string>>;
  /** Room for a drawing, px. */
  width: number;
}

/** A sheet as the bench and a call show it. */
export interface BenchSheet<Result = unknown> {
  name: BenchName;
  /** Doors it is for. */
  doors: 'hinged' | 'sliding' | 'every';
  /** Of sliding ones the kinds it is for; all unless said. */
  panels?: readonly PanelKind[];
  title: string;
  about: string;
  groups: readonly FieldGroup[];
  /** Common practice or source the sheet goes by, said under it in the person's units. */
  basis: string | ((words: LengthWords) => string);
  /** Work that it reckons. */
  serves: readonly ActionId[];
  /** In a call, fields that follow from what was read, and those for which the engine's estimate serves where nothing was. */
  stations: Readonly<Record<string, StationId>>;
  estimated: readonly string[];
  /** In a call, fields that follow from the answer to a check. */
  checks: Readonly<Record<string, FindingId>>;
  /** Fills fields by other means than typing; stands above them. */
  Helper?: ComponentType<HelperProps>;
  /** Draws the answer and lists its figures; its script is fetched when the sheet is first opened. */
  Answer: ComponentType<AnswerProps<Result, never>>;
  /** The answer in words, as it is kept with a call. */
  says: (result: Result, words: LengthWords) => string;
  /** What can be logged as done from an answer, in the order it is offered. */
  work: (result: Result, request: object) => SheetWork[];
  /** What is ticked off on it. */
  list?: SheetList<Result>;
  /** What else is typed by a tick: when it was made. */
  withTicks?: (typed: Readonly<Record<string, string>>, done: string) => Readonly<Record<string, string>>;
  /** When the door may be come back to, and why, soonest first: offered as bookings in a call. */
  comeBack?: (result: Result, typed: Readonly<Record<string, string>>) => { at: Date; because: string }[];
  /** What a call knows is enough for it: where it reckons the work of a plan, its answer is told beside the plan. */
  isToldBeside?: true;
  /** Where on the bench it stands, where that is not with others for its doors. */
  shelf?: 'jambs';
  /** The request from what was typed, where its fields do not stand as they are typed. */
  shape: (typed: object, units: 'mm' | 'in') => object;
  /** What was kept of it by an earlier form of the sheet, as it is typed now. */
  fromEarlier?: (typed: Readonly<Record<string, string>>) => Readonly<Record<string, string>>;
  /** The field that an error of the engine belongs to, where that is not its own path. */
  fieldOf: (field: string, request: object) => string | undefined;
}

type Optional = 'doors' | 'serves' | 'stations' | 'estimated' | 'checks' | 'work';

/** A sheet with what it leaves out filled in: nothing served, nothing known, nothing to log. */
export function benchSheet<Result>(
  own: Omit<BenchSheet<Result>, Optional | 'shape' | 'fieldOf'> &
    Partial<Pick<BenchSheet<Result>, Optional>> & {
      shape?: (typed: never, units: 'mm' | 'in') => object;
      fieldOf?: (field: string, request: never) => string | undefined;
    },
): BenchSheet {
  const made = {
    doors: 'hinged' as const,
    serves: [],
    stations: {},
    estimated: [],
    checks: {},
    work: (): SheetWork[] => [],
    shape: (typed: object) => typed,
    fieldOf: () => undefined,
    ...own,
  };
  // A sheet is handed its own result only: the register asks it by its name.
  return made as unknown as BenchSheet;
}

/** Whether an amount is worth doing: more than a gauge tells, mm. */
export const isWorth = (mm: number) => Math.abs(mm) >= GAUGE_TELLS_MM;

export const workOnce = (id: ActionId, hinge: Adjustment['hinge'], label: string): SheetWork => ({
  label,
  work: { action: id, hinge, amount: 1, unit: action(id).unit },
});

export const workInMm = (id: ActionId, hinge: Adjustment['hinge'], mm: number, label: string): SheetWork => ({
  label,
  work: { action: id, hinge, amount: Math.round(mm * 10) / 10, unit: 'mm' },
});

export const fieldsOf = ({ groups }: Pick<BenchSheet, 'groups'>): SheetField[] => groups.flatMap(({ fields }) => fields);
