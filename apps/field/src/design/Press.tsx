import { memo, type PropsWithChildren } from 'react';
import { Pressable, StyleSheet, type Role, type StyleProp, type ViewStyle } from 'react-native';
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
  role = 'button',
  children,
}: PropsWithChildren<PressProps>) {
  const kinds = useKinds();
  const tone = kind === 'primary' ? 'onAccent' : chosen === true ? 'paper' : 'ink';
  return (
    <Pressable
      role={role}
      aria-label={label}
      aria-disabled={disabled}
      aria-checked={role === 'radio' ? chosen === true : undefined}
      aria-pressed={role === 'button' && chosen !== undefined ? chosen : undefined}
      disabled={disabled}
      onPress={onPress}
      testID={testID}
      style={({ pressed }) => [
        styles.base,
        kind === 'primary' && styles.primary,
        kinds[kind],
        chosen === true && kind !== 'primary' && kinds.chosen,
        disabled ? styles.disabled : pressed && styles.pressed,
        style,
      ]}
    >
      {typeof children === 'string' ? (
        <Words kind={kind === 'primary' ? 'title' : 'label'} tone={tone} style={styles.words}>
          {children}
        </Words>
      ) : (
        children
      )}
    </Pressable>
  );
});

const useKinds = themed((palette) =>
  StyleSheet.create({
    primary: { backgroundColor: palette.accent, borderColor: palette.accent },
    plain: { backgroundColor: 'transparent', borderColor: palette.ink },
    quiet: { backgroundColor: 'transparent', borderColor: 'transparent' },
    key: { backgroundColor: palette.slab, borderColor: palette.rule },
    chosen: { backgroundColor: palette.ink },
  }),
);

const styles = StyleSheet.create({
  base: {
    minHeight: TARGET,
    minWidth: TARGET,
    paddingHorizontal: SPACE.m,
    paddingVertical: SPACE.xs,
    borderRadius: RADIUS.s,
    borderWidth: LINE.rule,
    alignItems: 'center',
    justifyContent: 'center',
    flexDirection: 'row',
    gap: SPACE.s,
  },
  primary: { minHeight: 56 },
  pressed: { opacity: 0.7 },
  disabled: { opacity: 0.45 },
  words: { textAlign: 'center' },
});
