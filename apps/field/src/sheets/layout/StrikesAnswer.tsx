import { CAUTIONS } from '@proper-swing/core';
import type { LaidStrike, StrikeLayout, StrikesToLay } from '@proper-swing/core/sheets';
import { View } from 'react-native';
import { Slip } from '../../design/Section';
import { Words } from '../../design/Words';
import type { LengthWords } from '../../design/lengthWords';
import { AnswerLine, Headline, type AnswerProps } from '../AnswerLine';
import { SaveDrawing } from '../SaveDrawing';
import { Sums } from '../Sums';
import { strikeFullSize, strikePages } from './layoutFiles';
import { BOLT_WORDS, strikesSays } from './layoutSays';
import { StrikesDrawing } from './StrikesDrawing';

/** Both ways to a strike side by side, and what is bored and let in where they agree. */
export function StrikesAnswer({ result, words, width }: AnswerProps<StrikeLayout, StrikesToLay>) {
  const { strikes, slab, mayCut, sums } = result;
  const { bare, withUnit } = words;
  return (
    <>
      <Headline tone={mayCut ? 'ink' : 'tight'}>{strikesSays(result, words)}</Headline>
      <StrikesDrawing strikes={strikes} width={width} words={words} />
      {strikes.map((strike) => (
        <Both key={strike.bolt} strike={strike} words={words} />
      ))}
      <Sums sums={sums} words={words} />
      {mayCut &&
        strikes.map(({ bolt, plate, bore }) => (
          <AnswerLine
            key={bolt}
            label={`${BOLT_WORDS[bolt]}: plate ${bare(plate.topMm)} to ${bare(plate.footMm)} below the head, recess ${withUnit(plate.recessMm)}; bore ${bore.isThrough ? 'right through' : `${withUnit(bore.deepMm)} deep`}`}
            figure={withUnit(bore.mm)}
            testID={`bore-${bolt}`}
          />
        ))}
      {strikes
        .filter(({ plate }) => plate.nearMm < 0)
        .map(({ bolt, plate }) => (
          <Words key={`under-${bolt}`} tone="tight" testID={`under-${bolt}`}>
            {`${BOLT_WORDS[bolt]}: the plate would lie under the stop by ${withUnit(-plate.nearMm)}. A narrower plate, or the stop is cut.`}
          </Words>
        ))}
      {slab.map(({ bolt, belowTopMm, backsetMm, fromFaceMm, offMiddleMm = 0 }) => (
        <View key={`slab-${bolt}`}>
          <AnswerLine
            label={`Slab, ${BOLT_WORDS[bolt].toLowerCase()}: below its top · from its edge · in the edge from the face`}
            figure={`${bare(belowTopMm)} · ${bare(backsetMm)} · ${bare(fromFaceMm)}`}
            testID={`slab-${bolt}`}
          />
          {Math.abs(offMiddleMm) >= 1 && (
            <Words tone="tight">{`That is ${withUnit(Math.abs(offMiddleMm))} off the middle of the edge: measure the lock in hand.`}</Words>
          )}
        </View>
      ))}
      <Slip label="In this order">
        <Words>Colour on the bolt, close, open: the mark is where the bolt really meets. A cross on the side that is cut away.</Words>
        <Words>
          Bore. Trace the plate, knife it, chisel a little at a time, both hands behind the edge. A 3 in screw through each plate into the
          framing.
        </Words>
        <Words>Try both bolts before anything is filled.</Words>
      </Slip>
      {mayCut && (
        <SaveDrawing
          says="Plates at full size"
          name="strikes"
          id=""
          lines={() => strikeFullSize(strikes)}
          pages={(paper) => strikePages(strikes, paper)}
        />
      )}
      <Slip label="Take care">
        <Words>{CAUTIONS.eyes}</Words>
        <Words>{CAUTIONS.security}</Words>
      </Slip>
    </>
  );
}

function Both({
  strike: { bolt, byMeasure, byMark, offMm, state },
  words: { bare, withUnit },
}: {
  strike: LaidStrike;
  words: LengthWords;
}) {
  const off = Math.max(Math.abs(offMm.down), Math.abs(offMm.across));
  return (
    <>
      <AnswerLine
        label={`${BOLT_WORDS[bolt]} by measure: below the head · from the stop`}
        figure={`${bare(byMeasure.belowHeadMm)} · ${bare(byMeasure.fromStopMm)}`}
        testID={`measured-${bolt}`}
      />
      {byMark === undefined ? (
        <Words tone="pencil">{`${BOLT_WORDS[bolt]}: not proved by its mark yet.`}</Words>
      ) : (
        <>
          <AnswerLine
            label={`${BOLT_WORDS[bolt]} by its mark`}
            figure={`${bare(byMark.belowHeadMm)} · ${bare(byMark.fromStopMm)}`}
            testID={`marked-${bolt}`}
          />
          <Words tone={state === 'differ' ? 'tight' : 'right'} testID={`differ-${bolt}`}>
            {state === 'differ'
              ? `They differ by ${withUnit(off)}: stop and find out. Which gap, which face, is the door fully shut?`
              : `✓ They agree within ${withUnit(off)}: the mark counts.`}
          </Words>
        </>
      )}
    </>
  );
}
