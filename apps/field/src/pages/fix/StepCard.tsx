import type { Adjustment, CallRecord } from '@proper-swing/contract';
import { station, type PlannedStep } from '@proper-swing/core';
import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { Field } from '../../design/Field';
import { Press } from '../../design/Press';
import { Slip } from '../../design/Section';
import { Stepper } from '../../design/Stepper';
import { LINE, SPACE } from '../../design/tokens';
import { usePalette } from '../../design/theme';
import { Words } from '../../design/Words';
import type { LengthWords } from '../../design/lengthWords';
import { useKeptDraft } from '../../offline/draft';
import { uncheckedWork } from '../../record/observed';
import { LookAgain } from './LookAgain';
import { againWords, amountWords, isDoneOnce, measuredWords, placeWords, untilWords } from '../../record/planWords';
import { withdrawAdjustment, writeAdjustment } from '../../record/writeAdjustment';

export interface StepCardProps {
  record: CallRecord;
  step: PlannedStep;
  number: number;
  done: Adjustment | undefined;
  /** The step to do now. */
  isNext: boolean;
  words: LengthWords;
}

/** One step: what, where, how much, how, what to beware of; and the log of what was really done. */
export function StepCard({ record, step, number, done, isNext, words }: StepCardProps) {
  const palette = usePalette();
  const [isOpen, setIsOpen] = useState<boolean>();
  const shows = isOpen ?? (isNext && done === undefined);
  const amount = amountWords(step, words);
  const place = placeWords(step, words);
  const until = untilWords(step, words);
  return (
    <View style={[styles.card, { borderColor: isNext ? palette.accent : palette.rule }]} testID={`step-${number}`}>
      <Press kind="quiet" style={styles.head} label={`Step ${number}: ${step.title}`} onPress={() => setIsOpen(!shows)}>
        <Words kind="display" tone={done ? 'pencil' : 'ink'} style={styles.number}>
          {done ? '✓' : number}
        </Words>
        <View style={styles.words}>
          <Words kind="title">{step.title}</Words>
          {amount !== '' && <Words kind="title">{amount}</Words>}
          {until !== '' && <Words kind="label">{until}</Words>}
          {step.again !== undefined && <Words kind="label">{againWords(step, words)}</Words>}
          {place !== '' && (
            <Words kind="label" tone="pencil">
              {place}
            </Words>
          )}
        </View>
        <Words kind="label" tone="pencil">
          {`${Math.round(step.minutes)} min`}
        </Words>
      </Press>
      {done && (
        <View style={styles.logged}>
          <Words style={styles.words}>{`Logged: ${loggedWords(done, words)}`}</Words>
          <Press kind="quiet" onPress={() => withdrawAdjustment(record, done)} label={`Take back: ${step.title}`}>
            Take back
          </Press>
        </View>
      )}
      {done && <LookAgain record={record} after={done} ids={step.lookAgain} />}
      {shows && <StepDetail step={step} />}
      {shows && !done && <StepLog key={step.amount} record={record} step={step} isNext={isNext} />}
    </View>
  );
}

function StepDetail({ step }: { step: PlannedStep }) {
  return (
    <View style={styles.detail}>
      {step.cautions.length > 0 && (
        <Slip label="Take care">
          {step.cautions.map((caution) => (
            <Words key={caution}>{caution}</Words>
          ))}
        </Slip>
      )}
      {step.how.map((line, i) => (
        <View key={line} style={styles.how}>
          <Words kind="label" tone="pencil">
            {i + 1}
          </Words>
          <Words style={styles.words}>{line}</Words>
        </View>
      ))}
      <Words>{`Stop if: ${step.stopIf}`}</Words>
      {step.recheck.length > 0 && (
        <Words>{`Then read again: ${step.recheck.map((id) => station(id).title.toLowerCase()).join('; ')}.`}</Words>
      )}
      {step.parts !== undefined && <Words tone="pencil">{`Parts: ${step.parts}`}</Words>}
    </View>
  );
}

/** What was really done, while it is being typed. */
interface StepLogDraft {
  /** What the plan asked for then. */
  planned: number;
  amount: number;
  remark: string;
}

/** Whether a draft is of the log of a step as it is planned now: another plan begins another log. */
const isLogOf =
  (step: PlannedStep) =>
  (kept: unknown): kept is StepLogDraft => {
    const { planned, amount, remark } = (kept ?? {}) as Partial<StepLogDraft>;
    return planned === step.amount && Number.isFinite(amount) && typeof remark === 'string';
  };

function StepLog({ record, step, isNext }: { record: CallRecord; step: PlannedStep; isNext: boolean }) {
  const key = `swing.draft.log.${record.call.id}.${step.action}.${step.hinge ?? ''}`;
  const asPlanned: StepLogDraft = { planned: step.amount, amount: step.amount, remark: '' };
  const { draft, setDraft: setLog, drop } = useKeptDraft(key, isLogOf(step), () => asPlanned);
  const { amount, remark } = draft;
  const size = step.planed ? 0.5 : 1;
  const log = () => {
    writeAdjustment(record, step, amount, remark);
    drop(asPlanned);
  };
  // Work that has not been checked yet is checked first.
  const isDue = isNext && uncheckedWork(record).length === 0;
  return (
    <View style={styles.detail}>
      {!isDoneOnce(step.unit) && (
        <Stepper
          label="Really done"
          value={String(amount)}
          onStep={(by) => setLog({ ...draft, amount: amount + by * size })}
          testID="log-amount"
        >
          <Words>{`Really done, in ${step.unit}`}</Words>
        </Stepper>
      )}
      <Field label="What you saw (may stay empty)" value={remark} onChange={(text) => setLog({ ...draft, remark: text })} />
      <Press kind={isDue ? 'primary' : 'plain'} onPress={log} testID="log-step">
        Done: log this step
      </Press>
    </View>
  );
}

function loggedWords({ amount, unit, remark }: Adjustment, words: LengthWords): string {
  const measured = measuredWords(amount, unit, words);
  const done = measured === '' ? 'done' : measured;
  return remark === '' ? done : `${done}; ${remark}`;
}

const styles = StyleSheet.create({
  card: { borderLeftWidth: LINE.bold * 2, paddingLeft: SPACE.m, gap: SPACE.s },
  head: { paddingHorizontal: 0, alignItems: 'flex-start' },
  number: { width: 32 },
  words: { flex: 1, minWidth: 0 },
  detail: { gap: SPACE.s },
  how: { flexDirection: 'row', gap: SPACE.s },
  logged: { flexDirection: 'row', alignItems: 'center' },
});
