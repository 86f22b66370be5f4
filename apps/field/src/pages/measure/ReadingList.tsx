import type { ReadingEntry } from '@proper-swing/contract';
import { FURTHER_STATIONS, station, type Estimate, type StationId } from '@proper-swing/core';
import { Pressable, ScrollView, StyleSheet, View } from 'react-native';
import { LINE, SPACE, TARGET } from '../../design/tokens';
import { usePalette } from '../../design/theme';
import { Words } from '../../design/Words';
import type { LengthWords } from '../../design/lengthWords';

export interface ReadingListProps {
  readings: ReadonlyMap<StationId, ReadingEntry>;
  estimate: Estimate | undefined;
  active: StationId;
  onPick: (id: StationId) => void;
  words: LengthWords;
}

/** Level, plumb, sizes and bolt: what is read besides the gaps, all of it optional. */
export function ReadingList({ readings, estimate, active, onPick, words }: ReadingListProps) {
  const palette = usePalette();
  const expected = new Map((estimate?.expected ?? []).map((each) => [each.station, each]));
  return (
    <ScrollView tabIndex={0} style={styles.list} contentContainerStyle={styles.rows}>
      {FURTHER_STATIONS.map((id) => {
        const reading = readings.get(id);
        const guess = expected.get(id);
        const isRead = reading?.kind === 'figure' && reading.mm !== null;
        const shown = isRead ? words.withUnit(reading.mm ?? 0) : guess ? `≈${words.bare(guess.meanMm)} ±${words.withUnit(guess.sdMm)}` : '';
        return (
          <Pressable
            key={id}
            role="button"
            aria-pressed={id === active}
            aria-label={`${station(id).title}: ${isRead ? shown : `not read; about ${shown}`}`}
            onPress={() => onPick(id)}
            testID={`station-${id}`}
            style={[
              styles.row,
              { borderColor: palette.rule },
              id === active && { backgroundColor: palette.slab, borderLeftColor: palette.accent },
            ]}
          >
            <View style={styles.title}>
              <Words kind="label">{station(id).title}</Words>
            </View>
            <Words kind={isRead ? 'title' : 'label'} tone={isRead ? 'ink' : 'pencil'} style={!isRead && styles.pencil}>
              {shown}
            </Words>
          </Pressable>
        );
      })}
    </ScrollView>
  );
}

const styles = StyleSheet.create({
  list: { width: '100%' },
  rows: { padding: SPACE.s },
  row: {
    flexDirection: 'row',
    alignItems: 'center',
    minHeight: TARGET,
    borderBottomWidth: LINE.hair,
    borderLeftWidth: 5,
    borderLeftColor: 'transparent',
    paddingHorizontal: SPACE.m,
    gap: SPACE.s,
  },
  title: { flex: 1 },
  pencil: { fontStyle: 'italic' },
});
