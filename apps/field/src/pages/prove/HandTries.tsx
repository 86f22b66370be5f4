import type { CallRecord } from '@proper-swing/contract';
import { finding, findingAnswer, proofTriesFor, type ProofTry } from '@proper-swing/core/doors';
import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { Check } from '../../call/Check';
import { Press } from '../../design/Press';
import { SPACE } from '../../design/tokens';
import { Words } from '../../design/Words';
import { modelFor } from '../../record/door';
import { leftTries } from '../../record/asLeft';
import { writeTry } from '../../record/writeFinding';
import { newAct } from '../../record/writing';

/** What a hand tries before the door is left: all good in one tap, or each by itself. */
export function HandTries({ record }: { record: CallRecord }) {
  const [shown, setShown] = useState(false);
  const asked = proofTriesFor(record.door.kind, modelFor(record.door));
  const tries = leftTries(record);
  const due = asked.filter((each) => !tries.has(each.finding));
  const bad = asked.filter((each) => !due.includes(each) && tries.get(each.finding) !== each.good);
  const allGood = () => {
    const go = newAct();
    for (const each of due) writeTry(record, each.finding, each.good, go);
  };
  const saidOf = ({ finding: id, title, good }: ProofTry) => {
    const answer = tries.get(id);
    return answer === undefined || answer === good ? title : (findingAnswer(id, answer)?.says ?? title);
  };
  return (
    <View style={styles.list}>
      {due.length > 0 && <Words>{`Is it so: ${due.map(({ title }) => title).join(', ')}?`}</Words>}
      {due.length < asked.length && (
        <Words tone={bad.length > 0 ? 'tight' : 'ink'} testID="tried">
          {`Tried: ${asked
            .filter((each) => !due.includes(each))
            .map(saidOf)
            .join(', ')}.`}
        </Words>
      )}
      <View style={styles.row}>
        {due.length > 0 && (
          <Press style={styles.grow} onPress={allGood} testID="all-good">
            {due.length === asked.length ? 'All good' : 'The rest is good'}
          </Press>
        )}
        <Press kind="quiet" onPress={() => setShown(!shown)} testID="each-try">
          {shown ? 'Fold up' : 'One by one'}
        </Press>
      </View>
      {shown &&
        asked.map((each) => (
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

const styles = StyleSheet.create({
  list: { gap: SPACE.s },
  row: { flexDirection: 'row', gap: SPACE.s },
  grow: { flex: 1 },
});
