import { router } from 'expo-router';
import { StyleSheet, View } from 'react-native';
import { Press } from '../design/Press';
import { LINE, TARGET } from '../design/tokens';
import { usePalette } from '../design/theme';
import { useScreen } from '../design/useScreen';
import { Words } from '../design/Words';
import type { CallStage, StageOfCall } from './stages';

/** The stages of a call as one ruled strip; any can be jumped to. */
export function StageStrip({
  callId,
  stages,
  current,
}: {
  callId: string;
  stages: readonly StageOfCall[];
  current: CallStage | undefined;
}) {
  const palette = usePalette();
  const { isLow, isFlat } = useScreen();
  return (
    <View style={[styles.strip, isFlat && styles.beside, { borderColor: palette.rule }]} role="navigation" aria-label="Stages of the call">
      {stages.map(({ id, title, path }) => {
        const isCurrent = id === current;
        return (
          <Press
            key={id}
            kind="quiet"
            isCurrent={isCurrent}
            href={`/call/${callId}${path}`}
            onPress={() => router.replace(`/call/${callId}${path}`)}
            testID={`stage-${id}`}
            style={[styles.stage, isLow && styles.low, { borderBottomColor: isCurrent ? palette.ink : 'transparent' }]}
          >
            <Words kind="label" tone={isCurrent ? 'ink' : 'pencil'} style={isCurrent && styles.current}>
              {title}
            </Words>
          </Press>
        );
      })}
    </View>
  );
}

const styles = StyleSheet.create({
  strip: { flexDirection: 'row', borderBottomWidth: LINE.hair },
  stage: {
    flex: 1,
    minWidth: 0,
    minHeight: TARGET - 4,
    paddingHorizontal: 0,
    paddingVertical: 0,
    borderWidth: 0,
    borderRadius: 0,
    borderBottomWidth: 4,
  },
  low: { minHeight: TARGET - 4, borderBottomWidth: 3 },
  beside: { flexGrow: 2, flexShrink: 1, borderBottomWidth: 0 },
  current: { fontWeight: '700' },
});
