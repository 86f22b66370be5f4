import { CallFrame } from '../../call/CallFrame';
import { CloseCall } from './CloseCall';
import { Prove } from './Prove';

export function ProvePage() {
  return (
    <CallFrame stage="prove" footer={(record) => <CloseCall record={record} />}>
      {(record) => <Prove record={record} />}
    </CallFrame>
  );
}
