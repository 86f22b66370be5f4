import { standing, type CallRecord } from '@proper-swing/contract';
import { action, station } from '@proper-swing/core';
import { StyleSheet, View } from 'react-native';
import { Section } from '../../design/Section';
import { LINE, SPACE } from '../../design/tokens';
import { usePalette } from '../../design/theme';
import { Words } from '../../design/Words';
import { GapMark, VERDICT_WORDS } from '../../design/drawing/marks';
import { useLengthWords } from '../../design/lengthWords';
import { readingWords } from '../../record/readingWords';
import { hingeWords } from '../../record/planWords';
import type { Comparison } from './compare';

export interface ProveProps {
  record: CallRecord;
  comparison: Comparison;
}

/** As found against as left, gap by gap, with what was done in between. */
export function Prove({ record, comparison }: ProveProps) {
  const words = useLengthWords();
  const palette = usePalette();
  const done = standing(record.adjustments);
  return (
    <>
      <Section title="Verdict">
        <Words testID="verdict">{verdictWords(comparison)}</Words>
      </Section>
      <Section title={`Gaps, ${words.unit}`}>
        <View style={[styles.row, { borderColor: palette.ink }]}>
          <Words kind="label" tone="pencil" style={styles.name}>
            Where
          </Words>
          <Words kind="label" tone="pencil" style={styles.figure}>
            Found
          </Words>
          <Words kind="label" tone="pencil" style={styles.figure}>
            Left
          </Words>
          <View style={styles.verdict} />
        </View>
        {comparison.gaps.map(({ station: id, found, left, verdict }) => (
          <View key={id} style={[styles.row, { borderColor: palette.rule }]} testID={`proof-${id}`}>
            <Words kind="label" style={styles.name}>
              {station(id).title}
            </Words>
            <Words kind="title" tone="pencil" style={styles.figure}>
              {readingWords(found, words)}
            </Words>
            <Words kind="title" style={styles.figure}>
              {readingWords(left, words)}
            </Words>
            <View style={styles.verdict}>
              {verdict && <GapMark verdict={verdict} />}
              <Words kind="label">{verdict ? VERDICT_WORDS[verdict] : ''}</Words>
            </View>
          </View>
        ))}
        {comparison.gaps.length === 0 && <Words tone="pencil">Nothing has been read on this call yet. Measure it as found first.</Words>}
      </Section>
      <Section title="What was done">
        {done.map(({ id, action: actionId, hinge, amount, unit, remark }) => (
          <View key={id} style={[styles.row, { borderColor: palette.rule }]}>
            <View style={styles.name}>
              <Words>{`${action(actionId).title}${hinge === null ? '' : `, ${hingeWords(hinge)}`}`}</Words>
              {remark !== '' && <Words tone="pencil">{remark}</Words>}
            </View>
            <Words kind="label">{unit === 'hinge' ? 'done' : `${amount} ${unit}`}</Words>
          </View>
        ))}
        {done.length === 0 && <Words tone="pencil">No step is logged yet.</Words>}
      </Section>
    </>
  );
}

function verdictWords({ gaps, missing, outside, uneven, isProven }: Comparison): string {
  if (isProven) return 'True: every gap is inside its limits and even.';
  if (gaps.every(({ left }) => left === undefined)) return 'Not measured since the work. Walk round the door once more.';
  const parts = [
    ...(outside.length > 0 ? [`outside its limits: ${outside.map((id) => station(id).title.toLowerCase()).join('; ')}`] : []),
    ...(uneven.length > 0 ? [`uneven: ${uneven.join(', ')} gap`] : []),
    ...(missing.length > 0 ? [`not read again: ${missing.length} of ${gaps.length}`] : []),
  ];
  return `Not yet true. ${parts.join('. ')}.`;
}

const styles = StyleSheet.create({
  row: { flexDirection: 'row', alignItems: 'center', minHeight: 40, borderBottomWidth: LINE.hair, gap: SPACE.s },
  name: { flex: 1, minWidth: 0 },
  figure: { width: 54, textAlign: 'right' },
  verdict: { width: 66, flexDirection: 'row', alignItems: 'center', gap: SPACE.xs, paddingLeft: SPACE.xs },
});
