import type { Effort, PulledPanel } from '@proper-swing/core/sheets';
import { CAUTIONS } from '@proper-swing/core/sliding/tables/cautions';
import { Slip } from '../../design/Section';
import { Words } from '../../design/Words';
import { AccessNote } from '../AccessNote';
import { AnswerLine, Headline, type AnswerProps } from '../AnswerLine';
import { EffortScale } from './EffortScale';
import { effortSays, STEP_WORDS } from './says';

/** How hard it runs against its weight, what is done next and why. */
export function EffortAnswer({ result, request, width }: AnswerProps<Effort, PulledPanel>) {
  const { massKg, soundN, after, then, costShare, next, because } = result;
  const newtons = (n: number) => `${Math.round(n)} N`;
  return (
    <>
      <Headline>{effortSays(result)}</Headline>
      <Words testID="because">{because}</Words>
      <EffortScale effort={result} width={width} />
      {then.length > 0 && <Words>{`If that does not do: ${then.map((step) => STEP_WORDS[step].toLowerCase()).join(', then ')}.`}</Words>}
      <AnswerLine label="Clean track, wheels that spin: about" figure={newtons(soundN)} testID="sound-pull" />
      <AnswerLine
        label={request.massKg === undefined ? 'Weight, from its size' : 'Weight'}
        figure={`${Math.round(massKg)} kg`}
        testID="panel-mass"
      />
      {after && <AnswerLine label="Less than before by" figure={`${Math.round(100 * after.lessByShare)} %`} testID="less-by" />}
      {costShare !== undefined && <AnswerLine label="Rollers cost, of a new door" figure={`${Math.round(100 * costShare)} %`} />}
      {next === 'lubricate' && <Words>Turn each wheel until it spins by itself. Nothing on the track: it holds the next grit.</Words>}
      {next === 'replace' && <Words>Take the old one along and match every measure: rollers look alike.</Words>}
      <Slip label="Take care">
        {massKg >= TWO_PEOPLE_KG && <Words>{`About ${Math.round(massKg)} kg: two people, or a lift, before it comes out.`}</Words>}
        <Words>{request.panel.glassMm > 0 ? CAUTIONS.glass : CAUTIONS.support}</Words>
        {(next === 'replace' || next === 'lubricate') && <Words>{CAUTIONS.openWall}</Words>}
      </Slip>
      <AccessNote ids={['slidingForce']} />
    </>
  );
}

/** From this weight on nobody carries alone (common practice, no source). */
const TWO_PEOPLE_KG = 25;
