import type { CallRecord } from '@proper-swing/contract';
import { station, type GapVerdict, type StationId } from '@proper-swing/core';
import { useMemo } from 'react';
import { StyleSheet, useWindowDimensions, View } from 'react-native';
import { VERDICT_WORDS } from '../../design/drawing/marks';
import type { LengthWords } from '../../design/lengthWords';
import { SPACE } from '../../design/tokens';
import { useScreen } from '../../design/useScreen';
import { DoorDrawing } from '../../doors/hinged/DoorDrawing';
import type { GapLabel } from '../../doors/hinged/gapLabel';
import { readingWords } from '../../record/readingWords';
import { gaugedMm, type ComparedGap } from './compare';

/** Fewer gaps than this, found and left, say nothing of how the door hung. */
const LEAST_GAPS = 3;

/** The door as it was found, dashed, and as it is left: to be shown to who lives with it. Nothing where too little was gauged. */
export function ProofDrawing({ record, gaps, words }: { record: CallRecord; gaps: readonly ComparedGap[]; words: LengthWords }) {
  const { width } = useWindowDimensions();
  const { isWide } = useScreen();
  const { found, left, labels } = useMemo(() => drawn(gaps, words), [gaps, words]);
  if (found.size < LEAST_GAPS || left.size < LEAST_GAPS) return null;
  return (
    <View style={styles.drawing} testID="proof-drawing">
      <DoorDrawing
        width={Math.min(width - 2 * SPACE.l, 460)}
        height={isWide ? 440 : 380}
        make={record.door.make}
        gapsMm={found}
        afterMm={left}
        dashed="found"
        labels={labels}
        unit={words.unit}
      />
    </View>
  );
}

function drawn(gaps: readonly ComparedGap[], words: LengthWords) {
  const found = new Map<StationId, number>();
  const left = new Map<StationId, number>();
  const labels = new Map<StationId, GapLabel>();
  for (const gap of gaps) {
    const [was, is] = [gaugedMm(gap.found), gaugedMm(gap.left)];
    if (was !== undefined) found.set(gap.station, was);
    if (is !== undefined) left.set(gap.station, is);
    if (gap.left !== undefined) labels.set(gap.station, labelOf(gap, gap.verdict, words));
  }
  return { found, left, labels };
}

function labelOf(gap: ComparedGap, verdict: GapVerdict | undefined, words: LengthWords): GapLabel {
  const main = readingWords(gap.left, words);
  const was = gap.found === undefined ? 'not read' : `was ${readingWords(gap.found, words)}`;
  return {
    ...{ main, sub: was, isPencil: false },
    ...(verdict && { verdict }),
    spoken: `${station(gap.station).title}: ${main}${verdict ? `, ${VERDICT_WORDS[verdict]}` : ''}; ${was}`,
  };
}

const styles = StyleSheet.create({ drawing: { alignItems: 'center' } });
