import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import type { LengthWords } from '../../design/lengthWords';
import { Press } from '../../design/Press';
import { Section } from '../../design/Section';
import { Several } from '../../design/Several';
import { Stepper } from '../../design/Stepper';
import { SPACE } from '../../design/tokens';
import type { ListedStep } from '../../sheets/benchSheet';
import { readDone, writeDone, type Ticked } from '../../sheets/ticks';

export interface TickListProps {
  steps: readonly ListedStep[];
  done: string;
  onDone: (done: string) => void;
  words: LengthWords;
}

/** What is ticked off besides cuts; a line with an amount is ticked with what was really done. */
export function TickList({ steps, done, onDone, words }: TickListProps) {
  if (steps.length === 0) return null;
  const ticked = readDone(done);
  const isTicked = (id: string) => ticked.some((each) => each.id === id);
  const tick = (line: Ticked) => onDone(writeDone([...ticked.filter(({ id }) => id !== line.id), line]));
  const untick = (id: string) => onDone(writeDone(ticked.filter((each) => each.id !== id)));
  const plain = steps.filter(({ mm }) => mm === undefined);
  return (
    <Section title="Tick off">
      {steps.flatMap((step) =>
        step.mm === undefined
          ? []
          : [
              <Amount
                // Another plan begins at its own amount.
                key={`${step.id}-${step.mm}`}
                step={step}
                planned={step.mm}
                really={ticked.find(({ id }) => id === step.id)?.mm}
                words={words}
                onTick={(mm) => tick({ id: step.id, mm })}
                onUntick={() => untick(step.id)}
              />,
            ],
      )}
      <Several
        label="Done"
        options={plain.map(({ id, says }) => ({ id, label: isTicked(id) ? `✓ ${says}` : says }))}
        chosen={plain.map(({ id }) => id).filter(isTicked)}
        onChange={(chosen) =>
          onDone(writeDone([...ticked.filter(({ id }) => !plain.some((each) => each.id === id)), ...chosen.map((id) => ({ id }))]))
        }
        testID="tick"
      />
    </Section>
  );
}

const STEP_MM = 0.5;

interface AmountProps {
  step: ListedStep;
  planned: number;
  really: number | undefined;
  words: LengthWords;
  onTick: (mm: number) => void;
  onUntick: () => void;
}

function Amount({ step: { id, says }, planned, really, words, onTick, onUntick }: AmountProps) {
  const [mm, setMm] = useState(planned);
  if (really !== undefined) {
    return (
      <Press chosen onPress={onUntick} label={says} testID={`tick-${id}`}>
        {`✓ ${says}: ${words.withUnit(really)}`}
      </Press>
    );
  }
  return (
    <View style={styles.amount}>
      <Stepper
        label={says}
        value={words.bare(mm)}
        onStep={(by) => setMm(Math.max(0, Math.round((mm + by * STEP_MM) / STEP_MM) * STEP_MM))}
        testID={`really-${id}`}
      />
      <Press kind="primary" onPress={() => onTick(Math.round(mm * 10) / 10)} style={styles.grow} testID={`tick-${id}`}>
        {says}
      </Press>
    </View>
  );
}

const styles = StyleSheet.create({
  amount: { flexDirection: 'row', flexWrap: 'wrap', alignItems: 'center', gap: SPACE.m },
  grow: { flexGrow: 1 },
});
