import { USUAL_KEYS } from '@proper-swing/core';
import { capital } from '../../design/capital';
import { StyleSheet, View } from 'react-native';
import { Choice } from '../../design/Choice';
import { Words } from '../../design/Words';
import type { SessionStore } from './sessionStore';

export interface ScrewSenseProps {
  kind: keyof typeof USUAL_KEYS;
  store: SessionStore;
  /** What one way and the other do: `toward the latch`. */
  plus: string;
  minus: string;
  /** The way that is wanted now: its sign. */
  way: number;
}

const TURNED = { clockwise: 'anticlockwise', anticlockwise: 'clockwise' } as const;
type Sense = keyof typeof TURNED;

/** With what a screw is turned and in which sense; makes differ and a door of the other hand turns over, so that the sense is told once tried. */
export function ScrewSense({ kind, store: { settings, setSettings }, plus, minus, way }: ScrewSenseProps) {
  const key = settings[`key.${kind}`] ?? USUAL_KEYS[kind];
  const sense = SENSES.find(({ id }) => id === settings[`sense.${kind}`])?.id;
  const wanted = way < 0 ? minus : plus;
  if (sense === undefined) {
    return (
      <View style={styles.asked}>
        <Words>{`${capital(key)}. Which way is ${wanted}? Try a quarter, look, and tell:`}</Words>
        <Choice
          label={`Which way is ${wanted}`}
          options={SENSES}
          chosen={undefined}
          onChoose={(told) => setSettings({ [`sense.${kind}`]: way < 0 ? TURNED[told] : told })}
          testID={`sense-${kind}`}
        />
      </View>
    );
  }
  return <Words testID={`sense-${kind}`}>{`${capital(key)}, ${way < 0 ? TURNED[sense] : sense}: ${wanted}.`}</Words>;
}

const SENSES: readonly { id: Sense; label: string }[] = [
  { id: 'clockwise', label: 'Clockwise' },
  { id: 'anticlockwise', label: 'Anticlockwise' },
];

const styles = StyleSheet.create({ asked: { gap: 4 } });
