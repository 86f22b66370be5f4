import type { PropsWithChildren, ReactNode } from 'react';
import { StyleSheet, View } from 'react-native';
import { LINE, SPACE } from './tokens';
import { usePalette } from './theme';
import { Words } from './Words';

/** A titled part of a page, ruled off as on a drawing sheet. */
export function Section({ title, aside, children }: PropsWithChildren<{ title: string; aside?: ReactNode }>) {
  const palette = usePalette();
  return (
    <View style={styles.section}>
      <View style={[styles.head, { borderColor: palette.rule }]}>
        <Words kind="title" heading={2} style={styles.title}>
          {title}
        </Words>
        {aside}
      </View>
      {children}
    </View>
  );
}

/** Words on a ruled-off slip with a heavy left edge: a caution or advice. */
export function Slip({ children, label }: PropsWithChildren<{ label: string }>) {
  const palette = usePalette();
  return (
    <View style={[styles.slip, { borderColor: palette.ink, backgroundColor: palette.sunk }]} role="note">
      <Words kind="label" tone="pencil">
        {label}
      </Words>
      {children}
    </View>
  );
}

const styles = StyleSheet.create({
  section: { gap: SPACE.s },
  head: { flexDirection: 'row', alignItems: 'center', borderBottomWidth: LINE.rule, paddingBottom: 2, gap: SPACE.s },
  title: { flex: 1 },
  slip: { borderLeftWidth: 5, padding: SPACE.m, gap: SPACE.xs },
});
