import type { ReadingEntry } from '@proper-swing/contract';
import { station, type Estimate, type StationId } from '@proper-swing/core/doors';
import { useEffect, useRef } from 'react';
import { Pressable, ScrollView, StyleSheet, View } from 'react-native';
import { LINE, SPACE, TARGET } from '../../design/tokens';
import { usePalette } from '../../design/theme';
import { Words } from '../../design/Words';
import { readingWords } from '../../record/readingWords';
import type { LengthWords } from '../../design/lengthWords';

export interface ReadingListProps {
  /** What it lists, in order. */
  ids: readonly StationId[];
  readings: ReadonlyMap<StationId, ReadingEntry>;
  estimate: Estimate | undefined;
  active: StationId;
  onPick: (id: StationId) => void;
  words: LengthWords;
}

/** Stations as rows, the one being read in view: what is read besides the gaps, and the gaps themselves where there is no room to draw. */
export function ReadingList({ ids, readings, estimate, active, onPick, words }: ReadingListProps) {
  const palette = usePalette();
  const scroll = useRef<ScrollView>(null);
  const at = ids.indexOf(active);
  useEffect(() => {
    // The row before it stays in view: what was just written is seen.
    if (at >= 0) scroll.current?.scrollTo({ y: Math.max(0, at - 1) * TARGET, animated: false });
  }, [at]);
  const expected = new Map((estimate?.expected ?? []).map((each) => [each.station, each]));
  return (
    <ScrollView ref={scroll} tabIndex={0} style={styles.list} contentContainerStyle={styles.rows}>
      {ids.map((id) => {
        const reading = readings.get(id);
        const guess = expected.get(id);
        const isRead = reading?.kind === 'rubs' || reading?.kind === 'eye' || (reading?.kind === 'figure' && reading.mm !== null);
        const shown =
          reading?.kind === 'rubs' || reading?.kind === 'eye'
            ? readingWords(reading, words)
            : isRead
              ? words.withUnit(reading.mm ?? 0)
              : guess
                ? `≈${words.bare(guess.meanMm)} ±${words.withUnit(guess.sdMm)}`
                : '';
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
            <Words
              kind={isRead ? 'title' : 'label'}
              tone={isRead ? 'ink' : 'pencil'}
              style={!isRead && styles.pencil}
              testID={isGap(id) ? `gap-${id}` : undefined}
            >
              {shown}
            </Words>
          </Pressable>
        );
      })}
    </ScrollView>
  );
}

const isGap = (id: StationId) => station(id).kind === 'gap';

const styles = StyleSheet.create({
  list: { width: '100%' },
  rows: { paddingHorizontal: SPACE.s },
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
