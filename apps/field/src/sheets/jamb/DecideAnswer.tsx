import { CAUTIONS } from '@proper-swing/core';
import type { JambDecision } from '@proper-swing/core/sheets';
import { StyleSheet, View } from 'react-native';
import { Folded } from '../../design/Folded';
import { Press } from '../../design/Press';
import { Slip } from '../../design/Section';
import { SPACE } from '../../design/tokens';
import { Words } from '../../design/Words';
import { Headline, type AnswerProps } from '../AnswerLine';
import { decideSays } from './jambSays';
import { AGAINST_WORDS, REMEDY_BECAUSE, REMEDY_WORDS, STOP_WORDS } from './jambWords';

/** What to do about the leg and why; every other way with what speaks against it, each to be chosen by a tap. */
export function DecideAnswer({ result, chosen, onType }: AnswerProps<JambDecision>) {
  const { stops, advised, options } = result;
  const choose = (remedy: string) => onType?.('remedy', chosen?.['remedy'] === remedy ? '' : remedy);
  const isOpen = stops.length === 0;
  const done = chosen?.['remedy'] ?? '';
  return (
    <>
      <Headline tone={isOpen ? 'ink' : 'tight'}>{decideSays(result)}</Headline>
      {stops.map((id) => (
        <Slip key={id} label="Stop">
          <Words tone="tight" testID={`stop-${id}`}>
            {STOP_WORDS[id]}
          </Words>
        </Slip>
      ))}
      {isOpen &&
        options
          .filter(({ isPossible }) => isPossible)
          .map(({ remedy, minutes, parts, lastsYears }) => (
            <View key={remedy} style={styles.option}>
              <Press
                kind={remedy === advised && done === '' ? 'primary' : 'plain'}
                chosen={remedy === done}
                onPress={() => choose(remedy)}
                testID={`remedy-${remedy}`}
              >
                {remedy === done ? `✓ ${REMEDY_WORDS[remedy]}` : REMEDY_WORDS[remedy]}
              </Press>
              <Words>{REMEDY_BECAUSE[remedy]}</Words>
              {minutes > 0 && (
                <Words tone="pencil">{`About ${minutes} min at work; lasts some ${lastsYears} years. Parts: ${parts.join(', ')}.`}</Words>
              )}
            </View>
          ))}
      <Folded title="What speaks against the others" testID="against">
        {options
          .filter(({ isPossible }) => !isPossible)
          .map(({ remedy, against }) => (
            <View key={remedy}>
              <Words kind="strong">{REMEDY_WORDS[remedy]}</Words>
              <Words tone="pencil">{against.map((id) => AGAINST_WORDS[id]).join(' ')}</Words>
            </View>
          ))}
      </Folded>
      <Slip label="Take care">
        <Words>{CAUTIONS.oldPaint}</Words>
        <Words>{CAUTIONS.structure}</Words>
      </Slip>
    </>
  );
}

const styles = StyleSheet.create({ option: { gap: SPACE.xs, paddingTop: SPACE.s } });
