import type { CallRecord } from '@proper-swing/contract';
import { router } from 'expo-router';
import { useMemo } from 'react';
import { StyleSheet, View } from 'react-native';
import { Press } from '../../design/Press';
import { SPACE } from '../../design/tokens';
import { Words } from '../../design/Words';
import { useDiagnosis } from '../../workers/useEngine';
import { CallFrame } from '../call/CallFrame';
import { observedAt } from '../call/observed';
import { FindPanel } from './FindPanel';
import { percent } from './percent';

export function FindPage() {
  return (
    <CallFrame stage="find" isFixed footer={(record) => <FindFooter record={record} />}>
      {(record) => <Find record={record} />}
    </CallFrame>
  );
}

function Find({ record }: { record: CallRecord }) {
  return <FindPanel record={record} diagnosis={useFoundDiagnosis(record)} spreads />;
}

/** The likely cause stays in sight while checks are answered further down. */
function FindFooter({ record }: { record: CallRecord }) {
  const first = useFoundDiagnosis(record)?.causes[0];
  return (
    <>
      {first && (
        <View style={styles.likely}>
          <Words kind="label" lines={1} style={styles.cause}>
            {first.title}
          </Words>
          <Words kind="title" testID="likely-chance">
            {percent(first.probability)}
          </Words>
        </View>
      )}
      <Press kind="primary" onPress={() => router.replace(`/call/${record.call.id}/fix`)} testID="to-fix">
        Plan the correction
      </Press>
    </>
  );
}

function useFoundDiagnosis(record: CallRecord) {
  const observed = useMemo(() => observedAt(record, 'found'), [record]);
  return useDiagnosis(observed);
}

const styles = StyleSheet.create({
  likely: { flexDirection: 'row', alignItems: 'center', paddingHorizontal: SPACE.s },
  cause: { flex: 1 },
});
