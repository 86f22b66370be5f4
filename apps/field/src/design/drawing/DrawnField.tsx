import { useState } from 'react';
import { StyleSheet, TextInput, View } from 'react-native';
import { usePreferences } from '../../offline/preferences';
import { FONT, LINE, RADIUS, SIZE } from '../tokens';
import { usePalette } from '../theme';
import { Words } from '../Words';

export interface DrawnFieldProps {
  /** What a screen reader says, and the few letters that stand in the field. */
  spoken: string;
  mark: string;
  value: string;
  onChange: (text: string) => void;
  isWrong: boolean;
  signed: boolean;
  /** Its middle, and how wide it is, px. */
  x: number;
  y: number;
  width: number;
  testID: string;
}

export const DRAWN_FIELD_PX = 54;

/** A figure that is typed where it is measured, on the drawing. */
export function DrawnField({ spoken, mark, value, onChange, isWrong, signed, x, y, width, testID }: DrawnFieldProps) {
  const palette = usePalette();
  const { units } = usePreferences();
  const [hasCaret, setHasCaret] = useState(false);
  const border = isWrong ? palette.tight : hasCaret ? palette.accent : palette.ink;
  return (
    <View
      style={[
        styles.box,
        { left: x - width / 2, top: y - DRAWN_FIELD_PX / 2, width },
        {
          backgroundColor: palette.slab,
          borderColor: border,
          borderStyle: value === '' && !hasCaret ? 'dashed' : 'solid',
        },
        hasCaret && styles.caret,
      ]}
    >
      <TextInput
        aria-label={spoken}
        aria-invalid={isWrong}
        value={value}
        onChangeText={onChange}
        selectTextOnFocus
        onFocus={() => setHasCaret(true)}
        onBlur={() => setHasCaret(false)}
        enterKeyHint="next"
        inputMode={units === 'mm' && !signed ? 'decimal' : 'text'}
        testID={testID}
        style={[styles.input, { color: palette.ink }]}
      />
      <View style={styles.mark} aria-hidden>
        <Words kind="small" tone="pencil" style={styles.letters}>
          {mark}
        </Words>
      </View>
    </View>
  );
}

const styles = StyleSheet.create({
  box: { position: 'absolute', height: DRAWN_FIELD_PX, borderWidth: LINE.rule, borderRadius: RADIUS.s },
  caret: { borderWidth: LINE.bold },
  mark: { position: 'absolute', left: 6, top: 2, pointerEvents: 'none' },
  letters: { lineHeight: 18 },
  input: {
    flex: 1,
    minWidth: 0,
    paddingLeft: 6,
    paddingRight: 6,
    paddingTop: 20,
    textAlign: 'right',
    fontFamily: FONT.labelBold,
    fontSize: SIZE.text,
    // The whole box shows where the caret is.
    outlineStyle: 'none' as 'solid',
  },
});
