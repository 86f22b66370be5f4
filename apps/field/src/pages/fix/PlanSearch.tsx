import { StyleSheet, View } from 'react-native';
import { Press } from '../../design/Press';
import { usePalette } from '../../design/theme';
import { LINE, SPACE } from '../../design/tokens';
import { Words } from '../../design/Words';
import type { Planning } from '../../engine/useEngine';
import { percent } from '../../record/percent';

/** How far the search for a plan is, with a way to stop it; and what to do about one that was stopped. */
export function PlanSearch({ correction, isFirst, progress, isStopped, fault, stop, again }: Planning) {
  const palette = usePalette();
  if (isStopped || fault !== undefined) {
    const what = fault === undefined ? 'The search was stopped' : `No plan could be worked out (${fault})`;
    return (
      <View style={styles.row}>
        <Words style={styles.words} tone={fault === undefined ? 'ink' : 'tight'}>
          {correction
            ? `${what}: ${isFirst ? 'the plan below is the first that was found.' : 'the plan below is from before the last readings.'}`
            : `${what}.`}
        </Words>
        <Press onPress={again} testID="plan-again">
          Search again
        </Press>
      </View>
    );
  }
  if (progress === undefined) return null;
  return (
    <View style={styles.row}>
      <View style={styles.words}>
        <Words tone="pencil">
          {isFirst
            ? `A first plan, which may still change: other ways are being tried, ${percent(progress)}`
            : `Trying plans on doors like this one: ${percent(progress)}`}
        </Words>
        <View style={[styles.track, { backgroundColor: palette.edge }]}>
          <View style={[styles.done, { backgroundColor: palette.accent, width: `${100 * progress}%` }]} />
        </View>
      </View>
      <Press kind="quiet" onPress={stop} testID="plan-stop">
        Stop
      </Press>
    </View>
  );
}

const styles = StyleSheet.create({
  row: { flexDirection: 'row', alignItems: 'center', gap: SPACE.m },
  words: { flex: 1, minWidth: 0 },
  track: { height: 2 * LINE.bold },
  done: { height: 2 * LINE.bold },
});
