import { CAUTIONS } from '@proper-swing/core';
import { GRAVITY } from '@proper-swing/core/numbers/gravity';
import type { StrikeSplice, StrikeToSplice } from '@proper-swing/core/sheets';
import { Slip } from '../../design/Section';
import { Words } from '../../design/Words';
import { AnswerLine, Headline, type AnswerProps } from '../AnswerLine';
import { Sums } from '../Sums';
import { FixingNote } from './FixingNote';
import { spliceSays } from './jambSays';
import { UprightLeg } from './UprightLeg';

const kilos = (newtons: number) => String(Math.round(newtons / GRAVITY));

/** Where the leg is cut, the width of the new piece along it, where it is packed and screwed. */
export function SpliceAnswer({ result, request, words, width }: AnswerProps<StrikeSplice, StrikeToSplice>) {
  const {
    cutFromMm,
    cutToMm,
    widths,
    crookedMm,
    fixings,
    screw,
    eachHoldsN,
    allHoldN,
    stockLengthMm,
    reachesFloor,
    reachesHead,
    sawDepthMm,
    sums,
  } = result;
  const { bare, withUnit } = words;
  return (
    <>
      <Headline>{spliceSays(result, words)}</Headline>
      <UprightLeg
        spoken={`Leg cut from ${bare(cutFromMm)} to ${withUnit(cutToMm)}; screws at ${fixings.map(({ atMm }) => bare(atMm)).join(', ')}`}
        tallMm={request.legMm}
        piece={{ fromMm: cutFromMm, toMm: cutToMm }}
        broken={{ fromMm: request.breakFromMm, toMm: request.breakToMm }}
        widths={[bare(widths[0]?.mm ?? 0), bare(widths.at(-1)?.mm ?? 0)]}
        marks={fixings.map(({ atMm, isOldShim }) => ({ atMm, says: `${bare(atMm)}${isOldShim ? ' shim' : ''}` }))}
        width={width}
        words={words}
      />
      <Sums sums={sums} words={words} />
      {(reachesFloor || reachesHead) && (
        <Words>{`No sound wood for a joint: it goes ${reachesFloor ? 'down to the floor' : 'up into the head'}${reachesFloor && reachesHead ? ' and up into the head' : ''}.`}</Words>
      )}
      <AnswerLine label="Saw as deep as the jamb, never deeper" figure={withUnit(sawDepthMm)} testID="saw-depth" />
      {widths.map(({ at, mm, isRead }) => (
        <AnswerLine
          key={at}
          label={`Piece ${bare(at)} above the floor${isRead ? ', as read' : ', between what was read'}`}
          figure={withUnit(mm)}
        />
      ))}
      {crookedMm > 1 && (
        <Words
          tone="tight"
          testID="crooked"
        >{`The sound edge is ${withUnit(crookedMm)} off a straight line: scribe it, do not rule it.`}</Words>
      )}
      <FixingNote fixing={screw} inHandMm={request.screwMm} what="screws" words={words} />
      <AnswerLine
        label={`Each holds in the framing, all ${fixings.length} together`}
        figure={`${kilos(eachHoldsN)} · ${kilos(allHoldN)} kg`}
        tone={eachHoldsN === 0 ? 'tight' : 'ink'}
        testID="holds"
      />
      <AnswerLine label="Stock to cut from" figure={withUnit(stockLengthMm)} />
      <Slip label="In this order">
        <Words>Weatherstrip off before any width is taken, or the piece comes out too narrow.</Words>
        <Words>
          Hold the new piece up and mark its ends by it. Scribe its back; where the wall is broken away, go straight across. Rip it so that
          the cut side is hidden.
        </Words>
        <Words>
          Packers where the old shims were; a screw through the middle of each, pre-drilled. Strikes next: see Strikes and bores.
        </Words>
      </Slip>
      <Slip label="Take care">
        <Words>{CAUTIONS.cables}</Words>
        <Words>{CAUTIONS.eyes}</Words>
        <Words>{CAUTIONS.security}</Words>
      </Slip>
    </>
  );
}
