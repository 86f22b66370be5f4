import { useLocalSearchParams } from 'expo-router';
import { StyleSheet, View } from 'react-native';
import { goBack } from '../../design/goBack';
import { Header } from '../../design/Header';
import { Page } from '../../design/Page';
import { LINE, SPACE } from '../../design/tokens';
import { usePalette } from '../../design/theme';
import { Words } from '../../design/Words';
import { MEANINGS } from '../../words/meanings';
import { TermDrawing } from '../../words/TermDrawing';
import { TERM_IDS, type TermId } from '../../words/terms';

/** Every word of the trade that the tool uses, with what it means inked in on a drawing; one that was asked for first. */
export function WordsPage() {
  const { word } = useLocalSearchParams<{ word?: string }>();
  const asked = TERM_IDS.filter((id) => id === word);
  return (
    <Page header={<Header title="Words" sub="What the tool means by them" onBack={goBack} />}>
      <View style={styles.list}>
        {[...asked, ...TERM_IDS.filter((id) => id !== word)].map((id) => (
          <Word key={id} id={id} />
        ))}
      </View>
    </Page>
  );
}

function Word({ id }: { id: TermId }) {
  const palette = usePalette();
  const { title, says } = MEANINGS[id];
  return (
    <View style={[styles.word, { borderColor: palette.rule }]} testID={`word-${id}`}>
      <TermDrawing id={id} width={132} />
      <View style={styles.says}>
        <Words kind="title" heading={2}>
          {title}
        </Words>
        <Words>{says}</Words>
      </View>
    </View>
  );
}

const styles = StyleSheet.create({
  list: { flexDirection: 'row', flexWrap: 'wrap', columnGap: SPACE.xl },
  word: {
    flexDirection: 'row',
    alignItems: 'center',
    gap: SPACE.m,
    flexGrow: 1,
    flexShrink: 1,
    flexBasis: 320,
    minWidth: 0,
    maxWidth: 560,
    borderBottomWidth: LINE.hair,
    paddingVertical: SPACE.s,
  },
  says: { flex: 1, minWidth: 0 },
});
