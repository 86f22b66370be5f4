import type { CallRecord } from '@proper-swing/contract';
import { useState } from 'react';
import { goToFault } from '../../design/goToFault';
import { useLengthWords } from '../../design/lengthWords';
import { isTexts, useKeptDraft } from '../../offline/draft';
import { usePreferences } from '../../offline/preferences';
import { write } from '../../offline/write';
import { standingWork } from '../../record/observed';
import { cardDraftOf, cardsFrom, type CardDraft } from './cardDraft';
import type { CardErrors, CardField } from './cardFields';

type Changes = Partial<CardDraft>;
const isChanges = (kept: unknown): kept is Changes => isTexts(kept);

/** What is being put right on the cards of a call: only what was touched, so that the rest may change meanwhile. */
export interface CardEditing {
  draftOf: (record: CallRecord) => CardDraft;
  set: (field: CardField) => (text: string) => void;
  errors: CardErrors;
  fault: string | undefined;
  leave: () => void;
  /** Writes the next revision of each card that was changed; true when all is written. */
  keep: (record: CallRecord) => Promise<boolean>;
}

export function useCardDraft(callId: string): CardEditing {
  const { units } = usePreferences();
  const { bare } = useLengthWords();
  const { draft: changes, setDraft, drop } = useKeptDraft<Changes>(`swing.draft.card.${callId}`, isChanges, () => ({}));
  const [errors, setErrors] = useState<CardErrors>({});
  const [fault, setFault] = useState<string>();
  const draftOf = (record: CallRecord) => ({ ...cardDraftOf(record, bare), ...changes });

  const keep = async (record: CallRecord): Promise<boolean> => {
    const read = cardsFrom(draftOf(record), record, { units, bare });
    const worked = standingWork(record).flatMap(({ hinge }) => hinge ?? []);
    try {
      const { faultsOfCards } = await import('../../checks/lateChecks');
      const wrong = { ...faultsOfCards(read.changed, worked), ...read.errors };
      setErrors(wrong);
      if (Object.keys(wrong).length > 0) {
        goToFault();
        return false;
      }
    } catch {
      setFault('This part of the program could not be fetched. Try again when there is a signal.');
      return false;
    }
    try {
      const { site, door, call } = read.changed;
      if (site !== undefined) write('sites', site);
      if (door !== undefined) write('doors', door);
      if (call !== undefined) write('calls', call);
    } catch {
      setFault('This device is full: not all of it is kept. Make room and try again.');
      return false;
    }
    drop({});
    return true;
  };
  return {
    ...{ draftOf, errors, fault, keep },
    set: (field) => (text) => {
      setErrors({});
      setFault(undefined);
      setDraft((was) => ({ ...was, [field]: text }));
    },
    leave: () => drop({}),
  };
}
