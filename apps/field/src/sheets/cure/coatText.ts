import { DomainError } from '@proper-swing/core';
import { COAT_IDS, type CureAsked } from '@proper-swing/core/sheets';

export type Coats = CureAsked['coats'];

/** Coats in order as they stand in their field, with hours of the label in hand: `adhesive caulk primer:3 paint:4:120`. */
export const writeCoats = (coats: Coats): string =>
  coats
    .map(({ id, workableHours, fullHours }) =>
      [id, workableHours ?? (fullHours === undefined ? undefined : ''), fullHours].filter((each) => each !== undefined).join(':'),
    )
    .join(' ');

/**
 * Reads them again.
 *
 * @throws DomainError `coat.text` for what is none
 */
export function readCoats(text: string): Coats {
  return text
    .split(/\s+/)
    .filter(Boolean)
    .map((part) => {
      const [name, next = '', full = ''] = part.split(':');
      const id = COAT_IDS.find((each) => each === name);
      if (id === undefined) throw new DomainError('coat.text', 'coats', `There is no coat “${part}”.`);
      return { id, ...(next !== '' && { workableHours: Number(next) }), ...(full !== '' && { fullHours: Number(full) }) };
    });
}
