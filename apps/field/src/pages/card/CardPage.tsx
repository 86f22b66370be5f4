import type { CallRecord } from '@proper-swing/contract';
import { router } from 'expo-router';
import { CallFrame } from '../../call/CallFrame';
import { useCallPage } from '../../call/useCallPage';
import { FormFault, FormFooter } from '../../design/Form';
import { CardForm } from './CardForm';
import { useCardDraft, type CardEditing } from './useCardDraft';

/** Puts right what stands on the cards of a call: who and where, which door and how it is made, what was said and when. */
export function CardPage() {
  const { callId } = useCallPage();
  const editing = useCardDraft(callId);
  return (
    <CallFrame titled="Card" footer={(record) => <CardFooter record={record} editing={editing} />}>
      {(record) => <CardForm kind={record.door.kind} draft={editing.draftOf(record)} set={editing.set} errors={editing.errors} />}
    </CallFrame>
  );
}

function CardFooter({ record, editing: { fault, errors, leave, keep } }: { record: CallRecord; editing: CardEditing }) {
  const back = () => router.replace(`/call/${record.call.id}`);
  const isWrong = Object.keys(errors).length > 0;
  return (
    <>
      <FormFault says={fault ?? (isWrong ? 'Something is wrong further up: see the red line.' : undefined)} testID="card-fault" />
      <FormFooter
        onLeave={() => {
          leave();
          back();
        }}
        leaveID="leave-card"
        keeps="Keep the card"
        onKeep={() => void keep(record).then((isKept) => isKept && back())}
        keepID="keep-card"
      />
    </>
  );
}
