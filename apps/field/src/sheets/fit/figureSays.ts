import type { HeadFit, HingeMarks, LiningFit, Reblocking, Shortening } from '@proper-swing/core/sheets';
import type { LengthWords } from '../../design/lengthWords';
import { LINING_WORDS } from './fitWords';

export const headSays = ({ firstCutMm, deepestMm, railCutMm }: HeadFit, { withUnit }: LengthWords) =>
  `First cut ${withUnit(firstCutMm)}; then ${withUnit(deepestMm)} off at the low side to nothing at the high side${railCutMm === undefined ? '' : `; second leaf ${withUnit(railCutMm)} off the head`}.`;

export const shortenSays = ({ lengthMm, cutMm }: Shortening, { withUnit }: LengthWords) =>
  cutMm > 0
    ? `${withUnit(cutMm)} off the foot: ${withUnit(lengthMm)} long.`
    : `It is ${withUnit(-cutMm)} short of ${withUnit(lengthMm)}: nothing to cut.`;

export const liningSays = ({ wantedMm, targetMm, advice }: LiningFit, { withUnit }: LengthWords) => {
  const width =
    targetMm < wantedMm
      ? `Bring it to ${withUnit(targetMm)}, its narrowest: ${withUnit(wantedMm - targetMm)} less than wanted, the gaps give that.`
      : `${withUnit(wantedMm)} wanted.`;
  return `${width} ${LINING_WORDS[advice]}`;
};

export const marksSays = ({ marks }: HingeMarks, { bare, unit }: LengthWords) =>
  `Tops on the slab at ${marks.map(({ slabTopMm }) => bare(slabTopMm)).join(', ')} ${unit}, on the frame at ${marks.map(({ frameTopMm }) => bare(frameTopMm)).join(', ')}.`;

export const reblockSays = ({ mustReblock, leftMm, plugWidthMm, plugThicknessMm }: Reblocking, { bare, withUnit }: LengthWords) =>
  mustReblock ? `Plug back: ${bare(plugWidthMm)} × ${withUnit(plugThicknessMm)}.` : `${withUnit(leftMm)} of the rail is left: it holds.`;
