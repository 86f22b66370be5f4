import { useEffect, type ReactNode } from 'react';
import { StyleSheet, View } from 'react-native';
import ArrowLeft from 'lucide-react-native/icons/arrow-left';
import { nameTab } from './nameTab';
import { LINE, SPACE } from './tokens';
import { Press } from './Press';
import { usePalette } from './theme';
import { useScreen } from './useScreen';
import { Words } from './Words';
import { FullNotice } from './FullNotice';
import { NewerNotice } from './NewerNotice';
import { SaveSign } from './SaveSign';

export interface HeaderProps {
  title: string;
  /** What the browser's tab says before the title. */
  titled?: string | undefined;
  sub?: string;
  subTone?: 'pencil' | 'tight';
  onBack?: () => void;
  /** Where back leads, for a screen reader. */
  backLabel?: string;
  right?: ReactNode;
  /** What stands in the title's line on a flat screen. */
  beside?: ReactNode;
}

/** Title line of every page, with the quiet sign of what is not yet saved. */
export function Header({ title, titled, sub, subTone = 'pencil', onBack, backLabel = 'Back', right, beside }: HeaderProps) {
  const palette = usePalette();
  const { isLow } = useScreen();
  const tab = [titled, title, sub].filter(Boolean).join(', ');
  const isFirst = onBack === undefined;
  useEffect(() => nameTab(isFirst ? '' : tab), [tab, isFirst]);
  return (
    <>
      <FullNotice />
      <NewerNotice />
      <View style={[styles.header, isLow && styles.low, { borderColor: palette.ink }]} role="banner">
        {onBack && (
          <Press kind="quiet" label={backLabel} onPress={onBack} style={styles.back}>
            <ArrowLeft size={26} color={palette.ink} />
          </Press>
        )}
        <View style={styles.words}>
          <Words kind="title" heading={1} lines={1} style={isLow && styles.lowTitle}>
            {title}
          </Words>
          {sub !== undefined && beside === undefined && (
            <Words kind="label" tone={subTone} lines={1} style={isLow && styles.lowSub}>
              {sub}
            </Words>
          )}
        </View>
        {beside}
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
  low: { minHeight: 46, paddingVertical: 0, paddingHorizontal: SPACE.s },
  lowTitle: { fontSize: 19, lineHeight: 22 },
  lowSub: { fontSize: 15, lineHeight: 17 },
  back: { paddingHorizontal: 0, marginLeft: -SPACE.s },
  words: { flex: 1, minWidth: 0 },
});
