import { recordKind } from '@proper-swing/contract';
import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { useLengthWords } from '../../design/lengthWords';
import { Press } from '../../design/Press';
import { usePalette } from '../../design/theme';
import { LINE, SPACE } from '../../design/tokens';
import { Words } from '../../design/Words';
import { outbox, type Outgoing } from '../../offline/outbox';
import { saveFile } from '../../offline/saveFile';
import { EntryHead, useWhere } from './EntryHead';
import { heldWords } from './heldWords';

/** An entry the server has not taken: why, all it holds, and what may be done with it. */
export function RefusedEntry({ outgoing }: { outgoing: Outgoing }) {
  const palette = usePalette();
  const { withUnit } = useLengthWords();
  const [isAsked, setIsAsked] = useState(false);
  const [isCopied, setIsCopied] = useState(false);
  const held = heldWords(outgoing.kind, outgoing.body, withUnit);
  const where = useWhere(outgoing);
  const asText = [`${recordKind(outgoing.kind)?.title}: ${where}`, ...held.map(({ says, value }) => `${says}: ${value}`)].join('\n');
  const copy = () => {
    navigator.clipboard.writeText(asText).then(
      () => setIsCopied(true),
      () => setIsCopied(false),
    );
  };
  const save = () => {
    const { kind, body } = outgoing;
    saveFile(`${kind}-${body.id}.json`, 'application/json', JSON.stringify({ kind, body }, null, 2));
  };
  return (
    <View style={[styles.entry, { borderColor: palette.tight }]} testID="refused-entry">
      <EntryHead outgoing={outgoing} />
      <Words tone="tight">{forPeople(outgoing.refused ?? '')}</Words>
      <View>
        {held.map(({ says, value }) => (
          <Words key={says}>
            <Words kind="label" tone="pencil">{`${says}: `}</Words>
            {value}
          </Words>
        ))}
      </View>
      {isAsked ? (
        <View style={styles.row}>
          <Words style={styles.ask}>It is kept nowhere else. Throw it away for good?</Words>
          <Press onPress={() => outbox.remove(outgoing)} testID="throw-away-sure">
            Yes, throw it away
          </Press>
          <Press kind="primary" onPress={() => setIsAsked(false)} testID="keep-refused">
            Keep it
          </Press>
        </View>
      ) : (
        <View style={styles.row}>
          <Press kind="primary" onPress={() => outbox.sendAgain(outgoing)} testID="send-again">
            Send again
          </Press>
          {canCopy() && (
            <Press onPress={copy} testID="copy-refused">
              {isCopied ? 'Copied' : 'Copy'}
            </Press>
          )}
          <Press onPress={save} testID="save-refused">
            Save as file
          </Press>
          <Press onPress={() => setIsAsked(true)} testID="throw-away">
            Throw away
          </Press>
        </View>
      )}
    </View>
  );
}

/** Which entry it is stands above: its id says nothing to a person. */
const forPeople = (why: string): string => why.replace(/ [0-9a-f]{8}(-[0-9a-f]{4}){3}-[0-9a-f]{12}/g, '');

/** Browsers let a page copy only where its address is a safe one. */
const canCopy = (): boolean => typeof navigator !== 'undefined' && 'clipboard' in navigator;

const styles = StyleSheet.create({
  entry: { gap: SPACE.s, paddingVertical: SPACE.m, borderBottomWidth: LINE.rule },
  row: { flexDirection: 'row', flexWrap: 'wrap', gap: SPACE.s },
  ask: { flexBasis: '100%' },
});
