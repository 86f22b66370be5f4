import { station, type Estimate, type NextBest, type Observed } from '@proper-swing/core/doors';
import { StyleSheet, View } from 'react-native';
import { Press } from '../../design/Press';
import { SPACE } from '../../design/tokens';
import { Words } from '../../design/Words';
import { useNextBest } from '../../engine/useEngine';
import { percent } from '../../record/percent';

export interface EstimateBarProps {
  estimate: Estimate | undefined;
  observed: Observed;
  onOpen: () => void;
}

/** The likely cause so far, changing under the thumb, and a reading to take again if there is one. */
export function EstimateBar({ estimate, observed, onOpen }: EstimateBarProps) {
  const first = estimate?.causes[0];
  const doubtful = estimate?.doubtful[0];
  return (
    <Press onPress={onOpen} label="Open the causes" style={styles.bar} testID="estimate">
      <View style={styles.words}>
        <View style={styles.likely} testID="estimate-cause">
          <Words kind="label" lines={1} style={styles.cause}>
            {first?.title ?? 'Working it out'}
          </Words>
          {first && <Words kind="title">{percent(first.probability)}</Words>}
        </View>
        {!doubtful && <NextLine observed={observed} />}
        {doubtful && (
          <Words kind="label" tone="tight" lines={1}>
            {`Check again: ${station(doubtful.station).title.toLowerCase()}`}
          </Words>
        )}
      </View>
      <Words kind="title" tone="pencil">
        ›
      </Words>
    </Press>
  );
}

/** A line of its own, so that the advice, which takes longer, does not draw the bar again. */
function NextLine({ observed }: { observed: Observed }) {
  const next = useNextBest(observed);
  if (next === undefined) return null;
  return (
    <Words kind="label" tone="pencil" lines={1} testID="estimate-next">
      {nextWords(next)}
    </Words>
  );
}

function nextWords({ enough, choices }: NextBest): string {
  const [first] = choices;
  return enough || first === undefined ? 'Enough read to plan' : `Next: ${first.title.replace(/[?:].*$/, '').toLowerCase()}`;
}

const styles = StyleSheet.create({
  bar: { flex: 1, justifyContent: 'space-between', paddingHorizontal: SPACE.s },
  words: { flex: 1, minWidth: 0 },
  likely: { flexDirection: 'row', alignItems: 'center', gap: SPACE.s },
  cause: { flex: 1, minWidth: 0 },
});
