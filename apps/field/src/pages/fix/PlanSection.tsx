import type { CallRecord } from '@proper-swing/contract';
import type { PlanAim } from '@proper-swing/core';
import { station, type Correction, type Plan } from '@proper-swing/core/doors';
import { router } from 'expo-router';
import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { openStation } from '../../call/NextBestCard';
import { DoubtfulReadings } from '../../call/DoubtfulReadings';
import { Press } from '../../design/Press';
import { Section, Slip } from '../../design/Section';
import { Words } from '../../design/Words';
import type { LengthWords } from '../../design/lengthWords';
import { observedNow } from '../../record/observed';
import { chancesInWords, chancesWords, outcomeWords, surerByWords, uncertaintyWords } from '../../record/planWords';
import { PlanTabs } from './PlanTabs';
import { SecondLook } from './SecondLook';

export interface PlanSectionProps {
  record: CallRecord;
  correction: Correction;
  plan: Plan;
  onChoose: (aim: PlanAim) => void;
  words: LengthWords;
}

/** What comes of it in one line, how sure that is, and what has to be read or looked at before. */
export function PlanSection({ record, correction, plan, onChoose, words }: PlanSectionProps) {
  const { outcome, unknown, doubtful, lookAgain, advice, binds } = correction;
  const readsAgain = outcome === 'read again';
  const unread = outcome === 'at once' ? [] : unknown;
  const toRead = (readsAgain ? doubtful.slice(0, 1) : unread).map((each) => each.station);
  const rounds = observedNow(record).rounds?.length ?? 0;
  return (
    <Section title={rounds > 0 ? 'Plan after the check' : 'Plan'}>
      {record.door.kind === 'hinged' && record.door.make.hingeKind === 'adjustable' && (
        <Press onPress={() => router.replace(`/call/${record.call.id}/turns`)} testID="to-turns">
          Set hinges and keeps, turn by turn
        </Press>
      )}
      <PlanTabs plans={correction.plans} binds={binds} chosen={plan.aim} onChoose={onChoose} />
      <Words testID="plan-outcome">{outcomeWords(correction, record.door.kind)}</Words>
      {readsAgain && <DoubtfulReadings doubtful={doubtful} words={words} />}
      {lookAgain.length > 0 && <SecondLook record={record} ids={lookAgain} />}
      <HowSure record={record} correction={correction} plan={plan} />
      {unread.map(({ station: id, sdMm }) => (
        <Words key={id}>{`${station(id).title}: known only to ±${words.withUnit(sdMm)}`}</Words>
      ))}
      {toRead.length > 0 && (
        <Press onPress={() => openStation(record, ...toRead)} testID="read-unknown">
          {readsAgain ? 'Read it again' : toRead.length === 1 ? 'Read it now' : 'Read them now'}
        </Press>
      )}
      {advice.map((line) => (
        <Slip key={line} label="Know this first">
          <Words>{line}</Words>
        </Slip>
      ))}
    </Section>
  );
}

/** Chances in words; the figures, what keeps them from being sure and the reading that would help most are one tap away. */
function HowSure({ record, correction, plan }: Pick<PlanSectionProps, 'record' | 'correction' | 'plan'>) {
  const [isOpen, setIsOpen] = useState(false);
  const { outcome, binds } = correction;
  const figures = chancesWords(plan, correction);
  if (figures === '') return null;
  // A door that only waits is not made surer by anything today.
  const isUnsure = outcome !== 'wait' && plan.steps.length > 0;
  const unsure = isUnsure ? uncertaintyWords(plan, binds) : '';
  const surerBy = isUnsure ? plan.uncertainty.reading : undefined;
  return (
    <View>
      <Press
        kind="quiet"
        style={styles.sure}
        onPress={() => setIsOpen(!isOpen)}
        testID="how-sure"
        label={`${isOpen ? 'Fold' : 'Show'}: how sure it is`}
      >
        <Words tone="pencil" style={styles.words} testID="chances">
          {chancesInWords(plan, correction)}
        </Words>
        <Words kind="title" tone="pencil">
          {isOpen ? '−' : '+'}
        </Words>
      </Press>
      {isOpen && (
        <>
          <Words tone="pencil">{figures}</Words>
          {unsure !== '' && <Words tone="pencil">{unsure}</Words>}
          {surerBy !== undefined && (
            <Press kind="quiet" onPress={() => openStation(record, surerBy.station)} testID="read-surer">
              {surerByWords(plan, binds)}
            </Press>
          )}
        </>
      )}
    </View>
  );
}

const styles = StyleSheet.create({ sure: { paddingHorizontal: 0 }, words: { flex: 1, minWidth: 0 } });
