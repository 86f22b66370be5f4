import { CANNOT_LOOK, type Finding } from '@proper-swing/core/doors';
import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { Choice } from '../design/Choice';
import { Press } from '../design/Press';
import { SPACE } from '../design/tokens';
import { Said } from '../words/Said';

export interface CheckProps {
  finding: Finding;
  answer: string | undefined;
  onAnswer: (answer: string) => void;
  /** Shows how it is done from the start. */
  explains?: boolean;
  /** Whether it may be said that it cannot be had on this door. */
  mayFail?: boolean;
}

/** One quick check: the question, how it is done, and its answers. The same answer again takes it back. */
export function Check({ finding, answer, onAnswer, explains = false, mayFail = false }: CheckProps) {
  const [showsHow, setShowsHow] = useState(explains);
  const cannot = answer === CANNOT_LOOK.id;
  return (
    <View style={styles.check}>
      <View style={styles.head}>
        <Said kind="strong" style={styles.question}>
          {finding.question}
        </Said>
        {!explains && (
          <Press kind="quiet" label={`How to check: ${finding.question}`} onPress={() => setShowsHow(!showsHow)}>
            How
          </Press>
        )}
      </View>
      {showsHow && <Said>{finding.howTo}</Said>}
      <Choice label={finding.question} options={finding.answers} chosen={answer} onChoose={onAnswer} testID={`check-${finding.id}`} />
      {mayFail && finding.stage !== 'listen' && (showsHow || cannot) && (
        <Press
          kind="quiet"
          style={styles.cannot}
          label={`${cannot ? 'Can be checked after all' : CANNOT_LOOK.label}: ${finding.question}`}
          onPress={() => onAnswer(CANNOT_LOOK.id)}
          testID={`cannot-${finding.id}`}
        >
          {cannot ? 'Noted: cannot be checked here. Take back' : CANNOT_LOOK.label}
        </Press>
      )}
    </View>
  );
}

const styles = StyleSheet.create({
  check: { gap: SPACE.xs, paddingBottom: SPACE.s },
  head: { flexDirection: 'row', alignItems: 'center', minHeight: 48 },
  question: { flex: 1 },
  cannot: { alignSelf: 'flex-start' },
});
