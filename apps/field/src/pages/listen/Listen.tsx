import { standing, type CallRecord } from '@proper-swing/contract';
import { complaintsOn, finding } from '@proper-swing/core/doors';
import { router } from 'expo-router';
import { useState } from 'react';
import { StyleSheet, useWindowDimensions, View } from 'react-native';
import { useKeptDraft } from '../../offline/draft';
import { stamp, write } from '../../offline/write';
import { movesFrom, stateWords } from '../../day/callMoves';
import { ContactLines } from '../../day/ContactLines';
import { dayWords, timeOf } from '../../day/days';
import { tryToMove } from '../../day/writeCall';
import { Field } from '../../design/Field';
import { FormFault } from '../../design/Form';
import { goToFault } from '../../design/goToFault';
import { Press } from '../../design/Press';
import { Several } from '../../design/Several';
import { Section } from '../../design/Section';
import { SPACE, WIDE_FROM } from '../../design/tokens';
import { Words } from '../../design/Words';
import { writeComplaint } from '../../record/writeFinding';
import { DoorFacts, DoorSettings } from '../../doors/DoorFacts';
import { handbookOf, modelFor } from '../../record/door';
import { complaintsOf } from '../../record/observed';
import { Cautions } from './Cautions';
import { isFitting, JOB_WORDS, jobOf } from '../../call/stages';

/** The first page of a call: where and when, what the customer says, what to beware of, which door it is. */
export function Listen({ record }: { record: CallRecord }) {
  const { width } = useWindowDimensions();
  const isWide = width >= WIDE_FROM;
  const complaint = finding(handbookOf(record.door).complaint);
  const told = complaintsOf(record);
  const answers = complaintsOn(modelFor(record.door), told);
  return (
    <View style={isWide ? styles.wide : styles.narrow}>
      <View style={[styles.narrow, isWide && styles.column]}>
        <VisitPart record={record} />
        <Section title={isFitting(record.call) ? JOB_WORDS[jobOf(record.call)] : 'What it does'}>
          {record.call.complaint !== '' && <Words>{`“${record.call.complaint}”`}</Words>}
          {!isFitting(record.call) && (
            <Several
              label={complaint.question}
              options={answers}
              chosen={told}
              onChange={(chosen) =>
                answers
                  .map(({ id }) => id)
                  .filter((id) => chosen.includes(id) !== told.includes(id))
                  .forEach((id) => writeComplaint(record, id))
              }
              testID="check-complaint"
            />
          )}
        </Section>
        <Cautions record={record} />
      </View>
      <View style={[styles.narrow, isWide && styles.column]}>
        <Section
          title="The door"
          aside={
            <Press kind="quiet" href={`/door/${record.door.id}`} onPress={() => router.navigate(`/door/${record.door.id}`)}>
              Earlier visits ›
            </Press>
          }
        >
          <DoorFacts door={record.door} />
          <Press onPress={() => router.replace(`/call/${record.call.id}/card`)} testID="to-card">
            Put the card right
          </Press>
        </Section>
        <DoorSettings door={record.door} />
        <Notes record={record} />
      </View>
    </View>
  );
}

/** Where it is and how the visit stands: what is looked for before the door is. */
function VisitPart({ record: { call, site } }: { record: CallRecord }) {
  const moves = movesFrom(call.state).filter(({ reasons, to }) => reasons === undefined && to !== 'open');
  const [fault, setFault] = useState<string>();
  return (
    <Section title="The visit">
      <Words testID="visit-line">
        {`${dayWords(call.scheduledFor, new Date())}, ${timeOf(call.scheduledFor)}: ${stateWords(call.state)}${call.leftBecause ? `, ${call.leftBecause}` : ''}.`}
      </Words>
      <ContactLines site={site} />
      <View style={styles.row}>
        {moves.map((move) => (
          <Press key={move.to} style={styles.half} onPress={() => tryToMove(call, move, setFault)} testID={`to-${move.to}`}>
            {move.says}
          </Press>
        ))}
        <Press style={styles.half} onPress={() => router.navigate(`/call/${call.id}/visit`)} testID="to-visit">
          Move or cancel
        </Press>
      </View>
      <FormFault says={fault} />
    </Section>
  );
}

const isText = (kept: unknown): kept is string => typeof kept === 'string';

function Notes({ record }: { record: CallRecord }) {
  const { draft: text, setDraft: setText, drop } = useKeptDraft(`swing.draft.note.${record.call.id}`, isText, () => '');
  const [error, setError] = useState<string>();
  const add = () => {
    if (text.trim() === '') {
      setError('Type the note first.');
      goToFault();
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

const styles = StyleSheet.create({
  wide: { flexDirection: 'row', gap: SPACE.xl },
  narrow: { gap: SPACE.l },
  column: { flex: 1, minWidth: 0 },
  row: { flexDirection: 'row', flexWrap: 'wrap', gap: SPACE.s },
  half: { flexGrow: 1 },
});
