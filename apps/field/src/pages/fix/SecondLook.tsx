import type { CallRecord } from '@proper-swing/contract';
import { finding, findingAnswer, type FindingId } from '@proper-swing/core/doors';
import { StyleSheet, View } from 'react-native';
import { Check } from '../../call/Check';
import { Words } from '../../design/Words';
import { SPACE } from '../../design/tokens';
import { answersByFinding } from '../../record/observed';
import { writeSecondLook } from '../../record/writeFinding';

/** What is looked at once more before heavy work is done for it. The answer given at first is told and not filled in. */
export function SecondLook({ record, ids }: { record: CallRecord; ids: readonly FindingId[] }) {
  const answers = answersByFinding(record);
  return (
    <View style={styles.list}>
      {ids.map((id) => (
        <View key={id}>
          {answers.has(id) && <Words tone="pencil">{`At the first look: ${findingAnswer(id, answers.get(id) ?? '')?.says ?? ''}.`}</Words>}
          <Check
            finding={finding(id)}
            answer={undefined}
            explains
            mayFail={!answers.has(id)}
            onAnswer={(answer) => writeSecondLook(record, id, answer)}
          />
        </View>
      ))}
    </View>
  );
}

const styles = StyleSheet.create({ list: { gap: SPACE.s } });
