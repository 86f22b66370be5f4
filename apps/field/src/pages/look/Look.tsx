import type { CallRecord } from '@proper-swing/contract';
import type { Finding, FindingId } from '@proper-swing/core/doors';
import { useMemo } from 'react';
import { ScrollView, StyleSheet, useWindowDimensions, View } from 'react-native';
import { Folded } from '../../design/Folded';
import { Section } from '../../design/Section';
import { SPACE, WIDE_FROM } from '../../design/tokens';
import { Words } from '../../design/Words';
import { useNextBest } from '../../engine/useEngine';
import { handbookOf, modelFor } from '../../record/door';
import { answersByFinding, observedAt, standingWork } from '../../record/observed';
import { writeFinding } from '../../record/writeFinding';
import { Check } from '../../call/Check';
import { useLeadingChecks } from './leadingChecks';
import { RubMarks } from './RubMarks';

/** The checks that would tell most, rub marks on the drawing, then all other checks by what they are of; all may be left out. */
export function Look({ record }: { record: CallRecord }) {
  const { width } = useWindowDimensions();
  const isWide = width >= WIDE_FROM;
  const answers = answersByFinding(record);
  const observed = useMemo(() => observedAt(record, 'found'), [record]);
  // The complaint is asked when the call begins.
  const { checkGroups, complaint } = handbookOf(record.door);
  const checks = (modelFor(record.door).findings as readonly Finding[]).filter(({ id }) => id !== complaint);
  const telling = useNextBest(observed)?.checks.filter((id) => checks.some((each) => each.id === id));
  const leading = useLeadingChecks(telling, (id) => answers.has(id));
  const shown = leading.flatMap((id) => checks.filter((each) => each.id === id));
  const ask = (check: Finding) => (
    <Check
      key={check.id}
      finding={check}
      answer={answers.get(check.id)}
      mayFail
      onAnswer={(answer) => writeFinding(record, check.id, answer)}
    />
  );
  const first = (
    <Section title="These would tell most">
      {standingWork(record).length > 0 && (
        <Words tone="pencil" testID="before-work">
          What is answered here counts as found, before the work. What the work has changed is answered under Fix.
        </Words>
      )}
      {telling === undefined && shown.length === 0 && <Words tone="pencil">Working out what would tell most.</Words>}
      {telling?.length === 0 && shown.length === 0 && <Words tone="pencil">No check would tell more of the cause than is known.</Words>}
      {shown.map(ask)}
    </Section>
  );
  const others = checkGroups.map(({ id, title, checks: ids }) => (
    <Group
      key={id}
      id={id}
      title={title}
      checks={checks.filter((each) => ids.includes(each.id))}
      leading={leading}
      answers={answers}
      ask={ask}
    />
  ));
  return (
    <ScrollView tabIndex={0} style={styles.scroll} contentContainerStyle={[styles.panel, isWide && styles.spread]}>
      {isWide ? (
        <>
          <View style={styles.column}>
            <RubMarks record={record} />
          </View>
          <View style={[styles.lists, styles.column]}>
            {first}
            {others}
          </View>
        </>
      ) : (
        <>
          {first}
          <RubMarks record={record} />
          <View style={styles.lists}>{others}</View>
        </>
      )}
    </ScrollView>
  );
}

interface GroupProps {
  id: string;
  title: string;
  checks: readonly Finding[];
  leading: readonly FindingId[];
  answers: ReadonlyMap<string, string>;
  ask: (check: Finding) => React.ReactNode;
}

/** The other checks of a kind, folded: how many of all are answered stands on the fold. */
function Group({ id, title, checks, leading, answers, ask }: GroupProps) {
  const others = checks.filter((check) => !leading.includes(check.id));
  if (others.length === 0) return null;
  const done = checks.filter((check) => answers.has(check.id)).length;
  return (
    <Folded title={`${title}: ${done} of ${checks.length}`} testID={`checks-${id}`}>
      {others.map(ask)}
    </Folded>
  );
}

const styles = StyleSheet.create({
  scroll: { flex: 1 },
  panel: { padding: SPACE.l, gap: SPACE.xl, width: '100%', maxWidth: 1180, alignSelf: 'center' },
  lists: { gap: SPACE.l },
  spread: { flexDirection: 'row', alignItems: 'flex-start' },
  column: { flex: 1, minWidth: 0 },
});
