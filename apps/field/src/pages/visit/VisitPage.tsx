import type { Call, CallRecord } from '@proper-swing/contract';
import { router } from 'expo-router';
import { useState } from 'react';
import { useCallPage } from '../../call/useCallPage';
import { dayKey, dayWords, momentOf, timeOf } from '../../day/days';
import { bookBack, bookCall } from '../../day/writeCall';
import { FormFault } from '../../design/Form';
import { goBack } from '../../design/goBack';
import { Header } from '../../design/Header';
import { Page } from '../../design/Page';
import { Press } from '../../design/Press';
import { Words } from '../../design/Words';
import { Visit } from './Visit';

/** When a call is booked for and where it stands: booked, moved, cancelled, tried in vain. */
export function VisitPage() {
  const { record, isMissing } = useCallPage();
  const header = <Header title="The visit" sub={record && `${record.site.name}, ${record.door.title}`} onBack={goBack} />;
  if (record !== undefined) return <VisitOf key={record.call.id} record={record} header={header} />;
  return (
    <Page header={header}>
      <Words tone="pencil">
        {isMissing ? 'This call is not kept on this device, and the server cannot be reached or does not know it.' : 'Fetching the call.'}
      </Words>
    </Page>
  );
}

function VisitOf({ record, header }: { record: CallRecord; header: React.ReactNode }) {
  const { call } = record;
  const booked = new Date(call.scheduledFor);
  const [now] = useState(() => new Date());
  const [typed, setTyped] = useState<{ day: string; time: string }>();
  /** The call as it stood before it was moved here. */
  const [before, setBefore] = useState<Call>();
  const [fault, setFault] = useState<string>();
  const { day, time } = typed ?? { day: dayKey(booked), time: timeOf(booked) };
  const when = momentOf(day, time);
  const isChanged = typed !== undefined && when?.getTime() !== booked.getTime();

  const book = (act: () => void, from: Call | undefined) => {
    try {
      act();
      setBefore(from);
      setTyped(undefined);
      setFault(undefined);
    } catch {
      setFault('This device is full: it was not moved. Make room and try again.');
    }
  };

  return (
    <Page
      header={header}
      footer={
        <>
          <FormFault says={fault} testID="visit-fault" />
          {isChanged ? (
            <Press
              kind="primary"
              disabled={when === undefined}
              onPress={() => when && book(() => bookCall(call, when), call)}
              testID="move-call"
            >
              {when === undefined ? 'Choose a day and a time' : `Move to ${dayWords(when, now)}, ${time}`}
            </Press>
          ) : (
            <Press onPress={() => router.navigate(`/call/${call.id}`)} testID="open-call">
              Open the call
            </Press>
          )}
        </>
      }
    >
      <Visit
        record={record}
        now={now}
        when={{ day, time, onDay: (next) => setTyped({ day: next, time }), onTime: (next) => setTyped({ day, time: next }) }}
        moved={before && { from: new Date(before.scheduledFor), onBack: () => book(() => bookBack(call, before), undefined) }}
        onFault={setFault}
      />
    </Page>
  );
}
