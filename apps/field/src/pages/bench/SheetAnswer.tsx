import { Suspense } from 'react';
import type { LengthWords } from '../../design/lengthWords';
import type { BenchSheet } from '../../sheets/benchSheet';
import type { Typed } from '../../sheets/typedSheet';

export interface SheetAnswerProps {
  sheet: BenchSheet;
  request: object;
  result: unknown;
  words: LengthWords;
  width: number;
  typed?: Typed;
  onType?: (path: string, text: string) => void;
}

/** The answer of a sheet: what to do first, the drawing, the figures. */
export function SheetAnswer({ sheet: { Answer }, request, result, words, width, typed, onType }: SheetAnswerProps) {
  return (
    <Suspense fallback={null}>
      <Answer
        result={result}
        request={request as never}
        words={words}
        width={width}
        {...(typed && { chosen: typed })}
        {...(onType && { onType })}
      />
    </Suspense>
  );
}
