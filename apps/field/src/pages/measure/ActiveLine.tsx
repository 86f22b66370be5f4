import type { ReadingEntry } from '@proper-swing/contract';
import { INSTRUMENTS, station, type StationId } from '@proper-swing/core';
import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { Press } from '../../design/Press';
import { SPACE } from '../../design/tokens';
import { usePalette } from '../../design/theme';
import { Words } from '../../design/Words';

export interface ActiveLineProps {
  id: StationId;
  text: string;
  fault: string | undefined;
  reading: ReadingEntry | undefined;
  unit: string;
}

/** Which gap is being read, with what is typed so far; how to read it is one tap away. */
export function ActiveLine({ id, text, fault, reading, unit }: ActiveLineProps) {
  const palette = usePalette();
  const [helpFor, setHelpFor] = useState<StationId>();
  const { title, howTo, instrument } = station(id);
  const isHelping = helpFor === id;
  const said = fault ?? (isHelping ? `${howTo} ${INSTRUMENTS[instrument].title}.` : undefined);
  return (
    <View style={styles.block}>
      <View style={[styles.line, { borderColor: palette.accent }]}>
        <Press
          kind="quiet"
          label="How to read it"
          chosen={isHelping}
          onPress={() => setHelpFor(isHelping ? undefined : id)}
          style={styles.help}
        >
          {'?'}
        </Press>
        <Words kind="title" style={styles.title} lines={1} testID="active-station">
          {title}
        </Words>
        <Words kind="figure" tone={text === '' ? 'pencil' : 'ink'} testID="typed">
          {text === '' ? earlier(reading) : text}
        </Words>
        <Words kind="label" tone="pencil">
          {unit}
        </Words>
      </View>
      {said !== undefined && (
        <View role={fault === undefined ? undefined : 'alert'}>
          <Words kind="small" tone={fault === undefined ? 'ink' : 'tight'}>
            {said}
          </Words>
        </View>
      )}
    </View>
  );
}

function earlier(reading: ReadingEntry | undefined): string {
  if (reading === undefined) return '';
  if (reading.kind === 'figure') return reading.typed.replace(/\s*(mm|in)$/, '');
  return reading.kind === 'rubs' ? 'rubs' : 'not reached';
}

const styles = StyleSheet.create({
  block: { paddingHorizontal: SPACE.m, paddingBottom: SPACE.xs },
  line: { flexDirection: 'row', alignItems: 'center', gap: SPACE.s, borderBottomWidth: 3, minHeight: 46 },
  help: { minWidth: 40, paddingHorizontal: 0, minHeight: 44 },
  title: { flex: 1 },
});
