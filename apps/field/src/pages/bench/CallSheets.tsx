import type { CallRecord } from '@proper-swing/contract';
import { standing } from '@proper-swing/contract';
import type { ActionId } from '@proper-swing/core/doors';
import { router } from 'expo-router';
import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { Press } from '../../design/Press';
import { Section } from '../../design/Section';
import { SPACE } from '../../design/tokens';
import { Words } from '../../design/Words';
import type { BenchSheet } from '../../sheets/benchSheet';
import { isSheetFor, sheetNamed, sheetsFor, sheetsOf } from '../../sheets/register';
import { inAddress } from '../../call/stages';
import { ToldBeside } from './ToldBeside';

export interface CallSheetsProps {
  record: CallRecord;
  /** The work that is planned. */
  actions: readonly ActionId[];
}

/** The sheets that reckon the work of a plan, what was kept with the call, and the rest behind one tap. */
export function CallSheets({ record, actions }: CallSheetsProps) {
  const [showsAll, setShowsAll] = useState(false);
  const kept = standing(record.worksheets).filter(({ sheet }) => sheetNamed(sheet) !== undefined);
  const ofDoor = (all: BenchSheet[]) => all.filter((each) => isSheetFor(each, record.door));
  const fitting = ofDoor(sheetsFor(actions));
  const told = fitting.filter(({ name, isToldBeside }) => isToldBeside && !kept.some(({ sheet }) => sheet === name));
  const sheets = showsAll ? ofDoor([...sheetsOf(record.door.kind), ...sheetsOf('every')]) : fitting;
  return (
    <Section title="Work it out">
      {kept.map(({ id, sheet, says }) => (
        <View key={id}>
          <Words kind="strong">{sheetNamed(sheet)?.title}</Words>
          <Words>{says}</Words>
        </View>
      ))}
      {told.map((sheet) => (
        <ToldBeside key={sheet.name} record={record} sheet={sheet} />
      ))}
      <View style={styles.row}>
        {sheets.map(({ name, title }) => (
          <Press key={name} onPress={() => router.replace(`/call/${record.call.id}/sheet/${inAddress(name)}`)} testID={`sheet-${name}`}>
            {title}
          </Press>
        ))}
        {(showsAll || actions.some((id) => TAKES_OUT.includes(id))) && record.door.kind === 'sliding' && (
          <Press onPress={() => router.replace(`/call/${record.call.id}/take-down`)} testID="to-take-down">
            Take down, put back
          </Press>
        )}
        {!showsAll && (
          <Press onPress={() => setShowsAll(true)} testID="all-sheets">
            {fitting.length === 0 ? SOME[record.door.kind] : 'All sheets'}
          </Press>
        )}
      </View>
    </Section>
  );
}

/** Work for which the panel comes out. */
const TAKES_OUT: readonly ActionId[] = [
  'replaceRollers',
  'replaceHangers',
  'squarePanel',
  'trimSlab',
  'coverTrack',
  'straightenSlab',
  'reblockPivot',
];

/** Where no sheet fits the work at hand. */
const SOME = { hinged: 'Latch, swing, drift, load…', sliding: 'Turns, pull, ticks, rollers…' } as const;

const styles = StyleSheet.create({ row: { flexDirection: 'row', flexWrap: 'wrap', gap: SPACE.s } });
