import type { CallRecord } from '@proper-swing/contract';
import { router } from 'expo-router';
import { StyleSheet, View } from 'react-native';
import { FormFault } from '../../design/Form';
import { Press } from '../../design/Press';
import { SPACE } from '../../design/tokens';
import { CallFrame } from '../../call/CallFrame';
import { useCallPage } from '../../call/useCallPage';
import { LogWork } from './LogWork';
import { useWorkLog, type WorkLog } from './useWorkLog';

export function LogPage() {
  const { callId } = useCallPage();
  const log = useWorkLog(callId);
  return (
    <CallFrame footer={(record) => <LogFooter record={record} log={log} />}>{(record) => <LogWork record={record} log={log} />}</CallFrame>
  );
}

/** Logs what is being written; else the way on. */
function LogFooter({ record, log: { work, faults, fault, leave, log } }: { record: CallRecord; log: WorkLog }) {
  if (work === null) {
    return (
      <Press onPress={() => router.replace(`/call/${record.call.id}/fix`)} testID="to-plan">
        What next?
      </Press>
    );
  }
  return (
    <>
      <FormFault says={fault ?? faults.remark ?? faults.hinges ?? faults.amount ?? faults.minutes} testID="log-fault" />
      <View style={styles.row}>
        <Press onPress={leave} testID="leave-work">
          Leave it
        </Press>
        <Press kind="primary" style={styles.grow} onPress={() => log(record)} testID="log-work">
          {work.corrects === undefined ? 'Log it' : 'Put it right'}
        </Press>
      </View>
    </>
  );
}

const styles = StyleSheet.create({ row: { flexDirection: 'row', gap: SPACE.s }, grow: { flex: 1 } });
