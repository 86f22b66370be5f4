import {
  ACTIONS,
  action,
  CAUSES,
  EDGES,
  FINDINGS,
  PROFILE_IDS,
  school,
  SCHOOL_IDS,
  toleranceProfile,
  type Cause,
  type Finding,
} from '@proper-swing/core';
import { router } from 'expo-router';
import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { Choice } from '../../design/Choice';
import { Header } from '../../design/Header';
import { Page } from '../../design/Page';
import { Press } from '../../design/Press';
import { Section } from '../../design/Section';
import { LINE, SPACE } from '../../design/tokens';
import { usePalette } from '../../design/theme';
import { Words } from '../../design/Words';
import { useLengthWords, type LengthWords } from '../../design/lengthWords';

const SHEETS = [
  { id: 'causes', label: 'Causes' },
  { id: 'checks', label: 'Checks' },
  { id: 'actions', label: 'Actions' },
  { id: 'limits', label: 'Limits' },
  { id: 'schools', label: 'Schools' },
] as const;

type SheetId = (typeof SHEETS)[number]['id'];

/** The tables the engine goes by, in words a carpenter can argue with. */
export function TablesPage() {
  const [sheet, setSheet] = useState<SheetId>('causes');
  const words = useLengthWords();
  return (
    <Page header={<Header title="The tables" onBack={() => router.navigate('/settings')} backLabel="Back to settings" />}>
      <Choice label="Which table" options={SHEETS} chosen={sheet} onChoose={setSheet} testID="table" />
      <Words tone="pencil">Set by judgement, common practice, no source, unless one is named.</Words>
      {sheet === 'causes' && CAUSES.map((each) => <CauseRow key={each.id} cause={each} words={words} />)}
      {sheet === 'checks' && FINDINGS.map((each) => <CheckRow key={each.id} finding={each} />)}
      {sheet === 'actions' &&
        [...ACTIONS]
          .sort((a, b) => a.order - b.order)
          .map(({ id, title, minutes, irreversibility, holds, forbidden, stopIf }) => (
            <Row key={id} title={title} aside={`${minutes.first} min`}>
              <Words>{`Undone: ${UNDONE[irreversibility] ?? ''}. Still holds in two years: ${Math.round(holds * 100)} %.`}</Words>
              {forbidden.why !== '' && <Words>{forbidden.why}</Words>}
              <Words tone="pencil">{`Stop if: ${stopIf}`}</Words>
            </Row>
          ))}
      {sheet === 'limits' &&
        PROFILE_IDS.map(toleranceProfile).map(({ id, title, edges, evenWithin, source }) => (
          <Row key={id} title={title} aside={words.unit}>
            {EDGES.map((edge) => (
              <Words
                key={edge}
              >{`${edge}: ${words.bare(edges[edge].min)} to ${words.bare(edges[edge].max)}, best ${words.bare(edges[edge].target)}`}</Words>
            ))}
            <Words>{`even within ${words.withUnit(evenWithin)}`}</Words>
            <Words tone="pencil">{source}</Words>
          </Row>
        ))}
      {sheet === 'schools' &&
        SCHOOL_IDS.map((id) => (
          <Row key={id} title={school(id).title} aside="">
            <Words>{school(id).both}</Words>
            {Object.values(school(id).ways).map(({ label, says, leavesOut }) => (
              <View key={label}>
                <Words kind="strong">{label}</Words>
                <Words>{says}</Words>
                <Words tone="pencil">{`Leaves out: ${leavesOut.map((each) => action(each).title.toLowerCase()).join('; ')}.`}</Words>
              </View>
            ))}
          </Row>
        ))}
    </Page>
  );
}

const UNDONE = ['at once', 'easily', 'with some work', 'with filler', 'hardly', 'never'];

function CauseRow({ cause: { title, says, prior, forms, cures, advice }, words }: { cause: Cause; words: LengthWords }) {
  const sizes = [...new Map(forms.flatMap(({ axes }) => axes).map((axis) => [axis.measure, axis])).values()];
  return (
    <Row title={title} aside={`${(prior * 100).toFixed(1)} in 100`}>
      <Words>{says}</Words>
      {sizes.map(({ measure, mean, sd }) => (
        <Words key={measure} tone="pencil">
          {typeof mean !== 'number'
            ? `${measure}: all of it, ± ${words.withUnit(sd)}`
            : `${measure}: ${words.bare(Math.abs(mean))} ± ${words.withUnit(sd)}`}
        </Words>
      ))}
      {cures.length > 0 && <Words>{`Cured by: ${cures.map((id) => action(id).title.toLowerCase()).join('; ')}.`}</Words>}
      {advice !== undefined && <Words tone="pencil">{advice}</Words>}
    </Row>
  );
}

function CheckRow({ finding: { question, howTo, answers, chances } }: { finding: Finding }) {
  const [isOpen, setIsOpen] = useState(false);
  const named = CAUSES.filter(({ id }) => chances[id] !== undefined);
  return (
    <Row title={question} aside="">
      <Words>{howTo}</Words>
      <Press kind="quiet" style={styles.more} onPress={() => setIsOpen(!isOpen)}>
        {isOpen ? 'Hide the chances' : 'Chances of each answer'}
      </Press>
      {isOpen &&
        answers.map(({ id, label }, i) => (
          <View key={id}>
            <Words kind="strong">{label}</Words>
            <Words tone="pencil">
              {[
                ...named.map((each) => `${each.title.toLowerCase()} ${chances[each.id]?.[i] ?? 0} %`),
                `${named.length > 0 ? 'otherwise' : 'always'} ${chances.otherwise[i] ?? 0} %`,
              ].join(', ')}
            </Words>
          </View>
        ))}
    </Row>
  );
}

function Row({ title, aside, children }: { title: string; aside: string; children: React.ReactNode }) {
  const palette = usePalette();
  return (
    <View style={[styles.rowBox, { borderColor: palette.rule }]}>
      <Section
        title={title}
        aside={
          <Words kind="label" tone="pencil">
            {aside}
          </Words>
        }
      >
        {children}
      </Section>
    </View>
  );
}

const styles = StyleSheet.create({
  rowBox: { borderLeftWidth: LINE.rule, paddingLeft: SPACE.m },
  more: { alignSelf: 'flex-start', paddingHorizontal: 0 },
});
