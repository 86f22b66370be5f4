import { LARGEST_BATCH } from '@proper-swing/contract';
import type { Outgoing } from './outbox';

/** A batch is well below what the server takes as one body, characters. */
const LARGEST_TEXT = 150_000;

/** What can go now, and what can never go as it stands. */
export interface Ready {
  batch: readonly Outgoing[];
  /** Made from a change of the same card that was refused. */
  followsRefused: readonly Outgoing[];
}

/**
 * The next writes to send, in the order they were made: none that was refused, that is set aside, or that depends on one set aside.
 *
 * @param aside marks of what the server fails at for now
 * @param most writes at a time; one by one while something among them makes the server fail
 */
export function readyToGo(waiting: readonly Outgoing[], aside: ReadonlySet<string>, most = LARGEST_BATCH): Ready {
  const batch: Outgoing[] = [];
  const followsRefused: Outgoing[] = [];
  const held = waiting.filter(({ mark }) => aside.has(mark));
  let room = LARGEST_TEXT;
  for (const outgoing of waiting) {
    if (outgoing.refused !== undefined || aside.has(outgoing.mark)) continue;
    const text = JSON.stringify(outgoing.body);
    if (isMadeFromRefused(waiting, outgoing)) followsRefused.push(outgoing);
    else if (dependsOn(held, outgoing, text)) held.push(outgoing);
    else {
      room -= text.length;
      if (batch.length > 0 && (room < 0 || batch.length >= most)) break;
      batch.push(outgoing);
    }
  }
  return { batch, followsRefused };
}

/** Whether a revision of a card was made from one that was refused: what another device has changed is not wiped out by it. */
function isMadeFromRefused(waiting: readonly Outgoing[], { body }: Outgoing): boolean {
  if (!('revision' in body)) return false;
  return waiting.some(({ refused, body: other }) => {
    if (refused === undefined || other.id !== body.id || !('revision' in other)) return false;
    // Writes of earlier programs did not name what they were made from.
    return body.madeFrom == null ? other.revision < body.revision : other.writtenAt === body.madeFrom;
  });
}

/** Whether a write names an earlier one that is held, or is of the same card. */
const dependsOn = (held: readonly Outgoing[], { sequence }: Outgoing, text: string): boolean =>
  held.some((other) => other.sequence < sequence && text.includes(other.body.id));
