import { CAUTIONS } from '@proper-swing/core';
import type { HingeLayout, HingesToLay } from '@proper-swing/core/sheets';
import { Slip } from '../../design/Section';
import { Words } from '../../design/Words';
import { AnswerLine, Headline, type AnswerProps } from '../AnswerLine';
import { SaveDrawing } from '../SaveDrawing';
import { Sums } from '../Sums';
import { recessFullSize, recessPages } from './layoutFiles';
import { hingesSays } from './layoutSays';
import { RecessDrawing } from './RecessDrawing';

/** Less off is within what a recess forgives, mm. */
const OFF_FROM_MM = 0.5;

/** Marks with how far the frame is off, the recess with its holes, the long screw, the jig. */
export function HingesAnswer({ result, request, words, width }: AnswerProps<HingeLayout, HingesToLay>) {
  const { marks, knuckleOutMm, holes, longScrew, jig, boltOffMm, sums } = result;
  const { bare, withUnit } = words;
  const signed = (mm: number) => (Math.abs(mm) < 0.05 ? '0' : `${mm > 0 ? '+' : '−'}${bare(Math.abs(mm))}`);
  const reaching = holes.filter(({ reaches }) => reaches).length;
  return (
    <>
      <Headline>{hingesSays(result, words)}</Headline>
      {marks.marks.map(({ slabTopMm, slabFootMm, frameTopMm, frameOffMm }, i) => (
        <AnswerLine
          key={slabTopMm}
          label={`Hinge ${i + 1}: slab ${bare(slabTopMm)} to ${bare(slabFootMm)} · frame from ${bare(frameTopMm)}`}
          figure={frameOffMm === undefined ? bare(slabTopMm) : `frame ${signed(frameOffMm)}`}
          tone={Math.abs(frameOffMm ?? 0) >= OFF_FROM_MM ? 'tight' : 'ink'}
          testID={`mark-${i + 1}`}
        />
      ))}
      {marks.gapByFrameMm !== undefined && marks.mostOffMm >= OFF_FROM_MM && (
        <Words
          tone="tight"
          testID="frame-off"
        >{`Frame and old slab differ by up to ${withUnit(marks.mostOffMm)}: hung by the frame’s recesses the head gap is ${withUnit(marks.gapByFrameMm)}.`}</Words>
      )}
      {boltOffMm !== undefined && (
        <AnswerLine
          label="Strike against the bolt carried over, + lower"
          figure={signed(boltOffMm)}
          tone={Math.abs(boltOffMm) >= OFF_FROM_MM ? 'tight' : 'ink'}
          testID="bolt-off"
        />
      )}
      <Sums sums={sums} words={words} />
      <RecessDrawing layout={result} width={width} words={words} />
      <AnswerLine label="Pin off the face of the slab" figure={withUnit(knuckleOutMm)} />
      <AnswerLine label="Long screw, an inch into the framing" figure={withUnit(longScrew.lengthMm)} testID="long-screw" />
      {request.framingFromMm !== undefined && (
        <Words tone={reaching === 0 ? 'tight' : 'ink'}>
          {reaching === 0
            ? 'No hole of this hinge lies over the framing: a long screw beside the leaf, or another hinge.'
            : `${reaching} of ${holes.length} holes lie over the framing: the filled ones.`}
        </Words>
      )}
      {jig && <AnswerLine label="Opening of the jig, long × wide" figure={`${bare(jig.longMm)} × ${withUnit(jig.wideMm)}`} testID="jig" />}
      <Slip label="In this order">
        <Words>
          Old slab on the new one, TOP to TOP and hinge edge to hinge edge: square the lines over. A cross on the side the hinge goes: the
          wrong side of the line is the classic mistake.
        </Words>
        <Words>Paint recesses, top and foot and fill the old holes before it hangs: bare end grain swells in a wet week.</Words>
        <Words>On blocks, one screw a hinge first. Try it, then the others.</Words>
      </Slip>
      <SaveDrawing
        says="Recess at full size"
        name="hinge-recess"
        id=""
        lines={() => recessFullSize(result)}
        pages={(paper) => recessPages(result, paper)}
      />
      <Slip label="Take care">
        <Words>{CAUTIONS.support}</Words>
        <Words>{CAUTIONS.cables}</Words>
        <Words>{CAUTIONS.eyes}</Words>
      </Slip>
    </>
  );
}
