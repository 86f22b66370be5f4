import { router } from 'expo-router';
import { Press } from '../../design/Press';
import { CallFrame } from './CallFrame';
import { Listen } from './Listen';

export function ListenPage() {
  return (
    <CallFrame
      stage="listen"
      footer={({ call, readings }) => (
        <Press kind="primary" onPress={() => router.replace(`/call/${call.id}/measure`)} testID="to-measure">
          {readings.length > 0 ? 'Go on measuring' : 'Measure the door'}
        </Press>
      )}
    >
      {(record) => <Listen record={record} />}
    </CallFrame>
  );
}
