import type { PropsWithChildren } from 'react';
import { StyleSheet, Text, type StyleProp, type TextStyle } from 'react-native';
import { FONT, LIGHT, SIZE, type Palette } from './tokens';
import { themed } from './theme';

export type WordsKind = 'text' | 'strong' | 'label' | 'small' | 'title' | 'figure' | 'display';

export interface WordsProps {
  kind?: WordsKind;
  /** A colour of the palette; ink unless said. */
  tone?: keyof Palette;
  style?: StyleProp<TextStyle>;
  /** 1 to 6 makes it a heading of that level for a screen reader. */
  heading?: 1 | 2 | 3;
  testID?: string;
  id?: string;
  /** What a screen reader says instead of the words. */
  spoken?: string;
  lines?: number;
}

/** All text of the app: one family for reading, one narrow one for labels and figures. */
export function Words({ kind = 'text', tone = 'ink', style, heading, testID, id, spoken, lines, children }: PropsWithChildren<WordsProps>) {
  const tones = useTones();
  return (
    <Text
      style={[styles[kind], tones[tone], style]}
      testID={testID}
      nativeID={id}
      numberOfLines={lines}
      {...(heading !== undefined && { role: 'heading' as const, 'aria-level': heading })}
      {...(spoken !== undefined && { role: 'img' as const, 'aria-label': spoken })}
    >
      {children}
    </Text>
  );
}

const TONES = Object.keys(LIGHT) as (keyof Palette)[];

const useTones = themed((palette) =>
  StyleSheet.create(Object.fromEntries(TONES.map((tone) => [tone, { color: palette[tone] }])) as Record<keyof Palette, TextStyle>),
);

const styles = StyleSheet.create({
  text: { fontFamily: FONT.text, fontSize: SIZE.text, lineHeight: 24 },
  strong: { fontFamily: FONT.textBold, fontSize: SIZE.text, lineHeight: 24 },
  small: { fontFamily: FONT.text, fontSize: SIZE.small, lineHeight: 22 },
  label: { fontFamily: FONT.label, fontSize: SIZE.label, lineHeight: 22 },
  title: { fontFamily: FONT.labelBold, fontSize: SIZE.title, lineHeight: 27 },
  figure: { fontFamily: FONT.labelBold, fontSize: SIZE.figure, lineHeight: 30, fontVariant: ['tabular-nums'] },
  display: { fontFamily: FONT.labelBold, fontSize: SIZE.display, lineHeight: 40, fontVariant: ['tabular-nums'] },
});
