import type { Fixing } from '@proper-swing/core/sheets';
import { Words } from '../../design/Words';
import type { LengthWords } from '../../design/lengthWords';
import { AnswerLine } from '../AnswerLine';
import { FIXING_WORDS } from './jambWords';

export interface FixingNoteProps {
  fixing: Fixing & { isLongEnough: boolean };
  inHandMm: number;
  /** `screws`, `brads`. */
  what: string;
  words: LengthWords;
}

/** What a fixing reaches, and what is wrong with the one in hand. */
export function FixingNote({ fixing, inHandMm, what, words: { withUnit } }: FixingNoteProps) {
  const { isLongEnough, mostMm, leastMm, lengthMm, state } = fixing;
  return (
    <>
      <AnswerLine
        label={`Least length of the ${what}`}
        figure={withUnit(leastMm)}
        tone={isLongEnough ? 'ink' : 'tight'}
        testID="least-fixing"
      />
      {!isLongEnough && (
        <Words tone="tight" testID="fixing-wrong">
          {mostMm !== undefined && inHandMm > mostMm
            ? `These ${what} would reach what lies behind: never longer than ${withUnit(mostMm)}. ${withUnit(lengthMm)} ${FIXING_WORDS[state]}.`
            : `These ${what} hold too little: ${withUnit(lengthMm)} ${FIXING_WORDS[state]}.`}
        </Words>
      )}
    </>
  );
}
