import type { CallRecord } from '@proper-swing/contract';
import type { PlanAim } from '@proper-swing/core';
import { cause, placeSays, station, type ActionId, type Correction, type Plan } from '@proper-swing/core/doors';
import type { ComponentType } from 'react';
import { StyleSheet, View } from 'react-native';
import { Folded } from '../../design/Folded';
import { Section, Slip } from '../../design/Section';
import { SPACE } from '../../design/tokens';
import { useScreen } from '../../design/useScreen';
import { Words } from '../../design/Words';
import { useLengthWords, type LengthWords } from '../../design/lengthWords';
import { isGapRead, standingWork } from '../../record/observed';
import { tellsRemainder } from '../../record/planWords';
import { adjustmentFor } from '../../record/writeAdjustment';
import { LookAgain } from './LookAgain';
import { PlanDrawing } from './PlanDrawing';
import { PlanSection } from './PlanSection';
import { StepCard } from './StepCard';
import { capital } from '../../design/capital';

/** The sheets that reckon the work of a plan: a page of their own, handed in since pages know nothing of each other. */
export type SheetsOfPlan = ComponentType<{ record: CallRecord; actions: readonly ActionId[] }>;

export interface FixProps {
  record: CallRecord;
  correction: Correction;
  /** Which of the plans is looked at. */
  aim: PlanAim;
  onChoose: (aim: PlanAim) => void;
  Sheets: SheetsOfPlan;
}

/** The plan that is looked at: of the aim chosen, or the first where there is none of it. */
export const chosenPlan = ({ plans }: Correction, aim: PlanAim): Plan | undefined => plans.find((each) => each.aim === aim) ?? plans[0];

/** What comes of it and the next step first; the drawing, what stays, the sheets and what was weighed after it. */
export function Fix({ record, correction, aim, onChoose, Sheets }: FixProps) {
  const words = useLengthWords();
  const { isWide } = useScreen();
  const plan = chosenPlan(correction, aim);
  if (plan === undefined) return null;
  const { cause: lead, tryAgain, lost, ruledOut } = correction;
  const lastWork = standingWork(record).at(-1);
  const nextStep = plan.steps.findIndex((step) => adjustmentFor(record, step) === undefined);
  const drawing = isGapRead(record) && <PlanDrawing record={record} plan={plan} words={words} />;

  return (
    <View style={isWide ? styles.wide : styles.narrow}>
      {isWide && drawing && <View style={styles.column}>{drawing}</View>}
      <View style={[styles.narrow, isWide && styles.column]}>
        <PlanSection record={record} correction={correction} plan={plan} onChoose={onChoose} words={words} />
        {plan.steps.length === 0 && lastWork !== undefined && tryAgain.length > 0 && (
          <Section title="Try it again, after the work">
            <LookAgain record={record} after={lastWork} ids={tryAgain} />
          </Section>
        )}
        {plan.steps.length > 0 && (
          <Section title="Steps">
            {plan.steps.map((step, i) => (
              <StepCard
                key={`${step.action}-${step.place ?? ''}`}
                record={record}
                step={step}
                number={i + 1}
                done={adjustmentFor(record, step)}
                isNext={i === nextStep}
                words={words}
              />
            ))}
          </Section>
        )}
        {!isWide && drawing}
        {tellsRemainder(correction) && (
          <PlanRemainder
            plan={plan}
            title={correction.binds === 'book' ? 'Stays outside its limits' : 'Stays beyond the book'}
            words={words}
          />
        )}
        <Sheets record={record} actions={[...plan.steps.map(({ action }) => action), ...cause(lead.id).cures]} />
        {lost.length > 0 && (
          <Folded title="Weighed and not chosen">
            {lost.map(({ says, why }) => (
              <View key={says}>
                <Words kind="strong">{says}</Words>
                <Words tone="pencil">{`${capital(why)}.`}</Words>
              </View>
            ))}
          </Folded>
        )}
        {ruledOut.length > 0 && (
          <Folded title="Not allowed here" testID="not-allowed">
            {ruledOut.map(({ action, title, why }) => (
              <View key={action}>
                <Words kind="strong">{title}</Words>
                <Words>{why}</Words>
              </View>
            ))}
          </Folded>
        )}
      </View>
    </View>
  );
}

/** What stays outside, and what binds. */
function PlanRemainder({ plan, title, words }: { plan: Plan; title: string; words: LengthWords }) {
  const nought = words.bare(0);
  const outside = plan.outside.filter(({ mm }) => words.bare(mm) !== nought);
  const uneven = plan.uneven.filter(({ mm }) => words.bare(mm) !== nought);
  return (
    <>
      {outside.length + uneven.length > 0 && (
        <Section title={title}>
          {outside.map(({ station: id, mm }) => (
            <Words key={id}>{`${station(id).title}: by ${words.withUnit(mm)}`}</Words>
          ))}
          {uneven.map(({ edge, mm }) => (
            <Words key={edge}>{`${edge} gap: tapers ${words.withUnit(mm)} more than allowed`}</Words>
          ))}
        </Section>
      )}
      {plan.misfit.map(({ place, mm }) => (
        <Slip key={place} label="Hinges in line">
          <Words>{`The ${placeSays(place)} ends up ${words.withUnit(Math.abs(mm))} off the line of the others. If the swing feels stiff there, ease its screws and pack it to follow.`}</Words>
        </Slip>
      ))}
    </>
  );
}

const styles = StyleSheet.create({
  wide: { flexDirection: 'row', gap: SPACE.xl },
  narrow: { gap: SPACE.l },
  column: { flex: 1, minWidth: 0 },
});
