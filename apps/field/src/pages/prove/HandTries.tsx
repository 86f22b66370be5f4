import type { CallRecord } from '@proper-swing/contract';
import { finding, proofTriesFor } from '@proper-swing/core';
import { View, StyleSheet } from 'react-native';
import { Check } from '../../call/Check';
import { Press } from '../../design/Press';
import { SPACE } from '../../design/tokens';
import { leftTries } from '../../record/asLeft';
import { writeTry } from '../../record/writeFinding';
import { newAct } from '../../record/writing';

/** What a hand tries before the door is left: all good in one tap, or each by itself. */
export function HandTries({ record }: { record: CallRecord }) {
  const asked = proofTriesFor(record.door.make);
  const tries = leftTries(record);
  const due = asked.filter((each) => !tries.has(each.finding));
  const allGood = () => {
    const go = newAct();
    for (const each of due) writeTry(record, each.finding, each.good, go);
  };
  return (
    <View style={styles.list}>
      {due.length > 0 && (
        <Press kind="primary" onPress={allGood} testID="all-good">
          {due.length === asked.length ? `All good: ${asked.map(({ title }) => title).join(', ')}` : 'The rest is good'}
        </Press>
      )}
      {asked.map((each) => (
        <Check
          key={each.finding}
          finding={finding(each.finding)}
          answer={tries.get(each.finding)}
          onAnswer={(answer) => writeTry(record, each.finding, answer)}
        />
      ))}
    </View>
  );
}

const styles = StyleSheet.create({ list: { gap: SPACE.s } });
