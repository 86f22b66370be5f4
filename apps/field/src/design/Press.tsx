import { memo, type PropsWithChildren } from 'react';
import { Platform, Pressable, StyleSheet, type GestureResponderEvent, type Role, type StyleProp, type ViewStyle } from 'react-native';
import { LINE, RADIUS, SPACE, TARGET } from './tokens';
import { themed } from './theme';
import { Words } from './Words';

export interface PressProps {
  /** What a screen reader says; the words on it unless said. */
  label?: string;
  onPress: () => void;
  /** `primary` is the one thing to do next on a screen. */
  kind?: 'primary' | 'plain' | 'quiet' | 'key';
  chosen?: boolean;
  disabled?: boolean;
  style?: StyleProp<ViewStyle>;
  testID?: string;
  role?: Role;
  /** Makes it a link to a page of the app, which can also be opened beside this one. */
  href?: string;
  /** Leads to where one is. */
  isCurrent?: boolean;
  /** In a group that is one stop of the Tab key: whether this is it. */
  isStop?: boolean;
}

/** Anything that can be tapped: at least 48 px, with its state told in words to a screen reader. */
export const Press = memo(function Press({
  label,
  onPress,
  kind = 'plain',
  chosen,
  disabled = false,
  style,
  testID,
  href,
  role = href === undefined ? 'button' : 'link',
  isCurrent = false,
  isStop = true,
  children,
}: PropsWithChildren<PressProps>) {
  const kinds = useKinds();
  const tone = kind === 'primary' ? 'onAccent' : chosen === true ? 'paper' : 'ink';
  return (
    <Pressable
      role={role}
      aria-label={label}
      aria-disabled={disabled}
      aria-current={isCurrent ? 'step' : undefined}
      aria-checked={role === 'radio' ? chosen === true : undefined}
      aria-pressed={role === 'button' && chosen !== undefined ? chosen : undefined}
      disabled={disabled}
      onPress={(event) => {
        if (href === undefined || isPlainPress(event)) onPress();
      }}
      tabIndex={isStop ? 0 : -1}
      {...(href !== undefined && { href })}
      testID={testID}
      style={({ pressed }) => [
        styles.base,
        kind !== 'quiet' && styles.held,
        kind === 'primary' && styles.primary,
        kinds[kind],
        chosen === true && kind !== 'primary' && kinds.chosen,
        disabled ? styles.disabled : pressed && styles.pressed,
        style,
      ]}
    >
      {typeof children === 'string' ? (
        <Words kind={kind === 'primary' ? 'title' : 'label'} tone={tone} style={[styles.words, kind === 'quiet' && styles.underlined]}>
          {children}
        </Words>
      ) : (
        children
      )}
    </Pressable>
  );
});

/** Whether a link is followed here, in place of the browser: not with a key that opens it beside. */
function isPlainPress(event: GestureResponderEvent): boolean {
  const { metaKey, ctrlKey, shiftKey } = event as unknown as Partial<KeyboardEvent>;
  if (metaKey === true || ctrlKey === true || shiftKey === true) return false;
  event.preventDefault();
  return true;
}

const useKinds = themed((palette) =>
  StyleSheet.create({
    primary: { backgroundColor: palette.accent, borderColor: palette.accent },
    plain: { backgroundColor: 'transparent', borderColor: palette.ink },
    quiet: { backgroundColor: 'transparent', borderColor: 'transparent' },
    key: { backgroundColor: palette.slab, borderColor: palette.edge },
    chosen: { backgroundColor: palette.ink },
  }),
);

const styles = StyleSheet.create({
  base: {
    minHeight: TARGET,
    minWidth: TARGET,
    maxWidth: '100%',
    paddingHorizontal: SPACE.m,
    paddingVertical: SPACE.xs,
    borderRadius: RADIUS.s,
    borderWidth: LINE.rule,
    alignItems: 'center',
    justifyContent: 'center',
    flexDirection: 'row',
    gap: SPACE.s,
  },
  // A key from one end of a desk's screen to the other is none.
  held: { maxWidth: Platform.OS === 'web' ? ('min(100%, 560px)' as '100%') : '100%' },
  primary: { minHeight: 56 },
  pressed: { opacity: 0.7 },
  disabled: { opacity: 0.45 },
  words: { textAlign: 'center', flexShrink: 1 },
  // Without a border the line is what says that it can be tapped.
  underlined: { textDecorationLine: 'underline' },
});
