import type { CallRecord } from '@proper-swing/contract';
import { finding, station } from '@proper-swing/core/doors';
import { Notice } from '../design/Notice';
import { write } from '../offline/write';
import { uncomputedOf, type Uncomputed } from '../record/uncomputed';
import { entryStamp } from '../record/writing';

/** Says which entries are left out of what is computed, and lets each be taken back. */
export function UncomputedNotice({ record }: { record: CallRecord }) {
  return uncomputedOf(record).map((each) => (
    <Notice
      key={each.entry.id}
      tone="tight"
      action={{ label: 'Take it back', onPress: () => takeBack(record, each), testID: 'take-back-uncomputed' }}
      testID="uncomputed"
    >
      {`Left out, for it makes no sense: ${wordsOf(each)}.`}
    </Notice>
  ));
}

function wordsOf(each: Uncomputed): string {
  if (each.kind === 'readings') return `${station(each.entry.station).title}, ${each.entry.typed} (${each.why})`;
  const { question, answers } = finding(each.entry.finding);
  const says = answers.find(({ id }) => id === each.entry.answer)?.label;
  if (says !== undefined) return `“${question}” was answered “${says}”, ${each.why}`;
  return `“${question}” was answered “${each.entry.answer}”, which is none of its answers`;
}

function takeBack(record: CallRecord, each: Uncomputed): void {
  const withdrawal = { ...entryStamp(record), supersedes: each.entry.id, withdrawn: true };
  // What takes an entry back is itself one that makes sense.
  if (each.kind === 'readings') write('readings', { ...each.entry, ...withdrawal, kind: 'unreachable', mm: null });
  else write('findings', { ...each.entry, ...withdrawal, answer: finding(each.entry.finding).answers[0]?.id ?? '' });
}
