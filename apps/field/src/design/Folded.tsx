import { useState, type PropsWithChildren } from 'react';
import { StyleSheet, View } from 'react-native';
import { Press } from './Press';
import { LINE, SPACE } from './tokens';
import { usePalette } from './theme';
import { Words } from './Words';

export interface FoldedProps {
  title: string;
  testID?: string;
}

/** A titled part of a page that opens at a tap: what most people on most doors need not read. */
export function Folded({ title, testID, children }: PropsWithChildren<FoldedProps>) {
  const palette = usePalette();
  const [isOpen, setIsOpen] = useState(false);
  return (
    <View style={styles.section}>
      <Press
        kind="quiet"
        style={[styles.head, { borderBottomColor: palette.rule }]}
        onPress={() => setIsOpen(!isOpen)}
        label={`${title}: ${isOpen ? 'shown' : 'folded'}`}
        {...(testID !== undefined && { testID })}
      >
        <Words kind="title" heading={2} style={styles.title}>
          {title}
        </Words>
        <Words kind="title" tone="pencil">
          {isOpen ? '−' : '+'}
        </Words>
      </Press>
      {isOpen && children}
    </View>
  );
}

const styles = StyleSheet.create({
  section: { gap: SPACE.s },
  head: { paddingHorizontal: 0, borderWidth: 0, borderBottomWidth: LINE.rule, borderRadius: 0, justifyContent: 'flex-start' },
  title: { flex: 1 },
});
