import { useMemo } from 'react';
import { isTexts, useKeptDraft } from '../../offline/draft';
import { usePreferences } from '../../offline/preferences';
import { useSheetAnswer } from '../../engine/useEngine';
import { fieldsOf, type BenchSheet, type SheetField } from '../../sheets/benchSheet';
import { fieldOfError, readSheet, type Typed } from '../../sheets/typedSheet';

export interface SheetState {
  typed: Typed;
  /** What stood there before anybody typed. */
  given: Typed;
  errors: Readonly<Record<string, string>>;
  /** Wrong, but of no one field. */
  fault?: string;
  missing: readonly SheetField[];
  request?: object;
  result?: unknown;
  /** The result is of what is typed now, and not of what was typed before. */
  isCurrent: boolean;
  type: (path: string, text: string) => void;
  /** Back to what stood there at first; what a helper read in stays. */
  clear: () => void;
}

/**
 * A sheet as it is being typed, with its answer. What is typed survives a reload under `draftKey`.
 *
 * @param first what stands in it before anybody typed
 */
export function useSheet(sheet: BenchSheet, first: Typed, draftKey: string): SheetState {
  const { units } = usePreferences();
  const { draft: changes, setDraft: setChanges, drop } = useKeptDraft<Typed>(draftKey, isTexts, () => ({}));
  const typed = useMemo(() => ({ ...first, ...changes }), [first, changes]);
  const read = useMemo(() => readSheet(sheet, typed, units), [sheet, typed, units]);
  const request = read.state === 'ready' ? read.request : undefined;
  const { answer, isLast } = useSheetAnswer(sheet.name, request);

  const errors: Record<string, string> = read.state === 'faulty' ? { ...read.errors } : {};
  let fault: string | undefined;
  if (request !== undefined && answer?.ok === false) {
    for (const { field, message } of answer.errors) {
      const path = fieldOfError(sheet, field, request);
      if (typed[path] === undefined) fault = message;
      else errors[path] = message.replace(field, 'This');
    }
  }
  return {
    typed,
    given: first,
    errors,
    ...(fault !== undefined && { fault }),
    missing: read.state === 'unfinished' ? read.missing : [],
    ...(request !== undefined && { request }),
    ...(request !== undefined && answer?.ok === true && { result: answer.value }),
    isCurrent: !isLast,
    type: (path, text) => setChanges((was) => ({ ...was, [path]: text })),
    clear: () => {
      const readIn = fieldsOf(sheet).flatMap(({ path, kind, startsOver }) =>
        kind === 'filled' && startsOver !== true && changes[path] ? [[path, changes[path]]] : [],
      );
      if (readIn.length === 0) drop({});
      else setChanges(Object.fromEntries(readIn) as Typed);
    },
  };
}
