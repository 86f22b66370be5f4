import type { CallRecord } from '@proper-swing/contract';
import { action, HINGE_LEAVES, isForbiddenOn, WORK_GROUPS, workGroup, type ActionId, type WorkGroupId } from '@proper-swing/core';
import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { Choice } from '../../design/Choice';
import { Field } from '../../design/Field';
import { FormFault } from '../../design/Form';
import { Press } from '../../design/Press';
import { Section, Slip } from '../../design/Section';
import { Several } from '../../design/Several';
import { SPACE } from '../../design/tokens';
import { Words } from '../../design/Words';
import { useLengthWords } from '../../design/lengthWords';
import { useKeptDraft } from '../../offline/draft';
import { engineDoor } from '../../record/observed';
import { hingeWords, isDoneOnce } from '../../record/planWords';
import { DoneList } from './DoneList';
import { recentWork, rememberWork } from './recentWork';
import { WorkAmount } from './WorkAmount';
import { beginWork, correctWork, faultsOf, hingesOf, isPlaning, isWorkDraft, writeWork, type WorkDraft } from './workDraft';

const GROUPS = WORK_GROUPS.map(({ id, title }) => ({ id, label: title }));
const LEAVES = HINGE_LEAVES.map((id) => ({ id, label: id === 'door' ? 'Leaf on the door' : 'Leaf on the leg' }));
const SCREWS = [1, 2, 3, 4].map((id) => ({ id, label: String(id) }));

type Begun = { work: WorkDraft | null };
const isBegun = (kept: unknown): kept is Begun => isWorkDraft((kept as Begun | null)?.work);

/** Writes down work of any kind, planned or not: what, where, how much, with what. */
export function LogWork({ record }: { record: CallRecord }) {
  const { draft, setDraft, drop } = useKeptDraft<Begun>(`swing.draft.work.${record.call.id}`, isBegun, () => ({ work: null }));
  const { work } = draft;
  const [group, setGroup] = useState<WorkGroupId>();
  const [recent, setRecent] = useState(recentWork);
  const [isTried, setIsTried] = useState(false);
  const [fault, setFault] = useState<string>();
  const pick = (id: ActionId) => setDraft({ work: beginWork(id) });
  const change = (next: Partial<WorkDraft>) => setDraft(({ work: was }) => ({ work: was && { ...was, ...next } }));
  const faults = work && isTried ? faultsOf(work) : {};

  const log = () => {
    if (work === null) return;
    setIsTried(true);
    if (Object.keys(faultsOf(work)).length > 0) return;
    try {
      writeWork(record, work);
    } catch {
      setFault('This device is full: the work is not kept. Make room, then log it again.');
      return;
    }
    rememberWork(work.action);
    setRecent(recentWork());
    setFault(undefined);
    setIsTried(false);
    setGroup(undefined);
    drop({ work: null });
  };

  return (
    <>
      <Section title="What was done?">
        {recent.length > 0 && (
          <Choice
            label="Done last"
            options={recent.map((id) => ({ id, label: action(id).title }))}
            chosen={work?.action}
            onChoose={pick}
            testID="recent"
          />
        )}
        <Words kind="label" tone="pencil">
          {recent.length > 0 ? 'Or else' : 'Where on the door'}
        </Words>
        <Choice
          label="Kind of work"
          options={GROUPS}
          chosen={group ?? (work ? (workGroup(work.action)?.id as WorkGroupId) : undefined)}
          onChoose={(id) => {
            setGroup(id);
            if (id === 'other') pick('otherWork');
            else setDraft({ work: null });
          }}
          testID="group"
        />
        {group !== undefined && group !== 'other' && (
          <Choice label="Work" options={actionsOf(record, group)} chosen={work?.action} onChoose={pick} testID="work" />
        )}
      </Section>
      {work && (
        <Section title={action(work.action).title}>
          <WorkForm record={record} work={work} change={change} faults={faults} />
          <FormFault says={fault} />
          <View style={styles.row}>
            <Press kind="primary" style={styles.grow} onPress={log} testID="log-work">
              {work.corrects === undefined ? 'Log it' : 'Put it right'}
            </Press>
            <Press onPress={() => drop({ work: null })} testID="drop-work">
              Leave it
            </Press>
          </View>
        </Section>
      )}
      <Section title="Done on this call">
        <DoneList record={record} onCorrect={(entry) => setDraft({ work: correctWork(entry) })} />
      </Section>
    </>
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

interface WorkFormProps {
  record: CallRecord;
  work: WorkDraft;
  change: (next: Partial<WorkDraft>) => void;
  faults: ReturnType<typeof faultsOf>;
}

function WorkForm({ record, work, change, faults }: WorkFormProps) {
  const words = useLengthWords();
  const own = action(work.action);
  const group = workGroup(work.action);
  const hinges = hingesOf(record);
  const isOther = work.action === 'otherWork';
  const isForbidden = isForbiddenOn(own, engineDoor(record.door));
  return (
    <>
      {isForbidden && (
        <Slip label="Not allowed on this door">
          <Words>{own.forbidden.why}</Words>
        </Slip>
      )}
      {isOther && (
        <Field
          label="What was done"
          value={work.remark}
          onChange={(remark) => change({ remark })}
          {...(faults.remark !== undefined && { error: faults.remark })}
          isLong
          testID="work-remark"
        />
      )}
      {group?.isAtHinges && (
        <>
          <Words kind="label">{isOther ? 'At which hinge, if at one' : 'At which hinge'}</Words>
          <Several
            label="Hinges"
            options={hinges.map((id) => ({ id, label: hingeWords(id) }))}
            chosen={work.hinges}
            onChange={(chosen) => change({ hinges: hinges.filter((id) => chosen.includes(id)) })}
            error={faults.hinges}
            testID="at"
          />
          {hinges.length > 1 && work.corrects === undefined && !isOther && (
            <Press kind="quiet" onPress={() => change({ hinges })} testID="at-all">
              All hinges
            </Press>
          )}
        </>
      )}
      {(!isDoneOnce(own.unit) || isPlaning(work.action)) && <WorkAmount work={work} change={change} words={words} error={faults.amount} />}
      {group?.id === 'screws' && (
        <>
          <Words kind="label">Leaf and screws from the top, if not all of them</Words>
          <Several
            label="Leaf"
            options={LEAVES}
            chosen={work.leaf ? [work.leaf] : []}
            onChange={(chosen) => change({ leaf: chosen[chosen.length - 1] })}
            testID="leaf"
          />
          <Several label="Screws" options={SCREWS} chosen={work.screws} onChange={(screws) => change({ screws })} testID="screw" />
        </>
      )}
      <Field
        label="With what (may stay empty)"
        value={work.part}
        onChange={(part) => change({ part })}
        {...(own.parts !== undefined && { hint: own.parts })}
        testID="work-part"
      />
      <Field
        label="Minutes (may stay empty)"
        value={work.minutes}
        onChange={(minutes) => change({ minutes })}
        {...(faults.minutes !== undefined && { error: faults.minutes })}
        testID="work-minutes"
      />
      {!isOther && (
        <Field label="What you saw (may stay empty)" value={work.remark} onChange={(remark) => change({ remark })} testID="work-remark" />
      )}
    </>
  );
}

const styles = StyleSheet.create({ row: { flexDirection: 'row', gap: SPACE.s }, grow: { flex: 1 } });
