import type { CallRecord } from '@proper-swing/contract';
import type { GapVerdict } from '@proper-swing/core';
import { station } from '@proper-swing/core/doors';
import { router } from 'expo-router';
import { useMemo } from 'react';
import { StyleSheet, View } from 'react-native';
import { GapMark, VERDICT_WORDS } from '../../design/drawing/marks';
import { useLengthWords } from '../../design/lengthWords';
import { Press } from '../../design/Press';
import { Section, Slip } from '../../design/Section';
import { Table } from '../../design/Table';
import { SPACE } from '../../design/tokens';
import { Words } from '../../design/Words';
import { leftReadings, leftTries, proofOfCall } from '../../record/asLeft';
import { standingWork } from '../../record/observed';
import { readingWords } from '../../record/readingWords';
import { handleChange } from '../../sheets/multipoint/handleChange';
import { feelWords } from '../../sheets/multipoint/gapWords';
import { doneWords, howMuchWords, whereWords } from '../../record/workWords';
import { ComparedDrawing } from '../../doors/ComparedDrawing';
import { compareGaps } from './compare';
import { FittingProof } from './FittingProof';
import { HandTries } from './HandTries';
import { verdictWords } from './proofWords';

/** What may be said of the door, what a hand tried, the gaps as found against as left, and what was done in between. */
export function Prove({ record }: { record: CallRecord }) {
  const words = useLengthWords();
  const done = standingWork(record);
  const gaps = useMemo(() => compareGaps(record), [record]);
  const verdict = useMemo(() => verdictWords(proofOfCall(record), leftTries(record), leftReadings(record).isAsFound), [record]);
  const handle = handleChange(record);
  return (
    <>
      <Section title="Verdict">
        <Verdict says={verdict} />
        <ComparedDrawing door={record.door} gaps={gaps} dashed="as it was found" testID="proof-drawing" />
        {record.call.state === 'done' && record.call.leftBecause && (
          <Slip label="Closed so, because">
            <Words testID="left-because">{record.call.leftBecause}</Words>
          </Slip>
        )}
      </Section>
      <FittingProof record={record} />
      <Section title="Try it">
        <HandTries record={record} />
      </Section>
      <Section title={`Gaps, ${words.unit}`}>
        <Table
          label={`Gaps as found and as left, ${words.unit}`}
          columns={[
            { title: 'Where', kind: 'label', cell: (gap) => station(gap.station).title },
            { title: 'Found', width: 54, isRight: true, kind: 'title', tone: 'pencil', cell: (gap) => readingWords(gap.found, words) },
            { title: 'Left', width: 54, isRight: true, kind: 'title', cell: (gap) => readingWords(gap.left, words) },
            { title: 'Now', width: 66, cell: ({ verdict }) => verdict && <VerdictCell verdict={verdict} /> },
          ]}
          rows={gaps}
          keyOf={(gap) => gap.station}
          rowTestID={(gap) => `proof-${gap.station}`}
        />
        {(handle.before ?? handle.now) && (
          <Words testID="handle-proof">{`Handle ${[
            ...(handle.before ? [`before: ${feelWords(handle.before)}`] : []),
            ...(handle.now ? [`now: ${feelWords(handle.now)}`] : []),
          ].join('; ')}.`}</Words>
        )}
        {gaps.length === 0 && <Words tone="pencil">No gap has been read on this call.</Words>}
      </Section>
      <Section title="What was done">
        <Table
          label="Work done"
          isHeadless
          columns={[
            {
              title: 'What',
              cell: (work) => (
                <>
                  <Words>{doneWords(work)}</Words>
                  <Words tone="pencil">{whereWords(work)}</Words>
                </>
              ),
            },
            { title: 'How much', width: 130, isRight: true, kind: 'label', cell: (work) => howMuchWords(work, words) || 'done' },
          ]}
          rows={done}
          keyOf={({ id }) => id}
        />
        {done.length === 0 && <Words tone="pencil">Nothing is logged on this call.</Words>}
        <Press onPress={() => router.replace(`/call/${record.call.id}/log`)} testID="log-more">
          {done.length === 0 ? 'Log what was done' : 'Log more, or put it right'}
        </Press>
      </Section>
    </>
  );
}

/** A sentence of more letters than this is no headline. */
const LONG = 60;

/** What may be said of the door, large enough to be shown to a customer; what is left open below it. */
function Verdict({ says }: { says: string }) {
  const end = says.indexOf('. ');
  const [first, rest] = end < 0 ? [says, ''] : [says.slice(0, end + 1), says.slice(end + 2)];
  return (
    <View testID="verdict" style={styles.said}>
      <Words kind={first.length > LONG ? 'title' : 'display'}>{`${first} `}</Words>
      {rest !== '' && <Words>{rest}</Words>}
    </View>
  );
}

function VerdictCell({ verdict }: { verdict: GapVerdict }) {
  return (
    <View style={styles.verdict}>
      <GapMark verdict={verdict} />
      <Words kind="label">{VERDICT_WORDS[verdict]}</Words>
    </View>
  );
}

const styles = StyleSheet.create({
  said: { gap: SPACE.s },
  verdict: { flexDirection: 'row', alignItems: 'center', gap: SPACE.xs, paddingLeft: SPACE.xs },
});
