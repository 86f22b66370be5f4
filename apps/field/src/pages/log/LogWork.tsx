import type { CallRecord } from '@proper-swing/contract';
import { action, type ActionId, type Handbook } from '@proper-swing/core/doors';
import { useState } from 'react';
import { Choice } from '../../design/Choice';
import { Section } from '../../design/Section';
import { Words } from '../../design/Words';
import { bookFor } from '../../record/door';
import { DoneList } from './DoneList';
import type { WorkLog } from './useWorkLog';
import { correctWork } from './workDraft';
import { WorkForm } from './WorkForm';

/** Writes down work of any kind, planned or not, and shows what is written down. */
export function LogWork({ record, log }: { record: CallRecord; log: WorkLog }) {
  if (log.work !== null) return <WorkForm record={record} work={log.work} change={log.change} faults={log.faults} />;
  return (
    <>
      <WhatWasDone record={record} log={log} />
      <Section title="Done on this call">
        <DoneList record={record} onCorrect={(entry) => log.take(correctWork(entry))} />
      </Section>
    </>
  );
}

function WhatWasDone({ record, log: { recent, begin } }: { record: CallRecord; log: WorkLog }) {
  const { workGroups, inWords } = bookFor(record.door);
  const known = recent.filter((id) => workGroups.some(({ actions }) => actions.includes(id)));
  const [group, setGroup] = useState<string>();
  const actions = workGroups.find(({ id }) => id === group)?.actions;
  return (
    <Section title="What was done?">
      {known.length > 0 && (
        <Choice
          label="Done last"
          options={known.map((id) => ({ id, label: action(id).title }))}
          chosen={undefined}
          onChoose={begin}
          testID="recent"
        />
      )}
      <Words kind="label" tone="pencil">
        {known.length > 0 ? 'Or else' : 'Where on the door'}
      </Words>
      <Choice
        label="Kind of work"
        options={workGroups.map(({ id, title }) => ({ id, label: title }))}
        chosen={group}
        onChoose={(id) => (isGroupOf(workGroups, id, inWords) ? begin(inWords) : setGroup(id))}
        testID="group"
      />
      {actions && (
        <Choice
          label="Work"
          options={actions.map((id) => ({ id, label: action(id).title }))}
          chosen={undefined}
          onChoose={begin}
          testID="work"
        />
      )}
    </Section>
  );
}

const isGroupOf = (groups: Handbook['workGroups'], id: string, inWords: ActionId) =>
  groups.find((each) => each.id === id)?.actions.includes(inWords) === true;
