import { PANEL_KINDS, type PanelKind } from '@proper-swing/core/sliding/card/panel';
import { CAUTIONS } from '@proper-swing/core/sliding/tables/cautions';
import { takeDown, type TakeDownStep } from '@proper-swing/core/sliding/tables/takeDown';
import { router } from 'expo-router';
import { StyleSheet, View } from 'react-native';
import { Choice } from '../../design/Choice';
import { Header } from '../../design/Header';
import { Page } from '../../design/Page';
import { Press } from '../../design/Press';
import { Section, Slip } from '../../design/Section';
import { LINE, SPACE } from '../../design/tokens';
import { usePalette } from '../../design/theme';
import { Words } from '../../design/Words';
import { useKeptDraft } from '../../offline/draft';
import { PANEL_KIND } from '../../sheets/fieldKinds';

/** Which panel, and how many of its steps are done. */
interface Progress {
  kind: PanelKind;
  done: number;
}

const isProgress = (kept: unknown): kept is Progress => {
  const { kind, done } = (kept ?? {}) as Partial<Progress>;
  return PANEL_KINDS.some((each) => each === kind) && typeof done === 'number' && done >= 0;
};

/** Out and back in, a step at a time: the next one is the only one that can be checked off. */
export function TakeDownPage() {
  const { draft, setDraft } = useKeptDraft<Progress>('swing.draft.takeDown', isProgress, () => ({ kind: 'glass', done: 0 }));
  const { kind } = draft;
  const { before, down, back, last } = takeDown(kind);
  const all = [...down, ...back];
  const done = Math.min(draft.done, all.length);
  const now = all[done];
  return (
    <Page
      header={<Header title="Take down, put back" sub="The bench" onBack={() => router.navigate('/bench')} backLabel="Back to the bench" />}
      footer={
        now === undefined ? (
          <Press onPress={() => setDraft({ kind, done: 0 })} testID="step-again">
            Begin again
          </Press>
        ) : (
          <View style={styles.keys}>
            {done > 0 && (
              <Press onPress={() => setDraft({ kind, done: done - 1 })} testID="step-back">
                One back
              </Press>
            )}
            <Press kind="primary" style={styles.next} onPress={() => setDraft({ kind, done: done + 1 })} testID="step-done">
              Done, next
            </Press>
          </View>
        )
      }
    >
      <Choice
        label="The panel is"
        options={PANEL_KIND.options ?? []}
        chosen={kind}
        onChoose={(id) => setDraft({ kind: id as PanelKind, done: 0 })}
        testID="panel"
      />
      {now !== undefined && (
        <Section title={done < down.length ? 'Out, now' : 'Back in, now'}>
          <Words kind="title" testID="step-now">
            {`${done + 1}. ${now.says}`}
          </Words>
          {now.caution !== undefined && <Words tone="tight">{CAUTIONS[now.caution]}</Words>}
          <Words kind="small" tone="pencil" testID="steps-left">
            {`${all.length - done} steps left.`}
          </Words>
        </Section>
      )}
      {now === undefined && (
        <Slip label="Before you leave">
          <Words testID="all-back">{last}</Words>
        </Slip>
      )}
      {done === 0 && (
        <Slip label="Before it comes out">
          <View testID="before" style={styles.before}>
            {before.map((id) => (
              <Words key={id}>{CAUTIONS[id]}</Words>
            ))}
          </View>
        </Slip>
      )}
      <Part title="Out" steps={down} first={0} done={done} />
      <Part title="Back in" steps={back} first={down.length} done={done} />
    </Page>
  );
}

function Part({ title, steps, first, done }: { title: string; steps: readonly TakeDownStep[]; first: number; done: number }) {
  const palette = usePalette();
  return (
    <Section title={title}>
      {steps.map(({ says }, i) => {
        const nth = first + i;
        return (
          <View key={says} style={[styles.step, { borderColor: palette.rule }]}>
            <Words kind={nth === done ? 'strong' : 'text'} tone={nth === done ? 'ink' : 'pencil'}>
              {`${nth < done ? '✓' : `${nth + 1}.`} ${says}`}
            </Words>
          </View>
        );
      })}
    </Section>
  );
}

const styles = StyleSheet.create({
  keys: { flexDirection: 'row', gap: SPACE.s },
  next: { flex: 1 },
  before: { gap: SPACE.xs },
  step: { borderBottomWidth: LINE.hair, paddingVertical: SPACE.s },
});
