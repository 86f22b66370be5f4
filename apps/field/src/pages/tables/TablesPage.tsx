import { action as hingedAction, ACTIONS, EDGES, PROFILE_IDS, school, SCHOOL_IDS, toleranceProfile } from '@proper-swing/core';
import { action, DOOR_KINDS, TABLES, type Cause, type DoorKindId, type Finding } from '@proper-swing/core/doors';
import { PANEL_KINDS } from '@proper-swing/core/sliding/card/panel';
import { EDGES as PANEL_EDGES, PROFILES } from '@proper-swing/core/sliding/card/profiles';
import { router } from 'expo-router';
import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { edgeWords } from '../../doors/edgeWords';
import { PANEL_WORDS } from '../../doors/sliding/panelWords';
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

const KIND_WORDS: Readonly<Record<DoorKindId, string>> = { hinged: 'On hinges', sliding: 'Sliding' };
const KINDS = DOOR_KINDS.map((id) => ({ id, label: KIND_WORDS[id] }));

/** The tables the engine goes by, in words a carpenter can argue with. */
export function TablesPage() {
  const [sheet, setSheet] = useState<SheetId>('causes');
  const [kind, setKind] = useState<DoorKindId>('hinged');
  const words = useLengthWords();
  const { causes, findings, actions } = TABLES[kind];
  return (
    <Page header={<Header title="The tables" onBack={() => router.navigate('/settings')} backLabel="Back to settings" />}>
      <Choice label="Which doors" options={KINDS} chosen={kind} onChoose={setKind} testID="table-kind" />
      <Choice label="Which table" options={SHEETS} chosen={sheet} onChoose={setSheet} testID="table" />
      <Words tone="pencil">Set by judgement, common practice, no source, unless one is named.</Words>
      {sheet === 'causes' && causes.map((each) => <CauseRow key={each.id} cause={each} words={words} />)}
      {sheet === 'checks' && findings.map((each) => <CheckRow key={each.id} finding={each} causes={causes} />)}
      {sheet === 'actions' &&
        [...actions]
          .sort((a, b) => a.order - b.order)
          .map(({ id, title, minutes, irreversibility, holds, stopIf }) => (
            <Row key={id} title={title} aside={`${minutes.first} min`}>
              <Words>{`Undone: ${UNDONE[irreversibility] ?? ''}. Still holds in two years: ${Math.round(holds * 100)} %.`}</Words>
              {whyForbidden(id) !== '' && <Words>{whyForbidden(id)}</Words>}
              <Words tone="pencil">{`Stop if: ${stopIf}`}</Words>
            </Row>
          ))}
      {sheet === 'limits' && (kind === 'hinged' ? <HingedLimits words={words} /> : <PanelLimitRows words={words} />)}
      {sheet === 'schools' && <Schools kind={kind} />}
    </Page>
  );
}

const HINGED_ACTIONS = new Map<string, string>(ACTIONS.map(({ id, forbidden }) => [id, forbidden.why]));

/** Why work is not done on some doors on hinges; nothing of other work. */
const whyForbidden = (id: string): string => HINGED_ACTIONS.get(id) ?? '';

function HingedLimits({ words }: { words: LengthWords }) {
  return (
    <>
      {PROFILE_IDS.map(toleranceProfile).map(({ id, title, edges, evenWithin, source }) => (
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
    </>
  );
}

function PanelLimitRows({ words }: { words: LengthWords }) {
  return PANEL_KINDS.map((id) => (
    <Row key={id} title={PANEL_WORDS[id]} aside={words.unit}>
      {PANEL_EDGES.map((edge) => {
        const { min, max, target, letsGoFrom } = PROFILES[id].edges[edge];
        const lets = letsGoFrom === undefined ? '' : `; lifts out from ${words.bare(letsGoFrom)}`;
        return (
          <Words
            key={edge}
          >{`${edgeWords('sliding', edge)}: ${words.bare(min)} to ${words.bare(max)}, best ${words.bare(target)}${lets}`}</Words>
        );
      })}
      <Words>{`even within ${words.withUnit(PROFILES[id].evenWithin)}`}</Words>
    </Row>
  ));
}

function Schools({ kind }: { kind: DoorKindId }) {
  if (kind === 'sliding') return <Words>Of sliding doors there is one way only, so far.</Words>;
  return SCHOOL_IDS.map((id) => (
    <Row key={id} title={school(id).title} aside="">
      <Words>{school(id).both}</Words>
      {Object.values(school(id).ways).map(({ label, says, leavesOut }) => (
        <View key={label}>
          <Words kind="strong">{label}</Words>
          <Words>{says}</Words>
          <Words tone="pencil">{`Leaves out: ${leavesOut.map((each) => hingedAction(each).title.toLowerCase()).join('; ')}.`}</Words>
        </View>
      ))}
    </Row>
  ));
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

function CheckRow({ finding: { question, howTo, answers, chances }, causes }: { finding: Finding; causes: readonly Cause[] }) {
  const [isOpen, setIsOpen] = useState(false);
  const named = causes.filter(({ id }) => chances[id] !== undefined);
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
