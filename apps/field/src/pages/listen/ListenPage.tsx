import { router } from 'expo-router';
import { StyleSheet, View } from 'react-native';
import { Press } from '../../design/Press';
import { SPACE } from '../../design/tokens';
import { CallFrame } from '../../call/CallFrame';
import { Listen } from './Listen';

export function ListenPage() {
  return (
    <CallFrame
      stage="listen"
      footer={({ call, readings }) => (
        <View style={styles.row}>
          <Press style={styles.half} onPress={() => router.replace(`/call/${call.id}/measure`)} testID="to-measure">
            {readings.length > 0 ? 'Go on measuring' : 'Measure'}
          </Press>
          <Press kind="primary" style={styles.half} onPress={() => router.replace(`/call/${call.id}/look`)} testID="to-look">
            Look and test
          </Press>
        </View>
      )}
    >
      {(record) => <Listen record={record} />}
    </CallFrame>
  );
}

const styles = StyleSheet.create({ row: { flexDirection: 'row', gap: SPACE.s }, half: { flex: 1 } });
