import type { Adjustment, CallRecord } from '@proper-swing/contract';
import { StyleSheet, View } from 'react-native';
import { Press } from '../../design/Press';
import { SPACE } from '../../design/tokens';
import { Words } from '../../design/Words';
import { useLengthWords } from '../../design/lengthWords';
import { standingWork } from '../../record/observed';
import { doneWords, howMuchWords, reckoningWords, whereWords } from '../../record/workWords';
import { withdrawAdjustment } from '../../record/writeAdjustment';

export interface DoneListProps {
  record: CallRecord;
  onCorrect: (work: Adjustment) => void;
}

/** What was done on a call, in order, each to be put right or taken back. */
export function DoneList({ record, onCorrect }: DoneListProps) {
  const words = useLengthWords();
  const done = standingWork(record);
  if (done.length === 0) return <Words tone="pencil">Nothing is logged yet.</Words>;
  return (
    <View style={styles.list} testID="done-list">
      {done.map((work, i) => {
        const title = doneWords(work);
        const where = whereWords(work);
        const howMuch = howMuchWords(work, words);
        const reckoning = reckoningWords(work);
        return (
          <View key={work.id} style={styles.entry} testID={`done-${i + 1}`}>
            <View style={styles.words}>
              <Words kind="strong">{title}</Words>
              {where !== '' && <Words kind="label">{where}</Words>}
              {howMuch !== '' && <Words kind="label">{howMuch}</Words>}
              {reckoning !== '' && (
                <Words kind="label" tone="pencil">
                  {reckoning}
                </Words>
              )}
            </View>
            <View style={styles.keys}>
              <Press kind="quiet" label={`Put right: ${title}`} onPress={() => onCorrect(work)} testID={`correct-${i + 1}`}>
                Put right
              </Press>
              <Press
                kind="quiet"
                label={`Take back: ${title}`}
                onPress={() => withdrawAdjustment(record, work)}
                testID={`withdraw-${i + 1}`}
              >
                Take back
              </Press>
            </View>
          </View>
        );
      })}
    </View>
  );
}

const styles = StyleSheet.create({
  list: { gap: SPACE.m },
  entry: { flexDirection: 'row', alignItems: 'flex-start' },
  words: { flex: 1, minWidth: 0 },
  keys: { flexDirection: 'row' },
});
