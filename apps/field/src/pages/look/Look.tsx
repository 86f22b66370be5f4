import type { CallRecord } from '@proper-swing/contract';
import { findingsFor, type Finding } from '@proper-swing/core';
import { ScrollView, StyleSheet, useWindowDimensions, View } from 'react-native';
import { Section } from '../../design/Section';
import { SPACE, WIDE_FROM } from '../../design/tokens';
import { Words } from '../../design/Words';
import { answersByFinding } from '../../record/observed';
import { writeFinding } from '../../record/writeFinding';
import { Check } from '../../call/Check';
import { RubMarks } from './RubMarks';

const STAGES = [
  { id: 'look', title: 'Look', says: 'Before a tool is touched.' },
  { id: 'test', title: 'Try', says: 'With a hand on the door.' },
  { id: 'listen', title: 'Ask', says: 'What the customer knows.' },
] as const satisfies readonly { id: Finding['stage']; title: string; says: string }[];

/** Rub marks on the drawing, then the quick checks in working order; all may be left out. */
export function Look({ record }: { record: CallRecord }) {
  const { width } = useWindowDimensions();
  const isWide = width >= WIDE_FROM;
  const answers = answersByFinding(record);
  // The complaint is asked when the call begins.
  const checks = findingsFor(record.door.make).filter(({ id }) => id !== 'complaint');
  return (
    <ScrollView tabIndex={0} style={styles.scroll} contentContainerStyle={[styles.panel, isWide && styles.spread]}>
      <View style={isWide && styles.column}>
        <RubMarks record={record} />
      </View>
      <View style={[styles.lists, isWide && styles.column]}>
        {STAGES.map(({ id, title, says }) => {
          const own = checks.filter(({ stage }) => stage === id);
          const done = own.filter((check) => answers.has(check.id)).length;
          return (
            <Section
              key={id}
              title={title}
              aside={
                <Words kind="label" tone="pencil">
                  {`${done} of ${own.length}`}
                </Words>
              }
            >
              <Words tone="pencil">{says}</Words>
              {own.map((check) => (
                <Check
                  key={check.id}
                  finding={check}
                  answer={answers.get(check.id)}
                  onAnswer={(answer) => writeFinding(record, check.id, answer)}
                />
              ))}
            </Section>
          );
        })}
      </View>
    </ScrollView>
  );
}

const styles = StyleSheet.create({
  scroll: { flex: 1 },
  panel: { padding: SPACE.l, gap: SPACE.xl, width: '100%', maxWidth: 1180, alignSelf: 'center' },
  lists: { gap: SPACE.xl },
  spread: { flexDirection: 'row', alignItems: 'flex-start' },
  column: { flex: 1, minWidth: 0 },
});
