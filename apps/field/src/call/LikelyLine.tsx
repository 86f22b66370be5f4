import type { Estimate } from '@proper-swing/core/doors';
import { StyleSheet, View } from 'react-native';
import { SPACE } from '../design/tokens';
import { Words } from '../design/Words';
import { likelihood } from '../record/likelihood';
import { percent } from '../record/percent';

/** The likely cause in one line: it stays in sight while checks are answered further up. */
export function LikelyLine({ estimate }: { estimate: Estimate | undefined }) {
  const first = estimate?.causes[0];
  if (first === undefined) return null;
  return (
    <View style={styles.likely}>
      <Words kind="label" lines={1} style={styles.cause} testID="likely-cause">
        {first.title}
      </Words>
      <Words kind="strong" testID="likely-words">
        {likelihood(first.probability)}
      </Words>
      <Words kind="small" tone="pencil" testID="likely-chance">
        {percent(first.probability)}
      </Words>
    </View>
  );
}

const styles = StyleSheet.create({
  likely: { flexDirection: 'row', alignItems: 'center', paddingHorizontal: SPACE.s, gap: SPACE.s },
  cause: { flex: 1 },
});
