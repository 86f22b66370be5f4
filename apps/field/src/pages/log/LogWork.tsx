import type { CallRecord } from '@proper-swing/contract';
import { action, type ActionId, type Handbook } from '@proper-swing/core/doors';
import { useState } from 'react';
import { Choice } from '../../design/Choice';
import { Section } from '../../design/Section';
import { Words } from '../../design/Words';
import { handbookOf, modelFor } from '../../record/door';
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
  const { workGroups, inWords } = handbookOf(record.door);
  const known = recent.filter((id) => workGroups.some(({ actions }) => actions.includes(id)));
  const [group, setGroup] = useState<string>();
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
      {group !== undefined && <Choice label="Work" options={actionsOf(record, group)} chosen={undefined} onChoose={begin} testID="work" />}
    </Section>
  );
}

const isGroupOf = (groups: Handbook['workGroups'], id: string, inWords: ActionId) =>
  groups.find((each) => each.id === id)?.actions.includes(inWords) === true;

/** What can be done on this door in a group; what is simply not there is left out. */
function actionsOf(record: CallRecord, group: string) {
  const { forbids } = modelFor(record.door);
  const ids: readonly ActionId[] = handbookOf(record.door).workGroups.find(({ id }) => id === group)?.actions ?? [];
  return ids.filter((id) => forbids(id)?.isObvious !== true).map((id) => ({ id, label: action(id).title }));
}
