import type { PropsWithChildren } from 'react';
import { StyleSheet, View } from 'react-native';
import { LINE, SPACE, type Palette } from '../design/tokens';
import { usePalette } from '../design/theme';
import { Words } from '../design/Words';
import type { LengthWords } from '../design/lengthWords';

/** What every answer is handed. */
export interface AnswerProps<Result, Request = object> {
  result: Result;
  request: Request;
  words: LengthWords;
  /** Room for a drawing, px. */
  width: number;
  /** What stands in the fields that an answer fills. */
  chosen?: Readonly<Record<string, string>>;
  /** Fills a field of the sheet from its answer, where that is open to typing. */
  onType?: (path: string, text: string) => void;
}

/** One figure of an answer with what it is. */
export function AnswerLine({
  label,
  figure,
  tone = 'ink',
  testID,
}: {
  label: string;
  figure: string;
  tone?: keyof Palette;
  testID?: string;
}) {
  const palette = usePalette();
  return (
    <View style={[styles.line, { borderColor: palette.rule }]}>
      <Words style={styles.label}>{label}</Words>
      <Words kind="title" tone={tone} testID={testID}>
        {figure}
      </Words>
    </View>
  );
}

/** The answer itself, largest on the page. */
export function Headline({ children, tone = 'ink' }: PropsWithChildren<{ tone?: keyof Palette }>) {
  return (
    <Words kind="title" tone={tone} testID="answer">
      {children}
    </Words>
  );
}

const styles = StyleSheet.create({
  line: { flexDirection: 'row', alignItems: 'center', gap: SPACE.m, borderBottomWidth: LINE.hair, paddingVertical: SPACE.xs },
  label: { flex: 1, minWidth: 0 },
});
