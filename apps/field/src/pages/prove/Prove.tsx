import { standing, type CallRecord } from '@proper-swing/contract';
import { action, station, type GapVerdict } from '@proper-swing/core';
import { StyleSheet, View } from 'react-native';
import { Section } from '../../design/Section';
import { Table } from '../../design/Table';
import { SPACE } from '../../design/tokens';
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
  const done = standing(record.adjustments);
  return (
    <>
      <Section title="Verdict">
        <Words testID="verdict">{verdictWords(comparison)}</Words>
      </Section>
      <Section title={`Gaps, ${words.unit}`}>
        <Table
          label={`Gaps as found and as left, ${words.unit}`}
          columns={[
            { title: 'Where', kind: 'label', cell: (gap) => station(gap.station).title },
            { title: 'Found', width: 54, isRight: true, kind: 'title', tone: 'pencil', cell: (gap) => readingWords(gap.found, words) },
            { title: 'Left', width: 54, isRight: true, kind: 'title', cell: (gap) => readingWords(gap.left, words) },
            { title: '', width: 66, cell: ({ verdict }) => verdict && <VerdictCell verdict={verdict} /> },
          ]}
          rows={comparison.gaps}
          keyOf={(gap) => gap.station}
          rowTestID={(gap) => `proof-${gap.station}`}
        />
        {comparison.gaps.length === 0 && <Words tone="pencil">Nothing has been read on this call yet. Measure it as found first.</Words>}
      </Section>
      <Section title="What was done">
        <Table
          label="Work done"
          isHeadless
          columns={[
            {
              title: 'What',
              cell: ({ action: id, hinge, remark }) => (
                <>
                  <Words>{`${action(id).title}${hinge === null ? '' : `, ${hingeWords(hinge)}`}`}</Words>
                  {remark !== '' && <Words tone="pencil">{remark}</Words>}
                </>
              ),
            },
            {
              title: 'How much',
              width: 110,
              isRight: true,
              kind: 'label',
              cell: ({ unit, amount }) => (unit === 'hinge' ? 'done' : `${amount} ${unit}`),
            },
          ]}
          rows={done}
          keyOf={({ id }) => id}
        />
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

function VerdictCell({ verdict }: { verdict: GapVerdict }) {
  return (
    <View style={styles.verdict}>
      <GapMark verdict={verdict} />
      <Words kind="label">{VERDICT_WORDS[verdict]}</Words>
    </View>
  );
}

const styles = StyleSheet.create({ verdict: { flexDirection: 'row', alignItems: 'center', gap: SPACE.xs, paddingLeft: SPACE.xs } });
