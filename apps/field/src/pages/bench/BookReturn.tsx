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
  const { call } = record;
  const times = (sheet.comeBack?.(result, typed) ?? []).filter(({ at }) => at > now);
  const says = (at: Date) => `${dayWords(at, now)}, ${timeOf(at)}`;
  const booked = times.find(({ at }) => call.state === 'open' && isSameMinute(new Date(call.scheduledFor), at));
  const [first] = times;
  if (first === undefined) return null;
  const book = ({ at, because }: typeof first) => {
    try {
      onBook();
      bookReturn(call, at, because);
      setFault(undefined);
    } catch {
      setFault('This device is full: it was not booked. Make room and try again.');
    }
  };
  return (
    <Section title="Come back">
      {booked ? (
        <>
          <Words tone="right" testID="return-booked">{`✓ Booked: come back ${says(booked.at)}.`}</Words>
          <Press onPress={() => router.navigate('/')} testID="to-today">
            To today’s calls
          </Press>
        </>
      ) : (
        <>
          <Words>{`${first.because}: the call stays open, and stands on the day of its return.`}</Words>
          {times.map((time, i) => (
            <Press
              key={time.at.getTime()}
              disabled={!isCurrent}
              onPress={() => book(time)}
              testID={i === 0 ? 'book-return' : `book-return-${i + 1}`}
            >
              {`Book the return: ${says(time.at)}`}
            </Press>
          ))}
          <Press kind="quiet" onPress={() => router.navigate(`/call/${call.id}/visit`)} testID="other-day">
            Another day
          </Press>
        </>
      )}
      <FormFault says={fault} />
    </Section>
  );
}
