import { CAUTIONS } from '@proper-swing/core';
import type { FootPatch, FootToPatch } from '@proper-swing/core/sheets';
import { Slip } from '../../design/Section';
import { Words } from '../../design/Words';
import { AnswerLine, Headline, type AnswerProps } from '../AnswerLine';
import { SaveDrawing } from '../SaveDrawing';
import { Sums } from '../Sums';
import { FixingNote } from './FixingNote';
import { FootDrawing } from './FootDrawing';
import { footFullSize, footPages } from './footFiles';
import { footSays } from './jambSays';
import { RebateDrawing } from './RebateDrawing';

/** The patch drawn with its points, the sums, saw settings and what holds it. */
export function FootAnswer({ result, request, words, width, chosen }: AnswerProps<FootPatch, FootToPatch>) {
  const { isAboveSoft, isTall, packMm, planeMm, windowsMm, bradsMm, brad, rebate, stockLengthMm, sums } = result;
  const { withUnit, bare } = words;
  return (
    <>
      <Headline tone={isAboveSoft ? 'ink' : 'tight'}>{footSays(result, words)}</Headline>
      {isTall && <Words tone="tight">That is no foot any more: see a whole leg.</Words>}
      <FootDrawing patch={result} foot={request} width={width} words={words} />
      <Words kind="small" tone="pencil">
        {`Dots: brads${packMm > 0 ? '; dashed: windows with their packers behind' : ''}.`}
      </Words>
      <Words kind="strong">Which end? The LONG point is OUTSIDE, at the foot. Write TOP and OUTSIDE on it before it is cut.</Words>
      <Sums sums={sums} words={words} />
      <AnswerLine label="Mitre of the saw for the foot" figure={`${request.pitchDegrees}°`} testID="mitre" />
      <AnswerLine label="Packers behind it" figure={packMm > 0 ? withUnit(packMm) : 'none'} testID="pack" />
      {planeMm > 0 && <AnswerLine label="Stock planed thinner by" figure={withUnit(planeMm)} />}
      {packMm > 0 && <AnswerLine label="Windows in the membrane, middles from the foot" figure={windowsMm.map(bare).join(', ')} />}
      <RebateDrawing patch={result} foot={request} width={width} words={words} />
      <AnswerLine
        label="1st pass, lying flat: fence to the far side of the blade · blade up"
        figure={`${bare(rebate.flat.fenceMm)} · ${withUnit(rebate.flat.bladeMm)}`}
        testID="flat-pass"
      />
      <AnswerLine
        label="2nd pass, on edge: fence to the near side of the blade · blade up"
        figure={`${bare(rebate.onEdge.fenceMm)} · ${withUnit(rebate.onEdge.bladeMm)}`}
        testID="edge-pass"
      />
      <AnswerLine label="Brads from the foot" figure={bradsMm.map(bare).join(', ')} />
      <FixingNote fixing={brad} inHandMm={request.bradMm} what="brads" words={words} />
      <AnswerLine label="Stock to cut from" figure={withUnit(stockLengthMm)} />
      <Slip label="In this order">
        <Words>Score between jamb and trim first. Out in small pieces, away from the part that bears the hinges.</Words>
        <Words>Prove packers and patch dry before any glue. Tap and pry until it is flush, then leave it to set.</Words>
        <Words testID="paint-when">
          {chosen?.['stock'] === 'wet'
            ? 'Wet stock is caulked today and painted once a meter says less than 18 %.'
            : 'Dry stock is caulked and primed today: see What dries when.'}
        </Words>
        <Words>Cut ends get preservative; where the sound leg stands on the threshold it wicks as well: undercut, silicone.</Words>
      </Slip>
      <SaveDrawing
        says="Patch at full size"
        name="foot-patch"
        id=""
        lines={() => footFullSize(result, request)}
        pages={(paper) => footPages(result, request, paper)}
      />
      <Slip label="Take care">
        <Words>{CAUTIONS.support}</Words>
        <Words>{CAUTIONS.eyes}</Words>
        <Words>{CAUTIONS.oldPaint}</Words>
      </Slip>
    </>
  );
}
