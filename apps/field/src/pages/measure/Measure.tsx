import type { CallRecord, Stage } from '@proper-swing/contract';
import { profileOf, station, WALKING_ORDER, type StationId } from '@proper-swing/core';
import { useQueryClient } from '@tanstack/react-query';
import { router } from 'expo-router';
import { memo, useCallback, useDeferredValue, useEffect, useMemo, useRef, useState } from 'react';
import { StyleSheet, useWindowDimensions, View, type LayoutChangeEvent } from 'react-native';
import { outbox } from '../../offline/outbox';
import { usePreferences } from '../../offline/preferences';
import { Press } from '../../design/Press';
import { SPACE, WIDE_FROM } from '../../design/tokens';
import { DoorDrawing } from '../../doors/hinged/DoorDrawing';
import { computeEstimate, useEstimate } from '../../engine/useEngine';
import { observedAt, readingsByStation } from '../../record/observed';
import { useLengthWords } from '../../design/lengthWords';
import { FindPanel } from '../../call/FindPanel';
import { ActiveLine } from './ActiveLine';
import { EstimateBar } from './EstimateBar';
import { estimatedGaps, gapLabels } from '../../doors/hinged/gapLabels';
import { Keypad } from './Keypad';
import { keypadFor, type KeypadKey } from './keypadKeys';
import { ReadingList } from './ReadingList';
import { readTyped } from './readTyped';
import { useDraft } from './useDraft';
import { useKeyboard } from './useKeyboard';
import { withdrawReading, writeReading, type Taken } from '../../record/writeReading';

export interface MeasureProps {
  record: CallRecord;
  stage: Stage;
  /** Asked for by name: read first, and for a check only these. */
  stations?: readonly StationId[];
}

type Sheet = 'gaps' | 'further';

/** The walk-round: the drawing is the form, the keypad is under the thumb, the estimate follows every reading. */
export const Measure = memo(function Measure({ record, stage, stations = NO_STATIONS }: MeasureProps) {
  const { width } = useWindowDimensions();
  const isWide = width >= WIDE_FROM;
  const { units } = usePreferences();
  const client = useQueryClient();
  const words = useLengthWords();
  const readings = useMemo(() => readingsByStation(record, stage), [record, stage]);
  const observed = useMemo(() => observedAt(record, stage), [record, stage]);
  const estimate = useEstimate(observed);
  const { draft, newest: newestDraft, become } = useDraft(record.call.id, stage, firstUnread(readings), stations[0]);
  const [sheet, setSheet] = useState<Sheet>(WALKING_ORDER.includes(draft.station) ? 'gaps' : 'further');
  const [wantsDigits, setWantsDigits] = useState(false);
  const [fault, setFault] = useState<string>();
  const [area, setArea] = useState({ width: 0, height: 0 });
  // The figures come first; the lines of the drawing may follow them.
  const gapsMm = useDeferredValue(useMemo(() => estimatedGaps(estimate), [estimate]));
  const profile = useMemo(() => profileOf(record.door.make), [record.door]);
  const labels = useMemo(() => gapLabels(readings, estimate, profile, words), [readings, estimate, profile, words]);

  const pick = useCallback(
    (id: StationId) => {
      setFault(undefined);
      become({ station: id, text: '' });
    },
    [become],
  );

  // A key may come before the last reading has been drawn, so keys go by what is newest and not by what is shown.
  const newestRecord = useRef(record);
  useEffect(() => {
    newestRecord.current = record;
  }, [record]);

  const after = (at: StationId) => {
    const read = readingsByStation(newestRecord.current, stage);
    const next = stations.find((id) => id !== at && !read.has(id));
    if (next !== undefined) setSheet(WALKING_ORDER.includes(next) ? 'gaps' : 'further');
    return next ?? (stage === 'check' ? at : following(at, read, sheet));
  };

  const take = (taken: Taken) => {
    const at = newestDraft().station;
    const release = outbox.hold();
    let drawn = Promise.resolve();
    try {
      newestRecord.current = writeReading(newestRecord.current, stage, at, taken, (next) => {
        drawn = drawnTogether(computeEstimate(client, observedAt(next, stage)));
      });
    } catch {
      setFault('This device is full: the reading is not kept. Make room, then press Next again.');
      return;
    } finally {
      void drawn.then(release);
    }
    setFault(undefined);
    become({ station: after(at), text: '' }, drawn);
  };

  const finish = (text: string) => {
    const at = newestDraft().station;
    if (text.trim() === '') {
      become({ station: after(at), text: '' });
      return;
    }
    const read = readTyped(at, text, units);
    if (read.ok) take({ kind: 'figure', mm: read.mm, typed: withUnit(text, units) });
    else {
      setFault(read.message);
      become({ station: at, text });
    }
  };

  const onKey = (key: KeypadKey) => {
    const { station: at, text } = newestDraft();
    if (key.does === 'type') {
      setFault(undefined);
      become({ station: at, text: key.text === '-' ? flipSign(text) : text + key.text });
    } else if (key.does === 'enter') finish(key.text);
    else if (key.does === 'append-enter') finish(`${text === '' ? '0' : text}${key.text}`);
    else if (key.id === 'next') finish(text);
    else if (key.id === 'rubs') take({ kind: 'rubs' });
    else if (key.id === 'unreachable') take({ kind: 'unreachable' });
    else if (key.id === 'digits' || key.id === 'fractions') setWantsDigits(key.id === 'digits');
    else if (text !== '') become({ station: at, text: text.slice(0, -1) });
    else withdrawReading(newestRecord.current, stage, at);
  };
  // The pad is drawn once; it always reaches the newest handler.
  const newest = useRef(onKey);
  useEffect(() => {
    newest.current = onKey;
  });
  const press = useCallback((key: KeypadKey) => newest.current(key), []);
  useKeyboard({
    type: (text) => press({ id: 'typed', label: text, does: 'type', text }),
    act: (id) => press({ id, label: id, does: 'act' }),
    step: (by) => pick(neighbour(draft.station, by)),
  });

  const { kind } = station(draft.station);
  const onLayout = ({ nativeEvent: { layout } }: LayoutChangeEvent) => setArea({ width: layout.width, height: layout.height });
  const other: Sheet = sheet === 'gaps' ? 'further' : 'gaps';
  const turnSheet = useMemo(
    () => (
      <Press
        onPress={() => {
          setSheet(other);
          pick(other === 'gaps' ? firstUnread(readingsByStation(newestRecord.current, stage)) : 'plumb.hinge');
        }}
        testID={`sheet-${other}`}
        style={styles.sheet}
      >
        {SHEET_WORDS[other]}
      </Press>
    ),
    [other, pick, stage],
  );
  const openProof = useCallback(() => router.replace(`/call/${record.call.id}/prove`), [record.call.id]);
  const openFix = useCallback(() => router.replace(`/call/${record.call.id}/fix`), [record.call.id]);
  const openFind = useCallback(() => router.replace(`/call/${record.call.id}/find`), [record.call.id]);

  const walk = (
    <View style={[styles.walk, isWide && styles.wide]}>
      <View style={styles.area} onLayout={onLayout}>
        {sheet === 'gaps' && area.width > 0 && (
          <DoorDrawing
            width={Math.min(area.width, area.height * 1.15)}
            height={area.height}
            hingesOn={record.door.make.hingesOn}
            slabHeightMm={record.door.make.slabHeightMm}
            hingeHeightsMm={record.door.make.hingeHeightsMm}
            gapsMm={gapsMm}
            labels={labels}
            active={draft.station}
            onPick={pick}
            unit={words.unit}
          />
        )}
        {sheet === 'further' && <ReadingList readings={readings} estimate={estimate} active={draft.station} onPick={pick} words={words} />}
      </View>
      <View style={isWide && styles.pad}>
        <ActiveLine id={draft.station} text={draft.text} fault={fault} reading={readings.get(draft.station)} unit={words.unit} />
        <Keypad keys={keypadFor(kind, units, wantsDigits)} onKey={press} />
        <View style={styles.foot}>
          {turnSheet}
          {stage === 'found' && <EstimateBar estimate={estimate} observed={observed} onOpen={openFind} />}
          {stage === 'check' && (
            <Press
              kind={stations.every((id) => readings.has(id)) ? 'primary' : 'plain'}
              onPress={openFix}
              style={styles.proof}
              testID="to-next-plan"
            >
              What it did ›
            </Press>
          )}
          {stage === 'left' && (
            <Press onPress={openProof} style={styles.proof} testID="to-proof">
              Found against left ›
            </Press>
          )}
        </View>
      </View>
    </View>
  );
  if (!isWide || stage !== 'found') return walk;
  return (
    <View style={styles.wide}>
      {walk}
      <View style={styles.side}>
        <FindPanel record={record} observed={observed} />
      </View>
    </View>
  );
});

/** A reading is drawn together with the estimate it changes, or after this long without it, ms. */
const DRAWN_ANYWAY_MS = 60;

function drawnTogether(diagnosed: Promise<void>): Promise<void> {
  return Promise.race([diagnosed, new Promise<void>((resolve) => setTimeout(resolve, DRAWN_ANYWAY_MS))]);
}

const NO_STATIONS: readonly StationId[] = [];

const SHEET_WORDS: Readonly<Record<Sheet, string>> = { gaps: 'Gaps', further: 'Plumb, sizes' };

function firstUnread(readings: ReadonlyMap<StationId, unknown>): StationId {
  return WALKING_ORDER.find((id) => !readings.has(id)) ?? 'latch.bottom';
}

/** The next station on the way round that is still to be read; the neighbour when all are. */
function following(id: StationId, readings: ReadonlyMap<StationId, unknown>, sheet: Sheet): StationId {
  if (sheet === 'further') return id;
  const from = WALKING_ORDER.indexOf(id);
  const round = [...WALKING_ORDER.slice(from + 1), ...WALKING_ORDER.slice(0, from)];
  return round.find((next) => !readings.has(next)) ?? neighbour(id, 1);
}

function neighbour(id: StationId, by: 1 | -1): StationId {
  const from = WALKING_ORDER.indexOf(id);
  if (from < 0) return id;
  return WALKING_ORDER[(from + by + WALKING_ORDER.length) % WALKING_ORDER.length] ?? id;
}

function flipSign(text: string): string {
  return text.startsWith('-') ? text.slice(1) : `-${text}`;
}

function withUnit(text: string, units: 'mm' | 'in'): string {
  return /[a-z"'′″]/i.test(text) ? text : `${text.trim()} ${text.includes('/') ? 'in' : units}`;
}

const styles = StyleSheet.create({
  walk: { flex: 1, minHeight: 0, paddingBottom: SPACE.s },
  area: { flex: 1, minHeight: 0, alignItems: 'center' },
  wide: { flex: 1, minHeight: 0, flexDirection: 'row' },
  pad: { width: 340, justifyContent: 'flex-end' },
  side: { width: 430 },
  foot: { flexDirection: 'row', gap: SPACE.s, paddingHorizontal: SPACE.s, paddingTop: SPACE.s },
  sheet: { width: 104, paddingHorizontal: SPACE.xs },
  proof: { flex: 1 },
});
