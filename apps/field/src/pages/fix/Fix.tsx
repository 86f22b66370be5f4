import type { CallRecord } from '@proper-swing/contract';
import { cause, judgeGap, profileOf, station, type Correction, type Plan, type PlanAim, type StationId } from '@proper-swing/core';
import { router } from 'expo-router';
import { useMemo, useState } from 'react';
import { StyleSheet, useWindowDimensions, View } from 'react-native';
import { Press } from '../../design/Press';
import { Section, Slip } from '../../design/Section';
import { SPACE, WIDE_FROM } from '../../design/tokens';
import { Words } from '../../design/Words';
import { DoorDrawing } from '../../doors/hinged/DoorDrawing';
import type { GapLabel } from '../../doors/hinged/gapLabel';
import { VERDICT_WORDS } from '../../design/drawing/marks';
import { useLengthWords, type LengthWords } from '../../design/lengthWords';
import { DoubtfulReadings } from '../../call/DoubtfulReadings';
import { openStation } from '../../call/NextBestCard';
import { CallSheets } from '../../sheets/CallSheets';
import { lastReadings, observedNow, standingWork } from '../../record/observed';
import { LookAgain } from './LookAgain';
import { PlanTabs } from './PlanTabs';
import { SecondLook } from './SecondLook';
import { chancesWords, hingeWords, outcomeWords, surerByWords, tellsRemainder, uncertaintyWords } from '../../record/planWords';
import { WhatIf } from './WhatIf';
import { StepCard } from './StepCard';
import { adjustmentFor } from '../../record/writeAdjustment';

export interface FixProps {
  record: CallRecord;
  correction: Correction;
}

/** The plans with the door as it is and as it will be on one drawing, the steps of the one chosen, and what else was weighed. */
export function Fix({ record, correction }: FixProps) {
  const { width } = useWindowDimensions();
  const words = useLengthWords();
  const isWide = width >= WIDE_FROM;
  const [aim, setAim] = useState<PlanAim>('quickest');
  const [tries, setTries] = useState(false);
  const plan = correction.plans.find((each) => each.aim === aim) ?? correction.plans[0];
  const drawn = useMemo(() => plan && planLabels(plan, record, words), [plan, record, words]);
  if (plan === undefined || drawn === undefined) return null;
  const drawingWidth = Math.min(width - 2 * SPACE.l, isWide ? 520 : 460);
  const drawingHeight = isWide ? 520 : 400;
  const { outcome, cause: lead, unknown, doubtful, lookAgain, tryAgain, advice, lost } = correction;
  const readsAgain = outcome === 'read again';
  const toRead = unknown[0]?.station ?? (readsAgain ? doubtful[0]?.station : undefined);
  const lastWork = standingWork(record).at(-1);
  // A door that only waits is not made surer by anything today.
  const chances = chancesWords(plan, correction);
  const unsure = outcome === 'wait' ? '' : uncertaintyWords(plan, correction.binds);
  const surerBy = outcome === 'wait' ? undefined : plan.uncertainty.reading;
  const nextStep = plan.steps.findIndex((step) => adjustmentFor(record, step) === undefined);
  const rounds = observedNow(record).rounds?.length ?? 0;

  return (
    <View style={isWide ? styles.wide : styles.narrow}>
      <View style={isWide ? styles.column : undefined}>
        {tries ? (
          <WhatIf record={record} plan={plan} words={words} width={drawingWidth} height={isWide ? drawingHeight : 330} />
        ) : (
          <Section title="As it is and as it will be">
            <View style={styles.drawing}>
              <DoorDrawing
                width={drawingWidth}
                height={drawingHeight}
                make={record.door.make}
                gapsMm={drawn.before}
                {...(plan.steps.length > 0 && { afterMm: drawn.after })}
                labels={drawn.labels}
                unit={words.unit}
              />
            </View>
          </Section>
        )}
        <Press kind="quiet" onPress={() => setTries(!tries)} testID="what-if">
          {tries ? 'Back to the plan' : 'Try a setting of your own'}
        </Press>
      </View>
      <View style={[styles.narrow, isWide && styles.column]}>
        <Section title={rounds > 0 ? 'Plan after the check' : 'Plan'}>
          {record.door.make.hingeKind === 'adjustable' && (
            <Press onPress={() => router.replace(`/call/${record.call.id}/turns`)} testID="to-turns">
              Set hinges and keeps, turn by turn
            </Press>
          )}
          <PlanTabs plans={correction.plans} binds={correction.binds} chosen={plan.aim} onChoose={setAim} />
          <Words testID="plan-outcome">{outcomeWords(correction)}</Words>
          {readsAgain && <DoubtfulReadings doubtful={doubtful} words={words} />}
          {lookAgain.length > 0 && <SecondLook record={record} ids={lookAgain} />}
          {chances !== '' && <Words tone="pencil">{chances}</Words>}
          {plan.steps.length > 0 && unsure !== '' && <Words tone="pencil">{unsure}</Words>}
          {plan.steps.length > 0 && surerBy !== undefined && (
            <Press kind="quiet" onPress={() => openStation(record, surerBy.station)} testID="read-surer">
              {surerByWords(plan, correction.binds)}
            </Press>
          )}
          {unknown.map(({ station: id, sdMm }) => (
            <Words key={id}>{`${station(id).title}: known only to ±${words.withUnit(sdMm)}`}</Words>
          ))}
          {toRead !== undefined && (
            <Press onPress={() => openStation(record, toRead)} testID="read-unknown">
              {readsAgain ? 'Read it again' : 'Read it now'}
            </Press>
          )}
          {advice.map((line) => (
            <Slip key={line} label="Know this first">
              <Words>{line}</Words>
            </Slip>
          ))}
        </Section>
        {plan.steps.length === 0 && lastWork !== undefined && tryAgain.length > 0 && (
          <Section title="Try it, now that it hangs otherwise">
            <LookAgain record={record} after={lastWork} ids={tryAgain} />
          </Section>
        )}
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
        {tellsRemainder(correction) && (
          <PlanRemainder
            plan={plan}
            title={correction.binds === 'book' ? 'Stays outside its limits' : 'Stays beyond the book'}
            words={words}
          />
        )}
        <CallSheets record={record} actions={[...plan.steps.map(({ action }) => action), ...cause(lead.id).cures]} />
        {lost.length > 0 && (
          <Section title="Weighed and not chosen">
            {lost.map(({ says, why }) => (
              <View key={says}>
                <Words kind="strong">{says}</Words>
                <Words tone="pencil">{`${why.charAt(0).toUpperCase()}${why.slice(1)}.`}</Words>
              </View>
            ))}
          </Section>
        )}
        {correction.ruledOut.length > 0 && (
          <Section title="Not allowed here">
            {correction.ruledOut.map(({ action, title, why }) => (
              <View key={action}>
                <Words kind="strong">{title}</Words>
                <Words>{why}</Words>
              </View>
            ))}
          </Section>
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
      {plan.misfit.map(({ hinge, mm }) => (
        <Slip key={hinge} label="Hinges in line">
          <Words>{`The ${hingeWords(hinge)} ends up ${words.withUnit(Math.abs(mm))} off the line of the others. If the swing feels stiff there, ease its screws and pack it to follow.`}</Words>
        </Slip>
      ))}
    </>
  );
}

function planLabels(plan: Plan, record: CallRecord, words: LengthWords) {
  const profile = profileOf(record.door.make);
  const read = lastReadings(record);
  const before = new Map<StationId, number>();
  const after = new Map<StationId, number>();
  const labels = new Map<StationId, GapLabel>();
  for (const { station: id, beforeMm, afterMm } of plan.gaps) {
    const { edge } = station(id);
    before.set(id, beforeMm);
    after.set(id, afterMm);
    if (edge === undefined) continue;
    const verdict = judgeGap(profile, edge, afterMm);
    const isRead = read.has(id);
    const was = !isRead ? 'not read' : beforeMm <= 0 ? 'rubbed' : `was ${words.bare(beforeMm)}`;
    labels.set(id, {
      main: afterMm <= 0 ? 'rubs' : words.bare(afterMm),
      sub: was,
      isPencil: !isRead,
      ...(isRead && { verdict }),
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
