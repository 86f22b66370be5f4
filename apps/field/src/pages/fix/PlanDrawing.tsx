import type { CallRecord, Door } from '@proper-swing/contract';
import { judgeGap } from '@proper-swing/core';
import { station, type Plan, type StationId } from '@proper-swing/core/doors';
import { useMemo, useState } from 'react';
import { StyleSheet, useWindowDimensions, View } from 'react-native';
import { Press } from '../../design/Press';
import { Section } from '../../design/Section';
import { SPACE } from '../../design/tokens';
import { useScreen } from '../../design/useScreen';
import { VERDICT_WORDS } from '../../design/drawing/marks';
import type { LengthWords } from '../../design/lengthWords';
import { AnyDrawing } from '../../doors/AnyDrawing';
import type { GapLabel } from '../../doors/gapLabel';
import { modelFor } from '../../record/door';
import { lastReadings } from '../../record/observed';
import { readingWords } from '../../record/readingWords';
import { PanelWhatIf } from './PanelWhatIf';
import { WhatIf, type WhatIfProps } from './WhatIf';

const WIDE = { width: 520, height: 520, whatIf: 520 };
const NARROW = { width: 460, height: 400, whatIf: 330 };

export interface PlanDrawingProps {
  record: CallRecord;
  plan: Plan;
  words: LengthWords;
}

/** The door as it is and as it will be, folded on a telephone; or, tried out, as a setting of one's own would leave it. */
export function PlanDrawing({ record, plan, words }: PlanDrawingProps) {
  const { width } = useWindowDimensions();
  const { isWide } = useScreen();
  const [tries, setTries] = useState(false);
  const [isOpen, setIsOpen] = useState(false);
  const size = isWide ? WIDE : NARROW;
  const drawnWidth = Math.min(width - 2 * SPACE.l, size.width);
  const changes = plan.steps.length > 0;
  const drawn = useMemo(() => planLabels(plan, record, words), [plan, record, words]);
  return (
    <View style={styles.column}>
      {tries && <AnyWhatIf {...{ record, words }} before={drawn.before} width={drawnWidth} height={size.whatIf} />}
      {!tries && (isWide || isOpen) && (
        <Section title={changes ? 'As it is and as it will be' : 'As it is'}>
          <View style={styles.drawing}>
            <AnyDrawing
              width={drawnWidth}
              height={size.height}
              door={record.door}
              gapsMm={drawn.before}
              {...(changes && { afterMm: drawn.after })}
              labels={drawn.labels}
              unit={words.unit}
            />
          </View>
        </Section>
      )}
      <View style={styles.keys}>
        {!isWide && !tries && (
          <Press kind="quiet" onPress={() => setIsOpen(!isOpen)} testID="plan-drawing">
            {isOpen ? 'Fold the drawing' : changes ? 'Draw what it changes' : 'Draw the door'}
          </Press>
        )}
        <Press kind="quiet" onPress={() => setTries(!tries)} testID="what-if">
          {tries ? 'Back to the plan' : 'Try a setting of your own'}
        </Press>
      </View>
    </View>
  );
}

/** A setting tried on a door of any kind. */
function AnyWhatIf({ record, ...given }: Omit<WhatIfProps<Door>, 'door'>) {
  const { door } = record;
  return door.kind === 'hinged' ? <WhatIf {...{ record, door, ...given }} /> : <PanelWhatIf {...{ record, door, ...given }} />;
}

/** What stands beside each gap: what will be is an estimate and in pencil; where nothing is done, what was read in ink. */
function planLabels(plan: Plan, record: CallRecord, words: LengthWords) {
  const { profile } = modelFor(record.door);
  const read = lastReadings(record);
  const changes = plan.steps.length > 0;
  const before = new Map<StationId, number>();
  const after = new Map<StationId, number>();
  const labels = new Map<StationId, GapLabel>();
  for (const { station: id, beforeMm, afterMm } of plan.gaps) {
    const { edge } = station(id);
    before.set(id, beforeMm);
    after.set(id, afterMm);
    if (edge === undefined) continue;
    const reading = read.get(id);
    const isRead = reading !== undefined && reading.kind !== 'unreachable';
    const verdict = judgeGap(profile, edge, afterMm);
    if (!changes && isRead) {
      const main = readingWords(reading, words);
      labels.set(id, { main, isPencil: false, verdict: judgeGap(profile, edge, reading.mm ?? 0), spoken: main });
      continue;
    }
    const was = !isRead ? 'not read' : beforeMm <= 0 ? 'rubbed' : `was ${words.bare(beforeMm)}`;
    const main = afterMm <= 0 ? 'rubs' : words.bare(afterMm);
    labels.set(id, {
      main,
      sub: was,
      isPencil: true,
      ...(isRead && { verdict }),
      spoken: `will be about ${words.withUnit(Math.max(0, afterMm))}, ${VERDICT_WORDS[verdict]}; ${was}`,
    });
  }
  return { before, after, labels };
}

const styles = StyleSheet.create({
  column: { gap: SPACE.s },
  drawing: { alignItems: 'center' },
  keys: { flexDirection: 'row', flexWrap: 'wrap', gap: SPACE.s, justifyContent: 'center' },
});
