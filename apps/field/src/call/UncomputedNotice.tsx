import type { CallRecord } from '@proper-swing/contract';
import { finding, station } from '@proper-swing/core';
import { StyleSheet, View } from 'react-native';
import { Press } from '../design/Press';
import { usePalette } from '../design/theme';
import { LINE, SPACE } from '../design/tokens';
import { Words } from '../design/Words';
import { write } from '../offline/write';
import { uncomputedOf, type Uncomputed } from '../record/uncomputed';
import { entryStamp } from '../record/writing';

/** Says which entries are left out of what is computed, and lets each be taken back. */
export function UncomputedNotice({ record }: { record: CallRecord }) {
  const palette = usePalette();
  return uncomputedOf(record).map((each) => (
    <View
      key={each.entry.id}
      style={[styles.notice, { borderColor: palette.tight, backgroundColor: palette.sunk }]}
      role="status"
      testID="uncomputed"
    >
      <Words style={styles.words}>{`Left out, for it makes no sense: ${wordsOf(each)} (${each.why}).`}</Words>
      <Press onPress={() => takeBack(record, each)} testID="take-back-uncomputed">
        Take it back
      </Press>
    </View>
  ));
}

function wordsOf(each: Uncomputed): string {
  if (each.kind === 'readings') return `${station(each.entry.station).title}, ${each.entry.typed}`;
  return `“${finding(each.entry.finding).question}” ${each.entry.answer}`;
}

function takeBack(record: CallRecord, each: Uncomputed): void {
  const withdrawal = { ...entryStamp(record), supersedes: each.entry.id, withdrawn: true };
  // What takes an entry back is itself one that makes sense.
  if (each.kind === 'readings') write('readings', { ...each.entry, ...withdrawal, kind: 'unreachable', mm: null });
  else write('findings', { ...each.entry, ...withdrawal, answer: finding(each.entry.finding).answers[0]?.id ?? '' });
}

const styles = StyleSheet.create({
  notice: {
    flexDirection: 'row',
    flexWrap: 'wrap',
    alignItems: 'center',
    gap: SPACE.s,
    borderBottomWidth: LINE.rule,
    paddingHorizontal: SPACE.m,
  },
  words: { flex: 1, minWidth: 180 },
});
