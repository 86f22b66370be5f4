import { rolls } from '@proper-swing/core/sliding/card/panel';
import { CAUTIONS } from '@proper-swing/core/sliding/tables/cautions';
import type { PanelToSet, RollerTurns } from '@proper-swing/core/sheets';
import { Slip } from '../../design/Section';
import { Words } from '../../design/Words';
import { AnswerLine, Headline, type AnswerProps } from '../AnswerLine';
import { PanelDrawing } from './PanelDrawing';
import { END_WORDS, turnsSay } from './says';

const FROM_WORDS = { tried: 'as tried', thread: 'by its thread', usual: 'usual' } as const;

/** What to turn at each end, what is then read, and how far it is from lifting out. */
export function TurnsAnswer({ result, request, words, width }: AnswerProps<RollerTurns, PanelToSet>) {
  const { lead, trail, taperMm, taperAfterMm, limit, limitAt, advice } = result;
  const isUntried = lead.from !== 'tried' || trail.from !== 'tried';
  const ends = [
    { id: 'lead' as const, end: lead },
    { id: 'trail' as const, end: trail },
  ];
  const signed = (mm: number) =>
    Math.abs(mm) < 0.05 ? words.withUnit(0) : `${words.withUnit(Math.abs(mm))} wider at the ${mm > 0 ? 'top' : 'foot'}`;
  return (
    <>
      <Headline tone={limit === 'nothing' ? 'ink' : 'tight'}>{turnsSay(result, words)}</Headline>
      <PanelDrawing turns={result} panel={request} width={width} words={words} />
      {isUntried && (
        <Words testID="untried">
          These screws have not been tried on this panel: turn each once, read the gap under its end, and say what it did. “Nothing moves”
          is an answer: write 0.
        </Words>
      )}
      {limit !== 'nothing' && (
        <Slip label={limitAt === 'both' ? 'What stops it' : `What stops it, ${END_WORDS[limitAt]}`}>
          <Words testID="turns-limit">{advice}</Words>
        </Slip>
      )}
      <AnswerLine label="Closing gap, now" figure={signed(taperMm)} />
      <AnswerLine label="then" figure={signed(taperAfterMm)} testID="taper-after" />
      {ends.map(({ id, end }) => (
        <AnswerLine key={id} label={`A turn lifts the ${END_WORDS[id]} (${FROM_WORDS[end.from]})`} figure={words.withUnit(end.mmPerTurn)} />
      ))}
      {ends.flatMap(({ id, end }) =>
        end.captureMm === undefined
          ? []
          : [
              <AnswerLine
                key={id}
                label={`Before the ${END_WORDS[id]} could be lifted out`}
                figure={words.withUnit(Math.max(0, end.captureMm))}
                tone={end.captureMm < 1 ? 'tight' : 'ink'}
                testID={`capture-${id}`}
              />,
            ],
      )}
      {request.kind === 'screen' && (
        <Words>Top wheels last: one out until the screen can just not be lifted; where it binds, back a little; then the other end.</Words>
      )}
      {lead.captureMm === undefined && rolls(request) && (
        <Words tone="pencil">Lift each end and read how far it comes: without that nobody knows whether it can be lifted out.</Words>
      )}
      <Slip label="Take care">
        <Words>Lift the weight off an end before its screw is turned. {CAUTIONS.pinch}</Words>
        {request.kind === 'glass' && <Words>{CAUTIONS.glass}</Words>}
      </Slip>
    </>
  );
}
