import type { Adjustment, CallRecord } from '@proper-swing/contract';
import { station, type PlannedStep } from '@proper-swing/core/doors';
import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { Field } from '../../design/Field';
import { Press } from '../../design/Press';
import { Slip } from '../../design/Section';
import { Stepper } from '../../design/Stepper';
import { LINE, SPACE } from '../../design/tokens';
import { usePalette } from '../../design/theme';
import { Words } from '../../design/Words';
import { useLengthWords, type LengthWords } from '../../design/lengthWords';
import { useKeptDraft } from '../../offline/draft';
import { LookAgain } from './LookAgain';
import { againWords, amountWords, isDoneOnce, placeWords, senseWords, untilWords, wayWords } from '../../record/planWords';
import { withdrawAdjustment, writeAdjustment } from '../../record/writeAdjustment';
import { Said } from '../../words/Said';
import { asPlanned, isLogOf, stepLogKey } from './stepLog';

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
  const sense = senseWords(step, record.door);
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
          {sense !== '' && <Words kind="label">{sense}</Words>}
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
      {shows && step.cautions.length > 0 && (
        <Slip label="Take care">
          {step.cautions.map((caution) => (
            <Said key={caution}>{caution}</Said>
          ))}
        </Slip>
      )}
      {shows && !done && <StepLog key={step.amount} record={record} step={step} />}
      {shows && <StepDetail step={step} />}
    </View>
  );
}

function StepDetail({ step }: { step: PlannedStep }) {
  return (
    <View style={styles.detail}>
      {step.how.map((line, i) => (
        <View key={line} style={styles.how}>
          <Words kind="label" tone="pencil">
            {i + 1}
          </Words>
          <Said style={styles.words}>{line}</Said>
        </View>
      ))}
      <Said>{`Stop if: ${step.stopIf}`}</Said>
      {step.recheck.length > 0 && (
        <Words>{`Then read again: ${step.recheck.map((id) => station(id).title.toLowerCase()).join('; ')}.`}</Words>
      )}
      {step.parts !== undefined && <Words tone="pencil">{`Parts: ${step.parts}`}</Words>}
    </View>
  );
}

function StepLog({ record, step }: { record: CallRecord; step: PlannedStep }) {
  const words = useLengthWords();
  const doneWords = (amount: number) => (step.planed ? words.withUnit(amount) : wayWords(step.action, amount, step.unit, words));
  const planned = asPlanned(step);
  const { draft, setDraft: setLog, drop } = useKeptDraft(stepLogKey(record, step), isLogOf(step), () => planned);
  const { amount, remark } = draft;
  const [says, setSays] = useState(false);
  const size = step.planed ? 0.5 : 1;
  const log = () => {
    writeAdjustment(record, step, amount, remark);
    drop(planned);
  };
  return (
    <View style={styles.detail}>
      {!isDoneOnce(step.unit) && (
        <Stepper label="Really done" onStep={(by) => setLog({ ...draft, amount: amount + by * size })} testID="log-amount">
          <Words testID="log-amount-value">{`Really done: ${amount === 0 ? 'nothing' : doneWords(amount)}`}</Words>
        </Stepper>
      )}
      <Press onPress={log} testID="log-step">
        Done: log this step
      </Press>
      {(remark !== '' || says) && (
        <Field label="What you saw" value={remark} onChange={(text) => setLog({ ...draft, remark: text })} testID="step-remark" />
      )}
      {remark === '' && !says && (
        <Press kind="quiet" onPress={() => setSays(true)} testID="say-more">
          Say what you saw
        </Press>
      )}
    </View>
  );
}

function loggedWords({ action, amount, unit, remark }: Adjustment, words: LengthWords): string {
  const measured = wayWords(action, amount, unit, words);
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
