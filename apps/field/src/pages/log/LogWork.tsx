import type { CallRecord } from '@proper-swing/contract';
import { action, isForbiddenOn, WORK_GROUPS, type ActionId, type WorkGroupId } from '@proper-swing/core';
import { useState } from 'react';
import { Choice } from '../../design/Choice';
import { Section } from '../../design/Section';
import { Words } from '../../design/Words';
import { engineDoor } from '../../record/observed';
import { DoneList } from './DoneList';
import type { WorkLog } from './useWorkLog';
import { correctWork } from './workDraft';
import { WorkForm } from './WorkForm';

const GROUPS = WORK_GROUPS.map(({ id, title }) => ({ id, label: title }));

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
  const [group, setGroup] = useState<WorkGroupId>();
  return (
    <Section title="What was done?">
      {recent.length > 0 && (
        <Choice
          label="Done last"
          options={recent.map((id) => ({ id, label: action(id).title }))}
          chosen={undefined}
          onChoose={begin}
          testID="recent"
        />
      )}
      <Words kind="label" tone="pencil">
        {recent.length > 0 ? 'Or else' : 'Where on the door'}
      </Words>
      <Choice
        label="Kind of work"
        options={GROUPS}
        chosen={group}
        onChoose={(id) => (id === 'other' ? begin('otherWork') : setGroup(id))}
        testID="group"
      />
      {group !== undefined && <Choice label="Work" options={actionsOf(record, group)} chosen={undefined} onChoose={begin} testID="work" />}
    </Section>
  );
}

/** What can be done on this door in a group; what is simply not there is left out. */
function actionsOf(record: CallRecord, group: WorkGroupId) {
  const ids: readonly ActionId[] = WORK_GROUPS.find(({ id }) => id === group)?.actions ?? [];
  const door = engineDoor(record.door);
  return ids
    .map(action)
    .filter((each) => each.forbidden.isObvious !== true || !isForbiddenOn(each, door))
    .map(({ id, title }) => ({ id, label: title }));
}
