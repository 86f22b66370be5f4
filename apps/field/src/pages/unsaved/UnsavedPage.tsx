import { router } from 'expo-router';
import { useState } from 'react';
import { Header } from '../../design/Header';
import { Page } from '../../design/Page';
import { pluralOf } from '../../design/plural';
import { Press } from '../../design/Press';
import { Section } from '../../design/Section';
import { Words } from '../../design/Words';
import { sendLostAgain, useLostCount } from '../../offline/afterRestart';
import { firstOfEachCard, isTwoVersions } from '../../offline/settleCards';
import { useOutbox } from '../../offline/useOutbox';
import { EntryHead } from './EntryHead';
import { RefusedEntry } from './RefusedEntry';
import { TwoVersions } from './TwoVersions';

/** What is not with the server: lost by it, refused by it, or on its way. */
export function UnsavedPage() {
  const waiting = useOutbox();
  const lost = useLostCount();
  const refused = waiting.filter((each) => each.refused !== undefined);
  const onItsWay = waiting.filter((each) => each.refused === undefined);
  return (
    <Page header={<Header title="Not yet saved" onBack={() => router.navigate('/')} backLabel="Back to today's calls" />}>
      {waiting.length === 0 && lost === 0 && <Words>Everything is with the server.</Words>}
      {lost > 0 && <LostEntries count={lost} />}
      {refused.length > 0 && (
        <Section title="Not taken by the server">
          {firstOfEachCard(refused).map((each) =>
            isTwoVersions(each) ? <TwoVersions key={each.mark} outgoing={each} /> : <RefusedEntry key={each.mark} outgoing={each} />,
          )}
        </Section>
      )}
      {onItsWay.length > 0 && (
        <Section title="Kept on this device until the server answers">
          {onItsWay.slice(0, MOST_SHOWN).map((each) => (
            <EntryHead key={each.mark} outgoing={each} />
          ))}
          {onItsWay.length > MOST_SHOWN && <Words>{`and ${onItsWay.length - MOST_SHOWN} more`}</Words>}
        </Section>
      )}
    </Page>
  );
}

const MOST_SHOWN = 20;

function LostEntries({ count }: { count: number }) {
  const [isFull, setIsFull] = useState(false);
  const send = () => {
    sendLostAgain().catch(() => setIsFull(true));
  };
  return (
    <Section title="Lost by the server">
      <Words>
        {`The server no longer has ${count} ${pluralOf(count, { one: 'entry', other: 'entries' })} that it had confirmed to this device. It may have been put back to an older copy. ${count === 1 ? 'It is' : 'They are'} still here.`}
      </Words>
      <Press kind="primary" onPress={send} testID="send-lost">
        {`Send ${count === 1 ? 'it' : 'them'} again`}
      </Press>
      {isFull && <Words tone="tight">There is no room on this device to send all of them. Make room and try again.</Words>}
    </Section>
  );
}
