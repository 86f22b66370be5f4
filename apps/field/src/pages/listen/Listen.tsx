import { standing, type CallRecord } from '@proper-swing/contract';
import { CAUTIONS, finding, type CautionId } from '@proper-swing/core';
import { router } from 'expo-router';
import { useState } from 'react';
import { StyleSheet, useWindowDimensions, View } from 'react-native';
import { useKeptDraft } from '../../offline/draft';
import { stamp, write } from '../../offline/write';
import { Field } from '../../design/Field';
import { Press } from '../../design/Press';
import { Several } from '../../design/Several';
import { Section, Slip } from '../../design/Section';
import { SPACE, WIDE_FROM } from '../../design/tokens';
import { Words } from '../../design/Words';
import { writeComplaint } from '../../record/writeFinding';
import { DoorFacts } from '../../doors/hinged/DoorFacts';
import { Limits } from '../../doors/hinged/Limits';
import { Schools } from '../../doors/hinged/Schools';
import { complaintsOf } from '../../record/observed';

/** The first page of a call: what the customer says, what to beware of, which door it is. */
export function Listen({ record }: { record: CallRecord }) {
  const { width } = useWindowDimensions();
  const isWide = width >= WIDE_FROM;
  const complaint = finding('complaint');
  const told = complaintsOf(record);
  return (
    <View style={isWide ? styles.wide : styles.narrow}>
      <View style={[styles.narrow, isWide && styles.column]}>
        <Section title="What it does">
          {record.call.complaint !== '' && <Words>{`“${record.call.complaint}”`}</Words>}
          <Several
            label={complaint.question}
            options={complaint.answers}
            chosen={told}
            onChange={(chosen) =>
              COMPLAINTS.filter((id) => chosen.includes(id) !== told.includes(id)).forEach((id) => writeComplaint(record, id))
            }
            testID="check-complaint"
          />
        </Section>
        <Slip label="Make safe first">
          {cautionsFor(record).map((id) => (
            <Words key={id}>{CAUTIONS[id]}</Words>
          ))}
        </Slip>
      </View>
      <View style={[styles.narrow, isWide && styles.column]}>
        <Section
          title="The door"
          aside={
            <Press kind="quiet" onPress={() => router.navigate(`/door/${record.door.id}`)}>
              Earlier visits ›
            </Press>
          }
        >
          <DoorFacts door={record.door} />
          <Press onPress={() => router.replace(`/call/${record.call.id}/card`)} testID="to-card">
            Put the card right
          </Press>
          {[record.site.address, record.site.contact, record.site.remarks].filter(Boolean).map((line) => (
            <Words key={line} tone="pencil">
              {line}
            </Words>
          ))}
        </Section>
        <Limits door={record.door} />
        <Schools door={record.door} />
        <Notes record={record} />
      </View>
    </View>
  );
}

const COMPLAINTS = finding('complaint').answers.map(({ id }) => id);

const isText = (kept: unknown): kept is string => typeof kept === 'string';

function Notes({ record }: { record: CallRecord }) {
  const { draft: text, setDraft: setText, drop } = useKeptDraft(`swing.draft.note.${record.call.id}`, isText, () => '');
  const [error, setError] = useState<string>();
  const add = () => {
    if (text.trim() === '') {
      setError('Type the note first.');
      return;
    }
    write('notes', { ...stamp(), callId: record.call.id, text: text.trim() });
    drop('');
    setError(undefined);
  };
  return (
    <Section title="Notes">
      {standing(record.notes).map((note) => (
        <Words key={note.id}>{note.text}</Words>
      ))}
      <Field label="New note" value={text} onChange={setText} error={error} isLong testID="note" />
      <Press onPress={add}>Keep the note</Press>
    </Section>
  );
}

function cautionsFor({ door }: CallRecord): CautionId[] {
  return [
    ...(door.make.fireRated ? (['fireDoor'] as const) : []),
    ...(door.make.slabKind === 'glazed' ? (['glass'] as const) : []),
    'support',
    'structure',
  ];
}

const styles = StyleSheet.create({
  wide: { flexDirection: 'row', gap: SPACE.xl },
  narrow: { gap: SPACE.l },
  column: { flex: 1, minWidth: 0 },
});
