import type { CallRecord } from '@proper-swing/contract';
import { router } from 'expo-router';
import { Press } from '../../design/Press';
import { CallFrame } from '../../call/CallFrame';
import { setCallState } from '../../record/closeCall';
import { compareStages } from './compare';
import { Prove } from './Prove';

export function ProvePage() {
  return (
    <CallFrame stage="prove" footer={(record) => <ProveFooter record={record} />}>
      {(record) => <Prove record={record} comparison={compareStages(record)} />}
    </CallFrame>
  );
}

/** Measuring comes first; closing when there is something to show for it. A call can be closed untrue, and says so. */
function ProveFooter({ record }: { record: CallRecord }) {
  const { gaps, missing } = compareStages(record);
  const isMeasured = gaps.length > 0 && missing.length === 0;
  const measure = (
    <Press
      kind={isMeasured ? 'plain' : 'primary'}
      onPress={() => router.replace(`/call/${record.call.id}/measure?stage=left`)}
      testID="measure-left"
    >
      {isMeasured ? 'Measure again' : 'Measure it as left'}
    </Press>
  );
  if (record.call.state === 'done') {
    return (
      <Press onPress={() => setCallState(record, 'open')} testID="reopen">
        Done. Open it again
      </Press>
    );
  }
  return (
    <>
      {measure}
      <Press kind={isMeasured ? 'primary' : 'plain'} onPress={() => setCallState(record, 'done')} testID="close-call">
        Close the call
      </Press>
    </>
  );
}
