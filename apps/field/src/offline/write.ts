import type { RecordBodies, RecordKind } from '@proper-swing/contract';
import { v7 } from 'uuid';
import { outbox } from './outbox';
import { rememberCard } from './startedHere';

/**
 * Writes a record: kept on this device at once, and sent by whoever sends what waits.
 *
 * @throws when the device has no room left
 */
export function write<K extends RecordKind>(kind: K, body: RecordBodies[K]): void {
  outbox.add(kind, body);
  if ('revision' in body) rememberCard(body);
}

/** A fresh id and the moment, for a record about to be written. */
export function stamp(): { id: string; writtenAt: string } {
  return { id: v7(), writtenAt: new Date().toISOString() };
}

/** The next revision of a card, with something changed; it names the one it was made from. */
export function revised<Card extends { revision: number; writtenAt: string }>(card: Card, change: Partial<Card>): Card {
  return { ...card, ...change, revision: card.revision + 1, writtenAt: stamp().writtenAt, madeFrom: card.writtenAt };
}
