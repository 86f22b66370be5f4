import { StyleSheet, TextInput, View } from 'react-native';
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
  hint?: string;
  isLong?: boolean;
  /** Takes the caret with all of it selected, so that typing writes it anew. */
  selects?: boolean;
  /** Has the caret from the first: the page is for typing in it. */
  begins?: boolean;
  /** Filled in for the technician and not yet touched. */
  isGiven?: boolean;
  testID?: string;
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
  isLong = false,
  selects = false,
  begins = false,
  isGiven = false,
  testID,
}: FieldProps) {
  const palette = usePalette();
  return (
    <View style={styles.field}>
      <Words kind="label">{label}</Words>
      <TextInput
        aria-label={isGiven ? `${spoken}, filled in beforehand` : spoken}
        aria-invalid={error !== undefined}
        value={value}
        onChangeText={onChange}
        onBlur={onLeave}
        multiline={isLong}
        selectTextOnFocus={selects}
        autoFocus={begins}
        placeholder={hint}
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
      {error !== undefined && (
        <Words kind="small" tone="tight">
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
