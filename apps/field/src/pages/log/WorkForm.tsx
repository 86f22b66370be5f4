import type { CallRecord } from '@proper-swing/contract';
import { HINGE_LEAVES } from '@proper-swing/core';
import { action, isAtPlaces, isInWords, placeLabel, workGroup } from '@proper-swing/core/doors';
import { Field } from '../../design/Field';
import { Form, FormCell } from '../../design/Form';
import { Section, Slip } from '../../design/Section';
import { Several } from '../../design/Several';
import { Words } from '../../design/Words';
import { useLengthWords } from '../../design/lengthWords';
import { handbookOf, modelFor } from '../../record/door';
import { isDoneOnce } from '../../record/planWords';
import { WorkAmount } from './WorkAmount';
import { isPlaning, placesFor, type WorkDraft, type WorkFaults } from './workDraft';

const LEAVES = HINGE_LEAVES.map((id) => ({ id, label: id === 'door' ? 'Leaf on the door' : 'Leaf on the leg' }));
const SCREWS = [1, 2, 3, 4].map((id) => ({ id, label: String(id) }));

export interface WorkFormProps {
  record: CallRecord;
  work: WorkDraft;
  change: (next: Partial<WorkDraft>) => void;
  faults: WorkFaults;
}

/** One piece of work: where, how much, with what. */
export function WorkForm({ record, work, change, faults }: WorkFormProps) {
  const words = useLengthWords();
  const own = action(work.action);
  const group = workGroup(work.action);
  const isOther = isInWords(work.action);
  const ruling = modelFor(record.door).forbids(work.action);
  return (
    <Section title={own.title}>
      {ruling !== undefined && (
        <Slip label="Not allowed on this door">
          <Words>{ruling.why}</Words>
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
      {isAtPlaces(work.action) && <AtPlaces record={record} work={work} change={change} faults={faults} />}
      {(!isDoneOnce(own.unit) || isPlaning(work.action)) && <WorkAmount work={work} change={change} words={words} error={faults.amount} />}
      {group?.id === 'screws' && (
        <>
          <Words kind="label">If not all of its screws: which leaf, which from the top</Words>
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
      <Form>
        <FormCell>
          <Field
            label="With what"
            value={work.part}
            onChange={(part) => change({ part })}
            {...(own.parts !== undefined && { hint: own.parts })}
            testID="work-part"
          />
        </FormCell>
        <FormCell>
          <Field
            takes="figure"
            label="Minutes"
            value={work.minutes}
            onChange={(minutes) => change({ minutes })}
            {...(faults.minutes !== undefined && { error: faults.minutes })}
            testID="work-minutes"
          />
        </FormCell>
        {!isOther && (
          <FormCell takes="whole">
            <Field label="What you saw" value={work.remark} onChange={(remark) => change({ remark })} testID="work-remark" />
          </FormCell>
        )}
      </Form>
    </Section>
  );
}

/** At which hinges or ends: each by itself, or all in one tap. */
function AtPlaces({ record, work, change, faults }: WorkFormProps) {
  const places = placesFor(record, work.action);
  const { one, other } = handbookOf(record.door).placeWord;
  const takesAll = work.corrects === undefined;
  const hasAll = work.places.length === places.length;
  return (
    <>
      <Words kind="label">{isInWords(work.action) ? `At which ${one}, if at one` : `At which ${one}`}</Words>
      <Several
        label={other}
        options={[...places.map((id) => ({ id, label: placeLabel(id) })), ...(takesAll ? [{ id: 'all' as const, label: 'All' }] : [])]}
        chosen={[...work.places, ...(hasAll ? (['all'] as const) : [])]}
        onChange={(chosen) => {
          const wantsAll = chosen.includes('all') !== hasAll;
          change({ places: wantsAll ? (hasAll ? [] : places) : places.filter((id) => chosen.includes(id)) });
        }}
        error={faults.places}
        testID="at"
      />
    </>
  );
}
