import type { RecordKind } from '@proper-swing/contract';
import { check, recordSchema } from '@proper-swing/contract/schemas';
import { placeHinges, type HingeName } from '@proper-swing/core';
import { capital } from '../../design/capital';
import { hingedCard } from '../../record/door';
import { fieldOfCard, type ChangedCards } from './cardDraft';
import type { CardErrors, CardField } from './cardFields';

/**
 * What is wrong with cards as they would be written, by the field of the form.
 *
 * @param worked hinges at which work stands that was logged on the call
 */
export function faultsOfCards(changed: ChangedCards, worked: readonly HingeName[]): CardErrors {
  const kinds = { site: 'sites', door: 'doors', call: 'calls' } as const satisfies Record<keyof ChangedCards, RecordKind>;
  const errors: CardErrors = {};
  for (const name of ['site', 'door', 'call'] as const) {
    const card = changed[name];
    const checked = card === undefined ? undefined : check(recordSchema(kinds[name]), card);
    if (checked?.ok !== false) continue;
    for (const { field, message } of checked.errors) errors[fieldOfCard(field) as CardField] ??= atField(message);
  }
  if (changed.door?.kind === 'hinged' && errors.hingeHeightsMm === undefined) {
    const there = placeHinges(hingedCard(changed.door.make)).map((hinge) => hinge.name);
    const gone = worked.filter((hinge) => !there.includes(hinge));
    if (gone.length > 0) errors.hingeHeightsMm = `Work is logged at a hinge that would be gone (${gone.join(', ')}). Take it back first.`;
  }
  return errors;
}

/** What is wrong, said beside the field: without the name that a program calls it by. */
const atField = (message: string) => capital(message.replace(/^[a-z][\w.[\]]*:? /, '').replace(/\d$/, '$& mm'));
