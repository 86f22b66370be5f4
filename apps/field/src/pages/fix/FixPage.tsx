import type { CallRecord } from '@proper-swing/contract';
import { router } from 'expo-router';
import type { PlanAim, PlanOutcome } from '@proper-swing/core';
import { recheckAfter } from '@proper-swing/core/doors';
import { useMemo, useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { Press } from '../../design/Press';
import { SPACE } from '../../design/tokens';
import { usePlan } from '../../engine/useEngine';
import { CallFrame } from '../../call/CallFrame';
import { observedNow, placeOf, standingWork, uncheckedWork } from '../../record/observed';
import { adjustmentFor } from '../../record/writeAdjustment';
import { chosenPlan, Fix, type FixProps, type SheetsOfPlan } from './Fix';
import { PlanSearch } from './PlanSearch';
import { logStep } from './stepLog';

export function FixPage({ Sheets }: { Sheets: SheetsOfPlan }) {
  const [aim, setAim] = useState<PlanAim>('quickest');
  return (
    <CallFrame stage="fix" footer={(record) => <FixFooter record={record} aim={aim} />}>
      {(record) => <Planned record={record} aim={aim} onChoose={setAim} Sheets={Sheets} />}
    </CallFrame>
  );
}

/** Outcomes that ask for more to be read, tried or looked at. */
const ASKS_FOR_MORE: readonly PlanOutcome[] = ['measure first', 'read again', 'look again', 'find out first'];

/**
 * The step that is next is logged from here; after a step comes its check; when all is done, or nothing is to be done, the whole door is
 * measured as left. Before anything is done the other way is back to finding out: what was read as found is no proof.
 */
function FixFooter({ record, aim }: { record: CallRecord; aim: PlanAim }) {
  const { correction, isFirst, progress } = usePlan(useMemo(() => observedNow(record), [record]));
  const [last] = uncheckedWork(record).slice(-1);
  const readBefore = record.readings.map(({ station }) => station);
  const recheck = last === undefined ? [] : recheckAfter(last.action, placeOf(last), readBefore);
  const hasWorked = standingWork(record).length > 0;
  const steps = (correction && chosenPlan(correction, aim)?.steps) ?? [];
  const isBeforeWork = correction === undefined || ASKS_FOR_MORE.includes(correction.outcome) || steps.length > 0;
  const next = steps.findIndex((step) => adjustmentFor(record, step) === undefined);
  const nextStep = steps[next];
  // As found it is as it will be left: nothing has to be gauged again.
  const isGood = !hasWorked && correction?.outcome === 'true';
  // Under a thumb on its way down no step becomes another.
  const isDue = nextStep !== undefined && recheck.length === 0 && !(isFirst && progress !== undefined);
  return (
    <View style={styles.row}>
      {recheck.length > 0 && (
        <Press
          kind="primary"
          style={styles.half}
          onPress={() => router.replace(`/call/${record.call.id}/measure?stage=check&at=${recheck.join()}`)}
          testID="to-check"
        >
          {recheck.length === 1 ? 'Check 1 reading' : `Check ${recheck.length} readings`}
        </Press>
      )}
      {!hasWorked && isBeforeWork ? (
        <Press style={styles.half} onPress={() => router.replace(`/call/${record.call.id}/find`)} testID="to-find">
          What to read next
        </Press>
      ) : (
        <Press
          kind={(hasWorked || isGood) && recheck.length === 0 && !isDue ? 'primary' : 'plain'}
          style={styles.half}
          onPress={() => router.replace(`/call/${record.call.id}/${isGood ? 'prove' : 'measure?stage=left'}`)}
          testID="to-prove"
        >
          {isGood ? 'Prove it' : 'Measure it as left'}
        </Press>
      )}
      {isDue && (
        <Press kind="primary" style={styles.half} onPress={() => logStep(record, nextStep)} testID="log-next">
          {`Done: log step ${next + 1}`}
        </Press>
      )}
    </View>
  );
}

function Planned({ record, ...rest }: Omit<FixProps, 'correction'>) {
  const observed = useMemo(() => observedNow(record), [record]);
  const planning = usePlan(observed);
  return (
    <View style={styles.planned}>
      <PlanSearch {...planning} />
      {planning.correction && <Fix record={record} correction={planning.correction} {...rest} />}
    </View>
  );
}

const styles = StyleSheet.create({ row: { flexDirection: 'row', gap: SPACE.s }, half: { flex: 1 }, planned: { gap: SPACE.m } });
