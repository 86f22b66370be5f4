import type { CallRecord } from '@proper-swing/contract';
import { standing } from '@proper-swing/contract';
import type { ActionId } from '@proper-swing/core';
import { router } from 'expo-router';
import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { Press } from '../design/Press';
import { Section } from '../design/Section';
import { SPACE } from '../design/tokens';
import { Words } from '../design/Words';
import { BENCH_SHEETS, benchSheet, inAddress } from './sheetFields';
import { sheetsFor } from './sheetWork';

/** The sheets that reckon the work of a plan, what was kept with the call, and the rest behind one tap. */
export function CallSheets({ record, actions }: { record: CallRecord; actions: readonly ActionId[] }) {
  const [showsAll, setShowsAll] = useState(false);
  const kept = standing(record.worksheets).filter(({ sheet }) => benchSheet(sheet) !== undefined);
  const fitting = sheetsFor(actions);
  const names = showsAll ? BENCH_SHEETS.map(({ name }) => name) : fitting;
  return (
    <Section title="Work it out">
      {kept.map(({ id, sheet, says }) => (
        <View key={id}>
          <Words kind="strong">{benchSheet(sheet)?.title}</Words>
          <Words>{says}</Words>
        </View>
      ))}
      <View style={styles.row}>
        {names.map((name) => (
          <Press key={name} onPress={() => router.replace(`/call/${record.call.id}/sheet/${inAddress(name)}`)} testID={`sheet-${name}`}>
            {benchSheet(name)?.title ?? name}
          </Press>
        ))}
        {!showsAll && (
          <Press onPress={() => setShowsAll(true)} testID="all-sheets">
            {fitting.length === 0 ? 'Latch, swing, drift, load…' : 'All sheets'}
          </Press>
        )}
      </View>
    </Section>
  );
}

const styles = StyleSheet.create({ row: { flexDirection: 'row', flexWrap: 'wrap', gap: SPACE.s } });
