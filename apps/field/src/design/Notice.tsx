import type { PropsWithChildren } from 'react';
import { StyleSheet, View } from 'react-native';
import { Press } from './Press';
import { usePalette } from './theme';
import { LINE, SPACE } from './tokens';
import { Words } from './Words';

interface NoticeAction {
  label: string;
  onPress: () => void;
  testID: string;
}

interface NoticeProps {
  tone: 'ink' | 'tight';
  action: NoticeAction;
  /** What puts it away for good. */
  dismiss?: NoticeAction;
  testID?: string;
}

/** A line across the page that says something, with the one thing to do about it. */
export function Notice({ tone, action, dismiss, testID, children }: PropsWithChildren<NoticeProps>) {
  const palette = usePalette();
  return (
    <View style={[styles.notice, { borderColor: palette[tone], backgroundColor: palette.sunk }]} role="status" testID={testID}>
      <Words style={[styles.words, dismiss && styles.short]}>{children}</Words>
      <Press onPress={action.onPress} testID={action.testID}>
        {action.label}
      </Press>
      {dismiss && (
        <Press kind="quiet" onPress={dismiss.onPress} testID={dismiss.testID}>
          {dismiss.label}
        </Press>
      )}
    </View>
  );
}

const styles = StyleSheet.create({
  notice: {
    flexDirection: 'row',
    flexWrap: 'wrap',
    alignItems: 'center',
    gap: SPACE.s,
    borderBottomWidth: LINE.rule,
    paddingHorizontal: SPACE.m,
    paddingVertical: SPACE.xs,
  },
  words: { flex: 1, minWidth: 180 },
  short: { minWidth: 84 },
});
