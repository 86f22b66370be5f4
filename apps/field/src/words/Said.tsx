import { lazy, Suspense, useState } from 'react';
import { StyleSheet, Text, View, type GestureResponderEvent, type StyleProp, type ViewStyle } from 'react-native';
import { usePalette } from '../design/theme';
import { Words, type WordsProps } from '../design/Words';
import { saidParts, type TermId } from './terms';

const TermSlip = lazy(async () => ({ default: (await import('./TermSlip')).TermSlip }));

export interface SaidProps extends Pick<WordsProps, 'kind' | 'tone' | 'testID'> {
  children: string;
  style?: StyleProp<ViewStyle>;
}

/** A sentence whose words of the trade are underlined by dots; a tap on one shows under it what it means, drawn. */
export function Said({ children, style, ...words }: SaidProps) {
  const palette = usePalette();
  const [shown, setShown] = useState<TermId>();
  const toggle = (term: TermId) => (event: GestureResponderEvent) => {
    event.preventDefault();
    setShown(shown === term ? undefined : term);
  };
  return (
    <View style={style}>
      <Words {...words}>
        {saidParts(children).map(({ text, term }, i) =>
          term === undefined ? (
            text
          ) : (
            <Text
              key={i}
              role="link"
              aria-expanded={shown === term}
              onPress={toggle(term)}
              style={[styles.term, { textDecorationColor: palette.pencil }]}
              testID={`says-${term}`}
              {...{ href: `/words?word=${term}` }}
            >
              {text}
            </Text>
          ),
        )}
      </Words>
      {shown !== undefined && (
        <Suspense>
          <TermSlip id={shown} onClose={() => setShown(undefined)} />
        </Suspense>
      )}
    </View>
  );
}

const styles = StyleSheet.create({
  // Room for a gloved finger above and below the line, which does not push lines apart.
  term: { textDecorationLine: 'underline', textDecorationStyle: 'dotted', paddingVertical: 12 },
});
