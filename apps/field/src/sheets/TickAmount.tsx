import { useRef, useState } from 'react';
import { StyleSheet, View } from 'react-native';
import type { LengthWords } from '../design/lengthWords';
import { Press } from '../design/Press';
import { Stepper } from '../design/Stepper';
import { SPACE } from '../design/tokens';

export interface TickAmountProps {
  /** What the amount is, and what the key that ticks says. */
  label: string;
  says: string;
  /** Another plan is another of these: the amount begins where it began. */
  plannedMm: number;
  words: LengthWords;
  onTick: (reallyMm: number) => void;
  amountID: string;
  tickID: string;
}

const STEP_MM = 0.5;

/** A line that is ticked off with what was really done. */
export function TickAmount({ label, says, plannedMm, words, onTick, amountID, tickID }: TickAmountProps) {
  const [really, setReally] = useState(plannedMm);
  // Until the rest is planned anew a second tap would do it twice.
  const isTicked = useRef(false);
  const tick = () => {
    if (isTicked.current) return;
    isTicked.current = really > 0;
    onTick(really);
  };
  return (
    <View style={styles.line}>
      <Stepper
        label={label}
        value={words.bare(really)}
        onStep={(by) => setReally(Math.max(0, Math.round((really + by * STEP_MM) / STEP_MM) * STEP_MM))}
        testID={amountID}
      />
      <Press kind="primary" onPress={tick} style={styles.grow} testID={tickID}>
        {says}
      </Press>
    </View>
  );
}

const styles = StyleSheet.create({
  line: { flexDirection: 'row', flexWrap: 'wrap', alignItems: 'center', gap: SPACE.m },
  grow: { flexGrow: 1 },
});
