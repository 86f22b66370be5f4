import type { CallRecord } from '@proper-swing/contract';
import { router } from 'expo-router';
import { useMemo, useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { Because } from '../../day/Because';
import { fittingList, isListDone, listSays } from '../../call/fittingList';
import { wantsGaps } from '../../call/stages';
import { isOpen } from '../../day/callMoves';
import { dayBook } from '../../day/dayBook';
import { Press } from '../../design/Press';
import { SPACE } from '../../design/tokens';
import { useCallSummaries } from '../../offline/lists';
import { leftReadings, proofOfCall } from '../../record/asLeft';
import { isGapRead } from '../../record/observed';
import { closeCall, reopenCall } from '../../record/closeCall';
import { isProved, REASONS_LEFT } from './proofWords';

/** Measuring comes first, then closing. A call whose door is not proved is closed with a reason, asked for once. */
export function CloseCall({ record }: { record: CallRecord }) {
  const proof = useMemo(() => proofOfCall(record), [record]);
  const list = useMemo(() => fittingList(record), [record]);
  const [asksWhy, setAsksWhy] = useState(false);
  if (!isOpen(record.call)) return <Closed record={record} />;
  if (asksWhy) {
    return (
      <Because
        asks={isListDone(list) ? 'Not proved free and even. Why is it left so?' : `${list ? listSays(list) : ''} Why is it left so?`}
        reasons={REASONS_LEFT}
        leaves="Leave it open"
        keeps="Close the call"
        onLeave={() => setAsksWhy(false)}
        onBecause={(reason) => closeCall(record, reason)}
        testID="why-left"
      />
    );
  }
  const isMeasured = proof.gauged.length > 0;
  const proved = isListDone(list) && isProved(proof, isGapRead(record) || wantsGaps(record.call));
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

/** What comes next, and the way back. */
function Closed({ record }: { record: CallRecord }) {
  const { items } = useCallSummaries();
  const others = useMemo(() => items.filter(({ call }) => call.id !== record.call.id), [items, record.call.id]);
  const { next } = dayBook(others, new Date());
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

const styles = StyleSheet.create({ row: { flexDirection: 'row', gap: SPACE.s }, half: { flex: 1 } });
