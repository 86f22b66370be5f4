import { PANEL_KINDS, type PanelKind } from '@proper-swing/core/sliding/card/panel';
import { CAUTIONS } from '@proper-swing/core/sliding/tables/cautions';
import { takeDown, type TakeDownStep } from '@proper-swing/core/sliding/tables/takeDown';
import type { ReactNode } from 'react';
import { StyleSheet, View } from 'react-native';
import { Press } from '../../design/Press';
import { Section, Slip } from '../../design/Section';
import { LINE, SPACE } from '../../design/tokens';
import { usePalette } from '../../design/theme';
import { Words } from '../../design/Words';
import { useKeptDraft } from '../../offline/draft';

/** Which panel, and how many of its steps are done. */
interface Progress {
  kind: PanelKind;
  done: number;
}

const isProgress = (kept: unknown): kept is Progress => {
  const { kind, done } = (kept ?? {}) as Partial<Progress>;
  return PANEL_KINDS.some((each) => each === kind) && typeof done === 'number' && done >= 0;
};

/** How far a panel is out or back in, kept on the device. */
export function useTakeDown(draftKey: string, usual: PanelKind) {
  const { draft, setDraft } = useKeptDraft<Progress>(draftKey, isProgress, () => ({ kind: usual, done: 0 }));
  const { kind } = draft;
  const steps = takeDown(kind);
  const all = [...steps.down, ...steps.back];
  const done = Math.min(draft.done, all.length);
  return {
    ...steps,
    kind,
    done,
    count: all.length,
    now: all[done],
    choose: (next: PanelKind) => setDraft({ kind: next, done: 0 }),
    step: (to: number) => setDraft({ kind, done: to }),
  };
}

export type TakingDown = ReturnType<typeof useTakeDown>;

/** The next step is the only one that can be checked off. */
export function TakeDownKeys({ taking: { now, done, step } }: { taking: TakingDown }) {
  if (now === undefined) {
    return (
      <Press onPress={() => step(0)} testID="step-again">
        Begin again
      </Press>
    );
  }
  return (
    <View style={styles.keys}>
      {done > 0 && (
        <Press onPress={() => step(done - 1)} testID="step-back">
          One back
        </Press>
      )}
      <Press kind="primary" style={styles.next} onPress={() => step(done + 1)} testID="step-done">
        Done, next
      </Press>
    </View>
  );
}

export interface TakeDownStepsProps {
  taking: TakingDown;
  /** Stands under the step that is next. */
  children?: ReactNode;
}

/** Out and back in, a step at a time, with what belongs to it. */
export function TakeDownSteps({ taking: { before, down, back, last, done, count, now }, children }: TakeDownStepsProps) {
  return (
    <>
      {now !== undefined && (
        <Section title={done < down.length ? 'Out, now' : 'Back in, now'}>
          <Words kind="title" testID="step-now">
            {`${done + 1}. ${now.says}`}
          </Words>
          {now.caution !== undefined && <Words tone="tight">{CAUTIONS[now.caution]}</Words>}
          <Words kind="small" tone="pencil" testID="steps-left">
            {`${count - done} steps left.`}
          </Words>
        </Section>
      )}
      {now === undefined && (
        <Slip label="Before you leave">
          <Words testID="all-back">{last}</Words>
        </Slip>
      )}
      {children}
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
    </>
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
