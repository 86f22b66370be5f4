import { CAUTIONS } from '@proper-swing/core';
import type { LegMade, LegToMake } from '@proper-swing/core/sheets';
import { Slip } from '../../design/Section';
import { Words } from '../../design/Words';
import { AnswerLine, Headline, type AnswerProps } from '../AnswerLine';
import { Sums } from '../Sums';
import { FixingNote } from './FixingNote';
import { legSays, stackWords } from './jambSays';
import { TakeAlong } from './TakeAlong';
import { UprightLeg } from './UprightLeg';

const LEANS_FROM_MM = 3;

/** Length and notch of the leg, and what packers go where so that it stands plumb. */
export function LegAnswer({ result, request, words, width }: AnswerProps<LegMade, LegToMake>) {
  const { lengthMm, notch, packers, stacks, framingLeansMm, screw, sums } = result;
  const { bare, withUnit } = words;
  return (
    <>
      <Headline>{legSays(result, words)}</Headline>
      <UprightLeg
        spoken={`Leg ${withUnit(lengthMm)} long, packers at ${packers.map(({ atMm }) => bare(atMm)).join(', ')}`}
        tallMm={lengthMm}
        piece={{ fromMm: 0, toMm: lengthMm }}
        notch={`notch ${bare(notch.upMm)} × ${bare(notch.deepMm)}`}
        marks={packers.map(({ atMm, pieces }) => ({ atMm, says: `${bare(atMm)}: ${stackWords(pieces, bare)}` }))}
        width={width}
        words={words}
      />
      <Sums sums={sums} words={words} />
      <AnswerLine
        label="Notch at the top: up · in from the wall side"
        figure={`${bare(notch.upMm)} · ${withUnit(notch.deepMm)}`}
        testID="notch"
      />
      {packers.map(({ atMm, gapMm, pieces, offMm }, i) => (
        <AnswerLine
          key={atMm}
          label={`${i + 1}. ${withUnit(atMm)} above the floor: ${withUnit(gapMm)} behind it${Math.abs(offMm) < 0.05 ? '' : `, off by ${withUnit(Math.abs(offMm))}`}`}
          figure={stackWords(pieces, bare)}
          testID={`stack-${i + 1}`}
        />
      ))}
      <TakeAlong stacks={stacks} words={words} />
      {Math.abs(framingLeansMm) >= LEANS_FROM_MM && (
        <Words>{`The framing is ${withUnit(Math.abs(framingLeansMm))} out of plumb: do not follow it, the packers take it up.`}</Words>
      )}
      <FixingNote fixing={screw} inHandMm={request.screwMm} what="screws" words={words} />
      <Slip label="Tools, in this order">
        <Words>
          Knife, flat chisel and bar, nippers over a scrap block; saw, plane; packers, level, straightedge; drill, screws; nails and punch
          last.
        </Words>
        <Words>
          Top first, then plumb to the foot. Nails stay proud until it is plumb, does not rock, is flush with the wall, and the gap is even.
        </Words>
      </Slip>
      <Slip label="Take care">
        <Words>{CAUTIONS.support}</Words>
        <Words>{CAUTIONS.cables}</Words>
        <Words>{CAUTIONS.oldPaint}</Words>
      </Slip>
    </>
  );
}
