import type { PropsWithChildren, ReactNode } from 'react';
import { ScrollView, StyleSheet, View } from 'react-native';
import { useSafeAreaInsets } from 'react-native-safe-area-context';
import { LINE, SPACE } from './tokens';
import { usePalette } from './theme';

export interface PageProps {
  header?: ReactNode;
  /** Stays under the thumb: the one thing to do next. */
  footer?: ReactNode;
  /** Fills the page itself instead of scrolling. */
  isFixed?: boolean;
}

/** Header, what it is about, and the next thing to do at the foot. */
export function Page({ header, footer, isFixed = false, children }: PropsWithChildren<PageProps>) {
  const palette = usePalette();
  const insets = useSafeAreaInsets();
  return (
    <View style={[styles.page, { backgroundColor: palette.paper, paddingTop: insets.top }]}>
      {header}
      <View style={styles.fixed} role="main">
        {isFixed ? (
          <View style={styles.fixed}>{children}</View>
        ) : (
          <ScrollView tabIndex={0} contentContainerStyle={styles.scrolled} keyboardShouldPersistTaps="handled">
            {children}
          </ScrollView>
        )}
        {footer !== undefined && (
          <View
            style={[styles.footer, { borderColor: palette.rule, backgroundColor: palette.paper, paddingBottom: SPACE.s + insets.bottom }]}
          >
            <View style={styles.keys}>{footer}</View>
          </View>
        )}
      </View>
    </View>
  );
}

const styles = StyleSheet.create({
  page: { flex: 1, minHeight: 0 },
  fixed: { flex: 1, minHeight: 0 },
  scrolled: { padding: SPACE.l, gap: SPACE.l, width: '100%', maxWidth: 1180, alignSelf: 'center' },
  footer: { borderTopWidth: LINE.rule, padding: SPACE.s, gap: SPACE.s },
  // Nobody's eye or mouse goes from one end of a desk's screen to the other for a key.
  keys: { gap: SPACE.s, width: '100%', maxWidth: 560, alignSelf: 'center' },
});
