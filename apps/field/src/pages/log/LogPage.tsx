import type { CallRecord } from '@proper-swing/contract';
import { router } from 'expo-router';
import { FormFault, FormFooter } from '../../design/Form';
import { Press } from '../../design/Press';
import { CallFrame } from '../../call/CallFrame';
import { workPath } from '../../call/stages';
import { useCallPage } from '../../call/useCallPage';
import { LogWork } from './LogWork';
import { useWorkLog, type WorkLog } from './useWorkLog';

export function LogPage() {
  const { callId } = useCallPage();
  const log = useWorkLog(callId);
  return (
    <CallFrame titled="Log" footer={(record) => <LogFooter record={record} log={log} />}>
      {(record) => <LogWork record={record} log={log} />}
    </CallFrame>
  );
}

/** Logs what is being written; else the way on. */
function LogFooter({ record, log: { work, faults, fault, leave, log } }: { record: CallRecord; log: WorkLog }) {
  if (work === null) {
    return (
      <Press onPress={() => router.replace(`/call/${record.call.id}${workPath(record)}`)} testID="to-plan">
        What next?
      </Press>
    );
  }
  return (
    <>
      <FormFault says={fault ?? faults.remark ?? faults.places ?? faults.amount ?? faults.minutes} testID="log-fault" />
      <FormFooter
        onLeave={leave}
        leaveID="leave-work"
        keeps={work.corrects === undefined ? 'Log it' : 'Put it right'}
        onKeep={() => log(record)}
        keepID="log-work"
      />
    </>
  );
}
