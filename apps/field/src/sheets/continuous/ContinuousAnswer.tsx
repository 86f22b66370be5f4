import type { ContinuousHinge, FittingSheet } from '@proper-swing/core/sheets';
import { CAUTIONS } from '@proper-swing/core';
import { StyleSheet, View } from 'react-native';
import { Section, Slip } from '../../design/Section';
import { SPACE } from '../../design/tokens';
import { Words } from '../../design/Words';
import { FittingDrawing } from './FittingDrawing';
import { continuousSays } from './says';
import { AnswerLine, Headline, type AnswerProps } from '../AnswerLine';

/** The fitting sheet: what to trim and pack, where the first screws go, and the order of work. */
export function ContinuousAnswer({ result, request, words, width }: AnswerProps<FittingSheet, ContinuousHinge>) {
  const { trimMm, headHungMm, headSettledMm, packersMm, footSettledMm, footTrimMm, bearingMm, bearsEnough, cutHingeMm, taperMm, steps } =
    result;
  return (
    <>
      <Headline tone={bearsEnough ? 'ink' : 'tight'}>{continuousSays(result, words)}</Headline>
      <FittingDrawing sheet={result} door={request} width={width} words={words} />
      <AnswerLine label="Off the latch edge: top, middle, foot" figure={trimMm.map(words.bare).join(' · ')} />
      <AnswerLine label="Off the foot" figure={words.withUnit(footTrimMm)} />
      <AnswerLine label="Packers under the slab" figure={words.withUnit(packersMm)} testID="packers" />
      <AnswerLine label="Head gap to hang it with" figure={words.withUnit(headHungMm)} />
      <AnswerLine label="Head and foot once settled" figure={`${words.bare(headSettledMm)} · ${words.withUnit(footSettledMm)}`} />
      <AnswerLine label="Leaf on the frame" figure={words.withUnit(bearingMm)} tone={bearsEnough ? 'ink' : 'tight'} />
      {cutHingeMm > 0 && <AnswerLine label="Off the hinge, at its lower end" figure={words.withUnit(cutHingeMm)} />}
      {taperMm > 0 && (
        <Words tone="pencil">{`The opening tapers by ${words.withUnit(taperMm)}: the hinge hangs plumb all the same.`}</Words>
      )}
      <Slip label="Take care">
        <Words>{CAUTIONS.support}</Words>
        <Words>{CAUTIONS.fireDoor}</Words>
      </Slip>
      <Section title="In this order">
        {steps.map((step, i) => (
          <View key={step} style={styles.step}>
            <Words kind="label" tone="pencil">
              {i + 1}
            </Words>
            <Words style={styles.words}>{step}</Words>
          </View>
        ))}
      </Section>
    </>
  );
}

const styles = StyleSheet.create({ step: { flexDirection: 'row', gap: SPACE.s }, words: { flex: 1 } });
