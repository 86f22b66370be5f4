import type { HeardTicks, TickFinding } from '@proper-swing/core/sheets';
import { CAUTIONS } from '@proper-swing/core/sliding/tables/cautions';
import { Folded } from '../../design/Folded';
import { Slip } from '../../design/Section';
import { Words } from '../../design/Words';
import { AnswerLine, Headline, type AnswerProps } from '../AnswerLine';
import { percent, sureWords, ticksSay } from './says';
import { TickPlot } from './TickPlot';

const END_SAYS = {
  lead: 'By its size it is the one at the closing end.',
  trail: 'By its size it is the one at the other end.',
  either: 'By their sizes nobody can tell which end.',
} as const;

const CLASSES = [
  { id: 'track', label: 'A spot on the track' },
  { id: 'wheel', label: 'A wheel' },
  { id: 'both', label: 'A spot and a wheel' },
  { id: 'twoWheels', label: 'Two wheels' },
  { id: 'nothing', label: 'Neither' },
] as const;

/** Track or wheel, where or which, how sure, and what to do. */
export function TicksAnswer({ result, request, words, width }: AnswerProps<TickFinding, HeardTicks>) {
  const { verdict, chances, spots, wheels } = result;
  const isTold = verdict !== 'cannotTell' && verdict !== 'nothing';
  const isTrack = verdict === 'track' || verdict === 'both';
  return (
    <>
      <Headline>{ticksSay(result, words)}</Headline>
      {isTold && (
        <Words testID="tick-sure">{`${sureWords(chances[verdict]).replace(/^./, (first) => first.toUpperCase())}: ${percent(chances[verdict])}.`}</Words>
      )}
      <TickPlot found={result} heard={request} width={width} words={words} />
      {isTold &&
        wheels.map(({ diameterMm, diameterSdMm, turnMm }) => (
          <AnswerLine
            key={diameterMm}
            label={`A tick every ${words.withUnit(turnMm)}: wheel across`}
            figure={`${words.withUnit(diameterMm)} ±${words.bare(Math.max(0.1, diameterSdMm))}`}
            testID="wheel-across"
          />
        ))}
      {isTold && wheels[0] && (
        <>
          <Words>{END_SAYS[wheels[0].end]}</Words>
          <AnswerLine
            label="Its flat lies underneath: stand the panel there, from the closing jamb, and look at the foot of both wheels"
            figure={words.withUnit(wheels[0].standAtMm)}
            testID="stand-at"
          />
        </>
      )}
      {isTold &&
        spots.map(({ atMm, passes }) => (
          <AnswerLine
            key={atMm}
            label={`Heard in ${passes} of ${request.passes.length} passes, at`}
            figure={words.withUnit(atMm)}
            testID="spot-at"
          />
        ))}
      {isTrack && (
        <Slip label="What to do">
          <Words>Mark it with tape. File flat on top, then both flanks, no more than the burr; vacuum, slide over it ten times.</Words>
          <Words>{CAUTIONS.eyes}</Words>
        </Slip>
      )}
      {isTold && wheels.length > 0 && (
        <Slip label="What to do">
          <Words>A flat or chipped wheel is not mended: replace the rollers at both ends, matched to the old ones.</Words>
          <Words>{CAUTIONS.openWall}</Words>
        </Slip>
      )}
      <Folded title="How likely each is" testID="tick-chances">
        {CLASSES.map(({ id, label }) => (
          <AnswerLine key={id} label={label} figure={percent(chances[id])} />
        ))}
      </Folded>
    </>
  );
}
