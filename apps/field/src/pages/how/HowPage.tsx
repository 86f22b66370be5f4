import { router } from 'expo-router';
import { StyleSheet, View } from 'react-native';
import { goBack } from '../../design/goBack';
import { Header } from '../../design/Header';
import { Page } from '../../design/Page';
import { Press } from '../../design/Press';
import { LINE, SPACE } from '../../design/tokens';
import { usePalette } from '../../design/theme';
import { useScreen } from '../../design/useScreen';
import { Words } from '../../design/Words';
import { setPreferences } from '../../offline/preferences';
import { SheetDrawing } from '../../words/TermDrawing';
import type { SheetId } from '../../words/drawings';

interface Picture {
  title: string;
  says: string;
  sheet: SheetId;
  part: string;
}

const PICTURES: readonly Picture[] = [
  {
    title: 'Read',
    says: 'Put in what the customer says and what you see and gauge. The tool names the reading that would tell most next, and says when there is enough.',
    sheet: 'opening',
    part: 'gap',
  },
  {
    title: 'Plan',
    says: 'It finds the likely cause and works out the least work that sets the door right: how many millimetres, turns or layers, at which hinge. Log what you really did.',
    sheet: 'hinge',
    part: 'packer',
  },
  {
    title: 'Prove',
    says: 'Gauge again. Found and left stand side by side, for the customer and for the next visit. It all works without a signal.',
    sheet: 'proved',
    part: 'sign',
  },
];

/** How a call goes, in three pictures. */
export function HowPage() {
  const palette = usePalette();
  const { isWide } = useScreen();
  const start = () => {
    setPreferences({ knowsHow: true });
    router.navigate('/');
  };
  return (
    <Page
      header={<Header title="How a call goes" onBack={goBack} />}
      footer={
        <Press kind="primary" onPress={start} testID="knows-how">
          To today’s calls
        </Press>
      }
    >
      <View style={isWide ? styles.beside : styles.below}>
        {PICTURES.map(({ title, says, sheet, part }, i) => (
          <View key={title} style={[isWide ? styles.column : styles.row, { borderColor: palette.rule }]}>
            <SheetDrawing
              sheet={sheet}
              part={part}
              width={isWide ? 240 : 120}
              spoken={`Picture ${i + 1} of ${PICTURES.length}: ${title}`}
            />
            <View style={isWide ? undefined : styles.says}>
              <Words kind="title" heading={2}>{`${i + 1}  ${title}`}</Words>
              <Words>{says}</Words>
            </View>
          </View>
        ))}
      </View>
      <Press kind="plain" href="/words" onPress={() => router.push('/words')} style={styles.words}>
        What the words mean
      </Press>
    </Page>
  );
}

const styles = StyleSheet.create({
  below: { gap: SPACE.m },
  beside: { flexDirection: 'row', gap: SPACE.xl },
  row: { flexDirection: 'row', gap: SPACE.m, borderBottomWidth: LINE.hair, paddingBottom: SPACE.m },
  column: { flex: 1, gap: SPACE.m },
  says: { flex: 1, minWidth: 0, gap: SPACE.xs },
  words: { alignSelf: 'flex-start' },
});
