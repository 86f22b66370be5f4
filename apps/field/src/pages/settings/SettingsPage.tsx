import { recordKind } from '@proper-swing/contract';
import { router } from 'expo-router';
import { StyleSheet, View } from 'react-native';
import { outbox } from '../../offline/outbox';
import { setPreferences, usePreferences } from '../../offline/preferences';
import { useOutbox } from '../../offline/useOutbox';
import { Choice } from '../../design/Choice';
import { Header } from '../../design/Header';
import { Page } from '../../design/Page';
import { Press } from '../../design/Press';
import { Section } from '../../design/Section';
import { SPACE } from '../../design/tokens';
import { Words } from '../../design/Words';

/** Units and theme of this device, and what the server has not taken. */
export function SettingsPage() {
  const { units, finest, theme } = usePreferences();
  const waiting = useOutbox();
  return (
    <Page header={<Header title="Settings" onBack={() => router.navigate('/')} backLabel="Back to today's calls" />}>
      <Section title="Lengths">
        <Choice label="Units" options={UNITS} chosen={units} onChoose={(id) => setPreferences({ units: id })} testID="units" />
        {units === 'in' && (
          <Choice
            label="Finest fraction"
            options={FINEST}
            chosen={`${finest}` as const}
            onChoose={(id) => setPreferences({ finest: Number(id) as 16 | 32 | 64 })}
          />
        )}
      </Section>
      <Section title="Light">
        <Choice label="Theme" options={THEMES} chosen={theme} onChoose={(id) => setPreferences({ theme: id })} testID="theme" />
      </Section>
      <Section title="The tables">
        <Words>What the tool goes by: causes, checks, actions and limits, to be read and argued with.</Words>
        <Press onPress={() => router.navigate('/tables')} testID="to-tables">
          Open the tables
        </Press>
      </Section>
      <Section title="Not yet saved">
        {waiting.length === 0 && <Words tone="pencil">Everything is with the server.</Words>}
        {waiting.map((outgoing) => (
          <View key={outgoing.sequence} style={styles.row}>
            <View style={styles.words}>
              <Words kind="label">{recordKind(outgoing.kind)?.title}</Words>
              <Words tone={outgoing.refused === undefined ? 'pencil' : 'tight'}>
                {outgoing.refused ?? 'Kept on this device until the server answers.'}
              </Words>
            </View>
            {outgoing.refused !== undefined && <Press onPress={() => outbox.remove(outgoing)}>Let it go</Press>}
          </View>
        ))}
      </Section>
    </Page>
  );
}

const UNITS = [
  { id: 'mm', label: 'Millimetres' },
  { id: 'in', label: 'Inch fractions' },
] as const;

const FINEST = [
  { id: '16', label: '1/16' },
  { id: '32', label: '1/32' },
  { id: '64', label: '1/64' },
] as const;

const THEMES = [
  { id: 'device', label: 'As the device' },
  { id: 'light', label: 'Light, for sun' },
  { id: 'dark', label: 'Dark, for hallways' },
] as const;

const styles = StyleSheet.create({ row: { flexDirection: 'row', alignItems: 'center', gap: SPACE.s }, words: { flex: 1 } });
