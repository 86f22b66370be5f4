import { CAUTIONS } from '@proper-swing/core';
import { coat, type CureAsked, type CurePlan } from '@proper-swing/core/sheets';
import { useState } from 'react';
import { dayWords, timeOf } from '../../day/days';
import { Slip } from '../../design/Section';
import { Words } from '../../design/Words';
import { AnswerLine, Headline, type AnswerProps } from '../AnswerLine';
import { CureTimeline } from './CureTimeline';
import { hoursOn, startOf } from './cureTimes';
import { cureSays, hoursWords, MEANWHILE } from './cureSays';

/** The coats on a timeline, the visits, what may be done meanwhile and how the door is left for the night. */
export function CureAnswer({ result, width, chosen = {} }: AnswerProps<CurePlan, CureAsked>) {
  const { coats, visitsHours, tooCold, fullHours } = result;
  const [now] = useState(() => new Date());
  const start = startOf(chosen);
  const says = (hours: number) => {
    const at = hoursOn(start, hours);
    return `${dayWords(at, now)}, ${timeOf(at)}`;
  };
  return (
    <>
      <Headline tone={tooCold.length > 0 ? 'tight' : 'ink'}>{cureSays(result)}</Headline>
      {coats.length > 0 && <CureTimeline coats={coats} start={start} width={width} />}
      {coats.map(({ id, onHours, readyHours, fullHours: through }, i) => (
        <AnswerLine
          key={`${i}-${id}`}
          label={`${coat(id).title}: on ${says(onHours)}; next after ${hoursWords(readyHours - onHours)}; hard ${says(through)}`}
          figure={i === 0 ? 'now' : timeOf(hoursOn(start, onHours))}
          testID={`coat-${i + 1}`}
        />
      ))}
      {returnsByDay(start, visitsHours, now).map((line, i) => (
        <Words key={line} kind="strong" testID={`return-${i + 1}`}>
          {line}
        </Words>
      ))}
      {coats.length > 0 && <Words testID="all-hard">{`All of it is hard ${says(fullHours)}.`}</Words>}
      <Slip label="Meanwhile">
        {[...new Set(coats.map(({ id }) => id))].map((id) => (
          <Words key={id}>{MEANWHILE[id]}</Words>
        ))}
      </Slip>
      <Slip label="Take care">
        <Words>{CAUTIONS.security}</Words>
        <Words>Foam, adhesive, resin, paint: air the room, gloves, and the label’s own cautions first.</Words>
      </Slip>
    </>
  );
}

/** `Come back Tomorrow, 08:00, 15:30.`: what is on one day in one line. */
function returnsByDay(start: Date, visitsHours: readonly number[], now: Date): string[] {
  const times = visitsHours.slice(1).map((hours) => hoursOn(start, hours));
  const days = [...new Set(times.map((at) => dayWords(at, now)))];
  return days.map((day) => {
    const on = times.filter((at) => dayWords(at, now) === day).map(timeOf);
    return `Come back ${day}, ${on.join(', ')}.`;
  });
}
