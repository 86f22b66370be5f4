import type { CallRecord, Stage } from '@proper-swing/contract';
import { profileOf, station, type StationId } from '@proper-swing/core';
import { useQueryClient } from '@tanstack/react-query';
import { router } from 'expo-router';
import { memo, useDeferredValue, useMemo, useState } from 'react';
import { StyleSheet, useWindowDimensions, View, type LayoutChangeEvent } from 'react-native';
import { usePreferences } from '../../offline/preferences';
import { Press } from '../../design/Press';
import { SPACE, WIDE_FROM } from '../../design/tokens';
import { DoorDrawing, drawingWidth } from '../../doors/hinged/DoorDrawing';
import { computeEstimate, useEstimate } from '../../engine/useEngine';
import { observedAt, readingsByStation } from '../../record/observed';
import { useLengthWords } from '../../design/lengthWords';
import { FindPanel } from '../../call/FindPanel';
import { ActiveLine } from './ActiveLine';
import { EstimateBar } from './EstimateBar';
import { estimatedGaps, gapLabels } from '../../doors/hinged/gapLabels';
import { Keypad } from './Keypad';
import { keypadFor } from './keypadKeys';
import { ReadingList } from './ReadingList';
import { useKeyboard } from './useKeyboard';
import { useWalk } from './useWalk';
import { neighbour, type WalkSheet } from './walk';

export interface MeasureProps {
  record: CallRecord;
  stage: Stage;
  /** Asked for by name: read first, and for a check only these. */
  stations?: readonly StationId[];
}

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
  const { draft, sheet, wantsDigits, fault, pick, turnSheet, press } = useWalk({
    record,
    stage,
    stations,
    units,
    alongside: (next) => drawnTogether(computeEstimate(client, observedAt(next, stage))),
  });
  const [area, setArea] = useState({ width: 0, height: 0 });
  // The figures come first; the lines of the drawing may follow them.
  const gapsMm = useDeferredValue(useMemo(() => estimatedGaps(estimate), [estimate]));
  const profile = useMemo(() => profileOf(record.door.make), [record.door]);
  const labels = useMemo(() => gapLabels(readings, estimate, profile, words), [readings, estimate, profile, words]);

  useKeyboard({
    type: (text) => press({ id: 'typed', label: text, does: 'type', text }),
    act: (id) => press({ id, label: id, does: 'act' }),
    step: (by) => pick(neighbour(draft.station, by)),
  });

  const { kind } = station(draft.station);
  const onLayout = ({ nativeEvent: { layout } }: LayoutChangeEvent) => setArea({ width: layout.width, height: layout.height });
  const open = (page: string) => router.replace(`/call/${record.call.id}/${page}`);

  const walk = (
    <View style={[styles.walk, isWide && styles.wide]}>
      <View style={styles.area} onLayout={onLayout}>
        {sheet === 'gaps' && area.width > 0 && (
          <DoorDrawing
            width={drawingWidth(area)}
            height={area.height}
            make={record.door.make}
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
          <Press onPress={turnSheet} testID={`sheet-${OTHER[sheet]}`} style={styles.sheet}>
            {SHEET_WORDS[OTHER[sheet]]}
          </Press>
          {stage === 'found' && <EstimateBar estimate={estimate} observed={observed} onOpen={() => open('find')} />}
          {stage === 'check' && (
            <Press
              kind={stations.every((id) => readings.has(id)) ? 'primary' : 'plain'}
              onPress={() => open('fix')}
              style={styles.proof}
              testID="to-next-plan"
            >
              What it did ›
            </Press>
          )}
          {stage === 'left' && (
            <Press onPress={() => open('prove')} style={styles.proof} testID="to-proof">
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

const SHEET_WORDS: Readonly<Record<WalkSheet, string>> = { gaps: 'Gaps', further: 'Plumb, sizes' };

const OTHER: Readonly<Record<WalkSheet, WalkSheet>> = { gaps: 'further', further: 'gaps' };

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
