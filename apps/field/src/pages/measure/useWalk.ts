import type { CallRecord, Stage } from '@proper-swing/contract';
import type { StationId } from '@proper-swing/core';
import { useCallback, useEffect, useRef, useState } from 'react';
import { outbox } from '../../offline/outbox';
import { readingsByStation } from '../../record/observed';
import { withUnit } from '../../record/typedText';
import { withdrawReading, writeReading, type Taken } from '../../record/writeReading';
import type { KeypadKey } from './keypadKeys';
import { readTyped } from './readTyped';
import { useDraft, type Draft } from './useDraft';
import { firstUnread, flipSign, following, sheetOf, type WalkSheet } from './walk';

export interface WalkOptions {
  record: CallRecord;
  stage: Stage;
  /** Asked for by name: read first, and for a check only these. */
  stations: readonly StationId[];
  units: 'mm' | 'in';
  /** Begins what is drawn together with a reading; resolves when it may be drawn. */
  alongside: (next: CallRecord) => Promise<void>;
}

export interface Walk {
  draft: Draft;
  sheet: WalkSheet;
  /** Whether fractions are typed digit by digit. */
  wantsDigits: boolean;
  fault: string | undefined;
  pick: (id: StationId) => void;
  turnSheet: () => void;
  press: (key: KeypadKey) => void;
}

/** The walk round the door: which station is read, what is typed, and what a key does. A key may come before the last one has been drawn. */
export function useWalk({ record, stage, stations, units, alongside }: WalkOptions): Walk {
  const {
    draft,
    newest: newestDraft,
    setDraft,
  } = useDraft(record.call.id, stage, firstUnread(readingsByStation(record, stage)), stations[0]);
  const [sheet, setSheet] = useState<WalkSheet>(sheetOf(draft.station));
  const [wantsDigits, setWantsDigits] = useState(false);
  const [fault, setFault] = useState<string>();
  // Keys go by what is newest and not by what is shown.
  const newestRecord = useRef(record);
  useEffect(() => {
    newestRecord.current = record;
  }, [record]);

  const pick = useCallback(
    (id: StationId) => {
      setFault(undefined);
      setDraft({ station: id, text: '' });
    },
    [setDraft],
  );

  const stationAfter = (at: StationId): StationId => {
    const read = readingsByStation(newestRecord.current, stage);
    const next = stations.find((id) => id !== at && !read.has(id));
    if (next !== undefined) setSheet(sheetOf(next));
    return next ?? (stage === 'check' ? at : following(at, read, sheet));
  };

  const take = (taken: Taken) => {
    const at = newestDraft().station;
    const release = outbox.hold();
    let drawn = Promise.resolve();
    try {
      newestRecord.current = writeReading(newestRecord.current, stage, at, taken, (next) => {
        drawn = alongside(next);
      });
    } catch {
      setFault('This device is full: the reading is not kept. Make room, then press Next again.');
      return;
    } finally {
      void drawn.then(release);
    }
    setFault(undefined);
    setDraft({ station: stationAfter(at), text: '' }, drawn);
  };

  const finish = (text: string) => {
    const at = newestDraft().station;
    if (text.trim() === '') {
      setDraft({ station: stationAfter(at), text: '' });
      return;
    }
    const read = readTyped(at, text, units);
    if (read.ok) {
      take({ kind: 'figure', mm: read.mm, typed: withUnit(text, units) });
      return;
    }
    setFault(read.message);
    setDraft({ station: at, text });
  };

  const erase = () => {
    const { station: at, text } = newestDraft();
    if (text !== '') setDraft({ station: at, text: text.slice(0, -1) });
    else withdrawReading(newestRecord.current, stage, at);
  };

  const onKey = (key: KeypadKey) => {
    const { station: at, text } = newestDraft();
    switch (key.does) {
      case 'type':
        setFault(undefined);
        setDraft({ station: at, text: key.text === '-' ? flipSign(text) : text + key.text });
        return;
      case 'enter':
        finish(key.text);
        return;
      case 'append-enter':
        finish(`${text === '' ? '0' : text}${key.text}`);
        return;
      case 'act':
        ACTS[key.id]();
    }
  };
  const ACTS: Readonly<Record<Extract<KeypadKey, { does: 'act' }>['id'], () => void>> = {
    next: () => finish(newestDraft().text),
    back: erase,
    rubs: () => take({ kind: 'rubs' }),
    unreachable: () => take({ kind: 'unreachable' }),
    digits: () => setWantsDigits(true),
    fractions: () => setWantsDigits(false),
  };
  // The pad is drawn once; it always reaches the newest handler.
  const newest = useRef(onKey);
  useEffect(() => {
    newest.current = onKey;
  });
  const press = useCallback((key: KeypadKey) => newest.current(key), []);

  const turnSheet = () => {
    const other: WalkSheet = sheet === 'gaps' ? 'further' : 'gaps';
    setSheet(other);
    pick(other === 'gaps' ? firstUnread(readingsByStation(newestRecord.current, stage)) : 'plumb.hinge');
  };

  return { draft, sheet, wantsDigits, fault, pick, turnSheet, press };
}
