import type { CallRecord } from '@proper-swing/contract';
import { router } from 'expo-router';
import { StyleSheet, View } from 'react-native';
import { Press } from '../../design/Press';
import { SPACE } from '../../design/tokens';
import { CallFrame } from '../../call/CallFrame';
import { fittingList } from '../../call/fittingList';
import { isFitting, JOB_WORDS, jobOf, stagesOf } from '../../call/stages';
import { Listen } from './Listen';

export function ListenPage() {
  return (
    <CallFrame stage="listen" footer={(record) => <WayOn record={record} />}>
      {(record) => <Listen record={record} />}
    </CallFrame>
  );
}

function WayOn({ record }: { record: CallRecord }) {
  const { call, readings } = record;
  const to = (path: string) => router.replace(`/call/${call.id}${path}`);
  const stages = stagesOf(record);
  const list = fittingList(record);
  const openAt = list?.state === 'kept' ? list.openAt : undefined;
  const next = stages.find(({ path }) => path === openAt) ?? stages[1];
  if (isFitting(call) && next) {
    return (
      <Press kind="primary" onPress={() => to(next.path)} testID={`to-${next.id}`}>
        {`${next === stages[1] ? JOB_WORDS[jobOf(call)] : next.title} ›`}
      </Press>
    );
  }
  return (
    <View style={styles.row}>
      <Press style={styles.half} onPress={() => to('/measure')} testID="to-measure">
        {readings.length > 0 ? 'Go on measuring' : 'Measure'}
      </Press>
      <Press kind="primary" style={styles.half} onPress={() => to('/look')} testID="to-look">
        Look and test
      </Press>
    </View>
  );
}

const styles = StyleSheet.create({ row: { flexDirection: 'row', gap: SPACE.s }, half: { flex: 1 } });
