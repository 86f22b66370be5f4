import type { NextTurns } from '@proper-swing/core/sheets';
import { StyleSheet, View } from 'react-native';
import { Press } from '../../design/Press';
import { Slip } from '../../design/Section';
import { LINE, SPACE } from '../../design/tokens';
import { usePalette } from '../../design/theme';
import { Words } from '../../design/Words';
import type { LengthWords } from '../../design/lengthWords';
import { feelWords } from './gapWords';
import { HandleAsFound, Seal } from './HandleFeel';
import { ReadGaps } from './ReadGaps';
import type { SessionStore } from './sessionStore';
import { TurnCam } from './TurnCam';
import { TurnScrews } from './TurnScrews';

export interface NowCardProps {
  store: SessionStore;
  next: NextTurns;
  words: LengthWords;
  onDone?: () => void;
}

const PHASE_WORDS: Readonly<Record<NextTurns['phase'], string>> = {
  read: 'Read',
  height: 'Height',
  sideways: 'Sideways',
  pressure: 'Pressure',
  keeps: 'Keeps',
  done: 'In order',
  outOfTravel: 'Out of travel',
};

/** The one thing to do now: gaps to read, screws to turn, or a cam; each with the button that logs it. */
export function NowCard({ store, next, words, onDone }: NowCardProps) {
  const palette = usePalette();
  const { phase, says, turns, read, mayRead, cam, handle, warnings } = next;
  return (
    <View style={[styles.card, { borderColor: palette.accent }]} testID="now">
      <Words kind="title" heading={2} testID="phase">
        {PHASE_WORDS[phase]}
      </Words>
      <Words>{says}</Words>
      {warnings.map((line) => (
        <Slip key={line} label="Look at this">
          <Words>{line}</Words>
        </Slip>
      ))}
      {phase === 'read' && <ReadGaps key={read.join()} keys={read} optional={mayRead} store={store} words={words} />}
      {turns.length > 0 && <TurnScrews turns={turns} store={store} words={words} />}
      {phase === 'keeps' && handle.now === undefined && <HandleAsFound store={store} />}
      {cam !== undefined && <TurnCam cam={cam} store={store} words={words} />}
      {phase === 'pressure' && <Seal store={store} />}
      {handle.before !== undefined && handle.now !== undefined && store.session.keepGoes.length > 0 && (
        <Words tone="pencil" testID="handle-change">{`Handle before: ${feelWords(handle.before)}. Now: ${feelWords(handle.now)}.`}</Words>
      )}
      {phase === 'done' && onDone && (
        <Press kind="primary" onPress={onDone} testID="session-done">
          Measure it as left
        </Press>
      )}
    </View>
  );
}

const styles = StyleSheet.create({
  card: { borderLeftWidth: LINE.bold * 2, paddingLeft: SPACE.m, gap: SPACE.m },
});
