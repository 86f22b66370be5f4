import type { Stage } from '@proper-swing/contract';
import { STATION_IDS, type StationId } from '@proper-swing/core';
import { useCallback, useState } from 'react';
import { deviceStorage } from '../../data/storage';

/** Where the walk-round stands: the station being read and what is typed so far. */
export interface Draft {
  station: StationId;
  text: string;
}

/** The draft of a walk-round, kept on the device at every key so that a reload finds it as it was. */
export function useDraft(callId: string, stage: Stage, first: StationId): [Draft, (draft: Draft) => void] {
  const key = `swing.draft.${callId}.${stage}`;
  const [draft, setDraft] = useState<Draft>(() => readDraft(key) ?? { station: first, text: '' });
  const keep = useCallback(
    (next: Draft) => {
      deviceStorage.set(key, JSON.stringify(next));
      setDraft(next);
    },
    [key],
  );
  return [draft, keep];
}

function readDraft(key: string): Draft | undefined {
  try {
    const kept = JSON.parse(deviceStorage.get(key) ?? 'null') as Draft | null;
    return kept !== null && STATION_IDS.includes(kept.station) && typeof kept.text === 'string' ? kept : undefined;
  } catch {
    return undefined;
  }
}
