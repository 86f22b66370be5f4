import type { CallRecord } from '@proper-swing/contract';
import { router } from 'expo-router';
import { useMemo } from 'react';
import { Press } from '../../design/Press';
import { Words } from '../../design/Words';
import { usePlan } from '../../workers/useEngine';
import { CallFrame } from '../call/CallFrame';
import { observedAt } from '../call/observed';
import { Fix } from './Fix';

export function FixPage() {
  return (
    <CallFrame
      stage="fix"
      footer={({ call, adjustments }) => (
        <Press
          kind={adjustments.length > 0 ? 'primary' : 'plain'}
          onPress={() => router.replace(`/call/${call.id}/measure?stage=left`)}
          testID="to-prove"
        >
          Measure it as left
        </Press>
      )}
    >
      {(record) => <Planned record={record} />}
    </CallFrame>
  );
}

function Planned({ record }: { record: CallRecord }) {
  const observed = useMemo(() => observedAt(record, 'found'), [record]);
  const plan = usePlan(observed);
  return plan === undefined ? <Words tone="pencil">Searching for the best plan.</Words> : <Fix record={record} plan={plan} />;
}
