import type { NextTurns } from '@proper-swing/core/sheets';
import { HINGE_SCREW_IDS, HINGE_SCREWS } from '@proper-swing/core';
import { StyleSheet, useWindowDimensions, View } from 'react-native';
import { Press } from '../../design/Press';
import { Section, Slip } from '../../design/Section';
import { SPACE, WIDE_FROM } from '../../design/tokens';
import { Words } from '../../design/Words';
import { TravelBars } from './TravelBars';
import { useSheetAnswer } from '../../engine/useEngine';
import { AnswerLine } from '../AnswerLine';
import { useLengthWords, type LengthWords } from '../../design/lengthWords';
import { GAP_KEYS } from './sessionOf';
import { GAP_WORDS } from './gapWords';
import { NowCard } from './NowCard';
import { SessionLog } from './SessionLog';
import { SessionSettings } from './SessionSettings';
import type { SessionStore } from './sessionStore';

/** A multipoint door set turn by turn: what to do now, the screws on their travel, the gaps, and the panel of turns. */
export function Session({ store, onDone }: { store: SessionStore; onDone?: () => void }) {
  const { width } = useWindowDimensions();
  const words = useLengthWords();
  const { session } = store;
  const { answer } = useSheetAnswer('multipoint.next', session);
  const next = answer?.ok === true ? (answer.value as NextTurns) : undefined;
  const isWide = width >= WIDE_FROM;
  const drawingWidth = Math.min(520, isWide ? width / 2 - 3 * SPACE.l : width - 2 * SPACE.l);
  return (
    <View style={isWide ? styles.wide : styles.narrow}>
      <View style={[styles.narrow, isWide && styles.column]}>
        {answer?.ok === false &&
          answer.errors.map(({ message }) => (
            <Words key={message} tone="tight">
              {message}
            </Words>
          ))}
        {next && <NowCard key={goCount(session)} store={store} next={next} words={words} {...(onDone && { onDone })} />}
        {next && <Gaps next={next} wanted={session.wanted} words={words} />}
      </View>
      <View style={[styles.narrow, isWide && styles.column]}>
        {next && (
          <Section title="Screws on their travel">
            <TravelBars
              width={drawingWidth}
              bars={HINGE_SCREW_IDS.filter((screw) => screw !== 'pressure' || session.hinge.pressure !== undefined).map((screw) => ({
                screw,
                turned: session.goes.reduce((sum, { turns }) => sum + (turns[screw] ?? 0), 0),
                ...next.left[screw],
                next: next.turns.find((turn) => turn.screw === screw)?.turns ?? 0,
              }))}
            />
            <Learned next={next} words={words} />
          </Section>
        )}
        {next?.ranOut && <RanOut ranOut={next.ranOut} words={words} />}
        <SessionLog session={session} words={words} />
        {store.takeBack && (
          <Press kind="quiet" onPress={store.takeBack} testID="take-back">
            Take the last go back
          </Press>
        )}
        <SessionSettings store={store} words={words} />
      </View>
    </View>
  );
}

const goCount = ({ goes, keepGoes, found, handle }: SessionStore['session']) =>
  `${goes.length}/${keepGoes.length}/${Object.keys(found).length}/${goes.at(-1)?.after === undefined}/${handle === undefined}`;

function Gaps({
  next: { gaps, expects, learned },
  wanted,
  words,
}: {
  next: NextTurns;
  wanted: SessionStore['session']['wanted'];
  words: LengthWords;
}) {
  const rows = GAP_KEYS.filter((key) => gaps[key] !== undefined);
  if (rows.length === 0) return null;
  return (
    <Section
      title={`Gaps, ${words.unit}`}
      aside={
        <Words kind="label" tone="pencil">
          {expects ? 'now → then' : 'now'}
        </Words>
      }
    >
      {rows.map((key) => {
        const then = expects?.[key];
        const isLocking = key === 'latchTopMm' || key === 'latchBottomMm';
        const mm = gaps[key] ?? 0;
        const isIn = !isLocking || (mm >= wanted.minMm - 0.05 && mm <= wanted.maxMm + 0.05);
        return (
          <AnswerLine
            key={key}
            label={isLocking ? `${GAP_WORDS[key]} (${words.bare(wanted.minMm)}–${words.bare(wanted.maxMm)})` : GAP_WORDS[key]}
            figure={then === undefined ? words.bare(mm) : `${words.bare(mm)} → ${words.bare(then)}`}
            tone={isIn ? 'ink' : mm > wanted.maxMm ? 'wide' : 'tight'}
            testID={`session-${key}`}
          />
        );
      })}
      {learned.topSide.from === 'sheet' && expects !== undefined && (
        <Words tone="pencil">Then: by the hinge’s sheet, not yet measured here.</Words>
      )}
    </Section>
  );
}

function Learned({ next: { learned }, words }: { next: NextTurns; words: LengthWords }) {
  const said = (
    [
      ['Top side screw', learned.topSide],
      ['Bottom side screw', learned.bottomSide],
      ['Height screw', learned.height],
    ] as const
  ).filter(([, { from }]) => from === 'measured');
  return (
    <>
      {said.map(([title, { mmPerTurn, sdMm }]) => (
        <AnswerLine
          key={title}
          label={`${title}: a turn does here`}
          figure={`${words.bare(mmPerTurn)} ±${words.withUnit(sdMm)}`}
          testID={`learned-${title}`}
        />
      ))}
      {said.length === 0 && <Words tone="pencil">What a turn really does here is reckoned from the first turns you read.</Words>}
    </>
  );
}

function RanOut({ ranOut: { screw, shortMm, ways }, words }: { ranOut: NonNullable<NextTurns['ranOut']>; words: LengthWords }) {
  return (
    <Section title="More than the screws can do">
      <Words testID="ran-out">{`${HINGE_SCREWS[screw].title}: ${words.withUnit(shortMm)} more than its travel can give.`}</Words>
      {ways.map(({ id, title, says }) => (
        <Slip key={id} label={title}>
          <Words>{says}</Words>
        </Slip>
      ))}
    </Section>
  );
}

const styles = StyleSheet.create({
  wide: { flexDirection: 'row', gap: SPACE.xl },
  narrow: { gap: SPACE.l },
  column: { flex: 1, minWidth: 0 },
});
