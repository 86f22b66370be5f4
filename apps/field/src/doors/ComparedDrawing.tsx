import type { Door } from '@proper-swing/contract';
import { station, type StationId } from '@proper-swing/core/doors';
import { useMemo } from 'react';
import { StyleSheet, useWindowDimensions, View } from 'react-native';
import { VERDICT_WORDS } from '../design/drawing/marks';
import { useLengthWords, type LengthWords } from '../design/lengthWords';
import { SPACE } from '../design/tokens';
import { Words } from '../design/Words';
import { useScreen } from '../design/useScreen';
import { gaugedMm, type ComparedGap } from '../record/comparedGaps';
import { readingWords } from '../record/readingWords';
import { AnyDrawing } from './AnyDrawing';
import type { GapLabel } from './gapLabel';

/** Fewer gaps than this say nothing of how a door hung. */
const LEAST_GAPS = 3;

export interface ComparedDrawingProps {
  door: Door;
  gaps: readonly ComparedGap[];
  /** What the earlier outline is. */
  dashed: string;
  testID: string;
}

/** The door as it hung before, dashed, and as it hung after, with the later figures. Nothing where too little was gauged after. */
export function ComparedDrawing({ door, gaps, dashed, testID }: ComparedDrawingProps) {
  const words = useLengthWords();
  const { width } = useWindowDimensions();
  const { isWide } = useScreen();
  const { found, left, labels } = useMemo(() => drawn(gaps, words), [gaps, words]);
  if (left.size < LEAST_GAPS) return null;
  const isCompared = found.size >= LEAST_GAPS;
  return (
    <View style={styles.drawing} testID={testID}>
      <AnyDrawing
        width={Math.min(width - 2 * SPACE.l, 460)}
        height={isWide ? 440 : 380}
        door={door}
        gapsMm={isCompared ? found : left}
        {...(isCompared && { afterMm: left, dashed: '' })}
        labels={labels}
        unit={words.unit}
      />
      {isCompared && <Words kind="label" tone="pencil">{`Dashed: ${dashed}`}</Words>}
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
    if (gap.left !== undefined) labels.set(gap.station, labelOf(gap, words));
  }
  return { found, left, labels };
}

function labelOf({ station: id, found, left, verdict }: ComparedGap, words: LengthWords): GapLabel {
  const main = readingWords(left, words);
  const was = found && `was ${readingWords(found, words)}`;
  return {
    ...{ main, isPencil: false },
    ...(was !== undefined && { sub: was }),
    ...(verdict && { verdict }),
    spoken: `${station(id).title}: ${main}${verdict ? `, ${VERDICT_WORDS[verdict]}` : ''}; ${was ?? 'not read before'}`,
  };
}

const styles = StyleSheet.create({ drawing: { alignItems: 'center' } });
