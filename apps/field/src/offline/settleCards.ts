import { PATHS, type Page } from '@proper-swing/contract';
import { callApi } from './api';
import { mergeCards, type Card, type CardKind, type Merged } from './mergeCards';
import type { Outbox, Outgoing } from './outbox';
import { revised } from './write';

/** Two versions of a card: changes made here that were refused, and what the server has. */
export interface Versions extends Merged {
  kind: CardKind;
  /** The refused changes of it, in their order. */
  chain: readonly Outgoing[];
  ours: Card;
  theirs: Card;
}

const CARD_KINDS: readonly string[] = ['sites', 'doors', 'calls'] satisfies CardKind[];

/** Whether a write is a change of a card that was refused because another device has changed it meanwhile. */
export const isTwoVersions = ({ kind, status }: Outgoing): boolean => status === 409 && CARD_KINDS.includes(kind);

/** Of the changes of a card that are settled together only the first; everything else as it is. */
export const firstOfEachCard = (writes: readonly Outgoing[]): readonly Outgoing[] =>
  writes.filter(
    (each, at) => !isTwoVersions(each) || !writes.slice(0, at).some((other) => isTwoVersions(other) && other.body.id === each.body.id),
  );

/**
 * What stands here and at the server of a card whose change was refused.
 *
 * @returns nothing where the server has no such card, or where this is no such refusal
 * @throws UnreachableError when the server cannot be asked
 */
export async function versionsOf(
  outbox: Outbox,
  refused: Outgoing,
  read: typeof everyRevision = everyRevision,
): Promise<Versions | undefined> {
  if (!isTwoVersions(refused)) return undefined;
  const kind = refused.kind as CardKind;
  const chain = outbox.waiting().filter((each) => each.body.id === refused.body.id && each.refused !== undefined);
  const [first, last] = [chain[0]?.body, chain[chain.length - 1]?.body] as (Card | undefined)[];
  const revisions = await read(kind, refused.body.id);
  const theirs = revisions[revisions.length - 1];
  if (first === undefined || last === undefined || theirs === undefined) return undefined;
  // Writes of earlier programs did not name what they were made from.
  const base = revisions.find(({ writtenAt, revision }) =>
    first.madeFrom == null ? revision === first.revision - 1 : writtenAt === first.madeFrom,
  );
  return { kind, chain, ours: last, theirs, ...mergeCards(kind, base, last, theirs) };
}

/** Puts the next revision, made of both, in the place of what was refused; it is in the outbox before that leaves it. */
export function settle(outbox: Outbox, { kind, chain, theirs, card: ours }: Versions, chosen: Card = ours): void {
  const next = made(theirs, ours);
  // What was written here and not chosen stays in the history of the card all the same.
  const last = made(next ?? theirs, chosen);
  if (next !== undefined) outbox.add(kind, next);
  if (last !== undefined && chosen !== ours) outbox.add(kind, last);
  chain.forEach(outbox.remove);
}

/** The revision after one, with what another holds; nothing where it holds the same. */
function made(from: Card, holds: Card): Card | undefined {
  const { id: _, revision: __, writtenAt: ___, madeFrom: ____, ...change } = holds;
  const next = revised(from, change);
  const text = (card: Card) => JSON.stringify({ ...card, revision: 0, writtenAt: '', madeFrom: '' });
  return text(next) === text(from) ? undefined : next;
}

/** Brings together what can be brought together without asking; what two devices changed otherwise stays refused until a person chooses. */
export async function settleWhatCanBe(outbox: Outbox, read: typeof everyRevision = everyRevision): Promise<void> {
  for (const refused of firstOfEachCard(outbox.waiting()).filter(isTwoVersions)) {
    const versions = await versionsOf(outbox, refused, read);
    if (versions?.conflicts.length === 0) settle(outbox, versions);
  }
}

async function everyRevision(kind: CardKind, id: string): Promise<Card[]> {
  const items: Card[] = [];
  for (let next: string | null = ''; next !== null;) {
    const page: Page<Card> = await callApi<Page<Card>>(`${PATHS.revisions(kind, id)}${next === '' ? '' : `?cursor=${next}`}`);
    items.push(...page.items);
    next = page.next;
  }
  return items;
}
