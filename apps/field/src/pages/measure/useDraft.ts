import type { Stage } from '@proper-swing/contract';
import { STATION_IDS, type StationId } from '@proper-swing/core/doors';
import { useCallback, useRef, useState } from 'react';
import { dropDraft, keepDraft, readDraft } from '../../offline/draft';

/** Where the walk-round stands: the station being read and what is typed so far. */
export interface Draft {
  station: StationId;
  text: string;
  /** All is read: no key writes until a gap is picked. */
  rests?: true;
}

export interface DraftState {
  /** As drawn. */
  draft: Draft;
  /** As it is for the next key: a key may come before the last one has been drawn. */
  newest: () => Draft;
  /** Kept on the device and true for the next key at once; drawn at once, or when `drawn` resolves. */
  setDraft: (next: Draft, drawn?: Promise<void>) => void;
}

/**
 * The draft of a walk-round, kept on the device at every key so that a reload finds it as it was.
 *
 * @param first where a walk begins
 * @param asked a station asked for by name
 */
export function useDraft(callId: string, stage: Stage, first: Draft, asked?: StationId): DraftState {
  const key = `swing.draft.${callId}.${stage}`;
  const [draft, setDrawn] = useState<Draft>(
    () => draftFor(readDraft(key, isDraft), asked) ?? (asked === undefined ? first : { station: asked, text: '' }),
  );
  const held = useRef(draft);
  const newest = useCallback(() => held.current, []);
  const setDraft = useCallback(
    (next: Draft, drawn?: Promise<void>) => {
      // That all is read is told by the readings: what is kept would hold back the keys of the next walk.
      if (next.rests) dropDraft(key);
      else keepDraft(key, next);
      held.current = next;
      if (drawn === undefined) setDrawn(next);
      else void drawn.then(() => setDrawn(held.current));
    },
    [key],
  );
  return { draft, newest, setDraft };
}

/** A station asked for by name comes before where the walk stood, unless something is typed there already. */
function draftFor(kept: Draft | undefined, asked: StationId | undefined): Draft | undefined {
  return asked === undefined || kept?.station === asked || kept?.text ? kept : undefined;
}

function isDraft(kept: unknown): kept is Draft {
  const { station, text } = (kept ?? {}) as Partial<Draft>;
  return station !== undefined && STATION_IDS.includes(station) && typeof text === 'string';
}
