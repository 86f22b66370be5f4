import { memo, type ComponentType } from 'react';
import type { LengthWords } from '../../design/lengthWords';
import type { AnswerProps } from '../../sheets/AnswerLine';
import { ContinuousAnswer } from '../../sheets/continuous/ContinuousAnswer';
import { DriftAnswer } from '../../sheets/drift/DriftAnswer';
import { EdgeAnswer } from '../../sheets/edge/EdgeAnswer';
import { FloorAnswer } from '../../sheets/floor/FloorAnswer';
import { LoadAnswer } from '../../sheets/load/LoadAnswer';
import { PairAnswer } from '../../sheets/pair/PairAnswer';
import { SizeAnswer } from '../../sheets/size/SizeAnswer';
import { StrikeAnswer } from '../../sheets/strike/StrikeAnswer';
import { TwistAnswer } from '../../sheets/twist/TwistAnswer';
import type { BenchName } from '../../sheets/benchSheet';

const ANSWERS: Readonly<Record<BenchName, ComponentType<AnswerProps<never, never>>>> = {
  'latch.strike': StrikeAnswer,
  'swing.drift': DriftAnswer,
  'swing.edge': EdgeAnswer,
  'swing.floor': FloorAnswer,
  'swing.twist': TwistAnswer,
  'swing.pair': PairAnswer,
  'hinge.load': LoadAnswer,
  'hinge.size': SizeAnswer,
  'hinge.continuous': ContinuousAnswer,
};

export interface SheetAnswerProps {
  name: BenchName;
  request: object;
  result: unknown;
  words: LengthWords;
  width: number;
}

/** The answer of a sheet: what to do first, the drawing, the figures. */
export const SheetAnswer = memo(function SheetAnswer({ name, request, result, words, width }: SheetAnswerProps) {
  const Answer = ANSWERS[name];
  return <Answer result={result as never} request={request as never} words={words} width={width} />;
});
