import type { CallRecord } from '@proper-swing/contract';
import { FINDINGS, type Finding } from '@proper-swing/core';
import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { Choice } from '../../design/Choice';
import { Press } from '../../design/Press';
import { Section } from '../../design/Section';
import { SPACE } from '../../design/tokens';
import { Words } from '../../design/Words';
import { answersByFinding } from '../call/observed';
import { writeFinding } from './writeFinding';

/** The complaint is asked when the call begins. */
const CHECKS = FINDINGS.filter(({ id }) => id !== 'complaint');

/** Quick checks in working order; each answer moves the causes at once. */
export function Checks({ record }: { record: CallRecord }) {
  const answers = answersByFinding(record);
  const done = CHECKS.filter(({ id }) => answers.has(id)).length;
  return (
    <Section
      title="Quick checks"
      aside={
        <Words kind="label" tone="pencil">
          {`${done} of ${CHECKS.length} done`}
        </Words>
      }
    >
      {CHECKS.map((finding) => (
        <Check
          key={finding.id}
          finding={finding}
          answer={answers.get(finding.id)}
          onAnswer={(answer) => writeFinding(record, finding.id, answer)}
        />
      ))}
    </Section>
  );
}

function Check({ finding, answer, onAnswer }: { finding: Finding; answer: string | undefined; onAnswer: (answer: string) => void }) {
  const [showsHow, setShowsHow] = useState(false);
  return (
    <View style={styles.check}>
      <View style={styles.head}>
        <Words kind="strong" style={styles.question}>
          {finding.question}
        </Words>
        <Press kind="quiet" label={`How to check: ${finding.question}`} onPress={() => setShowsHow(!showsHow)}>
          How
        </Press>
      </View>
      {showsHow && <Words>{finding.howTo}</Words>}
      <Choice label={finding.question} options={finding.answers} chosen={answer} onChoose={onAnswer} testID={`check-${finding.id}`} />
    </View>
  );
}

const styles = StyleSheet.create({
  check: { gap: SPACE.xs, paddingBottom: SPACE.s },
  head: { flexDirection: 'row', alignItems: 'center' },
  question: { flex: 1 },
});
