import type { CallRecord, ReadingEntry, Stage } from '@proper-swing/contract';
import { formatNumber, MM_PER_UNIT, parseLength } from '@proper-swing/core';
import type { Handbook, StationId } from '@proper-swing/core/doors';
import { useMemo, useCallback, useEffect, useRef, useState } from 'react';
import { outbox } from '../../offline/outbox';
import { setPreferences } from '../../offline/preferences';
import { bookFor } from '../../record/door';
import { readingsInHand } from '../../record/observed';
import { withUnit } from '../../record/typedText';
import { restoreReading, withdrawReading, writeReading, type Taken } from '../../record/writeReading';
import type { ActKey, KeypadKey } from './keypadKeys';
import { isUnheardOf, readTyped } from './readTyped';
import { useDraft, type Draft } from './useDraft';
import { firstUnread, flipSign, following, isRoundRead, sheetOf, type WalkSheet } from './walk';

export interface WalkOptions {
  record: CallRecord;
  stage: Stage;
  /** Asked for by name: read first, and for a check only these. */
  stations: readonly StationId[];
  units: 'mm' | 'in';
  /** Begins what is drawn together with a reading; resolves when it may be drawn. */
  alongside: (next: CallRecord) => Promise<void>;
}

/** A reading that was overwritten or erased, while it can be had back. */
export interface Lost {
  station: StationId;
  earlier: ReadingEntry;
}

export interface Walk {
  /** What there is to read on this door. */
  book: Handbook;
  draft: Draft;
  sheet: WalkSheet;
  /** Whether the next fraction gets a 64th more. */
  addsSixtyFourth: boolean;
  fault: string | undefined;
  lost: Lost | undefined;
  pick: (id: StationId) => void;
  turnSheet: () => void;
  press: (key: KeypadKey) => void;
  /** Puts back what was overwritten or erased. */
  undo: () => void;
}

/** So long what was overwritten can be had back, ms. */
export const UNDO_FOR_MS = 8000;

/** The walk round the door: which station is read, what is typed, and what a key does. A key may come before the last one has been drawn. */
export function useWalk({ record, stage, stations, units, alongside }: WalkOptions): Walk {
  const book = useMemo(() => bookFor(record.door), [record.door]);
  const asFound = readingsInHand(record, stage);
  const {
    draft,
    newest: newestDraft,
    setDraft,
  } = useDraft(
    record.call.id,
    stage,
    { station: firstUnread(book, asFound), text: '', ...(stations.length === 0 && isRoundRead(book, asFound) && { rests: true as const }) },
    stations.find((id) => !asFound.has(id)) ?? stations[0],
  );
  const [sheet, setSheet] = useState<WalkSheet>(sheetOf(book, draft.station));
  const [addsSixtyFourth, setAddsSixtyFourth] = useState(false);
  const [fault, setFault] = useState<string>();
  const [lost, setLost] = useState<Lost>();
  // What was asked about: the same figure again is meant.
  const asked = useRef('');
  // Keys go by what is newest and not by what is shown.
  const newestRecord = useRef(record);
  useEffect(() => {
    newestRecord.current = record;
  }, [record]);
  useEffect(() => {
    if (lost === undefined) return undefined;
    const timer = setTimeout(() => setLost(undefined), UNDO_FOR_MS);
    return () => clearTimeout(timer);
  }, [lost]);

  const pick = useCallback(
    (id: StationId) => {
      setFault(undefined);
      setDraft({ station: id, text: '' });
    },
    [setDraft],
  );

  const nextAfter = (at: StationId): Draft => {
    const read = readingsInHand(newestRecord.current, stage);
    const next = stations.find((id) => id !== at && !read.has(id));
    if (next !== undefined) setSheet(sheetOf(book, next));
    const station = next ?? (stage === 'check' && stations.length > 0 ? undefined : following(book, at, read, sheet));
    return station === undefined ? { station: at, text: '', rests: true } : { station, text: '' };
  };

  const take = (taken: Taken, text = '') => {
    const at = newestDraft().station;
    const earlier = readingsInHand(newestRecord.current, stage).get(at);
    const release = outbox.hold();
    let drawn = Promise.resolve();
    try {
      newestRecord.current = writeReading(newestRecord.current, stage, at, taken, (next) => {
        drawn = alongside(next);
      });
    } catch {
      setFault('This device is full: the reading is not kept. Make room, then press Next again.');
      setDraft({ station: at, text });
      return;
    } finally {
      void drawn.then(release);
    }
    setFault(undefined);
    setAddsSixtyFourth(false);
    setLost(earlier && { station: at, earlier });
    setDraft(nextAfter(at), drawn);
  };

  const finish = (text: string) => {
    const at = newestDraft().station;
    if (text.trim() === '') {
      setDraft(nextAfter(at));
      return;
    }
    const read = readTyped(at, text, units);
    if (!read.ok) {
      setFault(read.message);
      setDraft({ station: at, text });
      return;
    }
    const figure = `${at} ${text}`;
    if (isUnheardOf(at, read.mm) && asked.current !== figure) {
      asked.current = figure;
      setFault(`${withUnit(text, units)}? Hardly any door has that. Next again keeps it.`);
      setDraft({ station: at, text });
      return;
    }
    asked.current = '';
    take({ kind: 'figure', mm: read.mm, typed: withUnit(text, units) }, text);
  };

  const erase = () => {
    const { station: at, text } = newestDraft();
    if (text !== '') {
      setDraft({ station: at, text: text.slice(0, -1) });
      return;
    }
    const earlier = readingsInHand(newestRecord.current, stage).get(at);
    withdrawReading(newestRecord.current, stage, at);
    setLost(earlier && { station: at, earlier });
  };

  const undo = () => {
    if (lost === undefined) return;
    newestRecord.current = restoreReading(newestRecord.current, stage, lost.earlier);
    setLost(undefined);
    pick(lost.station);
  };

  const onKey = (key: KeypadKey) => {
    const { station: at, text, rests } = newestDraft();
    if (rests) return;
    switch (key.does) {
      case 'type':
        setFault(undefined);
        setDraft({ station: at, text: key.text === '-' ? flipSign(text) : text + key.text });
        return;
      case 'enter':
        finish(addsSixtyFourth ? aSixtyFourthMore(key.text) : key.text);
        return;
      case 'append-enter':
        finish(`${text === '' ? '0' : text}${key.text}`);
        return;
      case 'see':
        take({ kind: 'eye', seen: key.seen });
        return;
      case 'pad':
        setPreferences({ gapPad: key.pad });
        return;
      case 'act':
        ACTS[key.id]();
    }
  };
  const ACTS: Readonly<Record<ActKey, () => void>> = {
    next: () => finish(newestDraft().text),
    back: erase,
    rubs: () => take({ kind: 'rubs' }),
    unreachable: () => take({ kind: 'unreachable' }),
    sixtyFourth: () => setAddsSixtyFourth((was) => !was),
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
    pick(other === 'gaps' ? firstUnread(book, readingsInHand(newestRecord.current, stage)) : (book.further[0] ?? draft.station));
  };

  return { book, draft, sheet, addsSixtyFourth, fault, lost, pick, turnSheet, press, undo };
}

/** A fraction of an inch with a 64th more, as it is written: `1/8` is `9/64`. */
function aSixtyFourthMore(fraction: string): string {
  const { mm } = parseLength(fraction, { defaultUnit: 'in' });
  return formatNumber(mm + MM_PER_UNIT.in / 64, { system: 'in', finest: 64 });
}
