import type { Adjustment, CallRecord } from '@proper-swing/contract';
import { finding, type FindingId } from '@proper-swing/core/doors';
import { StyleSheet, View } from 'react-native';
import { SPACE } from '../../design/tokens';
import { Words } from '../../design/Words';
import { answersByFinding } from '../../record/observed';
import { writeFinding } from '../../record/writeFinding';
import { Check } from '../../call/Check';

export interface LookAgainProps {
  record: CallRecord;
  /** The work that was logged. */
  after: Adjustment;
  ids: readonly FindingId[];
}

/** What to look at or try again after a step; the next check of the gaps takes the answers into account. */
export function LookAgain({ record, after, ids }: LookAgainProps) {
  if (ids.length === 0) return null;
  const answers = answersByFinding(record, after);
  return (
    <View style={styles.list}>
      <Words tone="pencil">Look again. May stay empty.</Words>
      {ids.map((id) => (
        <Check key={id} finding={finding(id)} answer={answers.get(id)} onAnswer={(answer) => writeFinding(record, id, answer, after)} />
      ))}
    </View>
  );
}

const styles = StyleSheet.create({ list: { gap: SPACE.s } });
