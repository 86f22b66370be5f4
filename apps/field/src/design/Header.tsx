import type { ReactNode } from 'react';
import { StyleSheet, View } from 'react-native';
import ArrowLeft from 'lucide-react-native/icons/arrow-left';
import { LINE, SPACE } from './tokens';
import { Press } from './Press';
import { usePalette } from './theme';
import { Words } from './Words';
import { NewerNotice } from './NewerNotice';
import { SaveSign } from './SaveSign';

export interface HeaderProps {
  title: string;
  sub?: string;
  onBack?: () => void;
  /** Where back leads, for a screen reader. */
  backLabel?: string;
  right?: ReactNode;
}

/** Title line of every page, with the quiet sign of what is not yet saved. */
export function Header({ title, sub, onBack, backLabel = 'Back', right }: HeaderProps) {
  const palette = usePalette();
  return (
    <>
      <NewerNotice />
      <View style={[styles.header, { borderColor: palette.ink }]} role="banner">
        {onBack && (
          <Press kind="quiet" label={backLabel} onPress={onBack} style={styles.back}>
            <ArrowLeft size={26} color={palette.ink} />
          </Press>
        )}
        <View style={styles.words}>
          <Words kind="title" heading={1} lines={1}>
            {title}
          </Words>
          {sub !== undefined && (
            <Words kind="label" tone="pencil" lines={1}>
              {sub}
            </Words>
          )}
        </View>
        <SaveSign />
        {right}
      </View>
    </>
  );
}

const styles = StyleSheet.create({
  header: {
    flexDirection: 'row',
    alignItems: 'center',
    gap: SPACE.s,
    paddingHorizontal: SPACE.m,
    paddingVertical: SPACE.xs,
    borderBottomWidth: LINE.bold,
    minHeight: 54,
  },
  back: { paddingHorizontal: 0, marginLeft: -SPACE.s },
  words: { flex: 1, minWidth: 0 },
});
