import type { CallRecord } from '@proper-swing/contract';
import { cause, type Diagnosis, type Observed } from '@proper-swing/core/doors';
import { useState } from 'react';
import { ScrollView, StyleSheet, useWindowDimensions, View } from 'react-native';
import { Press } from '../design/Press';
import { Section, Slip } from '../design/Section';
import { SPACE, WIDE_FROM } from '../design/tokens';
import { Words } from '../design/Words';
import { useDiagnosis } from '../engine/useEngine';
import { useLengthWords, type LengthWords } from '../design/lengthWords';
import { CauseCard } from './CauseCard';
import { DoubtfulReadings } from './DoubtfulReadings';
import { NextBestCard } from './NextBestCard';
import { useNextNow } from './useNextNow';
import { standingWork } from '../record/observed';
import { percent } from '../record/percent';

export interface FindPanelProps {
  record: CallRecord;
  observed: Observed;
  /** Side by side where there is room. */
  spreads?: boolean;
}

const FIRST_SHOWN = 3;

/** What to read next, the ranked causes with their evidence, and readings to take again. */
export function FindPanel({ record, observed, spreads = false }: FindPanelProps) {
  const { width } = useWindowDimensions();
  const words = useLengthWords();
  const diagnosis = useDiagnosis(observed);
  const next = useNextNow(record);
  const isSpread = spreads && width >= WIDE_FROM;
  const causes =
    diagnosis === undefined ? (
      <Words tone="pencil">Working it out.</Words>
    ) : (
      <Causes diagnosis={diagnosis} words={words} isBeforeWork={standingWork(record).length > 0} />
    );
  return (
    <ScrollView tabIndex={0} style={styles.scroll} contentContainerStyle={[styles.panel, isSpread && styles.spread]}>
      {next !== undefined && (
        <View style={isSpread ? styles.aside : undefined}>
          <NextBestCard record={record} next={next} />
        </View>
      )}
      <View style={isSpread ? styles.column : undefined}>{causes}</View>
    </ScrollView>
  );
}

interface CausesProps {
  diagnosis: Diagnosis;
  words: LengthWords;
  /** Something has been done since: what was found of the door stood before it. */
  isBeforeWork: boolean;
}

function Causes({ diagnosis, words, isBeforeWork }: CausesProps) {
  const [showsAll, setShowsAll] = useState(false);
  const shown = showsAll ? diagnosis.causes : diagnosis.causes.slice(0, FIRST_SHOWN);
  const leading = diagnosis.causes[0];
  return (
    <Section title={isBeforeWork ? 'Likely causes, as found' : 'Likely causes'}>
      {isBeforeWork && (
        <Words tone="pencil" testID="before-work">
          All this was found before the work. What was done and read since is reckoned with under Fix.
        </Words>
      )}
      <DoubtfulReadings doubtful={diagnosis.doubtful} words={words} />
      {shown.map((cause, i) => (
        <CauseCard key={cause.id} cause={cause} rank={i + 1} words={words} />
      ))}
      {!showsAll && (
        <Press kind="quiet" onPress={() => setShowsAll(true)}>
          {`${diagnosis.causes.length - FIRST_SHOWN} less likely causes`}
        </Press>
      )}
      <TwoAtOnce diagnosis={diagnosis} />
      {leading?.advice !== undefined && leading.probability > 0.5 && (
        <Slip label="What cures it for good">
          <Words>{leading.advice}</Words>
        </Slip>
      )}
    </Section>
  );
}

/** Two causes together are told when they are as likely as a single one would have to be to be told. */
const TOGETHER_FROM = 0.15;

function TwoAtOnce({ diagnosis: { suppositions } }: { diagnosis: Diagnosis }) {
  const together = suppositions.filter(({ causes, probability }) => causes.length > 1 && probability >= TOGETHER_FROM);
  if (together.length === 0) return null;
  return (
    <Slip label="Two at once">
      {together.map(({ causes, probability }) => (
        <Words key={causes.join()}>{`${causes.map((id) => cause(id).title).join(' and ')}: ${percent(probability)}`}</Words>
      ))}
    </Slip>
  );
}

const styles = StyleSheet.create({
  scroll: { flex: 1 },
  panel: { padding: SPACE.l, gap: SPACE.xl, width: '100%', maxWidth: 1180, alignSelf: 'center' },
  spread: { flexDirection: 'row', alignItems: 'flex-start' },
  column: { flex: 1, minWidth: 0 },
  aside: { width: 400 },
});
