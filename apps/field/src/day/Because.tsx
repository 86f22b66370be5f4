import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { Choice } from '../design/Choice';
import { Field } from '../design/Field';
import { Press } from '../design/Press';
import { SPACE } from '../design/tokens';
import { Words } from '../design/Words';

export interface BecauseProps {
  asks: string;
  /** Each is given at one tap. */
  reasons: readonly string[];
  leaves: string;
  keeps: string;
  onLeave: () => void;
  onBecause: (reason: string) => void;
  testID: string;
}

/** Asks for a reason: one tap, or other words. */
export function Because({ asks, reasons, leaves, keeps, onLeave, onBecause, testID }: BecauseProps) {
  const [words, setWords] = useState('');
  return (
    <View style={styles.why} testID={testID}>
      <Words kind="strong">{asks}</Words>
      <Choice
        label="Reason"
        options={reasons.map((label) => ({ id: label, label }))}
        chosen={undefined}
        onChoose={onBecause}
        testID="reason"
      />
      <Field label="Or in other words" value={words} onChange={setWords} testID="reason-words" />
      <View style={styles.row}>
        <Press style={styles.half} onPress={onLeave}>
          {leaves}
        </Press>
        <Press
          kind="primary"
          style={styles.half}
          disabled={words.trim() === ''}
          onPress={() => onBecause(words.trim())}
          testID="close-because"
        >
          {keeps}
        </Press>
      </View>
    </View>
  );
}

const styles = StyleSheet.create({ row: { flexDirection: 'row', gap: SPACE.s }, half: { flex: 1 }, why: { gap: SPACE.s } });
