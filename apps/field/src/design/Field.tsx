import { useId } from 'react';
import { StyleSheet, TextInput, View } from 'react-native';
import { usePreferences } from '../offline/preferences';
import { FONT, LINE, RADIUS, SIZE, SPACE, TARGET } from './tokens';
import { usePalette } from './theme';
import { Words } from './Words';

export interface FieldProps {
  label: string;
  /** What a screen reader says where the label alone would not tell which field it is. */
  spoken?: string;
  value: string;
  onChange: (text: string) => void;
  onLeave?: () => void;
  /** What is wrong and what to do, shown under the field. */
  error?: string;
  /** How it is meant: which way is plus, where the figure is found. It stays while one types. */
  hint?: string;
  /** Stands in the field while it is empty. */
  placeholder?: string;
  isLong?: boolean;
  /** What is typed: figures and lengths take the caret with all of it selected, so that typing writes it anew. */
  takes?: FieldTakes;
  /** Has the caret from the first: the page is for typing in it. */
  begins?: boolean;
  /** Filled in for the technician and not yet touched. */
  isGiven?: boolean;
  testID?: string;
}

/** Words; a figure; a length in the units of the person; or figures with signs or commas. */
export type FieldTakes = 'words' | 'figure' | 'length' | 'figures';

/** The keys that a telephone shows. Its figure keys have no fraction's stroke, and some have no minus and no comma: those need all keys. */
function inputModeOf(takes: FieldTakes, units: 'mm' | 'in'): 'decimal' | 'text' {
  return takes === 'figure' || (takes === 'length' && units === 'mm') ? 'decimal' : 'text';
}

/** A labelled line to type in, with its error under it. */
export function Field({
  label,
  spoken = label,
  value,
  onChange,
  onLeave,
  error,
  hint,
  placeholder,
  isLong = false,
  takes = 'words',
  begins = false,
  isGiven = false,
  testID,
}: FieldProps) {
  const palette = usePalette();
  const { units } = usePreferences();
  const faultId = useId();
  const hintId = useId();
  const describedBy = [hint !== undefined && hintId, error !== undefined && faultId].filter(Boolean).join(' ');
  return (
    <View style={styles.field}>
      <Words kind="label">{label}</Words>
      <TextInput
        aria-label={isGiven ? `${spoken}, filled in beforehand` : spoken}
        aria-invalid={error !== undefined}
        aria-describedby={describedBy === '' ? undefined : describedBy}
        value={value}
        onChangeText={onChange}
        onBlur={onLeave}
        multiline={isLong}
        selectTextOnFocus={takes !== 'words'}
        inputMode={inputModeOf(takes, units)}
        autoFocus={begins}
        placeholder={placeholder}
        placeholderTextColor={palette.pencil}
        testID={testID}
        style={[
          styles.input,
          isLong && styles.long,
          isGiven && styles.given,
          {
            color: isGiven ? palette.pencil : palette.ink,
            backgroundColor: palette.slab,
            borderColor: error === undefined ? palette.ink : palette.tight,
          },
        ]}
      />
      {hint !== undefined && (
        <Words kind="small" tone="pencil" id={hintId}>
          {hint}
        </Words>
      )}
      {error !== undefined && (
        <Words kind="small" tone="tight" id={faultId}>
          {error}
        </Words>
      )}
    </View>
  );
}

const styles = StyleSheet.create({
  field: { gap: SPACE.xs },
  input: {
    minHeight: TARGET,
    borderWidth: LINE.rule,
    borderRadius: RADIUS.s,
    paddingHorizontal: SPACE.m,
    fontFamily: FONT.text,
    fontSize: SIZE.text,
  },
  given: { fontStyle: 'italic', borderStyle: 'dashed' },
  long: { minHeight: 84, paddingVertical: SPACE.s },
});
