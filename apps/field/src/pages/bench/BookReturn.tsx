import type { CallRecord } from '@proper-swing/contract';
import { isSameMinute } from 'date-fns/isSameMinute';
import { router } from 'expo-router';
import { useState } from 'react';
import { dayWords, timeOf } from '../../day/days';
import { bookReturn } from '../../day/writeCall';
import { FormFault } from '../../design/Form';
import { Press } from '../../design/Press';
import { Section } from '../../design/Section';
import { Words } from '../../design/Words';
import type { BenchSheet } from '../../sheets/benchSheet';
import type { SheetState } from './useSheet';

export interface BookReturnProps {
  record: CallRecord;
  sheet: BenchSheet;
  state: SheetState;
  /** What the return rests on is kept with the call. */
  onBook: () => void;
}

/** When to come back, by the answer of a sheet, and one tap that books it. */
export function BookReturn({ record, sheet, state: { result, typed, isCurrent }, onBook }: BookReturnProps) {
  const [now] = useState(() => new Date());
  const [fault, setFault] = useState<string>();
  const back = sheet.comeBack?.(result, typed);
  if (back === undefined || back.at <= now) return null;
  const says = `${dayWords(back.at, now)}, ${timeOf(back.at)}`;
  const { call } = record;
  const isBooked = call.state === 'open' && isSameMinute(new Date(call.scheduledFor), back.at);
  const book = () => {
    try {
      onBook();
      bookReturn(call, back.at, back.because);
      setFault(undefined);
    } catch {
      setFault('This device is full: it was not booked. Make room and try again.');
    }
  };
  return (
    <Section title="Come back">
      {isBooked ? (
        <>
          <Words tone="right" testID="return-booked">{`✓ Booked: come back ${says}.`}</Words>
          <Press onPress={() => router.navigate('/')} testID="to-today">
            To today’s calls
          </Press>
        </>
      ) : (
        <>
          <Words>{`${back.because}: the call stays open and stands in the day of its return.`}</Words>
          <Press disabled={!isCurrent} onPress={book} testID="book-return">
            {`Book the return: ${says}`}
          </Press>
          <Press kind="quiet" onPress={() => router.navigate(`/call/${call.id}/visit`)} testID="other-day">
            Another day
          </Press>
        </>
      )}
      <FormFault says={fault} />
    </Section>
  );
}
