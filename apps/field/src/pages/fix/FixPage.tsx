import type { CallRecord } from '@proper-swing/contract';
import { router } from 'expo-router';
import { recheckAfter, type PlanOutcome } from '@proper-swing/core';
import { useMemo } from 'react';
import { StyleSheet, View } from 'react-native';
import { Press } from '../../design/Press';
import { SPACE } from '../../design/tokens';
import { usePlan } from '../../engine/useEngine';
import { CallFrame } from '../../call/CallFrame';
import { observedNow, uncheckedWork } from '../../record/observed';
import { Fix } from './Fix';
import { PlanSearch } from './PlanSearch';

export function FixPage() {
  return (
    <CallFrame stage="fix" footer={(record) => <FixFooter record={record} />}>
      {(record) => <Planned record={record} />}
    </CallFrame>
  );
}

/** Outcomes that ask for more to be read, tried or looked at. */
const ASKS_FOR_MORE: readonly PlanOutcome[] = ['measure first', 'read again', 'look again', 'find out first'];

/**
 * After a step comes its check; when all is done, or nothing is to be done, the whole door is measured as left. Before anything is done the
 * way is back to finding out: what was read as found is no proof.
 */
function FixFooter({ record }: { record: CallRecord }) {
  const { correction } = usePlan(useMemo(() => observedNow(record), [record]));
  const [last] = uncheckedWork(record).slice(-1);
  const readBefore = record.readings.map(({ station }) => station);
  const recheck = last === undefined ? [] : recheckAfter(last.action, last.hinge ?? undefined, readBefore);
  const hasWorked = record.adjustments.length > 0;
  const isBeforeWork = correction === undefined || ASKS_FOR_MORE.includes(correction.outcome) || correction.plans[0]?.steps.length !== 0;
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
          kind={hasWorked && recheck.length === 0 ? 'primary' : 'plain'}
          style={styles.half}
          onPress={() => router.replace(`/call/${record.call.id}/measure?stage=left`)}
          testID="to-prove"
        >
          Measure it as left
        </Press>
      )}
    </View>
  );
}

function Planned({ record }: { record: CallRecord }) {
  const observed = useMemo(() => observedNow(record), [record]);
  const planning = usePlan(observed);
  return (
    <View style={styles.planned}>
      <PlanSearch {...planning} />
      {planning.correction && <Fix record={record} correction={planning.correction} />}
    </View>
  );
}

const styles = StyleSheet.create({ row: { flexDirection: 'row', gap: SPACE.s }, half: { flex: 1 }, planned: { gap: SPACE.m } });
