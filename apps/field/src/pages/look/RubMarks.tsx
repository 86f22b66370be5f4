import type { CallRecord } from '@proper-swing/contract';
import type { StationId } from '@proper-swing/core/doors';
import { useMemo } from 'react';
import { StyleSheet, useWindowDimensions, View } from 'react-native';
import { Section } from '../../design/Section';
import { SPACE, WIDE_FROM } from '../../design/tokens';
import { Words } from '../../design/Words';
import { AnyDrawing } from '../../doors/AnyDrawing';
import type { GapLabel } from '../../doors/gapLabel';
import { useEstimate } from '../../engine/useEngine';
import { useLengthWords } from '../../design/lengthWords';
import { handbookOf } from '../../record/door';
import { observedAt, readingsByStation } from '../../record/observed';
import { estimatedGaps } from '../../doors/gapLabels';
import { withdrawReading, writeReading } from '../../record/writeReading';

/** The drawing with a place at every station to mark where the door has rubbed; a second tap takes the mark away. */
export function RubMarks({ record }: { record: CallRecord }) {
  const { width } = useWindowDimensions();
  const isWide = width >= WIDE_FROM;
  const { unit } = useLengthWords();
  const observed = useMemo(() => observedAt(record, 'found'), [record]);
  const gapsMm = estimatedGaps(useEstimate(observed));
  const readings = readingsByStation(record, 'found');
  const labels = new Map<StationId, GapLabel>(
    handbookOf(record.door).walk.map((id) => {
      const reading = readings.get(id);
      if (reading?.kind === 'rubs') return [id, { main: 'rubs', isPencil: false, verdict: 'rub', spoken: 'marked as rubbing' }];
      return [
        id,
        { main: reading === undefined ? '○' : 'read', isPencil: true, spoken: reading === undefined ? 'no mark' : 'already read' },
      ];
    }),
  );
  const turn = (id: StationId) => {
    const reading = readings.get(id);
    if (reading === undefined) writeReading(record, 'found', id, { kind: 'rubs' });
    else if (reading.kind === 'rubs') withdrawReading(record, 'found', id);
  };
  return (
    <Section title="Rub marks">
      <Words>Tap where paint is worn, scratched or shiny. Tap again to take a mark away.</Words>
      <View style={styles.drawing}>
        <AnyDrawing
          width={Math.min(width - 2 * SPACE.l, isWide ? 480 : 420)}
          height={isWide ? 470 : 360}
          door={record.door}
          gapsMm={gapsMm}
          labels={labels}
          onPick={turn}
          unit={unit}
        />
      </View>
    </Section>
  );
}

const styles = StyleSheet.create({ drawing: { alignItems: 'center' } });
