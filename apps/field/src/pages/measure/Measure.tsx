import type { CallRecord, Door, Stage } from '@proper-swing/contract';
import type { StationId } from '@proper-swing/core/doors';
import { useQueryClient } from '@tanstack/react-query';
import { router } from 'expo-router';
import { memo, useDeferredValue, useMemo, useState } from 'react';
import { StyleSheet, View, type LayoutChangeEvent } from 'react-native';
import { usePreferences } from '../../offline/preferences';
import { Press } from '../../design/Press';
import { SPACE } from '../../design/tokens';
import { useScreen } from '../../design/useScreen';
import { Words } from '../../design/Words';
import { AnyDrawing } from '../../doors/AnyDrawing';
import { computeEstimate, useEstimate } from '../../engine/useEngine';
import { observedAt, readingsInHand } from '../../record/observed';
import { useLengthWords } from '../../design/lengthWords';
import { FindPanel } from '../../call/FindPanel';
import { ActiveLine } from './ActiveLine';
import { EstimateBar } from './EstimateBar';
import { estimatedGaps, gapLabels } from '../../doors/gapLabels';
import { Keypad } from './Keypad';
import { keypadFor } from './keypadKeys';
import { ReadingList } from './ReadingList';
import { useKeyboard } from './useKeyboard';
import { isWideGap } from '../../record/gaugeSteps';
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
  const { isWide, isFlat } = useScreen();
  const preferences = usePreferences();
  const { units } = preferences;
  const client = useQueryClient();
  const words = useLengthWords();
  const readings = useMemo(() => readingsInHand(record, stage), [record, stage]);
  const observed = useMemo(() => observedAt(record, stage), [record, stage]);
  const estimate = useEstimate(observed);
  const { book, draft, sheet, addsSixtyFourth, fault, lost, pick, turnSheet, press, undo } = useWalk({
    record,
    stage,
    stations,
    units,
    alongside: (next) => drawnTogether(computeEstimate(client, observedAt(next, stage))),
  });
  const [area, setArea] = useState({ width: 0, height: 0 });
  // The figures come first; the lines of the drawing may follow them.
  const gapsMm = useDeferredValue(useMemo(() => estimatedGaps(estimate), [estimate]));
  const labels = useMemo(() => gapLabels(readings, estimate, record.door, words), [readings, estimate, record.door, words]);

  useKeyboard({
    type: (text) => press({ id: 'typed', label: text, does: 'type', text }),
    act: (id) => press({ id, label: id, does: 'act' }),
    step: (by) => pick(neighbour(book, draft.station, by)),
  });

  const onLayout = ({ nativeEvent: { layout } }: LayoutChangeEvent) => setArea({ width: layout.width, height: layout.height });
  const open = (page: string) => router.replace(`/call/${record.call.id}/${page}`);

  const beside = isWide || isFlat;
  const ids = sheet === 'further' ? book.further : area.height < LEAST_DRAWN_PX ? book.walk : undefined;
  const onward = ONWARD[stage];
  const rests = draft.rests === true && sheet === 'gaps';
  const isAllAsked = stations.length > 0 && stations.every((id) => readings.has(id));

  const walk = (
    <View style={[styles.walk, beside && styles.wide]}>
      <View style={styles.area} onLayout={onLayout}>
        {area.height > 0 && ids === undefined && (
          <AnyDrawing
            width={Math.min(area.width, WIDEST_PX)}
            height={area.height}
            door={record.door}
            gapsMm={gapsMm}
            labels={labels}
            {...(!rests && { active: draft.station })}
            onPick={pick}
            unit={words.unit}
          />
        )}
        {area.height > 0 && ids !== undefined && (
          <ReadingList ids={ids} readings={readings} estimate={estimate} active={draft.station} onPick={pick} words={words} />
        )}
      </View>
      <View style={[beside && styles.pad, isFlat && styles.flatPad]}>
        {!rests && (
          <>
            <ActiveLine
              id={draft.station}
              text={draft.text}
              fault={fault}
              reading={readings.get(draft.station)}
              unit={words.unit}
              lost={lost?.earlier}
              onUndo={undo}
            />
            <Keypad
              keys={keypadFor(draft.station, preferences, isWideGap(record.door, draft.station))}
              onKey={press}
              held={addsSixtyFourth ? 'sixtyFourth' : undefined}
            />
          </>
        )}
        {rests && (
          <View style={styles.rests} testID="all-read">
            {lost && (
              <Press onPress={undo} testID="undo">
                Undo the last
              </Press>
            )}
            <Words tone="pencil">Tap a gap to read it again.</Words>
            {stage === 'found' && (
              <View style={styles.likely}>
                <EstimateBar estimate={estimate} observed={observed} onOpen={() => open('find')} />
              </View>
            )}
          </View>
        )}
        <View style={styles.foot}>
          <Press onPress={turnSheet} testID={`sheet-${OTHER[sheet]}`} style={styles.sheet}>
            {SHEET_WORDS[record.door.kind][OTHER[sheet]]}
          </Press>
          {stage === 'found' && !rests && <EstimateBar estimate={estimate} observed={observed} onOpen={() => open('find')} />}
          {(stage !== 'found' || rests) && (
            <Press
              kind={rests || isAllAsked ? 'primary' : 'plain'}
              onPress={() => open(onward.page)}
              style={styles.proof}
              testID={onward.testID}
            >
              {onward.says}
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

/** Lower than this a door cannot be drawn with its figures apart: rows take its place, px. */
const LEAST_DRAWN_PX = 232;
/** Wider a door is not drawn, px. */
const WIDEST_PX = 560;

/** Where a walk-round leads. */
const ONWARD: Readonly<Record<Stage, { page: string; says: string; testID: string }>> = {
  found: { page: 'find', says: 'All read: what is it?', testID: 'to-what' },
  check: { page: 'fix', says: 'What it did ›', testID: 'to-next-plan' },
  left: { page: 'prove', says: 'Found against left ›', testID: 'to-proof' },
};

const SHEET_WORDS: Readonly<Record<Door['kind'], Readonly<Record<WalkSheet, string>>>> = {
  hinged: { gaps: 'Gaps', further: 'Plumb, sizes' },
  sliding: { gaps: 'Gaps', further: 'Levels, lock' },
};

const OTHER: Readonly<Record<WalkSheet, WalkSheet>> = { gaps: 'further', further: 'gaps' };

const styles = StyleSheet.create({
  walk: { flex: 1, minHeight: 0, paddingBottom: SPACE.xs },
  area: { flex: 1, minHeight: 0, alignItems: 'center' },
  wide: { flex: 1, minHeight: 0, flexDirection: 'row' },
  pad: { width: 340, justifyContent: 'flex-end' },
  flatPad: { width: 312 },
  likely: { flexDirection: 'row', alignSelf: 'stretch' },
  rests: { paddingHorizontal: SPACE.m, paddingTop: SPACE.s, gap: SPACE.s, alignItems: 'center' },
  side: { width: 430 },
  foot: { flexDirection: 'row', gap: SPACE.s, paddingHorizontal: SPACE.s, paddingTop: SPACE.xs },
  sheet: { width: 104, paddingHorizontal: SPACE.xs },
  proof: { flex: 1 },
});
