import type {
  HeadFit,
  HingeMarks,
  HingesToMark,
  LiningFit,
  LiningToFit,
  MeasuredOpening,
  Reblocking,
  Shortening,
} from '@proper-swing/core/sheets';
import { Slip } from '../../design/Section';
import { Words } from '../../design/Words';
import { AnswerLine, Headline, type AnswerProps } from '../AnswerLine';
import { headSays, liningSays, marksSays, reblockSays, shortenSays } from './figureSays';
import { CutCautions } from './FitNotes';
import { MarkedSlab } from './MarkedSlab';
import { OpeningDrawing } from './OpeningDrawing';
import { SaveDrawing } from '../SaveDrawing';
import { Sums } from '../Sums';
import { marksFullSize, marksPages } from './templatePages';

/** From the higher side: first cut, then the taper. */
export function HeadAnswer({ result, words, width }: AnswerProps<HeadFit>) {
  const { taper, sums, cutMm, railCutMm, deepestMm } = result;
  const [near, far] = [taper[0]?.mm ?? 0, taper.at(-1)?.mm ?? 0].map((mm) => (deepestMm === 0 ? 0 : mm / deepestMm));
  return (
    <>
      <Headline>{headSays(result, words)}</Headline>
      <Sums sums={sums} words={words} />
      <MarkedSlab
        spoken={`Slab with ${words.withUnit(deepestMm)} off its head at one side, to nothing at the other`}
        width={width}
        offHead={[near ?? 0, far ?? 0]}
        atHead={words.withUnit(deepestMm)}
      />
      <AnswerLine label="Off for the first cut" figure={words.withUnit(cutMm)} testID="first-cut" />
      {taper.map(({ at, mm }) => (
        <AnswerLine key={at} label={`Off the head ${words.withUnit(at)} from the HINGE SIDE`} figure={words.withUnit(mm)} />
      ))}
      {railCutMm !== undefined && (
        <AnswerLine label="Second leaf: rail and gap in one" figure={words.withUnit(railCutMm)} testID="rail-cut" />
      )}
      <Slip label="By hand">
        <Words>
          Wedge the slab up until it touches at the high side. The gap at the other end is what comes off where it touches, to nothing at
          that end.
        </Words>
        <Words>Then a packer as thick as the head gap sets the height for the hinges.</Words>
      </Slip>
      <CutCautions />
    </>
  );
}

/** Length and cut, where the guide is clamped, and what is left of a solid rail. */
export function ShortenAnswer({ result, words, width }: AnswerProps<Shortening>) {
  const { sums, runsOffMm, mostClearanceMm, blockLeftMm, mustReblock, guideMm, bladeMm, cutMm } = result;
  return (
    <>
      <Headline>{shortenSays(result, words)}</Headline>
      <Sums sums={sums} words={words} />
      <MarkedSlab
        spoken={`Slab with ${words.withUnit(Math.max(0, cutMm))} off its foot`}
        width={width}
        offFoot={cutMm > 0 ? 0.6 : 0}
        atFoot={cutMm > 0 ? `${words.withUnit(cutMm)} off` : 'as it is'}
      />
      <AnswerLine label="The floor runs off by" figure={words.withUnit(runsOffMm)} />
      <AnswerLine label="Room at its lowest place" figure={words.withUnit(mostClearanceMm)} />
      {guideMm !== undefined && <AnswerLine label="Straightedge clamped, from the FOOT" figure={words.withUnit(guideMm)} testID="guide" />}
      {cutMm > 0 && <AnswerLine label="Blade below the base" figure={words.withUnit(bladeMm)} />}
      {blockLeftMm !== undefined && (
        <AnswerLine
          label="Left of the solid rail"
          figure={words.withUnit(Math.max(0, blockLeftMm))}
          tone={mustReblock ? 'tight' : 'ink'}
          testID="block-left"
        />
      )}
      {mustReblock && <Words tone="tight">The cut goes through the solid rail: the plug goes back, see A hollow slab past its rail.</Words>}
      <Slip label="Before the cut">
        <Words>
          Level line across both edges, from the datum and not from a crooked foot. Score the veneer; the saw must clear the guide.
        </Words>
        <Words>Which end is the FOOT? Look at the handle. Seal the cut edge before it hangs.</Words>
      </Slip>
      <CutCautions />
    </>
  );
}

/** Which leg by how much, place by place. */
export function LiningAnswer({ result, request, words, width }: AnswerProps<LiningFit, LiningToFit>) {
  const { moves, sums, leansIfLeftMm, advice } = result;
  return (
    <>
      <Headline>{liningSays(result, words)}</Headline>
      <Sums sums={sums} words={words} />
      <OpeningDrawing opening={asOpening(request, moves)} edges={[]} width={width} words={words} />
      {moves.map(({ atMm, hingeMm, latchMm, widthMm }) => (
        <AnswerLine
          key={atMm}
          label={`${words.withUnit(atMm)} from the TOP, ${words.bare(widthMm)} wide: hinge leg · latch leg`}
          figure={`${signed(hingeMm, words.bare)} · ${signed(latchMm, words.bare)}`}
          testID={`move-${Math.round(atMm)}`}
        />
      ))}
      <Words kind="small" tone="pencil">
        + comes in, − goes out.
      </Words>
      {Math.abs(leansIfLeftMm) > 1 && (
        <Words>{`A hinge leg left ${words.withUnit(Math.abs(leansIfLeftMm))} out of plumb hangs a door that swings by itself.`}</Words>
      )}
      {advice === 'wedge' && <Words>A leg over a floor bar: cut its foot before it is wedged over.</Words>}
      <CutCautions />
    </>
  );
}

/** The lining as an opening, for its drawing. */
const asOpening = ({ legMm, slabWidthMm, hingeLeansMm, hingeBowsMm }: LiningToFit, moves: LiningFit['moves']): MeasuredOpening => ({
  widths: moves.map(({ atMm, widthMm }) => ({ at: legMm - atMm, mm: widthMm })),
  heights: [0, slabWidthMm].map((at) => ({ at, mm: legMm })),
  plumb: { hingeMm: hingeLeansMm },
  straight: { hingeMm: hingeBowsMm },
});

const signed = (mm: number, bare: (mm: number) => string) => (Math.abs(mm) < 0.05 ? '0' : `${mm > 0 ? '+' : '−'}${bare(Math.abs(mm))}`);

/** Marks on slab and frame, side by side. */
export function MarksAnswer({ result, request, words, width }: AnswerProps<HingeMarks, HingesToMark>) {
  const { marks, recessMm, mostOffMm, gapByFrameMm, sums } = result;
  return (
    <>
      <Headline>{marksSays(result, words)}</Headline>
      <Sums sums={sums} words={words} />
      <MarkedSlab
        spoken={`Slab with ${marks.length} hinges marked on its hinge edge`}
        width={width}
        marks={marks.map(({ slabTopMm }) => ({ share: slabTopMm / request.slabHeightMm, says: words.bare(slabTopMm) }))}
      />
      {marks.map(({ slabTopMm, slabFootMm, frameTopMm, frameOffMm }, i) => (
        <AnswerLine
          key={slabTopMm}
          label={`Hinge ${i + 1}: slab ${words.bare(slabTopMm)} to ${words.bare(slabFootMm)} · frame from ${words.bare(frameTopMm)}`}
          figure={frameOffMm === undefined ? words.bare(slabTopMm) : `frame ${signed(frameOffMm, words.bare)}`}
          testID={`mark-${i + 1}`}
        />
      ))}
      <AnswerLine label="Recess" figure={words.withUnit(recessMm)} />
      {gapByFrameMm !== undefined && mostOffMm >= 0.5 && (
        <Words tone="tight">{`The recesses in the frame are off by up to ${words.withUnit(mostOffMm)}: hung on them the head gap is ${words.withUnit(gapByFrameMm)}.`}</Words>
      )}
      <Slip label="Marking">
        <Words>
          Slab wedged up on a packer as thick as the head gap: mark slab and frame together, with a cross on the side the hinge goes.
        </Words>
        <Words>The leaf with more knuckles goes to the post.</Words>
      </Slip>
      <SaveDrawing
        says="Save at full size"
        name="hinge-marks"
        id=""
        lines={() => marksFullSize(result, request.slabHeightMm, request.headGapMm)}
        pages={(paper) => marksPages(result, request.slabHeightMm, paper)}
      />
    </>
  );
}

/** What is left of the rail, and the plug. */
export function ReblockAnswer({ result, words, width }: AnswerProps<Reblocking>) {
  const { leftMm, mustReblock, plugHeightMm, needsNewPlug, sums } = result;
  return (
    <>
      <Headline tone={mustReblock ? 'tight' : 'ink'}>{reblockSays(result, words)}</Headline>
      <Sums sums={sums} words={words} />
      <MarkedSlab
        spoken={`Slab cut at its foot, ${words.withUnit(leftMm)} of its rail left`}
        width={width}
        offFoot={0.6}
        atFoot={mustReblock ? 'plug back in' : 'rail holds'}
      />
      <AnswerLine label="Left of the rail" figure={words.withUnit(leftMm)} />
      <AnswerLine label="Plug in the offcut" figure={words.withUnit(plugHeightMm)} />
      {needsNewPlug && <Words>The offcut holds no plug worth having: cut one from new timber.</Words>}
      {mustReblock && (
        <Slip label="How">
          <Words>Chisel the skins off the plug, both sides; glue, slide it back between the skins, flush.</Words>
          <Words>Clamp overnight, or pin through the skins and fill the holes: either holds.</Words>
        </Slip>
      )}
      <CutCautions />
    </>
  );
}
