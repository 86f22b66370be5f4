import { createElement, useId } from 'react';
import { StyleSheet, View } from 'react-native';
import { DARK, FONT, LINE, RADIUS, SIZE, SPACE, TARGET } from './tokens';
import { usePalette } from './theme';
import { Words } from './Words';

export interface DateInputProps {
  label: string;
  /** A day as `2026-12-01`, a time as `08:30`. */
  kind: 'date' | 'time';
  value: string;
  onChange: (value: string) => void;
  error?: string | undefined;
  testID: string;
}

/** A day or a time, chosen with the browser's own picker: its wheels on a telephone, its calendar and keys on a desk. */
export function DateInput({ label, kind, value, onChange, error, testID }: DateInputProps) {
  const palette = usePalette();
  const faultId = useId();
  return (
    <View style={styles.field}>
      <Words kind="label">{label}</Words>
      {createElement('input', {
        type: kind,
        'aria-label': label,
        'aria-invalid': error !== undefined,
        'aria-describedby': error === undefined ? undefined : faultId,
        'data-testid': testID,
        value,
        onChange: (event: { target: { value: string } }) => onChange(event.target.value),
        style: {
          minHeight: TARGET,
          boxSizing: 'border-box',
          width: '100%',
          paddingInline: SPACE.m,
          borderWidth: LINE.rule,
          borderStyle: 'solid',
          borderRadius: RADIUS.s,
          fontFamily: FONT.text,
          fontSize: SIZE.text,
          color: palette.ink,
          colorScheme: palette === DARK ? 'dark' : 'light',
          backgroundColor: palette.slab,
          borderColor: error === undefined ? palette.ink : palette.tight,
        },
      })}
      {error !== undefined && (
        <Words kind="small" tone="tight" id={faultId}>
          {error}
        </Words>
      )}
    </View>
  );
}

const styles = StyleSheet.create({ field: { gap: SPACE.xs, flex: 1, minWidth: 132 } });
