import { memo, type ComponentType } from 'react';
import type { LengthWords } from '../../design/lengthWords';
import type { AnswerProps } from './answers/AnswerLine';
import { ContinuousAnswer } from './answers/ContinuousAnswer';
import { DriftAnswer } from './answers/DriftAnswer';
import { EdgeAnswer } from './answers/EdgeAnswer';
import { FloorAnswer } from './answers/FloorAnswer';
import { LoadAnswer } from './answers/LoadAnswer';
import { PairAnswer } from './answers/PairAnswer';
import { SizeAnswer } from './answers/SizeAnswer';
import { StrikeAnswer } from './answers/StrikeAnswer';
import { TwistAnswer } from './answers/TwistAnswer';
import type { BenchName } from './sheetFields';

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
