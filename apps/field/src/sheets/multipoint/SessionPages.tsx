import type { CallRecord, HingedMake } from '@proper-swing/contract';
import { router } from 'expo-router';
import { Header } from '../../design/Header';
import { Page } from '../../design/Page';
import { Press } from '../../design/Press';
import { Words } from '../../design/Words';
import { CallFrame } from '../../call/CallFrame';
import { useLengthWords } from '../../design/lengthWords';
import { Session } from './Session';
import { useBenchSession } from './useBenchSession';
import { useCallSession } from './useCallSession';

/** The session of a call. */
export function CallSessionPage() {
  return (
    <CallFrame stage="fix" titled="Turn by turn">
      {(record) => <InCall record={record} />}
    </CallFrame>
  );
}

function InCall({ record }: { record: CallRecord }) {
  const { door } = record;
  if (door.kind !== 'hinged' || door.make.hingeKind !== 'adjustable')
    return <Words>The hinges of this door have no adjusting screws.</Words>;
  return <InSession record={record} make={door.make} />;
}

function InSession({ record, make }: { record: CallRecord; make: HingedMake }) {
  const store = useCallSession(record, make);
  return <Session store={store} onDone={() => router.replace(`/call/${record.call.id}/measure?stage=left`)} />;
}

/** A session without a customer. */
export function BenchSessionPage() {
  const { clear, ...store } = useBenchSession();
  const words = useLengthWords();
  const { slabWidthMm, slabHeightMm } = store.session.door;
  return (
    <Page
      header={<Header title="Multipoint door" sub="The bench" onBack={() => router.navigate('/bench')} backLabel="Back to the bench" />}
      footer={
        <Press onPress={clear} testID="clear-session">
          Start over
        </Press>
      }
    >
      <Words tone="pencil">{`Reckoned for a slab of ${words.bare(slabWidthMm)} × ${words.withUnit(slabHeightMm)}; in a call, for the door’s own.`}</Words>
      <Session store={store} />
    </Page>
  );
}
