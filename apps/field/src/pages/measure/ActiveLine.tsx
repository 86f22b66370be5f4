import type { ReadingEntry } from '@proper-swing/contract';
import { INSTRUMENTS } from '@proper-swing/core';
import { station, type StationId } from '@proper-swing/core/doors';
import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { Press } from '../../design/Press';
import { SPACE } from '../../design/tokens';
import { usePalette } from '../../design/theme';
import { Words } from '../../design/Words';
import { Said } from '../../words/Said';
import { byEyeWords } from '../../record/readingWords';

export interface ActiveLineProps {
  id: StationId;
  text: string;
  fault: string | undefined;
  reading: ReadingEntry | undefined;
  unit: string;
  /** What was overwritten or erased and can be had back. */
  lost: ReadingEntry | undefined;
  onUndo: () => void;
}

/** Which gap is being read, with what is typed so far; how to read it is one tap away. */
export function ActiveLine({ id, text, fault, reading, unit, lost, onUndo }: ActiveLineProps) {
  const palette = usePalette();
  const [helpFor, setHelpFor] = useState<StationId>();
  const { title, howTo, instrument } = station(id);
  const isHelping = helpFor === id;
  return (
    <View style={styles.block}>
      <View style={[styles.line, { borderColor: palette.accent }]}>
        {lost === undefined ? (
          <Press
            kind="quiet"
            label="How to read it"
            chosen={isHelping}
            onPress={() => setHelpFor(isHelping ? undefined : id)}
            style={styles.help}
          >
            {'?'}
          </Press>
        ) : (
          <Press label={`Put back ${station(lost.station).title}: ${earlier(lost)}`} onPress={onUndo} style={styles.undo} testID="undo">
            {`Undo: ${earlier(lost)}`}
          </Press>
        )}
        {fault === undefined ? (
          <Words kind="title" style={styles.title} lines={1} testID="active-station">
            {title}
          </Words>
        ) : (
          <View role="alert" style={styles.title}>
            <Words kind="small" tone="tight" style={styles.fault}>
              {fault}
            </Words>
          </View>
        )}
        <Words kind="figure" tone={text === '' ? 'pencil' : 'ink'} testID="typed">
          {text === '' ? earlier(reading) : text}
        </Words>
        <Words kind="label" tone="pencil">
          {unit}
        </Words>
      </View>
      {isHelping && (
        <View style={[styles.said, { backgroundColor: palette.paper, borderColor: palette.rule }]}>
          <Said kind="small">{`${howTo} ${INSTRUMENTS[instrument].title}.`}</Said>
        </View>
      )}
    </View>
  );
}

function earlier(reading: ReadingEntry | undefined): string {
  if (reading === undefined) return '';
  if (reading.kind === 'figure') return reading.typed.replace(/\s*(mm|in)$/, '');
  if (reading.kind === 'eye') return byEyeWords(reading);
  return reading.kind === 'rubs' ? 'rubs' : 'not reached';
}

const styles = StyleSheet.create({
  block: { paddingHorizontal: SPACE.m, paddingBottom: SPACE.xs },
  line: { flexDirection: 'row', alignItems: 'center', gap: SPACE.s, borderBottomWidth: 3, minHeight: 44 },
  help: { minWidth: 44, paddingHorizontal: 0, minHeight: 44 },
  undo: { minHeight: 44, paddingHorizontal: SPACE.s },
  // Over the drawing, so that it does not shrink under a finger.
  said: { position: 'absolute', left: 0, right: 0, bottom: '100%', paddingHorizontal: SPACE.m, borderTopWidth: 1 },
  title: { flex: 1, minWidth: 0 },
  fault: { lineHeight: 18 },
});
