import { SAMPLE_CLIMATE_IDS, SAMPLE_CLIMATES, type MonthOfAir, type SampleClimateId } from '@proper-swing/core/sheets';
import { router } from 'expo-router';
import { StyleSheet, useWindowDimensions, View } from 'react-native';
import { Choice } from '../../design/Choice';
import { Header } from '../../design/Header';
import { Page } from '../../design/Page';
import { ReadField } from '../../design/ReadField';
import { readNumber } from '../../design/readNumber';
import { Press } from '../../design/Press';
import { Section } from '../../design/Section';
import { SPACE } from '../../design/tokens';
import { Words } from '../../design/Words';
import { setPreferences, usePreferences } from '../../offline/preferences';
import { ownMonths, writeClimate } from '../../sheets/timber/climateText';
import { monthWords } from '../../sheets/timber/timberSays';
import { ClimateYear } from './ClimateYear';

const OWN = 'own';
const OPTIONS = [...SAMPLE_CLIMATE_IDS.map((id) => ({ id: id, label: SAMPLE_CLIMATES[id].title })), { id: OWN, label: 'Our own' }];
const WIDEST = 560;

/** Temperature and humidity of each month where the doors hang: what forecasts of timber on this device go by. */
export function ClimatePage() {
  const { climateId, ownClimate } = usePreferences();
  const { width } = useWindowDimensions();
  const own = ownMonths(ownClimate);
  const sample = SAMPLE_CLIMATES[climateId as SampleClimateId]?.months;
  const choose = (id: string) =>
    // One's own begins as the sample that was chosen before.
    setPreferences({ climateId: id, ...(id === OWN && own === undefined && sample && { ownClimate: writeClimate(sample) }) });
  const months = climateId === OWN ? own : sample;
  return (
    <Page header={<Header title="The climate here" onBack={() => router.navigate('/settings')} backLabel="Back to settings" />}>
      <Section title="Which">
        <Words>
          What forecasts of timber go by: outdoors, in the mean of each month. The samples are made up: type your own from a weather
          service.
        </Words>
        <Choice label="Climate" options={OPTIONS} chosen={climateId} onChoose={choose} testID="climate" />
      </Section>
      {months && (
        <Section title="The year in timber">
          <ClimateYear months={months} width={Math.min(WIDEST, width - 2 * SPACE.l)} />
        </Section>
      )}
      {climateId === OWN && <OwnMonths months={own ?? [...SAMPLE_CLIMATES.mildCoast.months]} />}
      <Press onPress={() => router.navigate('/bench/timber-season')} testID="to-season">
        Plane it, or wait?
      </Press>
    </Page>
  );
}

/** Twelve lines to type; what cannot be read stays where it is typed, and the year goes by what stood there before. */
function OwnMonths({ months }: { months: readonly MonthOfAir[] }) {
  const put = (i: number, change: Partial<MonthOfAir>) =>
    setPreferences({ ownClimate: writeClimate(months.map((month, k) => (k === i ? { ...month, ...change } : month))) });
  return (
    <Section title="Our own">
      {months.map(({ celsius, humidity }, i) => (
        <View key={monthWords(i + 1)} style={styles.row}>
          <Words kind="strong" style={styles.month}>
            {monthWords(i + 1, 'LLL')}
          </Words>
          <Figure
            label="°C"
            spoken={`${monthWords(i + 1)}, °C`}
            figure={celsius}
            from={-30}
            to={50}
            onFigure={(next) => put(i, { celsius: next })}
            testID={`month-${i + 1}-celsius`}
          />
          <Figure
            label="Humidity, %"
            spoken={`${monthWords(i + 1)}, humidity`}
            figure={humidity}
            from={0}
            to={98}
            onFigure={(next) => put(i, { humidity: next })}
            testID={`month-${i + 1}-humidity`}
          />
        </View>
      ))}
    </Section>
  );
}

interface FigureProps {
  label: string;
  spoken: string;
  figure: number;
  from: number;
  to: number;
  onFigure: (figure: number) => void;
  testID: string;
}

function Figure({ figure, from, to, onFigure, ...rest }: FigureProps) {
  const read = (text: string) => {
    const typed = readNumber(text);
    return typed >= from && typed <= to ? typed : undefined;
  };
  return (
    <View style={styles.cell}>
      <ReadField begins={String(figure)} read={read} onRead={onFigure} fault={`${from} to ${to}.`} takes="figures" {...rest} />
    </View>
  );
}

const styles = StyleSheet.create({
  row: { flexDirection: 'row', alignItems: 'center', gap: SPACE.m, maxWidth: WIDEST },
  month: { width: 48 },
  cell: { flex: 1, minWidth: 0 },
});
