import type { CallRecord } from '@proper-swing/contract';
import { router } from 'expo-router';
import { useMemo, useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { Choice } from '../../design/Choice';
import { Field } from '../../design/Field';
import { Press } from '../../design/Press';
import { SPACE } from '../../design/tokens';
import { Words } from '../../design/Words';
import { useCallSummaries } from '../../offline/lists';
import { leftReadings, proofOfCall } from '../../record/asLeft';
import { isGapRead } from '../../record/observed';
import { closeCall, reopenCall } from '../../record/closeCall';
import { isProved, REASONS_LEFT } from './proofWords';

const REASONS = REASONS_LEFT.map((label) => ({ id: label, label }));

/** Measuring comes first, then closing. A call whose door is not proved is closed with a reason, asked for once. */
export function CloseCall({ record }: { record: CallRecord }) {
  const proof = useMemo(() => proofOfCall(record), [record]);
  const [asksWhy, setAsksWhy] = useState(false);
  if (record.call.state === 'done') return <Closed record={record} />;
  if (asksWhy) return <WhyLeft record={record} onLeave={() => setAsksWhy(false)} />;
  const isMeasured = proof.gauged.length > 0;
  const proved = isProved(proof, isGapRead(record));
  const close = () => (proved ? closeCall(record) : setAsksWhy(true));
  return (
    <View style={styles.row}>
      <Press
        kind={isMeasured || proved ? 'plain' : 'primary'}
        style={styles.half}
        onPress={() => router.replace(`/call/${record.call.id}/measure?stage=left`)}
        testID="measure-left"
      >
        {isMeasured && !leftReadings(record).isAsFound ? 'Measure again' : 'Measure it as left'}
      </Press>
      <Press kind={proved ? 'primary' : 'plain'} style={styles.half} onPress={close} testID="close-call">
        Close the call
      </Press>
    </View>
  );
}

/** Why it is left so, in one tap or in other words. */
function WhyLeft({ record, onLeave }: { record: CallRecord; onLeave: () => void }) {
  const [words, setWords] = useState('');
  return (
    <View style={styles.why} testID="why-left">
      <Words kind="strong">Not proved free and even. Why is it left so?</Words>
      <Choice label="Reason" options={REASONS} chosen={undefined} onChoose={(reason) => closeCall(record, reason)} testID="reason" />
      <Field label="Or in other words" value={words} onChange={setWords} testID="reason-words" />
      <View style={styles.row}>
        <Press style={styles.half} onPress={onLeave}>
          Leave it open
        </Press>
        <Press
          kind="primary"
          style={styles.half}
          disabled={words.trim() === ''}
          onPress={() => closeCall(record, words.trim())}
          testID="close-because"
        >
          Close the call
        </Press>
      </View>
    </View>
  );
}

/** What comes next, and the way back. */
function Closed({ record }: { record: CallRecord }) {
  const { items } = useCallSummaries();
  const next = [...items]
    .filter(({ call }) => call.state === 'open' && call.id !== record.call.id)
    .sort((a, b) => a.call.scheduledFor.localeCompare(b.call.scheduledFor))
    .find(({ call }) => call.scheduledFor >= record.call.scheduledFor);
  return (
    <View style={styles.row}>
      <Press style={styles.half} onPress={() => reopenCall(record)} testID="reopen">
        Open it again
      </Press>
      <Press
        kind="primary"
        style={styles.half}
        onPress={() => router.replace(next === undefined ? '/' : `/call/${next.call.id}`)}
        testID="next-call"
      >
        {next === undefined ? 'Closed. All calls' : `Closed. Next: ${next.site.name}`}
      </Press>
    </View>
  );
}

const styles = StyleSheet.create({ row: { flexDirection: 'row', gap: SPACE.s }, half: { flex: 1 }, why: { gap: SPACE.s } });
