import { router } from 'expo-router';
import { setPreferences, usePreferences } from '../../offline/preferences';
import { useOutbox } from '../../offline/useOutbox';
import { Choice } from '../../design/Choice';
import { Header } from '../../design/Header';
import { Page } from '../../design/Page';
import { Press } from '../../design/Press';
import { Section } from '../../design/Section';
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
      <Section title="Timber">
        <Press onPress={() => router.navigate('/climate')} testID="to-climate">
          The climate here, month by month
        </Press>
      </Section>
      <Section title="Help">
        <Press onPress={() => router.navigate('/how')} testID="to-how">
          How a call goes, in three pictures
        </Press>
        <Press onPress={() => router.navigate('/words')} testID="to-words">
          What the words mean
        </Press>
      </Section>
      <Section title="The tables">
        <Words>What the tool goes by: causes, checks, actions and limits, to be read and argued with.</Words>
        <Press onPress={() => router.navigate('/tables')} testID="to-tables">
          Open the tables
        </Press>
      </Section>
      <Section title="Not yet saved">
        <Words tone="pencil">{waiting.length === 0 ? 'Everything is with the server.' : `${waiting.length} on this device only.`}</Words>
        <Press onPress={() => router.navigate('/unsaved')} testID="to-not-saved">
          Look at what is not saved
        </Press>
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
