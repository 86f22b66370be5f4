import type { CallRecord } from '@proper-swing/contract';
import { judgeGap, station, type Plan, type StationId } from '@proper-swing/core';
import { useMemo } from 'react';
import { StyleSheet, useWindowDimensions, View } from 'react-native';
import { Section, Slip } from '../../design/Section';
import { SPACE, WIDE_FROM } from '../../design/tokens';
import { Words } from '../../design/Words';
import { DoorDrawing, type GapLabel } from '../../drawing/DoorDrawing';
import { VERDICT_WORDS } from '../../drawing/marks';
import { useLengthWords, type LengthWords } from '../call/lengthWords';
import { percent } from '../find/percent';
import { hingeWords, outcomeWords } from './planWords';
import { StepCard } from './StepCard';
import { adjustmentFor } from './writeAdjustment';

export interface FixProps {
  record: CallRecord;
  plan: Plan;
}

/** The plan with the door as it is and as it will be on one drawing, its steps, and what stays outside the limits. */
export function Fix({ record, plan }: FixProps) {
  const { width } = useWindowDimensions();
  const words = useLengthWords();
  const isWide = width >= WIDE_FROM;
  const drawn = useMemo(() => planLabels(plan, record, words), [plan, record, words]);
  const drawingWidth = Math.min(width - 2 * SPACE.l, isWide ? 520 : 460);
  const nextStep = plan.steps.findIndex((step) => adjustmentFor(record, step) === undefined);

  return (
    <View style={isWide ? styles.wide : styles.narrow}>
      <View style={isWide ? styles.column : undefined}>
        <Section title="As it is and as it will be">
          <View style={styles.drawing}>
            <DoorDrawing
              width={drawingWidth}
              height={isWide ? 520 : 400}
              hingesOn={record.door.hingesOn}
              slabHeightMm={record.door.slabHeightMm}
              hingeHeightsMm={record.door.hingeHeightsMm}
              gapsMm={drawn.before}
              {...(plan.steps.length > 0 && { afterMm: drawn.after })}
              labels={drawn.labels}
              unit={words.unit}
            />
          </View>
        </Section>
      </View>
      <View style={[styles.narrow, isWide && styles.column]}>
        <Section title="Plan">
          <Words testID="plan-outcome">{outcomeWords(plan)}</Words>
          {plan.outcome !== 'measure first' && (
            <Words tone="pencil">
              {`For: ${plan.cause.title.toLowerCase()} (${percent(plan.cause.probability)}). True at the first check: ${percent(plan.chanceTrue)}. Check after every step.`}
            </Words>
          )}
          {plan.unknown.map(({ station: id, sdMm }) => (
            <Words key={id}>{`${station(id).title}: known only to ±${words.withUnit(sdMm)}`}</Words>
          ))}
          {plan.advice.map((advice) => (
            <Slip key={advice} label="Know this first">
              <Words>{advice}</Words>
            </Slip>
          ))}
        </Section>
        {plan.steps.length > 0 && (
          <Section title="Steps">
            {plan.steps.map((step, i) => (
              <StepCard
                key={`${step.action}-${step.hinge ?? ''}`}
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
        <PlanRemainder plan={plan} words={words} />
      </View>
    </View>
  );
}

/** What stays outside, what binds, and what was not allowed. */
function PlanRemainder({ plan, words }: { plan: Plan; words: LengthWords }) {
  return (
    <>
      {(plan.outside.length > 0 || plan.uneven.length > 0) && (
        <Section title="Stays outside its limits">
          {plan.outside.map(({ station: id, mm }) => (
            <Words key={id}>{`${station(id).title}: by ${words.withUnit(mm)}`}</Words>
          ))}
          {plan.uneven.map(({ edge, mm }) => (
            <Words key={edge}>{`${edge} gap: tapers ${words.withUnit(mm)} more than allowed`}</Words>
          ))}
        </Section>
      )}
      {plan.misfit.map(({ hinge, mm }) => (
        <Slip key={hinge} label="Hinges in line">
          <Words>{`The ${hingeWords(hinge as Parameters<typeof hingeWords>[0])} ends up ${words.withUnit(Math.abs(mm))} off the line of the others. If the swing feels stiff there, ease its screws and pack it to follow.`}</Words>
        </Slip>
      ))}
      {plan.ruledOut.length > 0 && (
        <Section title="Not allowed here">
          {plan.ruledOut.map(({ action, title, why }) => (
            <View key={action}>
              <Words kind="strong">{title}</Words>
              <Words>{why}</Words>
            </View>
          ))}
        </Section>
      )}
    </>
  );
}

function planLabels(plan: Plan, record: CallRecord, words: LengthWords) {
  const before = new Map<StationId, number>();
  const after = new Map<StationId, number>();
  const labels = new Map<StationId, GapLabel>();
  for (const { station: id, beforeMm, afterMm } of plan.gaps) {
    const { edge } = station(id);
    before.set(id, beforeMm);
    after.set(id, afterMm);
    if (edge === undefined) continue;
    const verdict = judgeGap(record.door.profile, edge, afterMm);
    const was = beforeMm <= 0 ? 'rubbed' : `was ${words.bare(beforeMm)}`;
    labels.set(id, {
      main: afterMm <= 0 ? 'rubs' : words.bare(afterMm),
      sub: was,
      isPencil: false,
      verdict,
      spoken: `will be ${words.withUnit(Math.max(0, afterMm))}, ${VERDICT_WORDS[verdict]}; ${was}`,
    });
  }
  return { before, after, labels };
}

const styles = StyleSheet.create({
  wide: { flexDirection: 'row', gap: SPACE.xl },
  narrow: { gap: SPACE.l },
  column: { flex: 1, minWidth: 0 },
  drawing: { alignItems: 'center' },
});
