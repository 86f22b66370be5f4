import type { CallRecord } from '@proper-swing/contract';
import type { NextChoice } from '@proper-swing/core';
import { CANNOT_LOOK, finding, station, type FindingId, type NextBest, type StationId } from '@proper-swing/core/doors';
import { router } from 'expo-router';
import { StyleSheet, View } from 'react-native';
import { Press } from '../design/Press';
import { Section } from '../design/Section';
import { SPACE } from '../design/tokens';
import { Words } from '../design/Words';
import { Check } from './Check';
import { standingWork, workRounds } from '../record/observed';
import { writeFinding } from '../record/writeFinding';
import { capital } from '../design/capital';
import { Said } from '../words/Said';

export interface NextBestCardProps {
  record: CallRecord;
  next: NextBest;
}

/** The one reading or check that would tell most, with the reason; answered on the spot where it can be. */
export function NextBestCard({ record, next }: NextBestCardProps) {
  const [first, ...others] = next.choices;
  if (next.enough || first === undefined) {
    return (
      <Section title="Enough read">
        <Words testID="next-best">More readings would not change the plan.</Words>
      </Section>
    );
  }
  return (
    <Section title="Next, to be sure">
      <View testID="next-best" style={styles.card}>
        {first.kind === 'finding' ? (
          <Check
            key={first.id}
            finding={finding(first.id as FindingId)}
            answer={undefined}
            onAnswer={(answer) => answerNow(record, first.id as FindingId, answer)}
            explains
            mayFail
          />
        ) : (
          <>
            <Words kind="strong">{first.title}</Words>
            <Said>{first.howTo}</Said>
            <Press onPress={() => openStation(record, first.id as StationId)} testID="read-next">
              {first.again ? 'Read it again' : 'Read it'}
            </Press>
          </>
        )}
        <Words tone="pencil" testID="next-why">
          {`${capital(first.why)}. About ${minutesWords(first)}.`}
        </Words>
      </View>
      {others.map((choice) => (
        <Words key={choice.id} tone="pencil">
          {choice.why === first.why ? `Or ${nameOf(choice)}.` : `Or ${nameOf(choice)}: ${choice.why}.`}
        </Words>
      ))}
    </Section>
  );
}

/** What shows the door as it is now is, after work, an answer about that work; all else is as it was found. */
function answerNow(record: CallRecord, id: FindingId, answer: string): void {
  const isAboutNow = finding(id).again === true && answer !== CANNOT_LOOK.id;
  const lastWork = workRounds(record)
    .flatMap(({ work }) => work)
    .at(-1);
  writeFinding(record, id, answer, isAboutNow ? lastWork : undefined);
}

/** Opens stations to be read, one after another: of the door as found, or as it hangs now that work has been done. */
export function openStation(record: CallRecord, ...ids: StationId[]): void {
  const stage = standingWork(record).length > 0 ? 'stage=check&' : '';
  router.replace(`/call/${record.call.id}/measure?${stage}at=${ids.join()}`);
}

function nameOf({ kind, id, title }: NextChoice): string {
  return kind === 'station'
    ? station(id as StationId).title.toLowerCase()
    : `${title.charAt(0).toLowerCase()}${title.slice(1).replace(/[?:].*$/, '')}`;
}

const minutesWords = ({ minutes }: NextChoice) => (minutes < 1 ? `${Math.round(minutes * 60)} seconds` : `${Math.round(minutes)} min`);

const styles = StyleSheet.create({ card: { gap: SPACE.s } });
